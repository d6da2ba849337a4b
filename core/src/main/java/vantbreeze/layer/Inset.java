package vantbreeze.layer;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import vantbreeze.measure.Length;

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
                    && !BufferOp.bufferOp(part, -narrowest.count() / 2.0, MITRED)
                            .isEmpty()) {
                parts.add(part);
            }
        }
        return parts;
    }
}
