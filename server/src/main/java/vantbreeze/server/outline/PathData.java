package vantbreeze.server.outline;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.structure.Curve;

/**
 * Path data of W3C Scalable Vector Graphics 1.1, in mm and y down, arcs and curves as such.
 *
 * @param height from which y is counted down, in mm
 */
public record PathData(double height) {

    /** Counts y down from the level of 0: whoever draws it moves it to where that is. */
    public static final PathData FROM_ZERO = new PathData(0);

    /** Its outer line and its holes, each closed; to be filled by the even-odd rule. */
    public String of(Polygon region) {
        StringBuilder all = new StringBuilder(of(region.getExteriorRing()));
        for (int i = 0; i < region.getNumInteriorRing(); i++) {
            all.append(' ').append(of(region.getInteriorRingN(i)));
        }
        return all.toString();
    }

    /** @param ring in counts, y up */
    public String of(LinearRing ring) {
        return along(Curve.of(ring)) + " Z";
    }

    /** @param curves in counts, y up, each beginning where the one before ends */
    public String along(List<Curve> curves) {
        StringBuilder d = new StringBuilder();
        for (Curve curve : curves) {
            if (d.isEmpty()) {
                d.append('M').append(at(curve.from()));
            }
            if (curve instanceof Curve.Arc arc) {
                String r = number(arc.radius() / Length.COUNTS_PER_MILLIMETRE);
                /* Downwards is up here: what goes anticlockwise has sweep 0. */
                d.append(" A%s %s 0 0 %d %s".formatted(r, r, arc.anticlockwise() ? 0 : 1, at(arc.to())));
            } else if (curve instanceof Curve.Cubic cubic) {
                d.append(" C%s %s %s".formatted(at(cubic.leaving()), at(cubic.arriving()), at(cubic.to())));
            } else {
                d.append(" L").append(at(curve.to()));
            }
        }
        return d.toString();
    }

    /** @param mm y up, from each straight to the next */
    public String through(List<double[]> mm) {
        return mm.stream().map(this::at).collect(Collectors.joining(" L", "M", ""));
    }

    private String at(Coordinate counts) {
        return at(new double[] {counts.x / Length.COUNTS_PER_MILLIMETRE, counts.y / Length.COUNTS_PER_MILLIMETRE});
    }

    /** @param mm y up */
    public String at(double[] mm) {
        return number(mm[0]) + " " + number(height - mm[1]);
    }

    /** To a micrometre, without needless zeros. */
    public static String number(double value) {
        String text =
                String.format(Locale.ROOT, "%.3f", value).replaceAll("0+$", "").replaceAll("\\.$", "");
        return text.equals("-0") ? "0" : text;
    }
}
