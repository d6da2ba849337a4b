package vantbreeze.operation;

import java.util.List;
import java.util.Optional;
import vantbreeze.make.ShapeReading;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;

/**
 * Straight cuts from mark to mark that take a piece out of its box.
 *
 * @param offcuts what falls off and is used
 */
@Kind("trim")
public record Trim(Piece piece, ShapeReading shape, List<Piece> offcuts) implements Operation {

    @Override
    public Optional<Side> up() {
        return Optional.of(Side.FACE);
    }

    @Override
    public List<Tool> tools() {
        return List.of(Tool.PENCIL, Tool.RULER, Tool.KNIFE, Tool.CUTTING_MAT);
    }

    @Override
    public List<Hazard> hazards() {
        return List.of(Hazard.BLADES);
    }

    @Override
    public String title() {
        return "Cut the %s to shape".formatted(piece.name());
    }

    @Override
    public Wording wording(Ruler ruler) {
        String first =
                shape.foldedFirst().map(f -> f + ". Cut through both layers ").orElse("Face side up, cut ");
        String kept = offcuts.isEmpty()
                ? ""
                : " Keep the %d offcuts: they become the %s."
                        .formatted(
                                offcuts.size(),
                                Grouped.joined(offcuts.stream().map(Piece::name).toList()));
        return Wording.plain("%s%s, along a ruler.%s".formatted(first, shape.text(ruler), kept));
    }

    @Override
    public void draw(SketchPad pad) {
        pad.box(piece, shape);
    }
}
