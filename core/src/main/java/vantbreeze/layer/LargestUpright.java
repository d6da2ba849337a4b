package vantbreeze.layer;

import java.util.function.DoubleUnaryOperator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;

/**
 * The largest upright rectangle in a convex outline. Its height over its two sides is the least of concave functions, so the
 * logarithm of its area is concave and a search by thirds in either side finds the largest (S. Boyd and L. Vandenberghe,
 * "Convex Optimization", section 3.5).
 */
final class LargestUpright {

    /** Each round leaves two thirds: after so many, less than a count of any card. */
    private static final int ROUNDS = 60;

    private final Coordinate[] ring;
    private final Envelope box;

    private LargestUpright(Polygon convex) {
        ring = convex.getExteriorRing().getCoordinates();
        box = convex.getEnvelopeInternal();
    }

    static boolean isConvex(Polygon outline) {
        return outline.getNumInteriorRing() == 0
                && outline.convexHull().getArea() - outline.getArea() <= 1e-9 * outline.getArea();
    }

    /** @param convex in any unit, not a line */
    static Envelope in(Polygon convex) {
        return new LargestUpright(convex).find();
    }

    private Envelope find() {
        double left = best(box.getMinX(), box.getMaxX(), l -> area(l, right(l)));
        double right = right(left);
        return new Envelope(left, right, low(left, right), high(left, right));
    }

    private double right(double left) {
        return best(left, box.getMaxX(), r -> area(left, r));
    }

    private double area(double left, double right) {
        return (right - left) * (high(left, right) - low(left, right));
    }

    private static double best(double from, double to, DoubleUnaryOperator of) {
        double a = from;
        double b = to;
        for (int i = 0; i < ROUNDS; i++) {
            double third = (b - a) / 3;
            if (of.applyAsDouble(a + third) < of.applyAsDouble(b - third)) {
                a += third;
            } else {
                b -= third;
            }
        }
        return (a + b) / 2;
    }

    private double high(double left, double right) {
        return Math.min(edge(left, true), edge(right, true));
    }

    private double low(double left, double right) {
        return Math.max(edge(left, false), edge(right, false));
    }

    /** Where an upright line leaves the outline. */
    private double edge(double x, boolean upper) {
        double found = upper ? Double.NEGATIVE_INFINITY : Double.POSITIVE_INFINITY;
        for (int i = 1; i < ring.length; i++) {
            Coordinate a = ring[i - 1];
            Coordinate b = ring[i];
            if (x >= Math.min(a.x, b.x) && x <= Math.max(a.x, b.x)) {
                double share = a.x == b.x ? 0 : (x - a.x) / (b.x - a.x);
                double y = a.y + share * (b.y - a.y);
                double other = a.x == b.x ? b.y : y;
                found = upper ? Math.max(found, Math.max(y, other)) : Math.min(found, Math.min(y, other));
            }
        }
        return found;
    }
}
