package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** Five panels of W/2, W/2, W, W/2, W/2: the gates fold in and back again; both outer panels show on the front. */
final class FoldBackGate implements FoldDesign {

    @Override
    public String id() {
        return "fold-back-gate";
    }

    @Override
    public String name() {
        return "fold-back gate";
    }

    @Override
    public String summary() {
        return "Gates that fold back on themselves, so that one printed sheet shows on the front.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(Parameter.width(), Parameter.height());
    }

    @Override
    public Structure build(Values v) {
        Length half = Values.half(v.width());
        Length rest = v.width().minus(half);
        Piece base = Piece.strip("base", v.height())
                .panel("left front", half)
                .mountain()
                .panel("left gate", half)
                .valley()
                .panel("back", v.width())
                .valley()
                .panel("right gate", rest)
                .mountain()
                .panel("right front", rest)
                .build();
        return Structure.of(base).displayed(0.5).anchoredAt("back");
    }
}
