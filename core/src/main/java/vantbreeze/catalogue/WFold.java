package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** A book with a strip of four quarters: the outer two on the covers, the middle peak comes forward. */
final class WFold implements FoldDesign {

    private static final String STRIP = "strip";
    private static final String LOW = "low";
    private static final String INSET = "inset";
    private static final String HINGE = "hinge";

    @Override
    public String id() {
        return "w-fold";
    }

    @Override
    public String name() {
        return "W-fold";
    }

    @Override
    public String summary() {
        return "A strip across the inside that comes forward as a W when the card opens.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.stripHeight(
                        STRIP,
                        "strip",
                        "Height of the strip.",
                        v -> v.grid().nearest(v.height().times(7).dividedBy(20).each())),
                Parameter.fromBottom(
                        LOW,
                        "strip",
                        STRIP,
                        "How high the strip sits.",
                        v -> v.onGrid(Values.half(v.height().minus(v.length(STRIP))))),
                Parameter.length(
                        INSET,
                        "ends inside",
                        "How far the strip's ends lie inside the outer edges: level with the mats, and so far inside the peak lies when closed.",
                        v -> v.onGrid(Length.min(
                                Length.inches(1, 8), v.width().dividedBy(16).each())),
                        v -> new Range(
                                Length.ZERO,
                                "level with the edges, where every missed score shows",
                                v.width().dividedBy(8).each(),
                                "an eighth of the card")),
                Parameter.length(
                        HINGE,
                        "arm",
                        "From a cover to the strip's peak; half the card by custom.",
                        v -> Values.half(v.width()),
                        v -> new Range(
                                v.length(INSET).plus(Parameter.SMALLEST_PANEL),
                                "the least that folds",
                                Values.half(v.width().plus(v.length(INSET))),
                                "or the strip sticks out when closed: hinge and arm together may be as wide as the card")));
    }

    @Override
    public Structure build(Values v) {
        Length arm = v.length(HINGE);
        Length tab = v.width().minus(arm);
        Piece base = Piece.strip("base", v.height())
                .panel("front", v.width())
                .valley("score 1")
                .panel("back", v.width())
                .build();
        Piece strip = Piece.strip("strip", v.length(STRIP))
                .panel("left tab", tab)
                .valley("strip score 1")
                .panel("left arm", arm)
                .mountain("strip score 2")
                .panel("right arm", arm)
                .valley("strip score 3")
                .panel("right tab", tab)
                .build();
        return Structure.of(base, strip)
                .bond(Bond.laid("left tab", "front", v.length(INSET), v.length(LOW)))
                .bond(Bond.laid("right tab", "back", v.length(INSET).negated(), v.length(LOW)))
                .displayed(0.5)
                .handled(Handling.after(
                        "Close it before the glue holds",
                        "Let the strip settle, then press. The middle fold stays just inside the edge, and the cover "
                                + "lies square on the back.",
                        "right tab on back"))
                .anchoredAt("back");
    }
}
