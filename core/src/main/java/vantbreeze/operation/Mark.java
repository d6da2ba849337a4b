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
 * @param slits where both ends of slits are marked: on lines so far from an edge
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
        String which = piece.slits().stream().anyMatch(s -> s.path().isCurved())
                ? "the ends of every slit without a curve in pencil"
                : "the ends of every slit in pencil";
        return new Wording(
                "%s, mark %s:".formatted(Phrases.sideUp(side), forSlits ? which : "in pencil where the ruler goes"),
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
