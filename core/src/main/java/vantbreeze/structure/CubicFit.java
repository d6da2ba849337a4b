package vantbreeze.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.math.Vector2D;

/**
 * Cubic curves through the corners of a flattened one, by least squares, parted where one does not come near enough. After P. J.
 * Schneider, "An Algorithm for Automatically Fitting Digitized Curves", Graphics Gems (1990), from memory.
 */
final class CubicFit {

    /** Counts that a corner may lie off: 5 micrometres. */
    private static final double NEAR = 3;

    /** Counts off the middle of a chord: it was flattened to 0.02 mm, and corners are rounded. */
    private static final double BULGE = 16;

    private static final int ROUNDS = 8;

    private final Coordinate[] corners;
    private final List<Curve> curves = new ArrayList<>();

    private CubicFit(Coordinate[] corners) {
        this.corners = corners;
    }

    /** @param corners at least 3, along a smooth stretch */
    static List<Curve> through(Coordinate[] corners) {
        CubicFit fit = new CubicFit(corners);
        int last = corners.length - 1;
        fit.fit(0, last, fit.tangent(0, 1, 2), fit.tangent(last, last - 1, last - 2));
        return fit.curves;
    }

    /** Of the circle through three corners, at the first of them, towards the second. */
    private Vector2D tangent(int at, int next, int afterNext) {
        Vector2D chord = Vector2D.create(corners[at], corners[next]);
        Vector2D beyond = Vector2D.create(corners[next], corners[afterNext]);
        /* A chord lies half its own turn off either tangent; the turn between two chords is half the sum of both. */
        double turn = chord.angleTo(beyond) * chord.length() / (chord.length() + beyond.length());
        return chord.rotate(-turn).normalize();
    }

    private void fit(int first, int last, Vector2D leaving, Vector2D arriving) {
        double chord = corners[first].distance(corners[last]);
        if (last - first == 1) {
            curves.add(cubic(first, last, leaving, arriving, chord / 3, chord / 3));
            return;
        }
        double[] at = byLength(first, last);
        Curve.Cubic best = null;
        int worst = first + 1;
        for (int round = 0; round < ROUNDS; round++) {
            best = leastSquares(first, last, leaving, arriving, at);
            worst = worst(best, first, at);
            if (best.at(at[worst - first]).distance(corners[worst]) <= NEAR && !strays(best, first, at)) {
                curves.add(best);
                return;
            }
            for (int i = first + 1; i < last; i++) {
                at[i - first] = nearer(best, corners[i], at[i - first]);
            }
        }
        Vector2D through =
                Vector2D.create(corners[worst - 1], corners[worst + 1]).normalize();
        fit(first, worst, leaving, through.negate());
        fit(worst, last, through, arriving);
    }

    private double[] byLength(int first, int last) {
        double[] at = new double[last - first + 1];
        for (int i = first + 1; i <= last; i++) {
            at[i - first] = at[i - first - 1] + corners[i].distance(corners[i - 1]);
        }
        double whole = at[at.length - 1];
        for (int i = 0; i < at.length; i++) {
            at[i] /= whole;
        }
        return at;
    }

    private Curve.Cubic cubic(
            int first, int last, Vector2D leaving, Vector2D arriving, double reachOut, double reachIn) {
        return new Curve.Cubic(
                corners[first],
                leaving.multiply(reachOut).translate(corners[first]),
                arriving.multiply(reachIn).translate(corners[last]),
                corners[last]);
    }

    /** How far the control points reach along the tangents so that the squares of what corners miss are least. */
    private Curve.Cubic leastSquares(int first, int last, Vector2D leaving, Vector2D arriving, double[] at) {
        double aa = 0;
        double ab = 0;
        double bb = 0;
        double ax = 0;
        double bx = 0;
        for (int i = first; i <= last; i++) {
            double t = at[i - first];
            double u = 1 - t;
            Vector2D a = leaving.multiply(3 * u * u * t);
            Vector2D b = arriving.multiply(3 * u * t * t);
            double ends = u * u * u + 3 * u * u * t;
            Vector2D rest = Vector2D.create(
                    corners[i].x - ends * corners[first].x - (1 - ends) * corners[last].x,
                    corners[i].y - ends * corners[first].y - (1 - ends) * corners[last].y);
            aa += a.dot(a);
            ab += a.dot(b);
            bb += b.dot(b);
            ax += a.dot(rest);
            bx += b.dot(rest);
        }
        double det = aa * bb - ab * ab;
        double out = (ax * bb - bx * ab) / det;
        double in = (aa * bx - ab * ax) / det;
        double chord = corners[first].distance(corners[last]);
        boolean sound = out > 1e-3 * chord && in > 1e-3 * chord && out < 3 * chord && in < 3 * chord;
        return sound
                ? cubic(first, last, leaving, arriving, out, in)
                : cubic(first, last, leaving, arriving, chord / 3, chord / 3);
    }

    private int worst(Curve.Cubic cubic, int first, double[] at) {
        int worst = first + 1;
        double most = -1;
        for (int i = 1; i < at.length - 1; i++) {
            double off = cubic.at(at[i]).distance(corners[first + i]);
            if (off > most) {
                most = off;
                worst = first + i;
            }
        }
        return worst;
    }

    /** Whether it bulges between two corners more than a curve that was flattened there. */
    private boolean strays(Curve.Cubic cubic, int first, double[] at) {
        return IntStream.range(1, at.length)
                .anyMatch(i -> new LineSegment(corners[first + i - 1], corners[first + i])
                                .distance(cubic.at((at[i - 1] + at[i]) / 2))
                        > BULGE);
    }

    /** One step of Newton's method towards the place of the curve that is nearest. */
    private static double nearer(Curve.Cubic cubic, Coordinate to, double t) {
        double step = 1e-4;
        Vector2D off = Vector2D.create(to, cubic.at(t));
        Vector2D before = Vector2D.create(cubic.at(t - step));
        Vector2D here = Vector2D.create(cubic.at(t));
        Vector2D after = Vector2D.create(cubic.at(t + step));
        Vector2D slope = after.subtract(before).multiply(1 / (2 * step));
        Vector2D bend = after.add(before).subtract(here.multiply(2)).multiply(1 / (step * step));
        double denominator = slope.dot(slope) + off.dot(bend);
        return denominator == 0 ? t : Math.min(1, Math.max(0, t - off.dot(slope) / denominator));
    }
}
