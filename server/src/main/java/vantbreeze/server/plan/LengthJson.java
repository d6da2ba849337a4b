package vantbreeze.server.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Reading;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;

/**
 * A length as it crosses the wire.
 *
 * @param text reads back to exactly this length
 * @param shown as the maker's ruler reads it, "≈" before it when rounded
 */
@Schema(name = "Length")
public record LengthJson(
        @Schema(example = "2 3/4 in") String text,
        @Schema(example = "69.85") double mm,
        @Schema(example = "2¾ in") String shown,
        boolean exact) {

    public static LengthJson of(Length length, UnitSystem units) {
        Reading reading = vantbreeze.measure.Ruler.of(units).read(length);
        return new LengthJson(length.exactText(units), length.millimetres(), reading.text(), reading.exact());
    }

    /** What is only judged by: shown on everyday marks, "about ⅜ in". */
    public static LengthJson judged(Length length, UnitSystem units) {
        return new LengthJson(
                length.exactText(units),
                length.millimetres(),
                vantbreeze.measure.Ruler.of(units).about(length),
                false);
    }

    /** How thick something is: shown to a tenth of a millimetre. */
    public static LengthJson thick(Length length, UnitSystem units) {
        return new LengthJson(
                length.exactText(units), length.millimetres(), vantbreeze.measure.Ruler.thick(length), false);
    }

    /** Both sides of something. */
    @Schema(name = "Size")
    public record SizeJson(
            LengthJson width,
            LengthJson height,
            @Schema(example = "5½ × 4¼ in") String shown) {

        public static SizeJson of(Size size, UnitSystem units) {
            return new SizeJson(
                    LengthJson.of(size.width(), units),
                    LengthJson.of(size.height(), units),
                    vantbreeze.measure.Ruler.of(units).text(size));
        }
    }

    static SizeJson judged(Size size, UnitSystem units) {
        SizeJson exact = SizeJson.of(size, units);
        return new SizeJson(
                exact.width(),
                exact.height(),
                vantbreeze.measure.Ruler.of(units).about(size));
    }

    /** @return a place well inside, in mm as [x, y] */
    static double[] inside(Polygon polygon) {
        Point middle = polygon.getCentroid();
        Coordinate c = (polygon.contains(middle) ? middle : polygon.getInteriorPoint()).getCoordinate();
        return new double[] {c.x / Length.COUNTS_PER_MILLIMETRE, c.y / Length.COUNTS_PER_MILLIMETRE};
    }

    /** @return corners in mm as [x, y], first not repeated */
    static List<double[]> corners(Polygon polygon) {
        return corners(polygon.getExteriorRing());
    }

    /** @return the corners of each hole, like those of the outline */
    static List<List<double[]>> holes(Polygon polygon) {
        return IntStream.range(0, polygon.getNumInteriorRing())
                .mapToObj(i -> corners(polygon.getInteriorRingN(i)))
                .toList();
    }

    /** @return corners in mm as [x, y], first not repeated */
    public static List<double[]> corners(LinearRing closed) {
        Coordinate[] ring = closed.getCoordinates();
        return java.util.Arrays.stream(ring, 0, ring.length - 1)
                .map(c -> new double[] {c.x / Length.COUNTS_PER_MILLIMETRE, c.y / Length.COUNTS_PER_MILLIMETRE})
                .toList();
    }

    /** @param corners in mm as [x, y], first not repeated
     *  @return in counts */
    public static Polygon polygon(List<double[]> corners) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            double[] c = corners.get(i % corners.size());
            ring[i] = new Coordinate(c[0] * Length.COUNTS_PER_MILLIMETRE, c[1] * Length.COUNTS_PER_MILLIMETRE);
        }
        return new GeometryFactory().createPolygon(ring);
    }
}
