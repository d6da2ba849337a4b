package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** Two gates of (W-g)/2 close over a back of W and meet, leave a hairline or overlap. */
final class Gatefold implements FoldDesign {

    private static final String GAP = "gap";
    private static final String LEFT = "left";

    @Override
    public String id() {
        return "gatefold";
    }

    @Override
    public String name() {
        return "gatefold";
    }

    @Override
    public String summary() {
        return "Two gates open to the sides onto one wide inside; they meet, leave a hairline or overlap.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.length(
                        GAP,
                        "gap",
                        "Between the closed gates: 0 to meet, a hairline at the most if they are to look closed, less than 0 to overlap.",
                        v -> Length.ZERO,
                        v -> new Range(
                                v.width().negated(),
                                "where both gates cover the whole card",
                                v.width().dividedBy(2).each(),
                                "half the width of the card")),
                Parameter.length(
                        LEFT,
                        "left gate",
                        "Width of the left gate; the right one takes the rest. Equal by custom.",
                        v -> v.width().minus(v.length(GAP)).dividedBy(2).each(),
                        Gatefold::leftRange));
    }

    /** Neither gate may be wider than the back it closes on, and each needs the least a trimmer cuts. */
    private static Range leftRange(Values v) {
        Length both = v.width().minus(v.length(GAP));
        Length least = Length.max(Parameter.SMALLEST_PANEL, both.minus(v.width()));
        return new Range(
                least,
                least.equals(Parameter.SMALLEST_PANEL)
                        ? "the least that can be cut"
                        : "or the right gate would be wider than the card",
                Length.min(v.width(), both.minus(Parameter.SMALLEST_PANEL)),
                both.minus(Parameter.SMALLEST_PANEL).isLessThan(v.width())
                        ? "or no right gate is left"
                        : "the width of the card");
    }

    @Override
    public Structure build(Values v) {
        Length left = v.length(LEFT);
        Length right = v.width().minus(v.length(GAP)).minus(left);
        Piece base = Piece.strip("base", v.height())
                .panel("left gate", left)
                .valley()
                .panel("back", v.width())
                .valley()
                .panel("right gate", right)
                .build();
        return Structure.of(base).displayed(0.4).anchoredAt("back");
    }
}
