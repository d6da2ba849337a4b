package vantbreeze.structure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.algorithm.Angle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LinearRing;

/**
 * A stretch of an outline as a blade follows it. Outlines are kept as corners, their curves flattened much finer than paper is
 * cut; here stretches of corners that lie on one circle are arcs again, and other smooth ones cubic curves.
 */
public sealed interface Curve {

    Coordinate from();

    Coordinate to();

    /** A straight stretch. */
    record Straight(Coordinate from, Coordinate to) implements Curve {}

    /**
     * A stretch of a circle, at most half of it.
     *
     * @param anticlockwise with y upwards
     */
    record Arc(Coordinate from, Coordinate to, double radius, boolean anticlockwise) implements Curve {

        /**
         * As cubic curves, for what knows no arcs, of at most an eighth of a circle each, which it misses by less than a hundred thousandth of the radius (control points at 4/3 tan(angle / 4) of it along the tangents).
         */
        public List<Cubic> cubics() {
            double half = Math.asin(Math.min(1, from.distance(to) / (2 * radius)));
            double side = anticlockwise ? 1 : -1;
            double toMiddle = radius * Math.cos(half) * side / from.distance(to);
            Coordinate middle = new Coordinate(
                    (from.x + to.x) / 2 - toMiddle * (to.y - from.y), (from.y + to.y) / 2 + toMiddle * (to.x - from.x));
            int parts = (int) Math.ceil(2 * half / (Math.PI / 4));
            double turn = side * 2 * half / parts;
            double reach = 4.0 / 3 * Math.tan(turn / 4);
            double begin = Math.atan2(from.y - middle.y, from.x - middle.x);
            List<Cubic> cubics = new ArrayList<>();
            Coordinate at = from;
            for (int i = 0; i < parts; i++) {
                double a = begin + i * turn;
                double b = a + turn;
                Coordinate end = i + 1 == parts ? to : on(middle, Math.cos(b), Math.sin(b));
                cubics.add(new Cubic(
                        at,
                        on(middle, Math.cos(a) - reach * Math.sin(a), Math.sin(a) + reach * Math.cos(a)),
                        on(middle, Math.cos(b) + reach * Math.sin(b), Math.sin(b) - reach * Math.cos(b)),
                        end));
                at = end;
            }
            return cubics;
        }

        private Coordinate on(Coordinate middle, double x, double y) {
            return new Coordinate(middle.x + radius * x, middle.y + radius * y);
        }
    }

    /** A cubic curve of Bernstein and Bézier. */
    record Cubic(Coordinate from, Coordinate leaving, Coordinate arriving, Coordinate to) implements Curve {

        /**
         * How many straight lines follow the curve to within a tolerance: they miss it by at most 6 M / 8 n², where M is the larger
         * second difference of its points.
         */
        public int parts(double tolerance) {
            double bend = Math.max(
                    Math.hypot(from.x - 2 * leaving.x + arriving.x, from.y - 2 * leaving.y + arriving.y),
                    Math.hypot(leaving.x - 2 * arriving.x + to.x, leaving.y - 2 * arriving.y + to.y));
            return (int) Math.max(1, Math.ceil(Math.sqrt(0.75 * bend / tolerance)));
        }

        Cubic scaled(double x, double y) {
            return new Cubic(
                    new Coordinate(x * from.x, y * from.y),
                    new Coordinate(x * leaving.x, y * leaving.y),
                    new Coordinate(x * arriving.x, y * arriving.y),
                    new Coordinate(x * to.x, y * to.y));
        }

        /** @param t 0 at its beginning, 1 at its end */
        public Coordinate at(double t) {
            double u = 1 - t;
            double a = u * u * u;
            double b = 3 * u * u * t;
            double c = 3 * u * t * t;
            double d = t * t * t;
            return new Coordinate(
                    a * from.x + b * leaving.x + c * arriving.x + d * to.x,
                    a * from.y + b * leaving.y + c * arriving.y + d * to.y);
        }
    }

    /** Corners this far off a circle are on it: rounding to whole counts leaves them up to 0.71 counts off. */
    double ON_CIRCLE = 1.5;

    /** A chord farther from its arc was a straight edge and not a flattened curve: 0.1 mm. */
    double FLATTENED = 64;

    /** Fewer edges make no curve. */
    int FEWEST_EDGES = 4;

    /** Where a smooth stretch turns less on a circle it happens to look like one. */
    double LEAST_ARC = Math.PI / 3;

    /** A corner that turns more is one. */
    double MOST_TURN = Math.PI / 8;

    /** @return the ring from its first corner round to it again */
    static List<Curve> of(LinearRing ring) {
        return of(ring.getCoordinates());
    }

    /** @param c the corners from end to end, no two in a row the same */
    static List<Curve> of(Coordinate[] c) {
        List<Curve> curves = new ArrayList<>();
        int i = 0;
        while (i < c.length - 1) {
            int end = endOfArc(c, i);
            int smooth = endOfSmooth(c, i);
            if (isArc(c, i, end) || end - i >= FEWEST_EDGES && end >= smooth) {
                Circle circle = Circle.through(c[i], c[(i + end) / 2], c[end]);
                int middle = (i + end) / 2;
                curves.add(circle.arc(c[i], c[middle]));
                curves.add(circle.arc(c[middle], c[end]));
                i = end;
            } else if (smooth - i >= FEWEST_EDGES) {
                curves.addAll(CubicFit.through(Arrays.copyOfRange(c, i, smooth + 1)));
                i = smooth;
            } else {
                curves.add(new Straight(c[i], c[i + 1]));
                i++;
            }
        }
        return List.copyOf(curves);
    }

    private static boolean isArc(Coordinate[] c, int begin, int end) {
        return end - begin >= FEWEST_EDGES && turned(c, begin, end) >= LEAST_ARC;
    }

    /** The last corner up to which all lie on one circle; at most three quarters round, so that three points fix it well. */
    private static int endOfArc(Coordinate[] c, int begin) {
        int end = begin + 1;
        double turned = 0;
        for (int j = begin + 2; j < c.length; j++) {
            double turn = turn(c[j - 2], c[j - 1], c[j]);
            boolean sameWay = turned == 0 || Math.signum(turn) == Math.signum(turned);
            if (turn == 0 || !sameWay || Math.abs(turned + turn) > 1.5 * Math.PI) {
                break;
            }
            Circle circle = Circle.through(c[begin], c[(begin + j) / 2], c[j]);
            if (circle == null || !holds(circle, c, begin, j)) {
                break;
            }
            turned += turn;
            end = j;
        }
        return end;
    }

    /** The last corner up to which all between turn as little as where a curve was flattened. */
    private static int endOfSmooth(Coordinate[] c, int begin) {
        int end = begin + 1;
        while (end < c.length - 1 && isFlattened(c[end - 1], c[end], c[end + 1]) && !isArc(c, end, endOfArc(c, end))) {
            end++;
        }
        return end;
    }

    /** On the circle that turns so, both chords would lie near their arcs. */
    private static boolean isFlattened(Coordinate before, Coordinate at, Coordinate after) {
        double turn = Math.abs(turn(before, at, after));
        double one = before.distance(at);
        double other = at.distance(after);
        double longer = Math.max(one, other);
        return turn < MOST_TURN && longer * longer * turn / (4 * (one + other)) <= FLATTENED;
    }

    /** How far the stretch turns between two corners, in radians. */
    private static double turned(Coordinate[] c, int begin, int end) {
        double turned = 0;
        for (int i = begin + 1; i < end; i++) {
            turned += turn(c[i - 1], c[i], c[i + 1]);
        }
        return Math.abs(turned);
    }

    private static boolean holds(Circle circle, Coordinate[] c, int begin, int end) {
        for (int k = begin; k <= end; k++) {
            if (Math.abs(circle.middle().distance(c[k]) - circle.radius()) > ON_CIRCLE) {
                return false;
            }
            if (k > begin) {
                Coordinate half = new Coordinate((c[k].x + c[k - 1].x) / 2, (c[k].y + c[k - 1].y) / 2);
                if (circle.radius() - circle.middle().distance(half) > FLATTENED) {
                    return false;
                }
            }
        }
        return true;
    }

    private static double turn(Coordinate a, Coordinate b, Coordinate c) {
        double ux = b.x - a.x;
        double uy = b.y - a.y;
        double vx = c.x - b.x;
        double vy = c.y - b.y;
        return Math.atan2(ux * vy - uy * vx, ux * vx + uy * vy);
    }

    /** A circle, and which way round it is gone. */
    record Circle(Coordinate middle, double radius, boolean anticlockwise) {

        /** @return null where the three lie on a line */
        public static Circle through(Coordinate a, Coordinate b, Coordinate c) {
            double bx = b.x - a.x;
            double by = b.y - a.y;
            double cx = c.x - a.x;
            double cy = c.y - a.y;
            double d = 2 * (bx * cy - by * cx);
            if (d == 0) {
                return null;
            }
            double bb = bx * bx + by * by;
            double cc = cx * cx + cy * cy;
            double x = (cy * bb - by * cc) / d;
            double y = (bx * cc - cx * bb) / d;
            return new Circle(new Coordinate(a.x + x, a.y + y), Math.hypot(x, y), d > 0);
        }

        /** By how much it turns on its way from one place to another, in radians, less than nothing where it goes clockwise. */
        public double turn(Coordinate from, Coordinate to) {
            double turn = Angle.normalizePositive(Angle.angle(middle, to) - Angle.angle(middle, from));
            return anticlockwise ? turn : turn - 2 * Math.PI;
        }

        /** Where it is after turning so far from a place. */
        public Coordinate at(Coordinate from, double turn) {
            double angle = Angle.angle(middle, from) + turn;
            return new Coordinate(middle.x + radius * Math.cos(angle), middle.y + radius * Math.sin(angle));
        }

        Arc arc(Coordinate from, Coordinate to) {
            return new Arc(from, to, radius, anticlockwise);
        }
    }
}
