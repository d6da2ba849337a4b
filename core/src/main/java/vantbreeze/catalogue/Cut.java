package vantbreeze.catalogue;

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

    /** What of it lies between two upright lines. */
    static Polygon between(Polygon outline, double left, double right) {
        Envelope box = outline.getEnvelopeInternal();
        Geometry band =
                outline.getFactory().toGeometry(new Envelope(left, right, box.getMinY() - 1, box.getMaxY() + 1));
        Geometry part = Regions.intersection(outline, band);
        if (part instanceof Polygon polygon) {
            return polygon;
        }
        Polygon largest = (Polygon) part.getGeometryN(0);
        for (int i = 1; i < part.getNumGeometries(); i++) {
            Polygon other = (Polygon) part.getGeometryN(i);
            largest = other.getArea() > largest.getArea() ? other : largest;
        }
        return largest;
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
