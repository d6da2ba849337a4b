package vantbreeze.operation;

import java.util.List;
import java.util.Optional;
import vantbreeze.make.RulerMark;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;

/**
 * Pencil marks that a later task needs.
 *
 * @param slits where slanting slits end and no score tells it
 * @param ruler what a ruler is laid to
 */
@Kind("mark")
public record Mark(Piece piece, Side side, List<MarkedLine> slits, List<RulerMark> ruler) implements Operation {

    @Override
    public Optional<Side> up() {
        return Optional.of(side);
    }

    @Override
    public List<Tool> tools() {
        return List.of(Tool.PENCIL, Tool.RULER);
    }

    @Override
    public String title() {
        return "Mark the " + piece.name();
    }

    @Override
    public Wording wording(Ruler told) {
        boolean forSlits = ruler.isEmpty();
        return new Wording(
                "%s, make light pencil marks %s:"
                        .formatted(
                                Phrases.sideUp(side),
                                forSlits ? "where the slanting slits end" : "where the ruler goes"),
                forSlits
                        ? slits.stream().map(line -> line.text(told)).toList()
                        : ruler.stream().map(m -> m.text(told)).toList(),
                "; ",
                ".",
                Optional.empty());
    }

    @Override
    public void draw(SketchPad pad) {
        pad.piece(piece, side, true);
        slits.forEach(line -> pad.crosses(piece, line));
        ruler.forEach(mark -> pad.cross(piece, mark));
    }
}
