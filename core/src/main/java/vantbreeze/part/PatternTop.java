package vantbreeze.part;

import vantbreeze.measure.Ruler;
import vantbreeze.structure.Heading;

/** Says how a part lies on a one-way paper. */
public final class PatternTop {

    private PatternTop() {}

    /** "pattern along the 4 in side"; of a shape, where its top lies on the part as drawn. */
    public static String text(Part part, double up, Ruler ruler) {
        return Heading.of(up)
                .map(top -> part.isRectangle() ? alongSide(part, top, ruler) : drawn(top))
                .orElse("pattern aslant, along the arrow in the drawing");
    }

    private static String alongSide(Part part, Heading top, Ruler ruler) {
        return "pattern along the %s side"
                .formatted(ruler.text(
                        top.isUpright() ? part.size().height() : part.size().width()));
    }

    private static String drawn(Heading top) {
        return "top of the pattern %s, as drawn"
                .formatted(
                        switch (top) {
                            case UP -> "up";
                            case LEFT -> "to the left";
                            case DOWN -> "down";
                            case RIGHT -> "to the right";
                        });
    }
}
