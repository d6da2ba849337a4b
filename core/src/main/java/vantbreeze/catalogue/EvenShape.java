package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import vantbreeze.measure.Length;
import vantbreeze.structure.Point;

/** Shapes that are the same left and right and that shrink evenly: every rim around their middle is equally wide all round. */
enum EvenShape {
    CIRCLE(4, 0),
    SQUARE(4, Math.PI / 4),
    DIAMOND(4, 0),
    HEXAGON(6, 0),
    OCTAGON(8, Math.PI / 8);

    /** Of a flattened circle: far below what a blade follows. */
    private static final double CHORD_LEAVES_COUNTS = 0.02 * Length.COUNTS_PER_MILLIMETRE;

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
            reach = Math.max(reach, Math.cos(radians(i, corners)));
        }
        return reach;
    }

    private double radians(int corner, int of) {
        return firstRadians + 2 * Math.PI * corner / of;
    }

    /** A circle gets as many as its size needs, the same in each quarter. */
    private int corners(double radius) {
        double turn = 2 * Math.acos(1 - Math.min(1, CHORD_LEAVES_COUNTS / radius));
        return this == CIRCLE ? 4 * (int) Math.ceil(Math.PI / 2 / turn) : corners;
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
            tall = Math.max(tall, Math.sin(radians(i, corners)));
        }
        return Length.nearestTo(across.count() * tall / reach());
    }

    /** Its corners, so wide, around a centre. */
    List<Point> around(Point centre, Length across) {
        double radius = across.count() / (2 * reach());
        List<Point> points = new ArrayList<>();
        int count = corners(radius);
        for (int i = 0; i < count; i++) {
            points.add(new Point(
                    centre.x().plus(Length.nearestTo(radius * Math.cos(radians(i, count)))),
                    centre.y().plus(Length.nearestTo(radius * Math.sin(radians(i, count))))));
        }
        return points;
    }
}
