package vantbreeze.cutter;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;

/**
 * A line that a blade or a pen follows without being lifted, in mm; curves are flattened to a fiftieth of a millimetre.
 *
 * @param points at least two; of a closed stroke the last is the first
 */
public record Stroke(Kind kind, List<Coordinate> points) {

    /** What is done along it, in the order in which a machine does it. */
    public enum Kind {
        DRAW,
        SCORE,
        SLIT,
        CUT
    }

    static final GeometryFactory GEOMETRY = new GeometryFactory();

    public Stroke {
        points = List.copyOf(points);
        if (points.size() < 2) {
            throw new IllegalArgumentException("A stroke needs two points or more, not %d.".formatted(points.size()));
        }
    }

    Coordinate first() {
        return points.get(0);
    }

    Coordinate last() {
        return points.get(points.size() - 1);
    }

    public boolean isClosed() {
        return first().equals2D(last());
    }

    public LineString line() {
        return GEOMETRY.createLineString(points.toArray(new Coordinate[0]));
    }

    public double length() {
        return line().getLength();
    }
}
