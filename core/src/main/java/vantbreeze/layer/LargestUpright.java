package vantbreeze.layer;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;

/**
 * The largest upright rectangle in a convex outline. Its height over its two sides is the least of concave functions, so the
 * logarithm of its area is concave and a search by golden section in either side finds the largest (S. Boyd and L. Vandenberghe,
 * "Convex Optimization", section 3.5).
 */
final class LargestUpright {

    /** Each round leaves 0.618 of the last: after so many, less than a count of any card. */
    private static final int ROUNDS = 34;

    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

    private final Chain upper;
    private final Chain lower;
    private final Envelope box;

    private LargestUpright(Polygon convex) {
        box = convex.getEnvelopeInternal();
        upper = Chain.of(convex, true);
        lower = Chain.of(convex, false);
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

    /** By golden section: of a function that rises to its peak and falls from it. */
    private static double best(double from, double to, DoubleUnaryOperator of) {
        double a = from;
        double b = to;
        double c = b - GOLDEN * (b - a);
        double d = a + GOLDEN * (b - a);
        double atC = of.applyAsDouble(c);
        double atD = of.applyAsDouble(d);
        for (int i = 0; i < ROUNDS; i++) {
            if (atC < atD) {
                a = c;
                c = d;
                atC = atD;
                d = a + GOLDEN * (b - a);
                atD = of.applyAsDouble(d);
            } else {
                b = d;
                d = c;
                atD = atC;
                c = b - GOLDEN * (b - a);
                atC = of.applyAsDouble(c);
            }
        }
        return (a + b) / 2;
    }

    private double high(double left, double right) {
        return Math.min(upper.at(left), upper.at(right));
    }

    private double low(double left, double right) {
        return Math.max(lower.at(left), lower.at(right));
    }

    /** One side of the outline from left to right: its highest, or lowest, place above each x. */
    private record Chain(double[] x, double[] y) {

        static Chain of(Polygon convex, boolean upper) {
            TreeMap<Double, Double> places = new TreeMap<>();
            for (Coordinate c : convex.getExteriorRing().getCoordinates()) {
                places.merge(c.x, c.y, upper ? Math::max : Math::min);
            }
            List<double[]> chain = new ArrayList<>();
            places.forEach((x, y) -> {
                while (chain.size() > 1
                        && isInside(chain.get(chain.size() - 2), chain.get(chain.size() - 1), x, y, upper)) {
                    chain.remove(chain.size() - 1);
                }
                chain.add(new double[] {x, y});
            });
            return new Chain(
                    chain.stream().mapToDouble(p -> p[0]).toArray(),
                    chain.stream().mapToDouble(p -> p[1]).toArray());
        }

        /** Whether the middle one of three places is of the other side. */
        private static boolean isInside(double[] a, double[] b, double x, double y, boolean upper) {
            double cross = (b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0]);
            return upper ? cross >= 0 : cross <= 0;
        }

        double at(double place) {
            int found = Arrays.binarySearch(x, place);
            if (found >= 0) {
                return y[found];
            }
            int after = Math.min(Math.max(-found - 1, 1), x.length - 1);
            double share = (place - x[after - 1]) / (x[after] - x[after - 1]);
            return y[after - 1] + share * (y[after] - y[after - 1]);
        }
    }
}
