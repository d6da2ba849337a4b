package vantbreeze.operation;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import vantbreeze.make.ObliqueReading;
import vantbreeze.make.RulerMark;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;

/**
 * Scores aslant, along a ruler.
 *
 * @param lines as they lie then
 * @param spans for each line where it is creased, from the first mark along the ruler; empty for all of it
 * @param scores for each line what is creased along it
 */
@Kind("crease")
public record Crease(
        Piece piece, Side side, List<ObliqueReading> lines, List<List<Span>> spans, List<List<String>> scores)
        implements Operation {

    @Override
    public Optional<Side> up() {
        return Optional.of(side);
    }

    @Override
    public List<Tool> tools() {
        return List.of(Tool.RULER, Tool.BONE_FOLDER, Tool.SOFT_MAT);
    }

    @Override
    public String title() {
        return "Score the " + piece.name();
    }

    @Override
    public Wording wording(Ruler ruler) {
        List<String> told = IntStream.range(0, lines.size())
                .mapToObj(i -> lines.get(i).along(ruler)
                        + (spans.get(i).isEmpty()
                                ? ""
                                : " (only from %s along the ruler from the first mark)"
                                        .formatted(Phrases.spans(spans.get(i), ruler))))
                .toList();
        return new Wording(
                "%s, lay a ruler".formatted(Phrases.sideUp(side)),
                told,
                "; then ",
                ". Crease along it%s with the bone folder, on a soft mat. Fold every crease both ways, then burnish it."
                        .formatted(told.size() == 1 ? "" : " each time"),
                byHand(ruler));
    }

    /** Without a ruler; what is creased only in part lies loose in between. */
    private Optional<Wording> byHand(Ruler ruler) {
        List<String> folds = lines.stream()
                .flatMap(l -> l.byHand().stream())
                .distinct()
                .map(h -> h.text(ruler))
                .toList();
        return folds.isEmpty()
                ? Optional.empty()
                : Optional.of(new Wording(
                        "Without a ruler:",
                        folds,
                        "; then ",
                        ". Press the fold down where the score runs.",
                        Optional.empty()));
    }

    @Override
    public void draw(SketchPad pad) {
        Set<String> now = new HashSet<>();
        scores.forEach(now::addAll);
        pad.scores(piece, side, now);
        for (int i = 0; i < lines.size(); i++) {
            pad.ruler(piece, lines.get(i), lines.size() > 1 ? String.valueOf(i + 1) : "");
        }
    }

    @Override
    public void settings(SettingFinder found) {
        if (found.isMechanism()) {
            IntStream.range(0, lines.size()).forEach(i -> settings(i, found));
        }
    }

    /** Where the line leaves the piece at a tick its place on that edge is measured; otherwise how far it misses its mark. */
    private void settings(int number, SettingFinder found) {
        ObliqueReading line = lines.get(number);
        List<String> ids = scores.get(number);
        String what = String.valueOf(number + 1);
        Optional<RulerMark.OnEdge> tick = Stream.of(line.from(), line.to())
                .flatMap(m -> m instanceof RulerMark.OnEdge edge ? Stream.of(edge) : Stream.empty())
                .filter(m -> !m.isCorner())
                .findFirst();
        if (tick.isEmpty()) {
            beside(what, line, ids, found);
            return;
        }
        boolean leftwards = tick.get().atRight() != (side == Side.BACK);
        found.measured(
                Hand.SCORE,
                what,
                "where %s meets the %s".formatted(line.score().id(), tick.get().edgeAndCorner()),
                tick.get().fromCorner(),
                tick.get().onSide()
                        ? new Effect.OfScores(ids, 0, tick.get().atTop() ? -1 : 1)
                        : new Effect.OfScores(ids, leftwards ? -1 : 1, 0));
    }

    /** How far a line that runs from mark to mark misses one of them: across it, into the piece from a corner. */
    private void beside(String what, ObliqueReading line, List<String> ids, SettingFinder found) {
        RulerMark mark = line.from();
        boolean atRight = mark instanceof RulerMark.OnEdge edge && edge.atRight();
        boolean atTop = mark instanceof RulerMark.OnEdge edge && edge.atTop();
        found.beside(
                what,
                line.score().id() + " runs",
                mark.landmark().orElseThrow(() -> new IllegalStateException("A line begins at a mark without a name.")),
                line.score(),
                ids,
                new SettingFinder.Beside(atRight, atTop, side == Side.BACK));
    }
}
