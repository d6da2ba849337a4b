package vantbreeze.part;

import vantbreeze.measure.Ruler;

/** Says how a part lies on a one-way paper. */
public final class PatternTop {

    /** Nearer to a side than this it is along it, in degrees. */
    private static final double ALONG = 0.5;

    private PatternTop() {}

    /** "pattern along the 4 in side"; of a shape, where its top lies on the part as drawn. */
    public static String text(Part part, double up, Ruler ruler) {
        if (!part.isRectangle()) {
            return Math.abs(up) < ALONG
                    ? "top of the pattern: up, as drawn"
                    : "top of the pattern: %.0f° anticlockwise from up, as drawn".formatted((up + 360) % 360);
        }
        double across = Math.abs(up) % 180;
        if (across < ALONG || across > 180 - ALONG) {
            return "pattern along the %s side".formatted(ruler.text(part.size().height()));
        }
        return Math.abs(across - 90) < ALONG
                ? "pattern along the %s side".formatted(ruler.text(part.size().width()))
                : "top of the pattern: %.0f° anticlockwise from up, as drawn".formatted((up + 360) % 360);
    }
}
