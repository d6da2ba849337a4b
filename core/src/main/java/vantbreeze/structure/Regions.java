package vantbreeze.structure;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import vantbreeze.measure.Length;

/** Unions and intersections that also hold where edges nearly coincide, as folded panels' edges do. */
public final class Regions {

    /** In counts squared: a smaller overlap or overhang than a square millimetre is a touch. */
    public static final double TOUCH = (double) Length.COUNTS_PER_MILLIMETRE * Length.COUNTS_PER_MILLIMETRE;

    private Regions() {}

    public static Geometry union(List<Polygon> polygons) {
        if (polygons.size() == 1) {
            return polygons.get(0);
        }
        Effort.spend(polygons.stream().mapToLong(Polygon::getNumPoints).sum());
        return OverlayNGRobust.union(List.<Geometry>copyOf(polygons));
    }

    /** @param area not empty */
    public static Polygon largest(Geometry area) {
        Polygon largest = (Polygon) area.getGeometryN(0);
        for (int i = 1; i < area.getNumGeometries(); i++) {
            Polygon other = (Polygon) area.getGeometryN(i);
            largest = other.getArea() > largest.getArea() ? other : largest;
        }
        return largest;
    }

    public static Geometry intersection(Geometry one, Geometry other) {
        if (!one.getEnvelopeInternal().intersects(other.getEnvelopeInternal())) {
            return one.getFactory().createPolygon();
        }
        if (isRectangleAround(one, other)) {
            return other;
        }
        if (isRectangleAround(other, one)) {
            return one;
        }
        Effort.spend(one.getNumPoints() + other.getNumPoints());
        return areas(OverlayNGRobust.overlay(one, other, OverlayNG.INTERSECTION));
    }

    /** What of one lies outside the other. */
    public static Geometry difference(Geometry one, Geometry other) {
        if (!one.getEnvelopeInternal().intersects(other.getEnvelopeInternal())) {
            return one;
        }
        if (isRectangleAround(other, one)) {
            return one.getFactory().createPolygon();
        }
        Effort.spend(one.getNumPoints() + other.getNumPoints());
        return areas(OverlayNGRobust.overlay(one, other, OverlayNG.DIFFERENCE));
    }

    /** Where edges touch, an overlay holds lines and points as well; these are no regions, and no overlay takes them. */
    private static Geometry areas(Geometry overlaid) {
        if (overlaid instanceof Polygon || overlaid instanceof MultiPolygon) {
            return overlaid;
        }
        List<Polygon> polygons = new ArrayList<>();
        for (Object polygon : PolygonExtracter.getPolygons(overlaid)) {
            polygons.add((Polygon) polygon);
        }
        return overlaid.getFactory().createMultiPolygon(polygons.toArray(new Polygon[0]));
    }

    /** Most panels and mats are rectangles: where one holds the other there is nothing to work out. */
    private static boolean isRectangleAround(Geometry outer, Geometry inner) {
        return outer.getEnvelopeInternal().covers(inner.getEnvelopeInternal()) && outer.isRectangle();
    }
}
