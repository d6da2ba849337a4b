package vantbreeze.layer;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/** A bow tied of ribbon. Common practice, no published source; its drawn size and its height are derived. */
public final class Bow {

    /** What it takes of the ribbon, with its ends. */
    public static final Length TAKES = Length.inches(14);

    public static final Length THICKNESS = Length.millimetres(3);
    private static final int TIMES_AS_WIDE = 8;
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private Bow() {}

    /** Three inches wide of ribbon 3/8 in wide. */
    public static Size size(Length ribbon) {
        Length width = ribbon.times(TIMES_AS_WIDE);
        return new Size(width, width.dividedBy(2).each());
    }

    /** @return its outline, in counts of 1/640 mm, two triangles that meet in the knot */
    public static Polygon of(Size size, Length ribbon, Coordinate knot) {
        double across = size.width().count() / 2.0;
        double up = size.height().count() / 2.0;
        double narrow = ribbon.count() / 2.0;
        Coordinate first = new Coordinate(knot.x - across, knot.y - up);
        return GEOMETRY.createPolygon(new Coordinate[] {
            first,
            new Coordinate(knot.x, knot.y - narrow),
            new Coordinate(knot.x + across, knot.y - up),
            new Coordinate(knot.x + across, knot.y + up),
            new Coordinate(knot.x, knot.y + narrow),
            new Coordinate(knot.x - across, knot.y + up),
            first
        });
    }
}
