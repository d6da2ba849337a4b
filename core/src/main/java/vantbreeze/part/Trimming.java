package vantbreeze.part;

import java.util.List;
import java.util.Optional;
import vantbreeze.layer.Ornaments;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;

/**
 * What comes onto a card without being cut from a sheet: a ribbon, a button.
 *
 * @param name the ornament's
 * @param size of what of it is seen
 * @param length how long it is cut; empty for what comes ready
 * @param goesOn what holds it, in words
 */
public record Trimming(String name, Paper paper, Size size, Optional<Length> length, String goesOn) {

    /** @param grid the ruler's marks */
    public static List<Trimming> of(Ornaments ornaments, ToolGrid grid) {
        return ornaments.placed().stream()
                .filter(o -> !o.ornament().paper().material().isSheet())
                .map(o -> of(o, grid))
                .toList();
    }

    public static Trimming of(PlacedOrnament placed, ToolGrid grid) {
        return new Trimming(
                placed.ornament().name(),
                placed.ornament().paper(),
                placed.laid().outline().size(),
                placed.length()
                        .map(l -> placed.run().isPresent() ? roughly(grid).ceiling(l) : grid.ceiling(l)),
                placed.liesOn());
    }

    /** What is turned behind or tied is cut to a quarter of an inch. Common practice, no published source. */
    private static ToolGrid roughly(ToolGrid grid) {
        return grid.system() == UnitSystem.INCH ? ToolGrid.QUARTER_INCH : ToolGrid.FIVE_MILLIMETRES;
    }

    /** As it is bought: "9 in of white ribbon, 3/8 in wide", "a white button, 1/2 × 1/2 in". */
    public String text(Ruler ruler) {
        return length.map(l -> "%s of %s, %s wide".formatted(ruler.text(l), paper.called(), ruler.text(wide())))
                .orElseGet(() -> "a %s, %s".formatted(paper.called(), ruler.text(size)));
    }

    /** As wide as it is, all along. */
    public Length wide() {
        return size.shortSide();
    }

    /** What is tied hangs loose for most of its length, but it weighs. */
    public double grams() {
        return paper.grams(
                length.map(l -> l.millimetres() * wide().millimetres()).orElseGet(size::squareMillimetres));
    }
}
