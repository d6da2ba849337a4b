package vantbreeze.sheet;

import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;

/** How an outline touches the sides of its box: along a straight edge, at a corner, or with a curve. */
final class Rounding {

    /** A blade that runs as near to a cut tears the paper between. */
    private static final double NEAR = 0.2 * Length.COUNTS_PER_MILLIMETRE;

    /** Nearer than that an edge lies on the side: the blade runs once for both. */
    private static final double ON = 0.02 * Length.COUNTS_PER_MILLIMETRE;

    /** For shorter it only touches. */
    private static final double ALONG = 0.5 * Length.COUNTS_PER_MILLIMETRE;

    private Rounding() {}

    /** @return whether it runs near a side of its box, without lying on it */
    static boolean touchesItsBox(Polygon outline) {
        Envelope box = outline.getEnvelopeInternal();
        Coordinate[] c = {
            new Coordinate(box.getMinX(), box.getMinY()),
            new Coordinate(box.getMaxX(), box.getMinY()),
            new Coordinate(box.getMaxX(), box.getMaxY()),
            new Coordinate(box.getMinX(), box.getMaxY())
        };
        return IntStream.range(0, c.length)
                .anyMatch(i -> nearIt(outline, new LineSegment(c[i], c[(i + 1) % c.length])) > ALONG);
    }

    /** @return how long it runs near the side without lying on it, in counts */
    private static double nearIt(Polygon outline, LineSegment side) {
        Coordinate[] ring = outline.getExteriorRing().getCoordinates();
        double near = 0;
        for (int i = 1; i < ring.length; i++) {
            double a = side.distancePerpendicular(ring[i - 1]);
            double b = side.distancePerpendicular(ring[i]);
            boolean liesOn = a <= ON && b <= ON;
            double least = Math.min(a, b);
            if (!liesOn && least < NEAR) {
                double share = a == b ? 1 : Math.min(1, (NEAR - least) / Math.abs(a - b));
                near += share * ring[i - 1].distance(ring[i]);
            }
        }
        return near;
    }
}
