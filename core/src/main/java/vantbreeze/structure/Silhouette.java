package vantbreeze.structure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.material.DataTable;
import vantbreeze.measure.Excerpt;
import vantbreeze.measure.Length;

/**
 * An outline in a box of 1 by 1, y up: of our own drawing, or of the maker's.
 *
 * @param isMirrored whether it equals its mirror image about the upright axis
 * @param segments around it, each beginning where the one before ends
 */
public record Silhouette(String name, boolean isMirrored, List<Segment> segments) {

    /** A straight line, or a cubic curve with two control points. */
    public record Segment(Coordinate from, List<Coordinate> controls, Coordinate to) {

        boolean isStraight() {
            return controls.isEmpty();
        }

        private Segment mirrored() {
            List<Coordinate> back =
                    new ArrayList<>(controls.stream().map(Segment::mirrored).toList());
            Collections.reverse(back);
            return new Segment(mirrored(to), List.copyOf(back), mirrored(from));
        }

        private static Coordinate mirrored(Coordinate c) {
            return new Coordinate(1 - c.x, c.y);
        }

        private Curve.Cubic cubic() {
            return new Curve.Cubic(from, controls.get(0), controls.get(1), to);
        }

        /** How many straight lines follow it so large. */
        private int parts(double width, double height) {
            return isStraight() ? 1 : cubic().scaled(width, height).parts(TOLERANCE_COUNTS);
        }
    }

    /** A curve is cut as straight lines that miss it by less than a blade's width. */
    public static final double TOLERANCE_COUNTS = 0.02 * Length.COUNTS_PER_MILLIMETRE;

    /** A narrower neck tears. Common practice, no published source. */
    public static final Length NECK = Length.inches(1, 4);

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final List<Silhouette> ALL = DataTable.read(Silhouette.class, "silhouettes.csv", 3).stream()
            .map(Silhouette::read)
            .toList();

    /** Found once: it takes some cutting. */
    private static final List<String> WHOLE_FLAPS = ALL.stream()
            .filter(Silhouette::findsWholeFlaps)
            .map(Silhouette::name)
            .toList();

    /** What one is called that is not in the library. */
    static final String DRAWN = "drawn outline";

    private static final String CORNERS = "drawn ";

    /**
     * @param text the name of one in the library, or "drawn" and the corners, such as "drawn 0,0 4,0 2,3": their box is the card
     * @throws IllegalArgumentException if it is neither, or no outline
     */
    public static Silhouette parse(String text) {
        String said = text.strip();
        if (said.startsWith(CORNERS)) {
            return Drawn.read(said.substring(CORNERS.length()));
        }
        return named(said)
                .orElseThrow(() ->
                        new IllegalArgumentException("There is no outline called (%s).".formatted(Excerpt.of(said))));
    }

    /** As {@link #parse} reads it. */
    @Override
    public String toString() {
        return isDrawn() ? CORNERS + Drawn.text(this) : name;
    }

    private boolean isDrawn() {
        return name.equals(DRAWN);
    }

    public static List<Silhouette> all() {
        return ALL;
    }

    /** @return the silhouette of that name, if there is one */
    public static Optional<Silhouette> named(String name) {
        return ALL.stream().filter(s -> s.name.equals(name)).findFirst();
    }

    private static Silhouette read(List<String> row) {
        List<Segment> segments = new ArrayList<>();
        Coordinate at = null;
        String[] words = row.get(2).split("\\s+");
        for (int i = 0; i < words.length; ) {
            int pairs = words[i].equals("C") ? 3 : 1;
            List<Coordinate> points = new ArrayList<>();
            for (int k = 0; k < pairs; k++) {
                points.add(new Coordinate(
                        Double.parseDouble(words[i + 1 + 2 * k]), Double.parseDouble(words[i + 2 + 2 * k])));
            }
            Coordinate to = points.get(pairs - 1);
            if (at != null) {
                segments.add(new Segment(at, List.copyOf(points.subList(0, pairs - 1)), to));
            }
            at = to;
            i += 1 + 2 * pairs;
        }
        boolean mirrored = row.get(1).equals("mirrored");
        if (mirrored) {
            List<Segment> left =
                    new ArrayList<>(segments.stream().map(Segment::mirrored).toList());
            Collections.reverse(left);
            segments.addAll(left);
        } else {
            segments.add(new Segment(at, List.of(), segments.get(0).from()));
        }
        return new Silhouette(row.get(0), mirrored, List.copyOf(segments));
    }

    /** @return in counts, its box from 0 0 to the width, or a count less where that is odd, and height; corners are whole counts */
    public Polygon scaled(Length width, Length height) {
        List<Coordinate> ring = new ArrayList<>();
        for (Segment s : segments) {
            add(ring, scaled(s.from(), width, height));
            int parts = s.parts(width.count(), height.count());
            for (int i = 1; i < parts; i++) {
                add(ring, scaled(s.cubic().at((double) i / parts), width, height));
            }
        }
        ring.add(ring.get(0).copy());
        return GEOMETRY.createPolygon(ring.toArray(new Coordinate[0]));
    }

    private static void add(List<Coordinate> ring, Coordinate c) {
        if (ring.isEmpty() || !ring.get(ring.size() - 1).equals2D(c)) {
            ring.add(c);
        }
    }

    /** Rounded from the axis outwards, so that what is mirrored stays so. */
    private static Coordinate scaled(Coordinate c, Length width, Length height) {
        long half = width.count() / 2;
        double aside = Math.rint(2 * half * Math.abs(c.x - 0.5));
        return new Coordinate(half + Math.signum(c.x - 0.5) * aside, Math.rint(c.y * height.count()));
    }

    /**
     * Where it touches both upright sides of its box, from the foot up.
     *
     * @return share of the height up to which it does; 0 where it does not begin at the foot
     */
    public double touch() {
        return Math.min(touch(0), touch(1));
    }

    private double touch(double side) {
        return segments.stream()
                .filter(s -> s.isStraight() && s.from().x == side && s.to().x == side)
                .filter(s -> Math.min(s.from().y, s.to().y) == 0)
                .mapToDouble(s -> Math.max(s.from().y, s.to().y))
                .max()
                .orElse(0);
    }

    /** @return whether it can be scored anywhere in the outer halves of either side and folds there in one flap each */
    public boolean hasWholeFlaps() {
        return isDrawn() ? findsWholeFlaps() : WHOLE_FLAPS.contains(name);
    }

    private boolean findsWholeFlaps() {
        return isMirrored && IntStream.range(0, 10).allMatch(i -> isWholeBeyond(0.5 + 0.049 * i));
    }

    /** @return whether what lies beyond an upright line, so far from the axis, hangs on it in one stretch; 0 to 1 */
    public boolean isWholeBeyond(double share) {
        Polygon large = scaled(Length.inches(10), Length.inches(10));
        double half = Length.inches(5).count();
        double line = half * (1 + share);
        Geometry beyond = large.intersection(GEOMETRY.toGeometry(new Envelope(line, 2 * half, 0, 2 * half)));
        Geometry chord = large.intersection(GEOMETRY.createLineString(
                new Coordinate[] {new Coordinate(line, -1), new Coordinate(line, 2 * half + 1)}));
        return beyond instanceof Polygon && chord.getNumGeometries() == 1 && chord.getDimension() == 1;
    }

    /** @return whether it has more than a point to stand on */
    public boolean isLevelAtFoot() {
        return new TreeSet<>(segments.stream()
                                .filter(s -> s.from().y == 0)
                                .map(s -> s.from().x)
                                .toList())
                        .size()
                > 1;
    }

    /** @return whether cutting it leaves a neck narrower than {@link #NECK} */
    public static boolean hasNeck(Polygon outline) {
        Geometry core = outline.buffer(-NECK.count() / 2.0);
        return core.isEmpty() || core.getNumGeometries() > 1;
    }

    /** Names of all that have what a fold needs. */
    public static List<String> names(Predicate<Silhouette> suits) {
        return ALL.stream().filter(suits).map(Silhouette::name).toList();
    }
}
