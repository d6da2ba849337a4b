package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import vantbreeze.measure.Length;
import vantbreeze.structure.Point;

/** Shapes that are the same left and right and that shrink evenly: every rim around their middle is equally wide all round. */
enum EvenShape {
    /** Drawn with so many corners that on a disc of 6 in the chord leaves the circle by less than 0.1 mm. */
    CIRCLE(64, 0),
    SQUARE(4, Math.PI / 4),
    DIAMOND(4, 0),
    HEXAGON(6, 0),
    OCTAGON(8, Math.PI / 8);

    private final int corners;
    private final double firstRadians;

    EvenShape(int corners, double firstRadians) {
        this.corners = corners;
        this.firstRadians = firstRadians;
    }

    static EvenShape named(String word) {
        return valueOf(word.toUpperCase(Locale.ROOT));
    }

    static String[] words() {
        return Arrays.stream(values()).map(EvenShape::word).toArray(String[]::new);
    }

    String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** How much less wide it is inside a rim: 2 for a circle, more where the corners are pointed. */
    private double acrossPerRim() {
        return this == CIRCLE ? 2 : 2 * reach() / Math.cos(Math.PI / corners);
    }

    /** Half its width on a circle of radius 1. */
    private double reach() {
        double reach = 0;
        for (int i = 0; i < corners; i++) {
            reach = Math.max(reach, Math.cos(radians(i)));
        }
        return reach;
    }

    private double radians(int corner) {
        return firstRadians + 2 * Math.PI * corner / corners;
    }

    /** The width inside a rim of that width, rounded down to a whole count. */
    Length inside(Length across, Length rim) {
        return Length.ofCounts((long) Math.floor(across.count() - acrossPerRim() * rim.count()));
    }

    /** The widest rim that leaves a hole so wide. */
    Length rim(Length across, Length inside) {
        return Length.ofCounts((long) Math.floor(across.minus(inside).count() / acrossPerRim()));
    }

    /** The width outside such a rim. */
    Length outside(Length across, Length rim) {
        return Length.ofCounts((long) Math.ceil(across.count() + acrossPerRim() * rim.count()));
    }

    /** How tall it is when so wide. */
    Length height(Length across) {
        double tall = 0;
        for (int i = 0; i < corners; i++) {
            tall = Math.max(tall, Math.sin(radians(i)));
        }
        return Length.nearestTo(across.count() * tall / reach());
    }

    /** Its corners, so wide, around a centre. */
    List<Point> around(Point centre, Length across) {
        double radius = across.count() / (2 * reach());
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            points.add(new Point(
                    centre.x().plus(Length.nearestTo(radius * Math.cos(radians(i)))),
                    centre.y().plus(Length.nearestTo(radius * Math.sin(radians(i))))));
        }
        return points;
    }
}
