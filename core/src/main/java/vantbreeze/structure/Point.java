package vantbreeze.structure;

import org.locationtech.jts.geom.Coordinate;
import vantbreeze.measure.Length;

/** A place on a piece: x from its left edge, y from its bottom edge. */
public record Point(Length x, Length y) {

    public static Point ofMillimetres(double x, double y) {
        return new Point(Length.millimetres(x), Length.millimetres(y));
    }

    /**
     * In counts of 1/640 mm. A double holds each of them exactly, so reflections in level, upright and 45 degree scores
     * stay exact as well.
     */
    public Coordinate coordinate() {
        return new Coordinate(x.count(), y.count());
    }
}
