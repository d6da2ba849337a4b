package vantbreeze.layer;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Regions;

/** A bow tied of ribbon. Common practice, no published source; its drawn size and its height are derived. */
public final class Bow {

    /** What it takes of the ribbon, with its ends. */
    public static final Length TAKES = Length.inches(14);

    public static final Length THICKNESS = Length.millimetres(3);
    private static final int TIMES_AS_WIDE = 6;
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private Bow() {}

    /** Some 2 1/4 in wide of ribbon 3/8 in wide. */
    public static Size size(Length ribbon) {
        Length width = ribbon.times(TIMES_AS_WIDE);
        return new Size(width, width.dividedBy(2).each());
    }

    /** @return its outline, in counts of 1/640 mm: a knot, two loops and two ends that hang from it */
    public static Polygon of(Size size, Length ribbon, Coordinate knot) {
        double across = size.width().count() / 2.0;
        double up = size.height().count() / 2.0;
        double narrow = ribbon.count() / 2.0;
        List<Polygon> parts = new ArrayList<>();
        parts.add((Polygon)
                GEOMETRY.toGeometry(new Envelope(knot.x - narrow, knot.x + narrow, knot.y - narrow, knot.y + narrow)));
        for (int side : new int[] {-1, 1}) {
            parts.add(loop(knot, side * across, up * 0.8, narrow));
            parts.add(end(knot, side * across / 2, up, narrow));
        }
        return Regions.largest(Regions.union(parts));
    }

    /** Widest near its outer end, which is round. */
    private static Polygon loop(Coordinate knot, double across, double up, double narrow) {
        return ring(
                new Coordinate(knot.x, knot.y - narrow / 2),
                new Coordinate(knot.x + across * 0.6, knot.y - up),
                new Coordinate(knot.x + across * 0.9, knot.y - up * 0.8),
                new Coordinate(knot.x + across, knot.y),
                new Coordinate(knot.x + across * 0.9, knot.y + up * 0.8),
                new Coordinate(knot.x + across * 0.6, knot.y + up),
                new Coordinate(knot.x, knot.y + narrow / 2));
    }

    /** Cut aslant. */
    private static Polygon end(Coordinate knot, double across, double down, double narrow) {
        double wide = Math.copySign(narrow * 1.6, across);
        return ring(
                new Coordinate(knot.x - wide / 2, knot.y),
                new Coordinate(knot.x + across - wide / 2, knot.y - down * 0.8),
                new Coordinate(knot.x + across + wide / 2, knot.y - down),
                new Coordinate(knot.x + wide / 2, knot.y));
    }

    private static Polygon ring(Coordinate... corners) {
        List<Coordinate> closed = new ArrayList<>(List.of(corners));
        closed.add(corners[0].copy());
        return GEOMETRY.createPolygon(closed.toArray(new Coordinate[0]));
    }
}
