package vantbreeze.layer;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import vantbreeze.measure.Length;
import vantbreeze.structure.Regions;

/** Moves any outline inward evenly, its corners kept pointed. */
final class Inset {

    /** Corners down to about 1 degree stay pointed: 1 / sin(0.5 degrees) is 115. */
    private static final double MITRE_LIMIT = 115;

    private static final BufferParameters MITRED =
            new BufferParameters(1, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, MITRE_LIMIT);

    private Inset() {}

    /** @return what is left of the outline, moved inward by the step; parts narrower than the least are left out */
    static List<Polygon> of(Polygon outline, Length step, Length narrowest) {
        Geometry inside = BufferOp.bufferOp(outline, -step.count(), MITRED);
        List<Polygon> parts = new ArrayList<>();
        for (int i = 0; i < inside.getNumGeometries(); i++) {
            if (inside.getGeometryN(i) instanceof Polygon part
                    && !part.isEmpty()
                    && isWideEnough(part, narrowest.count() / 2.0)) {
                parts.add(part);
            }
        }
        return parts;
    }

    /** @return all that is left of the outline inside such a border; it itself where there is none */
    static Geometry inside(Polygon outline, Length border) {
        return border.equals(Length.ZERO) ? outline : Regions.union(of(outline, border, Length.ZERO));
    }

    /**
     * Whether a circle of that radius lies inside somewhere. The area of an outline with at most one hole is at most its
     * inradius times its perimeter (moved inward it never grows longer), so most need no second look.
     */
    private static boolean isWideEnough(Polygon part, double radius) {
        return (part.getNumInteriorRing() <= 1 && part.getArea() >= radius * part.getLength())
                || !BufferOp.bufferOp(part, -radius, MITRED).isEmpty();
    }
}
