package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** A Z-fold and a band that folds the other way, glued to its front and to the right half of its back: a parallelogram. */
final class DoubleZ implements FoldDesign {

    private static final String BAND = "band";
    private static final String LOW = "low";

    @Override
    public String id() {
        return "double-z";
    }

    @Override
    public String name() {
        return "double Z-fold";
    }

    @Override
    public String summary() {
        return "A Z-fold with a band that runs against it; both open together to twice the width.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.stripHeight(
                        BAND,
                        "band",
                        "Height of the band.",
                        v -> v.grid().nearest(Length.min(Length.inches(5, 4), Values.half(v.height())))),
                Parameter.fromBottom(
                        LOW,
                        "band",
                        BAND,
                        "How high the band sits; in the middle by custom, or deliberately low.",
                        v -> v.onGrid(Values.half(v.height().minus(v.length(BAND))))));
    }

    @Override
    public Structure build(Values v) {
        Length half = Values.half(v.width());
        Length rest = v.width().minus(half);
        Piece base = Piece.strip("base", v.height())
                .panel("front", half)
                .mountain("score 1")
                .panel("middle", half)
                .valley("score 2")
                .panel("back", v.width())
                .build();
        Piece band = Piece.strip("band", v.length(BAND))
                .panel("long end", v.width())
                .mountain("band score 1")
                .panel("link", rest)
                .valley("band score 2")
                .panel("short end", rest)
                .build();
        return Structure.of(base, band)
                .bond(Bond.laid("short end", "back", half.times(2).minus(v.width()), v.length(LOW)))
                .bond(Bond.laid("long end", "front", Length.ZERO, v.length(LOW)))
                .displayed(0.45)
                .handled(Handling.after(
                        "Open and close it",
                        "The band and the bottom edge stay parallel all the way. Closed, the fold of the band is flush "
                                + "with the right edge.",
                        "long end on front"))
                .anchoredAt("back");
    }
}
