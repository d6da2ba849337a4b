package vantbreeze.sheet;

import java.util.Optional;
import java.util.TreeSet;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.part.Part;
import vantbreeze.structure.FlatMotion;

/**
 * Two outlines pushed together until they touch, in one box.
 *
 * @param turned how far the second one is turned, anticlockwise
 * @param x where the second one's box begins
 */
record Nest(double turned, double x, double y, double width, double height) {

    /** A count more between them, so that rounding never lets them overlap. */
    private static final double APART = 1;

    /** Less gain than that is not worth a second cut by hand. Derived, please check. */
    private static final double GAIN = 0.95;

    /**
     * @param room between the two, where a curve of them runs along the other
     * @return the smallest box, if it is clearly smaller than one box for each
     */
    static Optional<Nest> of(Polygon first, Polygon second, boolean mayBeTurned, Length room) {
        double apart = Math.max(APART, room.count());
        Nest best = null;
        for (double degrees : mayBeTurned ? new double[] {0, 180} : new double[] {0}) {
            Polygon other = Part.atOrigin(FlatMotion.rotation(degrees).apply(second));
            for (boolean top : new boolean[] {false, true}) {
                best = smaller(best, beside(first, other, degrees, top, apart));
                Nest swapped = beside(swapped(first), swapped(other), degrees, top, apart);
                best = smaller(best, new Nest(degrees, swapped.y(), swapped.x(), swapped.height(), swapped.width()));
            }
        }
        double eachByItself = area(first) + area(second);
        return Optional.of(best).filter(n -> n.width() * n.height() < GAIN * eachByItself);
    }

    private static double area(Polygon polygon) {
        return polygon.getEnvelopeInternal().getArea();
    }

    private static Nest smaller(Nest a, Nest b) {
        return a == null || b.width() * b.height() < a.width() * a.height() ? b : a;
    }

    /** Across and up exchanged. */
    private static Polygon swapped(Polygon polygon) {
        return new FlatMotion(0, 1, 0, 1, 0, 0).apply(polygon);
    }

    private static Nest beside(Polygon first, Polygon second, double degrees, boolean topsLevel, double apart) {
        Envelope a = first.getEnvelopeInternal();
        Envelope b = second.getEnvelopeInternal();
        double up = topsLevel ? a.getHeight() - b.getHeight() : 0;
        double lift = Math.max(0, -up);
        double shift = 0;
        TreeSet<Double> levels = new TreeSet<>();
        for (Coordinate c : first.getExteriorRing().getCoordinates()) {
            levels.add(c.y);
        }
        for (Coordinate c : second.getExteriorRing().getCoordinates()) {
            levels.add(c.y + up);
        }
        for (double level : levels) {
            for (double y : new double[] {level - 1e-3, level, level + 1e-3}) {
                double right = reach(first, y, true);
                double left = reach(second, y - up, false);
                if (!Double.isNaN(right) && !Double.isNaN(left)) {
                    shift = Math.max(shift, right - left);
                }
            }
        }
        double x = Math.ceil(shift) + apart;
        if (lift > 0) {
            /* The first would have to be raised: then they are simply level at the bottom. */
            return beside(first, second, degrees, false, apart);
        }
        return new Nest(
                degrees,
                x,
                Math.ceil(up),
                Math.ceil(Math.max(a.getWidth(), x + b.getWidth())),
                Math.ceil(Math.max(a.getHeight(), Math.ceil(up) + b.getHeight())));
    }

    /** How far right the outline reaches at that height, or how far left; not a number where it is not there. */
    private static double reach(Polygon polygon, double y, boolean right) {
        double most = Double.NaN;
        Coordinate[] ring = polygon.getExteriorRing().getCoordinates();
        for (int i = 1; i < ring.length; i++) {
            Coordinate p = ring[i - 1];
            Coordinate q = ring[i];
            if (Math.min(p.y, q.y) > y || Math.max(p.y, q.y) < y) {
                continue;
            }
            double[] xs =
                    p.y == q.y ? new double[] {p.x, q.x} : new double[] {p.x + (q.x - p.x) * (y - p.y) / (q.y - p.y)};
            for (double x : xs) {
                most = Double.isNaN(most) ? x : right ? Math.max(most, x) : Math.min(most, x);
            }
        }
        return most;
    }
}
