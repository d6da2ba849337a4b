package vantbreeze.part;

import java.util.List;
import vantbreeze.measure.Ruler;

/** Says how a part lies on a one-way paper. */
public final class PatternTop {

    /** Nearer to a side than this it is along it, in degrees. */
    private static final double ALONG = 0.5;

    private PatternTop() {}

    private static final List<String> QUARTERS = List.of("up", "to the left", "down", "to the right");

    /** "pattern along the 4 in side"; of a shape, where its top lies on the part as drawn. */
    public static String text(Part part, double up, Ruler ruler) {
        double quarters = up / 90;
        boolean isSquare = Math.abs(quarters - Math.rint(quarters)) * 90 < ALONG;
        int quarter = Math.floorMod((int) Math.rint(quarters), QUARTERS.size());
        if (isSquare && part.isRectangle()) {
            return "pattern along the %s side"
                    .formatted(ruler.text(
                            quarter % 2 == 0
                                    ? part.size().height()
                                    : part.size().width()));
        }
        return isSquare
                ? "top of the pattern %s, as drawn".formatted(QUARTERS.get(quarter))
                : "pattern aslant, along the arrow in the drawing";
    }
}
