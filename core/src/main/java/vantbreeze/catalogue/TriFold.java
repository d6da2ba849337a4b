package vantbreeze.catalogue;

import java.util.List;
import java.util.Map;
import vantbreeze.measure.Length;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** The right panel tucks in first, a little narrower, and the cover closes over it from the left. */
final class TriFold implements FoldDesign {

    private static final String TUCK = "tuck";

    @Override
    public String id() {
        return "tri-fold";
    }

    @Override
    public String name() {
        return "tri-fold";
    }

    @Override
    public String summary() {
        return "A roll of three panels: one tucks in, the cover closes over it.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.length(
                        TUCK,
                        "tuck",
                        "How much narrower the panel is that tucks in, so that it does not buckle.",
                        v -> v.grid().ceiling(Length.inches(1, 16)),
                        v -> new Range(
                                Length.ZERO, "where nothing is taken off", Values.half(v.width()), "half the card")));
    }

    @Override
    public Structure build(Values v) {
        Piece base = Piece.strip("base", v.height())
                .panel("cover", v.width())
                .valley()
                .panel("back", v.width())
                .valley()
                .panel("tucked", v.width().minus(v.length(TUCK)))
                .build();
        return Structure.of(base)
                .lay("cover", "tucked")
                .displayed(Map.of("score 1", 80.0, "score 2", 60.0))
                .anchoredAt("back");
    }
}
