package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Structure;

/** Front and back of the same height, folded at the top: inside up, the back lies below. */
final class TopFoldBook implements FoldDesign {

    @Override
    public String id() {
        return "top-fold";
    }

    @Override
    public String name() {
        return "top-fold card";
    }

    @Override
    public String summary() {
        return "The plain card folded at the top; it stands like a tent.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(Parameter.width(), Parameter.height());
    }

    @Override
    public Structure build(Values v) {
        Length w = v.width();
        Length h = v.height();
        Piece base = Piece.rectangle("base", w, h.times(2))
                .valley("score 1", new Point(Length.ZERO, h), new Point(w, h))
                .name("back", new Point(Values.half(w), Values.half(h)))
                .name("front", new Point(Values.half(w), h.plus(Values.half(h))))
                .build();
        return Structure.of(base).displayed(0.75).anchoredAt("back");
    }
}
