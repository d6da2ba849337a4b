package vantbreeze.fold;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.intervalrtree.SortedPackedIntervalRTree;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Effort;
import vantbreeze.structure.Regions;

/**
 * Half the way around a closed card, level and upright, where it is worst. A paper tube around a card cannot stretch, so it
 * is as long as the convex hull of the card's cross-section: for an even stack half of that is width plus thickness, with a
 * bulge away from the edge it is less (plane geometry). All thickness is taken to lie on one side, which is never too little.
 * Nothing goes into less than its box: where no single section spans a card (a heart, ornaments that stick out at different
 * heights) its whole width or height counts.
 *
 * @param size the box around the card
 */
public record Girth(Size size, Section across, Section up) {

    /**
     * One cross-section.
     *
     * @param half half the way around it
     * @param at how far up it is (of a level one) or how far from the left (of an upright one), from the box's corner; empty where
     *     no section is as wide as the whole card, whose width then counts
     */
    public record Section(Length half, Optional<Length> at) {

        private Section orBox(Length side) {
            return half.isLessThan(side) ? new Section(side, Optional.empty()) : this;
        }
    }

    /** Sections are looked at so far beside the corners between which the outline runs straight. */
    private static final double BESIDE_COUNTS = 0.5;

    /** Rounding of sums of square roots is far less, what can be measured far more. */
    private static final double NOTHING_COUNTS = 1e-3;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** Of an even stack. */
    public static Girth ofSlab(Size size, Length thickness) {
        return new Girth(
                size,
                new Section(size.width().plus(thickness), Optional.of(middle(size.height()))),
                new Section(size.height().plus(thickness), Optional.of(middle(size.width()))));
    }

    private static Length middle(Length whole) {
        return whole.dividedBy(2).each();
    }

    public static Girth of(StackMap bulk) {
        Envelope box = new Envelope();
        bulk.spots().forEach(s -> box.expandToInclude(s.outline().getEnvelopeInternal()));
        List<Shape> lying = bulk.spots().stream().map(s -> Shape.of(s, false)).toList();
        List<Shape> turned = bulk.spots().stream().map(s -> Shape.of(s, true)).toList();
        Size size = new Size(Length.nearestTo(box.getWidth()), Length.nearestTo(box.getHeight()));
        return new Girth(
                size,
                worst(lying, box.getMinY()).orBox(size.width()),
                worst(turned, box.getMinX()).orBox(size.height()));
    }

    /**
     * A stiff band, straight across the card: it lies on all that is between its edges at once.
     *
     * @param box what lies between its edges, in the card's coordinates
     * @param half half the way around it
     * @param thickest of all that it lies on
     * @param thinnestEdge of its left and its right edge the thinner one
     */
    public record Band(Envelope box, Length half, Length thickest, Length thinnestEdge) {

        /** Whether one edge is so thin, as where strips stick out, that there is no spine to go around. */
        public boolean tapers() {
            return thinnestEdge.times(2).isLessThan(thickest);
        }

        public Length width() {
            return Length.nearestTo(box.getWidth());
        }

        /** How thick an even stack of that width would be to be as far around. */
        public Length thickness() {
            return half.minus(width());
        }
    }

    /**
     * Around all that lies between two heights.
     *
     * @param low in counts, in the map's coordinates, as high
     */
    public static Band around(StackMap bulk, double low, double high) {
        List<Coordinate> profile = new ArrayList<>();
        Envelope box = new Envelope();
        Length thickest = Length.ZERO;
        for (StackMap.Spot spot : bulk.spots()) {
            Envelope whole = spot.outline().getEnvelopeInternal();
            Geometry between = whole.getMinY() >= low && whole.getMaxY() <= high
                    ? spot.outline()
                    : Regions.intersection(spot.outline(), strip(whole, low, high));
            if (between.isEmpty()) {
                continue;
            }
            Envelope part = between.getEnvelopeInternal();
            box.expandToInclude(part);
            thickest = Length.max(thickest, spot.thickness());
            profile.add(new Coordinate(part.getMinX(), spot.thickness().count()));
            profile.add(new Coordinate(part.getMaxX(), spot.thickness().count()));
        }
        return new Band(
                box,
                Length.ofCounts((long) Math.ceil(halfHull(profile) - NOTHING_COUNTS)),
                thickest,
                Length.min(thickestAt(profile, box.getMinX()), thickestAt(profile, box.getMaxX())));
    }

    private static Length thickestAt(List<Coordinate> profile, double x) {
        return Length.nearestTo(profile.stream()
                .filter(c -> Math.abs(c.x - x) < BESIDE_COUNTS)
                .mapToDouble(c -> c.y)
                .max()
                .orElse(0));
    }

    private static Polygon strip(Envelope wide, double low, double high) {
        return (Polygon) GEOMETRY.toGeometry(new Envelope(wide.getMinX(), wide.getMaxX(), low, high));
    }

    public Girth turned() {
        return new Girth(size.turned(), up, across);
    }

    /** An edge of a spot that is not level, its lower end first; x along the section, y across it. */
    private record Slant(double fromX, double fromY, double toX, double toY) {

        double xAt(double y) {
            return fromX + (toX - fromX) * (y - fromY) / (toY - fromY);
        }
    }

    /** A spot ready to be cut at any height. */
    private record Shape(List<Slant> slants, double low, double high, double left, double right, double thickness) {

        static Shape of(StackMap.Spot spot, boolean upright) {
            List<Slant> slants = new ArrayList<>();
            Polygon outline = spot.outline();
            addRing(slants, outline.getExteriorRing(), upright);
            double low = slants.stream().mapToDouble(Slant::fromY).min().orElse(0);
            double high = slants.stream().mapToDouble(Slant::toY).max().orElse(0);
            Envelope box = outline.getEnvelopeInternal();
            return new Shape(
                    slants,
                    low,
                    high,
                    upright ? box.getMinY() : box.getMinX(),
                    upright ? box.getMaxY() : box.getMaxX(),
                    spot.thickness().count());
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

    /** What lies between two heights at which outlines have corners, and more than it can be around there. */
    private record Slab(double low, double high, double bound) {}

    /**
     * Between two heights at which outlines have corners everything moves evenly, and how far it is around what moves evenly
     * is greatest at one end or the other (a hull's perimeter is a convex function of its points). Half the hull is at most
     * half the box around it, so most need not be looked at.
     */
    private static Section worst(List<Shape> shapes, double origin) {
        SortedPackedIntervalRTree byHeight = new SortedPackedIntervalRTree();
        shapes.stream().filter(s -> s.low() < s.high()).forEach(s -> byHeight.insert(s.low(), s.high(), s));
        double longest = 0;
        double where = origin;
        double lowest = Double.POSITIVE_INFINITY;
        for (Slab slab : slabs(shapes)) {
            Effort.spend(1);
            if (slab.bound() < longest - NOTHING_COUNTS) {
                break;
            }
            double beside = Math.min(BESIDE_COUNTS, (slab.high() - slab.low()) / 4);
            double middle = (slab.low() + slab.high()) / 2;
            for (double y : new double[] {middle, slab.low() + beside, slab.high() - beside}) {
                double half = halfHull(profile(byHeight, y));
                boolean asLongLower = half > longest - NOTHING_COUNTS && slab.high() <= lowest;
                if (half > longest + NOTHING_COUNTS || asLongLower) {
                    longest = Math.max(longest, half);
                    where = y;
                    lowest = slab.low();
                }
            }
        }
        return new Section(
                Length.ofCounts((long) Math.ceil(longest - BESIDE_COUNTS)),
                Optional.of(Length.nearestTo(where - origin)));
    }

    /** Those that may be farthest around come first. */
    private static List<Slab> slabs(List<Shape> shapes) {
        TreeSet<Double> heights = new TreeSet<>();
        shapes.forEach(s -> s.slants().forEach(l -> {
            heights.add(l.fromY());
            heights.add(l.toY());
        }));
        double[] at = heights.stream().mapToDouble(h -> h).toArray();
        double[] left = new double[at.length];
        double[] right = new double[at.length];
        double[] thickest = new double[at.length];
        Arrays.fill(left, Double.POSITIVE_INFINITY);
        Arrays.fill(right, Double.NEGATIVE_INFINITY);
        for (Shape shape : shapes) {
            for (int i = Arrays.binarySearch(at, shape.low()); i >= 0 && i < at.length && at[i] < shape.high(); i++) {
                left[i] = Math.min(left[i], shape.left());
                right[i] = Math.max(right[i], shape.right());
                thickest[i] = Math.max(thickest[i], shape.thickness());
            }
        }
        List<Slab> slabs = new ArrayList<>();
        for (int i = 1; i < at.length; i++) {
            slabs.add(new Slab(at[i - 1], at[i], right[i - 1] - left[i - 1] + thickest[i - 1]));
        }
        slabs.sort(Comparator.comparingDouble(Slab::bound).reversed().thenComparingDouble(Slab::low));
        return slabs;
    }

    private static List<Coordinate> profile(SortedPackedIntervalRTree shapes, double y) {
        List<Coordinate> profile = new ArrayList<>();
        shapes.query(y, y, shape -> ((Shape) shape).cut(y, profile));
        Effort.spend(profile.size());
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
