package vantbreeze.structure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LineString;

/**
 * The way of a score or a slit across its piece: straight, or bent at places between its ends.
 *
 * @param points from end to end, at least 2, no two in a row the same
 */
public record Path(List<Point> points) {

    /** Makers' points are whole counts: three that were meant to lie on one line may miss it by so much. */
    private static final double STRAIGHT = 2.5;

    public Path {
        points = List.copyOf(points);
        if (points.size() < 2) {
            throw new IllegalArgumentException("A line needs two ends.");
        }
        for (int i = 1; i < points.size(); i++) {
            if (points.get(i).equals(points.get(i - 1))) {
                throw new IllegalArgumentException("A line has (%s, %s) twice in a row."
                        .formatted(points.get(i).x(), points.get(i).y()));
            }
        }
    }

    /** @param of what runs there, for the message: "score (score 1)" */
    static Path straight(String of, Point from, Point to) {
        if (from.equals(to)) {
            throw new IllegalArgumentException(
                    "The %s must have a length; it begins and ends at (%s, %s).".formatted(of, from.x(), from.y()));
        }
        return new Path(List.of(from, to));
    }

    public Point from() {
        return points.get(0);
    }

    public Point to() {
        return points.get(points.size() - 1);
    }

    /** From point to point, in counts of 1/640 mm. */
    public List<LineSegment> legs() {
        List<LineSegment> legs = new ArrayList<>();
        for (int i = 1; i < points.size(); i++) {
            legs.add(new LineSegment(
                    points.get(i - 1).coordinate(), points.get(i).coordinate()));
        }
        return legs;
    }

    /** As a blade follows it: arcs and curves that were flattened are such again. */
    public List<Curve> curves() {
        return Curve.of(coordinates());
    }

    /** The same where a motion takes it. */
    public List<Curve> curves(FlatMotion motion) {
        return Curve.of(Arrays.stream(coordinates()).map(motion::apply).toArray(Coordinate[]::new));
    }

    private Coordinate[] coordinates() {
        return points.stream().map(Point::coordinate).toArray(Coordinate[]::new);
    }

    /** In counts of 1/640 mm. */
    public LineString lineString() {
        return Piece.GEOMETRY.createLineString(coordinates());
    }

    public boolean isCurved() {
        return curves().stream().anyMatch(c -> !(c instanceof Curve.Straight));
    }

    /** Straight within what rounding does to the places that other lines meet it at. */
    public boolean isStraight() {
        if (points.size() == 2) {
            return true;
        }
        LineSegment whole = new LineSegment(from().coordinate(), to().coordinate());
        return points.stream().allMatch(p -> whole.distance(p.coordinate()) <= STRAIGHT);
    }

    public boolean isUpright() {
        return from().x().equals(to().x()) && isStraight();
    }

    public boolean isLevel() {
        return from().y().equals(to().y()) && isStraight();
    }

    /** In counts. */
    public double length() {
        return legs().stream().mapToDouble(LineSegment::getLength).sum();
    }

    /** How far along the path a place on it lies, in counts. */
    double along(Coordinate place) {
        if (points.size() == 2) {
            return from().coordinate().distance(place);
        }
        double nearest = Double.POSITIVE_INFINITY;
        double along = 0;
        double before = 0;
        for (LineSegment leg : legs()) {
            if (leg.distance(place) < nearest) {
                nearest = leg.distance(place);
                along = before + leg.p0.distance(leg.closestPoint(place));
            }
            before += leg.getLength();
        }
        return along;
    }

    /** Whether it bends at that place. */
    boolean bendsAt(Coordinate place) {
        return !isStraight()
                && points.stream().anyMatch(p -> p.coordinate().equals2D(place))
                && !from().coordinate().equals2D(place)
                && !to().coordinate().equals2D(place);
    }
}
