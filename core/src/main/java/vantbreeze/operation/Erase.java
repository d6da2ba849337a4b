package vantbreeze.operation;

import java.util.List;
import java.util.Optional;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;

/** Pencil away, before anything covers it. */
@Kind("erase")
public record Erase(Piece piece, Side side) implements Operation {

    @Override
    public Optional<Side> up() {
        return Optional.of(side);
    }

    @Override
    public List<Tool> tools() {
        return List.of(Tool.ERASER);
    }

    @Override
    public String title() {
        return "Rub out on the " + piece.name();
    }

    @Override
    public Wording wording(Ruler ruler) {
        return Wording.plain("%s, rub out the pencil before anything covers it.".formatted(Phrases.sideUp(side)));
    }

    @Override
    public void draw(SketchPad pad) {
        pad.piece(piece, side, true);
    }
}
