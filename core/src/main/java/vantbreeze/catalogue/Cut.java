package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.structure.Point;
import vantbreeze.structure.Regions;

/** An outline parted along an upright line. */
final class Cut {

    private Cut() {}

    /** The same with corners at points that lie on its edges but for rounding. */
    static Polygon withCorners(Polygon outline, Point... points) {
        List<Coordinate> ring =
                new ArrayList<>(List.of(outline.getExteriorRing().getCoordinates()));
        for (Point point : points) {
            Coordinate corner = point.coordinate();
            int nearest = 1;
            for (int i = 1; i < ring.size(); i++) {
                if (Distance.pointToSegment(corner, ring.get(i - 1), ring.get(i))
                        < Distance.pointToSegment(corner, ring.get(nearest - 1), ring.get(nearest))) {
                    nearest = i;
                }
            }
            if (!ring.get(nearest).equals2D(corner) && !ring.get(nearest - 1).equals2D(corner)) {
                ring.add(nearest, corner);
            }
        }
        return outline.getFactory().createPolygon(ring.toArray(new Coordinate[0]));
    }

    /** What of it lies between two upright lines. */
    static Polygon between(Polygon outline, double left, double right) {
        Envelope box = outline.getEnvelopeInternal();
        Geometry band =
                outline.getFactory().toGeometry(new Envelope(left, right, box.getMinY() - 1, box.getMaxY() + 1));
        Geometry part = Regions.intersection(outline, band);
        return Regions.largest(part);
    }

    /** Where an upright line runs through it: from its lowest to its highest place there. */
    static Point[] along(Polygon outline, Length x) {
        Envelope box = outline.getEnvelopeInternal();
        Geometry chord = outline.intersection(outline.getFactory().createLineString(new Coordinate[] {
            new Coordinate(x.count(), box.getMinY() - 1), new Coordinate(x.count(), box.getMaxY() + 1)
        }));
        Envelope found = chord.getEnvelopeInternal();
        return new Point[] {
            new Point(x, Length.nearestTo(found.getMinY())), new Point(x, Length.nearestTo(found.getMaxY()))
        };
    }

    /** A place well inside. */
    static Point inside(Polygon part) {
        Coordinate c = part.getInteriorPoint().getCoordinate();
        return new Point(Length.nearestTo(c.x), Length.nearestTo(c.y));
    }
}
