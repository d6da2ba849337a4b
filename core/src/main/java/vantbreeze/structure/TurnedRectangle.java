package vantbreeze.structure;

import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/**
 * A rectangle that lies aslant, such as a square on its point: it is cut as the rectangle it is.
 *
 * @param degrees that it is turned, anticlockwise, above 0 and below 90
 * @param size upright
 */
public record TurnedRectangle(double degrees, Size size) {

    /** Counts of 1/640 mm: rounding, never a measure. */
    private static final double ROUNDED = 3;

    private static final int CORNERS = 4;
    private static final double QUARTER = 90;

    /** Marks of 1/128 in and 1/2 mm: a side that rounding took off its mark is back on it. */
    private static final long[] MARKS = {127, 320};

    /** @return empty for an upright rectangle and for any other outline */
    public static Optional<TurnedRectangle> of(Polygon outline) {
        Coordinate[] ring = outline.getExteriorRing().getCoordinates();
        if (ring.length != CORNERS + 1 || outline.getNumInteriorRing() > 0 || outline.isRectangle()) {
            return Optional.empty();
        }
        LineSegment first = new LineSegment(ring[0], ring[1]);
        LineSegment second = new LineSegment(ring[1], ring[2]);
        Coordinate fourth = new Coordinate(ring[0].x + ring[2].x - ring[1].x, ring[0].y + ring[2].y - ring[1].y);
        double along = (second.p1.x - second.p0.x) * (first.p1.x - first.p0.x)
                + (second.p1.y - second.p0.y) * (first.p1.y - first.p0.y);
        if (fourth.distance(ring[3]) > ROUNDED || Math.abs(along) / first.getLength() > ROUNDED) {
            return Optional.empty();
        }
        double angle = Math.toDegrees(first.angle());
        double degrees = ((angle % QUARTER) + QUARTER) % QUARTER;
        boolean level = Math.abs(Math.IEEEremainder(angle - degrees, 2 * QUARTER)) < 1;
        Length one = onMark(first.getLength());
        Length other = onMark(second.getLength());
        return Optional.of(new TurnedRectangle(degrees, level ? new Size(one, other) : new Size(other, one)));
    }

    private static Length onMark(double counts) {
        for (long mark : MARKS) {
            long near = Math.round(counts / mark) * mark;
            if (Math.abs(near - counts) <= ROUNDED) {
                return Length.ofCounts(near);
            }
        }
        return Length.nearestTo(counts);
    }

    /** As large as another one, as aslant, about the middle of an outline. */
    public Polygon around(Polygon outline, Size other) {
        Coordinate middle = outline.getEnvelopeInternal().centre();
        double wide = other.width().count() / 2.0;
        double high = other.height().count() / 2.0;
        return FlatMotion.shift(middle.x, middle.y)
                .after(FlatMotion.rotation(degrees))
                .apply((Polygon) outline.getFactory().toGeometry(new Envelope(-wide, wide, -high, high)));
    }
}
