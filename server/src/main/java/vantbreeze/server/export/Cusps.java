package vantbreeze.server.export;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.linearref.LengthIndexedLine;
import vantbreeze.measure.Length;

/**
 * Where an outline runs into a point and back along itself, both sides of the point nearer than a blade is thick, that
 * stretch is cut once: a blade that went up one side and down the other would tear there.
 */
final class Cusps {

    /** As far apart two cuts leave paper between them, in counts: 0.15 mm. */
    private static final double APART = 0.15 * Length.COUNTS_PER_MILLIMETRE;

    /** Shorter points are cut as they are: 0.5 mm. */
    private static final double SHORT = 0.5 * Length.COUNTS_PER_MILLIMETRE;

    private static final double STEP = 0.1 * Length.COUNTS_PER_MILLIMETRE;

    /** Back, to about 8 degrees. */
    private static final double BACK = -0.99;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /**
     * @param ring what is left of the outline, in counts
     * @param slits from its new points to where the old ones were, in counts
     */
    record Cut(LinearRing ring, List<Coordinate[]> slits) {}

    private Cusps() {}

    /** @return the same ring where it has no such point */
    static Cut once(LinearRing ring) {
        Coordinate[] c = ring.getCoordinates();
        int corners = c.length - 1;
        double around = ring.getLength();
        LengthIndexedLine line = new LengthIndexedLine(ring);
        double[] along = new double[c.length];
        for (int i = 1; i < c.length; i++) {
            along[i] = along[i - 1] + c[i].distance(c[i - 1]);
        }
        List<double[]> cuts = new ArrayList<>();
        List<Coordinate[]> slits = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            if (isBack(c[(i + corners - 1) % corners], c[i], c[i + 1])) {
                double reach = together(line, around, along[i]);
                if (reach > SHORT) {
                    Coordinate before = at(line, around, along[i] - reach);
                    Coordinate after = at(line, around, along[i] + reach);
                    cuts.add(new double[] {along[i] - reach, along[i] + reach});
                    slits.add(new Coordinate[] {new Coordinate((before.x + after.x) / 2, (before.y + after.y) / 2), c[i]
                    });
                }
            }
        }
        return cuts.isEmpty() ? new Cut(ring, slits) : new Cut(without(line, around, c, along, cuts), slits);
    }

    private static boolean isBack(Coordinate before, Coordinate corner, Coordinate after) {
        double ux = corner.x - before.x;
        double uy = corner.y - before.y;
        double vx = after.x - corner.x;
        double vy = after.y - corner.y;
        return ux * vx + uy * vy < BACK * Math.hypot(ux, uy) * Math.hypot(vx, vy);
    }

    private static Coordinate at(LengthIndexedLine line, double around, double place) {
        return line.extractPoint((place % around + around) % around);
    }

    /** How far from a point its two sides lie together. */
    private static double together(LengthIndexedLine line, double around, double point) {
        double reach = 0;
        while (reach + STEP < around / 4
                && at(line, around, point - reach - STEP).distance(at(line, around, point + reach + STEP)) < APART) {
            reach += STEP;
        }
        return reach;
    }

    private static LinearRing without(
            LengthIndexedLine line, double around, Coordinate[] c, double[] along, List<double[]> cuts) {
        List<Coordinate> left = new ArrayList<>();
        for (int i = 0; i < c.length - 1; i++) {
            double place = along[i];
            boolean isCut = false;
            for (double[] cut : cuts) {
                boolean isPoint = Math.abs((cut[0] + cut[1]) / 2 - place) < 1e-9;
                if (isPoint) {
                    left.add(at(line, around, cut[0]));
                    left.add(at(line, around, cut[1]));
                }
                isCut |= isPoint || isWithin(place, cut, around);
            }
            if (!isCut) {
                left.add(c[i]);
            }
        }
        left.add(left.get(0));
        return GEOMETRY.createLinearRing(left.toArray(new Coordinate[0]));
    }

    private static boolean isWithin(double place, double[] cut, double around) {
        return place > cut[0] && place < cut[1]
                || place + around > cut[0] && place + around < cut[1]
                || place - around > cut[0] && place - around < cut[1];
    }
}
