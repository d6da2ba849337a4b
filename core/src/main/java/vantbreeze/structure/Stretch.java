package vantbreeze.structure;

import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;

/**
 * A stretch of a straight line.
 *
 * @param from where it begins, as a share of the line's length, 0 to 1
 * @param to where it ends, not less
 */
public record Stretch(double from, double to) {

    /**
     * @param near how far apart two places may be that are one, in the unit of the lines
     * @return what of the line another runs along, in either direction; empty if they only meet or cross
     */
    public static Optional<Stretch> alongside(LineSegment line, LineSegment other, double near) {
        double a = clipped(line.projectionFactor(other.p0));
        double b = clipped(line.projectionFactor(other.p1));
        Stretch stretch = new Stretch(Math.min(a, b), Math.max(a, b));
        boolean lies = stretch.of(line) > 0
                && other.distance(line.pointAlong(a)) <= near
                && other.distance(line.pointAlong(b)) <= near;
        return lies ? Optional.of(stretch) : Optional.empty();
    }

    /** @return how long it is on that line, in the line's unit */
    public double of(LineSegment line) {
        return (to - from) * line.getLength();
    }

    /** Its ends on that line; the line's own where it runs to them. */
    public LineSegment on(LineSegment line) {
        Coordinate begin = from == 0 ? line.p0 : line.pointAlong(from);
        return new LineSegment(begin, to == 1 ? line.p1 : line.pointAlong(to));
    }

    private static double clipped(double share) {
        return Math.max(0, Math.min(1, share));
    }
}
