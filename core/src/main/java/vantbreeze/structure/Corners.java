package vantbreeze.structure;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** Removes the corners that are none: nodes that other lines left on a straight edge. */
final class Corners {

    /** Far below a count, far above the rounding of a double at a metre (1e-10). */
    private static final double STRAIGHT_COUNTS = 1e-6;

    private Corners() {}

    static Polygon withoutStraight(Polygon polygon) {
        LinearRing[] holes = new LinearRing[polygon.getNumInteriorRing()];
        for (int i = 0; i < holes.length; i++) {
            holes[i] = withoutStraight(polygon.getInteriorRingN(i));
        }
        return polygon.getFactory().createPolygon(withoutStraight(polygon.getExteriorRing()), holes);
    }

    private static LinearRing withoutStraight(LinearRing ring) {
        Coordinate[] all = ring.getCoordinates();
        int n = all.length - 1;
        List<Coordinate> kept = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Coordinate before = all[(i + n - 1) % n];
            Coordinate after = all[(i + 1) % n];
            if (Distance.pointToLinePerpendicular(all[i], before, after) > STRAIGHT_COUNTS) {
                kept.add(all[i]);
            }
        }
        kept.add(kept.get(0));
        return ring.getFactory().createLinearRing(kept.toArray(new Coordinate[0]));
    }
}
