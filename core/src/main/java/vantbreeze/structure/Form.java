package vantbreeze.structure;

import java.util.Arrays;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;

/** What an outline is, wherever its size stands: the size of a box does not say what to cut. */
public enum Form {
    RECTANGLE,
    ROUND,
    SHAPED;

    /** Corners on the same circle to within a tenth of a millimetre, and many of them. */
    private static final double TOLERANCE = Length.COUNTS_PER_MILLIMETRE / 10.0;

    private static final int MANY_CORNERS = 24;

    /** @param outline in counts of 1/640 mm; holes do not matter */
    public static Form of(Polygon outline) {
        Coordinate[] corners = outline.getExteriorRing().getCoordinates();
        if (outline.getFactory().createPolygon(outline.getExteriorRing()).isRectangle()) {
            return RECTANGLE;
        }
        Envelope box = outline.getEnvelopeInternal();
        double radius = box.getWidth() / 2;
        boolean isCircle = corners.length > MANY_CORNERS
                && Arrays.stream(corners).allMatch(c -> Math.abs(c.distance(box.centre()) - radius) <= TOLERANCE);
        return isCircle ? ROUND : SHAPED;
    }

    /** Beside a size; empty where the size says it all. */
    public String note() {
        return switch (this) {
            case RECTANGLE -> "";
            case ROUND -> "round";
            case SHAPED -> "shaped";
        };
    }
}
