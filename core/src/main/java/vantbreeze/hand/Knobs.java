package vantbreeze.hand;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import vantbreeze.make.ObliqueReading;
import vantbreeze.make.RulerMark;
import vantbreeze.make.ScoreCard;
import vantbreeze.measure.Length;
import vantbreeze.part.CutList;
import vantbreeze.part.Part;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;
import vantbreeze.task.Task;
import vantbreeze.task.Work;

/** Finds the numbers that hands set in the tasks of a card, in the order of the work. */
public final class Knobs {

    private final List<Task> tasks;
    private final Structure structure;
    private final List<Knob> knobs = new ArrayList<>();

    private Knobs(List<Task> tasks, Structure structure) {
        this.tasks = tasks;
        this.structure = structure;
    }

    public static List<Knob> of(List<Task> tasks, Structure structure) {
        Knobs found = new Knobs(tasks, structure);
        tasks.forEach(found::find);
        return List.copyOf(found.knobs);
    }

    private void find(Task task) {
        if (task.work() instanceof Work.Cut cut) {
            cut.what().stream()
                    .map(a -> a.first())
                    .filter(p -> p.kind() == Part.Kind.PIECE && p.isRectangle())
                    .forEach(p -> cut(task, p));
            for (int i = 0; i < cut.what().size(); i++) {
                Part mat = cut.what().get(i).first();
                if (mat.kind() == Part.Kind.MAT
                        && mat.isRectangle()
                        && mat.division().isEmpty()) {
                    mats(task, cut.what().get(i), i + 1);
                }
            }
        } else if (!task.mechanism()) {
            return;
        } else if (task.work() instanceof Work.Score score) {
            for (int i = 0; i < score.settings().size(); i++) {
                score(task, score, i);
            }
        } else if (task.work() instanceof Work.Crease crease) {
            for (int i = 0; i < crease.lines().size(); i++) {
                crease(task, crease, i);
            }
        } else if (task.work() instanceof Work.Prick prick) {
            prick.scores().forEach(s -> prick(task, s, prick.piece()));
        } else if (task.work() instanceof Work.Glue glue
                && structure.foldedOnto(glue.bond()).isEmpty()) {
            String name = glue.laid().name();
            add(
                    task,
                    Hand.GLUE,
                    "x",
                    "how far across the %s is glued".formatted(name),
                    Length.ZERO,
                    false,
                    new Shift.OfBond(glue.bond().id(), 1, 0));
            add(
                    task,
                    Hand.GLUE,
                    "y",
                    "how high the %s is glued".formatted(name),
                    Length.ZERO,
                    false,
                    new Shift.OfBond(glue.bond().id(), 0, 1));
        }
    }

    private void add(Task task, Hand hand, String what, String label, Length planned, boolean measurable, Shift shift) {
        knobs.add(new Knob(task.id() + "/" + what, hand, task.id(), label, planned, measurable, shift));
    }

    private void cut(Task task, Part part) {
        Piece piece = part.piece();
        add(
                task,
                Hand.CUT,
                "width",
                "width of the " + piece.name(),
                piece.size().width(),
                true,
                new Shift.OfEdge(piece.name(), true, fromTheRight(piece)));
        add(
                task,
                Hand.CUT,
                "height",
                "height of the " + piece.name(),
                piece.size().height(),
                true,
                new Shift.OfEdge(piece.name(), false, fromTheTop(piece)));
    }

    /** Those that are cut alike are set once. */
    private void mats(Task task, CutList.Alike alike, int number) {
        List<String> ids = alike.parts().stream().map(Part::id).toList();
        String name = alike.count() == 1
                ? alike.first().piece().name()
                : "%d mats for the %s, and so on"
                        .formatted(alike.count(), alike.first().goesOn().get(0));
        add(
                task,
                Hand.CUT,
                number + "/width",
                "width of the " + name,
                alike.first().size().width(),
                true,
                new Shift.OfMats(ids, true));
        add(
                task,
                Hand.CUT,
                number + "/height",
                "height of the " + name,
                alike.first().size().height(),
                true,
                new Shift.OfMats(ids, false));
    }

    /** What lies at the left when it is scored, turned over or turned round, is the piece's right edge. */
    private List<String> fromTheRight(Piece piece) {
        List<String> scores = new ArrayList<>();
        for (Task task : tasks) {
            if (task.work() instanceof Work.Score score && score.piece().equals(piece)) {
                score.settings().stream()
                        .filter(Work.Setting::upright)
                        .filter(s -> score.isMirrored() != isTurnedRound(score, s))
                        .forEach(s -> scores.addAll(s.scores()));
            }
        }
        return List.copyOf(scores);
    }

    /** What is read from the bottom when it is turned round is set from the piece's upper edge. */
    private List<String> fromTheTop(Piece piece) {
        return tasks.stream()
                .flatMap(t ->
                        t.work() instanceof Work.Score score && score.piece().equals(piece) && score.round()
                                ? score.settings().stream()
                                : Stream.empty())
                .filter(s -> !s.upright())
                .flatMap(s -> s.scores().stream())
                .toList();
    }

    /** Whether it is set after the piece is turned round on the board. */
    private static boolean isTurnedRound(Work.Score score, Work.Setting setting) {
        Optional<ScoreCard.BothEnds> both = score.bothEnds();
        return both.isPresent()
                && !both.get().positions().contains(setting.at())
                && !both.get().middle().equals(Optional.of(setting.at()));
    }

    private void score(Task task, Work.Score score, int number) {
        Work.Setting setting = score.settings().get(number);
        boolean backwards = setting.upright() ? score.isMirrored() : score.round();
        add(
                task,
                Hand.SCORE,
                String.valueOf(number + 1),
                "%s score of the %s"
                        .formatted(nth(scored(score.piece()) + 1), score.piece().name()),
                setting.at(),
                true,
                new Shift.OfScores(
                        setting.scores(),
                        setting.upright() ? (backwards ? -1 : 1) : 0,
                        setting.upright() ? 0 : (backwards ? -1 : 1)));
    }

    /** How many settings of that piece come before. */
    private long scored(Piece piece) {
        return tasks.stream()
                .filter(t ->
                        t.work() instanceof Work.Score score && score.piece().equals(piece))
                .map(Task::id)
                .mapToLong(id -> knobs.stream()
                        .filter(k -> k.hand() == Hand.SCORE && k.task().equals(id))
                        .count())
                .sum();
    }

    private static String nth(long number) {
        return switch ((int) number) {
            case 1 -> "1st";
            case 2 -> "2nd";
            case 3 -> "3rd";
            default -> number + "th";
        };
    }

    /** Where the line leaves the piece at a tick its place on that edge is measured; otherwise how far it misses its mark. */
    private void crease(Task task, Work.Crease crease, int number) {
        ObliqueReading line = crease.lines().get(number);
        List<String> scores = crease.scores().get(number);
        String what = String.valueOf(number + 1);
        Optional<RulerMark.OnEdge> tick = Stream.of(line.from(), line.to())
                .flatMap(m -> m instanceof RulerMark.OnEdge edge ? Stream.of(edge) : Stream.empty())
                .filter(m -> !m.isCorner())
                .findFirst();
        if (tick.isEmpty()) {
            beside(task, what, line, crease.side(), scores);
            return;
        }
        boolean leftwards = tick.get().atRight() != (crease.side() == Side.BACK);
        add(
                task,
                Hand.SCORE,
                what,
                "where %s meets the %s".formatted(line.score().id(), tick.get().edgeAndCorner()),
                tick.get().fromCorner(),
                true,
                tick.get().onSide()
                        ? new Shift.OfScores(scores, 0, tick.get().atTop() ? -1 : 1)
                        : new Shift.OfScores(scores, leftwards ? -1 : 1, 0));
    }

    /** How far a line that runs from mark to mark misses one of them: across it, into the piece from a corner. */
    private void beside(Task task, String what, ObliqueReading line, Side side, List<String> scores) {
        RulerMark mark = line.from();
        boolean atRight = mark instanceof RulerMark.OnEdge edge && edge.atRight();
        boolean atTop = mark instanceof RulerMark.OnEdge edge && edge.atTop();
        beside(
                task,
                what,
                line.score().id() + " runs",
                mark.landmark().orElseThrow(),
                line.score(),
                scores,
                new Beside(atRight, atTop, side == Side.BACK));
    }

    /**
     * Which way is into the piece, as it lies.
     *
     * @param turned whether it lies on its face
     */
    private record Beside(boolean leftwards, boolean downwards, boolean turned) {}

    private void beside(
            Task task, String what, String runs, String mark, ScoreLine score, List<String> scores, Beside way) {
        double across = Math.abs(score.to().x().minus(score.from().x()).count());
        double up = Math.abs(score.to().y().minus(score.from().y()).count());
        boolean level = across > 2 * up;
        String said = level
                ? (way.downwards() ? "below %s, less than nothing above" : "above %s, less than nothing below")
                : (way.leftwards()
                        ? "to the left of %s, less than nothing to its right"
                        : "to the right of %s, less than nothing to its left");
        add(
                task,
                Hand.SCORE,
                what,
                "how far %s %s".formatted(runs, said.formatted(mark)),
                Length.ZERO,
                true,
                level
                        ? new Shift.OfScores(scores, 0, way.downwards() ? -1 : 1)
                        : new Shift.OfScores(scores, way.leftwards() != way.turned() ? -1 : 1, 0));
    }

    /** What came with the template is measured from the outline's left or lower side, if it is square to it. */
    private void prick(Task task, String score, Piece piece) {
        ScoreLine line = piece.scores().stream()
                .filter(s -> s.id().equals(score))
                .findFirst()
                .orElseThrow();
        if (!line.isUpright() && !line.isLevel()) {
            beside(
                    task,
                    score,
                    score + " lies, face up,",
                    "its pricks",
                    line,
                    List.of(score),
                    new Beside(false, false, false));
            return;
        }
        Point corner = piece.lowerLeft();
        add(
                task,
                Hand.SCORE,
                score,
                "how far %s lies from the %s, face up"
                        .formatted(score, line.isUpright() ? "outline's left side" : "foot of the outline"),
                line.isUpright()
                        ? line.from().x().minus(corner.x())
                        : line.from().y().minus(corner.y()),
                true,
                new Shift.OfScores(List.of(score), line.isUpright() ? 1 : 0, line.isUpright() ? 0 : 1));
    }
}
