package vantbreeze.structure;

import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** Unions and intersections that also hold where edges nearly coincide, as folded panels' edges do. */
public final class Regions {

    private Regions() {}

    public static Geometry union(List<Polygon> polygons) {
        return OverlayNGRobust.union(List.<Geometry>copyOf(polygons));
    }

    public static Geometry intersection(Geometry one, Geometry other) {
        return OverlayNGRobust.overlay(one, other, OverlayNG.INTERSECTION);
    }
}
