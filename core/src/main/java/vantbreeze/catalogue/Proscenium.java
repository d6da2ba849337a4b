package vantbreeze.catalogue;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** The box that stages and bridges share: wings in front, a back behind, links between them, a bar across the front. */
final class Proscenium {

    private static final String WING = "wing";
    private static final String DEPTH = "depth";
    private static final String BAR = "bar";
    private static final String LOW = "low";
    private static final double UPRIGHT = 90;

    private Proscenium() {}

    /**
     * @param wings how many wings make the width of the card, as is usual for the fold
     * @param bar the usual height of the bar
     * @param low how high it usually sits, from the values before
     */
    static List<Parameter> parameters(int wings, Function<Values, Object> bar, Function<Values, Object> low) {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.length(
                        WING,
                        "wing",
                        "Width of the two wings in front that carry the bar.",
                        v -> v.grid().nearest(v.width().dividedBy(wings).each()),
                        v -> new Range(
                                Parameter.SMALLEST_PANEL.times(2),
                                "or the bar cannot be glued",
                                Values.half(v.width()).minus(Parameter.SMALLEST_PANEL),
                                "or no back is left")),
                Parameter.length(
                        DEPTH,
                        "depth",
                        "How far the back stands behind the front.",
                        v -> v.length(WING),
                        v -> new Range(
                                Parameter.SMALLEST_PANEL, "the least that folds", v.width(), "the width of the card")),
                Parameter.stripHeight(BAR, "bar", "Height of the bar that joins the wings.", bar),
                Parameter.fromBottom(LOW, "bar", BAR, "How high the bar sits.", low));
    }

    /** What a bar leaves free of the card's height. */
    static Length free(Values v) {
        return v.height().minus(v.length(BAR));
    }

    /** It collapses sideways as a parallelogram: the left link folds onto the back, the right one lies beside it. */
    static Structure build(Values v) {
        Length width = v.width();
        Length height = v.height();
        Length wing = v.length(WING);
        Length depth = v.length(DEPTH);
        Length bar = v.length(BAR);
        Length low = v.length(LOW);
        Piece base = Piece.strip("base", height)
                .panel("left wing", wing)
                .mountain()
                .panel("left link", depth)
                .valley()
                .panel("back", width.minus(wing.times(2)))
                .valley()
                .panel("right link", depth)
                .mountain()
                .panel("right wing", wing)
                .build();
        Piece across = Piece.strip("bar", bar).panel("bar", width).build();
        return Structure.of(base, across)
                .bond(Bond.laid("bar/bar", "left wing", Length.ZERO, low))
                .bond(Bond.laid("bar/bar", "right wing", depth.times(2), low))
                .openWhenClosed("score 3", "score 4")
                .displayed(Map.of("score 1", -UPRIGHT, "score 2", UPRIGHT, "score 3", UPRIGHT, "score 4", -UPRIGHT))
                .anchoredAt("back");
    }
}
