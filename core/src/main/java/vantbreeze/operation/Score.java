package vantbreeze.operation;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import vantbreeze.make.ScoreCard;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;

/**
 * Scores set on a board, of pieces that are scored alike.
 *
 * @param round whether it is turned round as well: read from its other ends the scores lie on the board's grooves
 * @param across whether all are scored from edge to edge, whatever of them folds
 * @param bothEnds the same numbers read from either end, where it is so
 * @param turned what the same is done to lying turned by a quarter: the same piece to the board, another one to the card
 */
@Kind("score")
public record Score(
        Pieces pieces,
        Side side,
        boolean round,
        boolean across,
        List<FenceSetting> settings,
        Optional<ScoreCard.BothEnds> bothEnds,
        Optional<Score> turned)
        implements Operation, Crosswise<Score> {

    public Score {
        settings = List.copyOf(settings);
    }

    Score(
            Pieces pieces,
            Side side,
            boolean round,
            boolean across,
            List<FenceSetting> settings,
            Optional<ScoreCard.BothEnds> bothEnds) {
        this(pieces, side, round, across, settings, bothEnds, Optional.empty());
    }

    @Override
    public Score with(Optional<Score> other) {
        return new Score(pieces, side, round, across, settings, bothEnds, other);
    }

    @Override
    public Optional<Operation> together(Operation other) {
        return other instanceof Score more ? joined(more).map(Operation.class::cast) : Optional.empty();
    }

    /** Read from either end alike, so that it does not matter which way it is turned. */
    @Override
    public boolean isTurned(Score other) {
        return side == other.side
                && !across
                && !other.across
                && pieces.areTurned(other.pieces)
                && isEven()
                && other.isEven()
                && settings.get(0).upright() != other.settings.get(0).upright()
                && positions().equals(other.positions());
    }

    private List<Length> positions() {
        return settings.stream().map(FenceSetting::at).sorted().toList();
    }

    private boolean isEven() {
        boolean upright = settings.get(0).upright();
        Length whole =
                upright ? pieces.first().size().width() : pieces.first().size().height();
        List<Length> all = positions();
        return settings.stream().allMatch(s -> s.spans().isEmpty() && s.upright() == upright)
                && all.stream().allMatch(at -> all.contains(whole.minus(at)));
    }

    /** Their heights may differ where all scores run through. */
    @Override
    public Optional<Score> alike(Score more) {
        return side == more.side
                        && round == more.round
                        && across == more.across
                        && bothEnds.equals(more.bothEnds)
                        && settings.size() == more.settings.size()
                        && IntStream.range(0, settings.size())
                                .allMatch(i -> settings.get(i).isSetLike(more.settings.get(i)))
                ? Optional.of(new Score(
                        pieces.with(more.pieces),
                        side,
                        round,
                        across,
                        IntStream.range(0, settings.size())
                                .mapToObj(i -> settings.get(i).with(more.settings.get(i)))
                                .toList(),
                        bothEnds))
                : Optional.empty();
    }

    /** Whether the piece's right edge lies at the left. */
    public boolean isMirrored() {
        return isMirrored(side, round);
    }

    static boolean isMirrored(Side side, boolean round) {
        return round != (side == Side.BACK);
    }

    @Override
    public Optional<Side> up() {
        return Optional.of(side);
    }

    @Override
    public List<Tool> tools() {
        return List.of(Tool.BOARD, Tool.BONE_FOLDER);
    }

    @Override
    public String title() {
        return "Score " + everything().named();
    }

    private Pieces everything() {
        return turned.map(t -> pieces.with(t.pieces)).orElse(pieces);
    }

    @Override
    public Wording wording(Ruler ruler) {
        if (turned.isPresent()) {
            return Wording.plain("%s, %s along the top of the board, score at %s."
                    .formatted(
                            lying(),
                            alongTop(),
                            Grouped.joined(positions().stream().map(ruler::text).toList())));
        }
        String how = bothEnds.map(both -> both.text(ruler)).orElseGet(() -> "score at " + positions(ruler));
        return Wording.plain(
                across
                        ? "Face up, %s. The rest stays flat."
                                .formatted(how.replace("score at", "score right across at"))
                        : "%s, %s.".formatted(lying(), how));
    }

    /** The side of the piece that all scores run square to. */
    private String alongTop() {
        Size size = pieces.first().size();
        return settings.get(0).upright() == size.width().isMoreThan(size.height()) ? "the long side" : "the short side";
    }

    /** What runs through is told in one row, what is scored only in part by itself. */
    private String positions(Ruler ruler) {
        List<String> told = new ArrayList<>();
        for (boolean upright : List.of(true, false)) {
            List<String> through = settings.stream()
                    .filter(s -> s.upright() == upright && s.spans().isEmpty())
                    .map(s -> ruler.text(s.at()))
                    .toList();
            if (!through.isEmpty()) {
                told.add("%s %s".formatted(Grouped.joined(through), FenceSetting.from(upright)));
            }
            settings.stream()
                    .filter(s -> s.upright() == upright && !s.spans().isEmpty())
                    .forEach(s -> told.add(s.text(ruler)));
        }
        return String.join("; at ", told);
    }

    /** As it lies on the board. */
    private String lying() {
        return Phrases.sideUp(side, round);
    }

    /** What is turned is drawn as it lies on the board. */
    @Override
    public void draw(SketchPad pad) {
        if (turned.isPresent() && turned.get().settings.get(0).upright()) {
            turned.get().draw(pad);
            return;
        }
        Set<String> now = new HashSet<>();
        settings.forEach(s -> now.addAll(s.scores()));
        Piece shown = pieces.largest();
        pad.onBoard(shown, side, round, now);
        settings.forEach(s -> pad.fenced(shown, s));
    }

    @Override
    public void settings(SettingFinder found) {
        if (!found.isMechanism()) {
            return;
        }
        take(found, 1);
        turned.ifPresent(t -> t.take(found, settings.size() + 1));
    }

    private void take(SettingFinder found, int first) {
        for (int i = 0; i < settings.size(); i++) {
            FenceSetting setting = settings.get(i);
            boolean backwards = setting.upright() ? isMirrored() : round;
            found.setInPass(
                    String.valueOf(first + i),
                    "%s score of %s".formatted(nth(found.nextScoreOf(pieces.first())), pieces.named()),
                    setting.at(),
                    new Effect.OfScores(
                            setting.scores(),
                            setting.upright() ? (backwards ? -1 : 1) : 0,
                            setting.upright() ? 0 : (backwards ? -1 : 1)));
        }
    }

    private static String nth(int number) {
        return switch (number) {
            case 1 -> "1st";
            case 2 -> "2nd";
            case 3 -> "3rd";
            default -> number + "th";
        };
    }

    /** What lies at the left when it is scored, turned over or turned round, is the piece's right edge. */
    @Override
    public List<String> setFromTheRight(Piece of) {
        return ways().stream()
                .flatMap(w -> w
                        .scoresOf(
                                of,
                                w.settings.stream()
                                        .filter(FenceSetting::upright)
                                        .filter(s -> w.isMirrored() != w.isTurnedRound(s)))
                        .stream())
                .toList();
    }

    /** What is read from the bottom when it is turned round is set from the piece's upper edge. */
    @Override
    public List<String> setFromTheTop(Piece of) {
        return ways().stream()
                .filter(Score::round)
                .flatMap(w -> w.scoresOf(of, w.settings.stream().filter(s -> !s.upright())).stream())
                .toList();
    }

    private List<String> scoresOf(Piece piece, Stream<FenceSetting> set) {
        return !pieces.list().contains(piece)
                ? List.of()
                : set.flatMap(s -> s.scores().stream())
                        .filter(id -> piece.scores().stream().anyMatch(s -> s.id().equals(id)))
                        .toList();
    }

    /** Whether it is set after the piece is turned round on the board. */
    private boolean isTurnedRound(FenceSetting setting) {
        return bothEnds.isPresent()
                && !bothEnds.get().positions().contains(setting.at())
                && !bothEnds.get().middle().equals(Optional.of(setting.at()));
    }
}
