package vantbreeze.fold;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/**
 * Half the way around a closed card, level and upright, where it is worst. A paper tube around a card cannot stretch, so it
 * is as long as the convex hull of the card's cross-section: for an even stack half of that is width plus thickness, with a
 * bulge away from the edge it is less (plane geometry). All thickness is taken to lie on one side, which is never too little.
 *
 * @param size the box around the card
 */
public record Girth(Size size, Section across, Section up) {

    /**
     * One cross-section.
     *
     * @param half half the way around it
     * @param at how far up it is (of a level one) or how far from the left (of an upright one), from the box's corner
     */
    public record Section(Length half, Length at) {}

    /** Sections are looked at so far beside the corners between which the outline runs straight. */
    private static final double BESIDE_COUNTS = 0.5;

    /** Rounding of sums of square roots is far less, what can be measured far more. */
    private static final double NOTHING_COUNTS = 1e-3;

    /** Of an even stack. */
    public static Girth ofSlab(Size size, Length thickness) {
        return new Girth(
                size,
                new Section(size.width().plus(thickness), middle(size.height())),
                new Section(size.height().plus(thickness), middle(size.width())));
    }

    private static Length middle(Length whole) {
        return whole.dividedBy(2).each();
    }

    public static Girth of(StackMap bulk) {
        Envelope box = new Envelope();
        bulk.spots().forEach(s -> box.expandToInclude(s.outline().getEnvelopeInternal()));
        List<Shape> lying = bulk.spots().stream().map(s -> Shape.of(s, false)).toList();
        List<Shape> turned = bulk.spots().stream().map(s -> Shape.of(s, true)).toList();
        return new Girth(
                new Size(Length.nearestTo(box.getWidth()), Length.nearestTo(box.getHeight())),
                worst(lying, box.getMinY()),
                worst(turned, box.getMinX()));
    }

    public Girth turned() {
        return new Girth(size.turned(), up, across);
    }

    /** How thick an even stack of that width would be to be as far around. */
    public Length thicknessAcross() {
        return across.half().minus(size.width());
    }

    /** An edge of a spot that is not level, its lower end first; x along the section, y across it. */
    private record Slant(double fromX, double fromY, double toX, double toY) {

        double xAt(double y) {
            return fromX + (toX - fromX) * (y - fromY) / (toY - fromY);
        }
    }

    /** A spot ready to be cut at any height. */
    private record Shape(List<Slant> slants, double low, double high, double thickness) {

        static Shape of(StackMap.Spot spot, boolean upright) {
            List<Slant> slants = new ArrayList<>();
            Polygon outline = spot.outline();
            addRing(slants, outline.getExteriorRing(), upright);
            double low = slants.stream().mapToDouble(Slant::fromY).min().orElse(0);
            double high = slants.stream().mapToDouble(Slant::toY).max().orElse(0);
            return new Shape(slants, low, high, spot.thickness().count());
        }

        private static void addRing(List<Slant> slants, LinearRing ring, boolean upright) {
            Coordinate[] c = ring.getCoordinates();
            for (int i = 1; i < c.length; i++) {
                double x0 = upright ? c[i - 1].y : c[i - 1].x;
                double y0 = upright ? c[i - 1].x : c[i - 1].y;
                double x1 = upright ? c[i].y : c[i].x;
                double y1 = upright ? c[i].x : c[i].y;
                if (y0 < y1) {
                    slants.add(new Slant(x0, y0, x1, y1));
                } else if (y1 < y0) {
                    slants.add(new Slant(x1, y1, x0, y0));
                }
            }
        }

        /** Adds where the section at that height enters and leaves it, the thickness as y. */
        void cut(double y, List<Coordinate> profile) {
            double left = Double.POSITIVE_INFINITY;
            double right = Double.NEGATIVE_INFINITY;
            for (Slant s : slants) {
                if (s.fromY() <= y && y <= s.toY()) {
                    double x = s.xAt(y);
                    left = Math.min(left, x);
                    right = Math.max(right, x);
                }
            }
            if (left < right) {
                profile.add(new Coordinate(left, thickness));
                profile.add(new Coordinate(right, thickness));
            }
        }
    }

    /**
     * Between two heights at which outlines have corners everything moves evenly, and how far it is around what moves evenly
     * is greatest at one end or the other (a hull's perimeter is a convex function of its points).
     */
    private static Section worst(List<Shape> shapes, double origin) {
        TreeSet<Double> heights = new TreeSet<>();
        shapes.forEach(s -> s.slants().forEach(l -> {
            heights.add(l.fromY());
            heights.add(l.toY());
        }));
        double[] at = heights.stream().mapToDouble(h -> h).toArray();
        double longest = 0;
        double where = origin;
        List<Coordinate> before = List.of();
        for (int i = 1; i < at.length; i++) {
            double beside = Math.min(BESIDE_COUNTS, (at[i] - at[i - 1]) / 4);
            double middle = (at[i - 1] + at[i]) / 2;
            for (double y : new double[] {middle, at[i - 1] + beside, at[i] - beside}) {
                List<Coordinate> profile = profile(shapes, y);
                if (!profile.equals(before)) {
                    before = profile;
                    double half = halfHull(profile);
                    if (half > longest + NOTHING_COUNTS) {
                        longest = half;
                        where = y;
                    }
                }
            }
        }
        return new Section(
                Length.ofCounts((long) Math.ceil(longest - BESIDE_COUNTS)), Length.nearestTo(where - origin));
    }

    private static List<Coordinate> profile(List<Shape> shapes, double y) {
        List<Coordinate> profile = new ArrayList<>();
        for (Shape shape : shapes) {
            if (shape.low() < y && y < shape.high()) {
                shape.cut(y, profile);
            }
        }
        return profile;
    }

    /** Half the perimeter of the hull of a heap that stands on a level line: its upper chain and that line. */
    static double halfHull(List<Coordinate> heap) {
        List<Coordinate> points = new ArrayList<>(heap);
        double left = points.stream().mapToDouble(c -> c.x).min().orElse(0);
        double right = points.stream().mapToDouble(c -> c.x).max().orElse(0);
        points.sort(Comparator.comparingDouble((Coordinate c) -> c.x).thenComparingDouble(c -> c.y));
        points.add(0, new Coordinate(left, 0));
        points.add(new Coordinate(right, 0));
        List<Coordinate> chain = new ArrayList<>();
        for (Coordinate next : points) {
            while (chain.size() > 1 && !turnsRight(chain.get(chain.size() - 2), chain.get(chain.size() - 1), next)) {
                chain.remove(chain.size() - 1);
            }
            chain.add(next);
        }
        double around = right - left;
        for (int i = 1; i < chain.size(); i++) {
            around += chain.get(i - 1).distance(chain.get(i));
        }
        return around / 2;
    }

    private static boolean turnsRight(Coordinate a, Coordinate b, Coordinate c) {
        return (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x) < 0;
    }
}
