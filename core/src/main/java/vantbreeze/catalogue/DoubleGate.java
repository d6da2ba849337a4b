package vantbreeze.catalogue;

import java.util.List;
import java.util.Map;
import vantbreeze.measure.Length;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** Four panels: the outer two fold in as gates, then the whole folds in the middle; the gates are narrower by the tuck. */
final class DoubleGate implements FoldDesign {

    private static final String TUCK = "tuck";

    @Override
    public String id() {
        return "double-gate";
    }

    @Override
    public String name() {
        return "double gate";
    }

    @Override
    public String summary() {
        return "A gatefold that is folded once more down the middle, like a book.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.length(
                        TUCK,
                        "tuck",
                        "How much narrower each gate is than the half it folds onto.",
                        v -> v.grid().ceiling(Length.inches(1, 16)),
                        v -> new Range(
                                Length.ZERO,
                                "where gates and halves are alike",
                                Values.half(v.width()),
                                "half the card")));
    }

    @Override
    public Structure build(Values v) {
        Length gate = v.width().minus(v.length(TUCK));
        Piece base = Piece.strip("base", v.height())
                .panel("left gate", gate)
                .valley()
                .panel("left half", v.width())
                .valley()
                .panel("right half", v.width())
                .valley()
                .panel("right gate", gate)
                .build();
        return Structure.of(base)
                .displayed(Map.of("score 1", 70.0, "score 2", 30.0, "score 3", 70.0))
                .anchoredAt("right half");
    }
}
