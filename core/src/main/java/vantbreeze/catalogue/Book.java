package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** Front and back of the same width, folded at the left side. */
final class Book implements FoldDesign {

    @Override
    public String id() {
        return "book";
    }

    @Override
    public String name() {
        return "book card";
    }

    @Override
    public String summary() {
        return "The plain card: front and back, folded at the side.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(Parameter.width(), Parameter.height());
    }

    @Override
    public Structure build(Values v) {
        Piece base = Piece.strip("base", v.height())
                .panel("front", v.width())
                .valley()
                .panel("back", v.width())
                .build();
        return Structure.of(base).displayed(0.6).anchoredAt("back");
    }
}
