package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** Panels p, p and W: the front folds back on itself and the topper stands before the card. */
final class ZFold implements FoldDesign {

    private static final String FRONT = "front";

    @Override
    public String id() {
        return "z-fold";
    }

    @Override
    public String name() {
        return "Z-fold";
    }

    @Override
    public String summary() {
        return "A zigzag front that springs forward; a topper on the narrow panel may run across the whole card.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.panelWidth(
                        FRONT,
                        "front panel",
                        "Width of the front and of the middle panel; half the card by custom.",
                        v -> v.width().dividedBy(2).each()));
    }

    @Override
    public Structure build(Values v) {
        Length p = v.length(FRONT);
        Piece base = Piece.strip("base", v.height())
                .panel("front", p)
                .mountain()
                .panel("middle", p)
                .valley()
                .panel("back", v.width())
                .build();
        return Structure.of(base).displayed(0.5).anchoredAt("back");
    }
}
