package vantbreeze.structure;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * A rigid move within the plane, in counts of 1/640 mm: x' = a x + b y + tx, y' = c x + d y + ty. It turns a panel over
 * when its determinant is -1. Level, upright and 45 degree reflections of whole counts are exact.
 */
public record FlatMotion(double a, double b, double tx, double c, double d, double ty) {

    public static final FlatMotion IDENTITY = new FlatMotion(1, 0, 0, 0, 1, 0);

    /** Left and right exchanged. */
    public static final FlatMotion MIRRORED = new FlatMotion(-1, 0, 0, 0, 1, 0);

    public static FlatMotion shift(double dx, double dy) {
        return new FlatMotion(1, 0, dx, 0, 1, dy);
    }

    /** Turning about the origin, anticlockwise; quarters of a turn are exact. */
    public static FlatMotion rotation(double degrees) {
        double cos = quarter(Math.cos(Math.toRadians(degrees)));
        double sin = quarter(Math.sin(Math.toRadians(degrees)));
        return new FlatMotion(cos, -sin, 0, sin, cos, 0);
    }

    private static double quarter(double value) {
        double whole = Math.rint(value);
        return Math.abs(value - whole) < 1e-12 ? whole : value;
    }

    /** Folding over a line. */
    public static FlatMotion reflection(LineSegment line) {
        double dx = line.p1.x - line.p0.x;
        double dy = line.p1.y - line.p0.y;
        double square = dx * dx + dy * dy;
        double cos = (dx * dx - dy * dy) / square;
        double sin = 2 * dx * dy / square;
        return new FlatMotion(
                cos,
                sin,
                line.p0.x - cos * line.p0.x - sin * line.p0.y,
                sin,
                -cos,
                line.p0.y - sin * line.p0.x + cos * line.p0.y);
    }

    /** First {@code inner}, then this. */
    public FlatMotion after(FlatMotion inner) {
        return new FlatMotion(
                a * inner.a + b * inner.c,
                a * inner.b + b * inner.d,
                a * inner.tx + b * inner.ty + tx,
                c * inner.a + d * inner.c,
                c * inner.b + d * inner.d,
                c * inner.tx + d * inner.ty + ty);
    }

    public FlatMotion inverse() {
        return new FlatMotion(a, c, -(a * tx + c * ty), b, d, -(b * tx + d * ty));
    }

    public boolean turnsOver() {
        return a * d - b * c < 0;
    }

    public Coordinate apply(Coordinate p) {
        return new Coordinate(a * p.x + b * p.y + tx, c * p.x + d * p.y + ty);
    }

    public LineSegment apply(LineSegment line) {
        return new LineSegment(apply(line.p0), apply(line.p1));
    }

    public Polygon apply(Polygon polygon) {
        return (Polygon) new AffineTransformation(a, b, tx, c, d, ty).transform(polygon);
    }
}
