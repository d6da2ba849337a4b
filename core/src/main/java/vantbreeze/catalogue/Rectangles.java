package vantbreeze.catalogue;

import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;

/** Upright rectangles, in counts. */
final class Rectangles {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private Rectangles() {}

    static Polygon between(Length left, Length low, Length right, Length high) {
        return (Polygon) GEOMETRY.toGeometry(new Envelope(left.count(), right.count(), low.count(), high.count()));
    }
}
