package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import vantbreeze.measure.Length;
import vantbreeze.structure.Curve;
import vantbreeze.structure.Point;
import vantbreeze.structure.Silhouette;

/**
 * A line as it is written down: from place to place straight on, round in an arc or along a cubic curve, "1,1 3,1 arc 4,2 3,3 curve
 * 2,4 1,3 0,4".
 *
 * @param stretches one after the other, at least 1
 */
public record Track(Point from, List<Stretch> stretches) {

    /** How it goes on from where it has come to. */
    public sealed interface Stretch {

        /** As it is written, the last of them its end. */
        List<Point> places();

        Stretch moved(UnaryOperator<Point> motion);

        Way way(Point from);

        default Point to() {
            return places().get(places().size() - 1);
        }
    }

    record Straight(Point to) implements Stretch {

        @Override
        public List<Point> places() {
            return List.of(to);
        }

        @Override
        public Stretch moved(UnaryOperator<Point> motion) {
            return new Straight(motion.apply(to));
        }

        @Override
        public Way way(Point from) {
            LineSegment leg = new LineSegment(from.coordinate(), to.coordinate());
            /* Upright and level stretches stay so, whatever meets them. */
            boolean isSquare = from.x().equals(to.x()) || from.y().equals(to.y());
            return new Way(1, leg::pointAlong, !isSquare);
        }
    }

    /** A stretch of the circle through three places. */
    record Arc(Point through, Point to) implements Stretch {

        private static final String WORD = "arc";

        @Override
        public List<Point> places() {
            return List.of(through, to);
        }

        @Override
        public Stretch moved(UnaryOperator<Point> motion) {
            return new Arc(motion.apply(through), motion.apply(to));
        }

        @Override
        public Way way(Point from) {
            LineSegment chord = new LineSegment(from.coordinate(), to.coordinate());
            Curve.Circle circle = Curve.Circle.through(from.coordinate(), through.coordinate(), to.coordinate());
            if (circle == null || chord.distancePerpendicular(through.coordinate()) < LEAST_BULGE) {
                throw new IllegalArgumentException(
                        "The three places of an arc must not lie on one line, and it must end elsewhere than it begins: (%s, %s), (%s, %s), (%s, %s)."
                                .formatted(from.x(), from.y(), through.x(), through.y(), to.x(), to.y()));
            }
            double turn = circle.turn(from.coordinate(), to.coordinate());
            /* So far it turns while it bulges by FLAT: r (1 - cos(step / 2)) = 2 r sin²(step / 4). */
            double step = Math.min(WIDEST, 4 * Math.asin(Math.min(1, Math.sqrt(FLAT / (2 * circle.radius())))));
            return new Way(parts(Math.abs(turn) / step), t -> circle.at(from.coordinate(), t * turn), true);
        }
    }

    /** A cubic curve of Bernstein and Bézier. */
    record Cubic(Point leaving, Point arriving, Point to) implements Stretch {

        private static final String WORD = "curve";

        @Override
        public List<Point> places() {
            return List.of(leaving, arriving, to);
        }

        @Override
        public Stretch moved(UnaryOperator<Point> motion) {
            return new Cubic(motion.apply(leaving), motion.apply(arriving), motion.apply(to));
        }

        @Override
        public Way way(Point from) {
            Curve.Cubic curve =
                    new Curve.Cubic(from.coordinate(), leaving.coordinate(), arriving.coordinate(), to.coordinate());
            return new Way(parts(curve.parts(FLAT)), curve::at, true);
        }
    }

    /**
     * @param parts with so many chords it is followed nearly enough
     * @param at its place at 0 to 1
     * @param bends whether it may be moved by a count to pass through a place that lies on it
     */
    record Way(int parts, Function<Double, Coordinate> at, boolean bends) {

        private Point place(double t) {
            Coordinate c = at.apply(t);
            return new Point(Length.nearestTo(c.x), Length.nearestTo(c.y));
        }

        /** Where it passes through these, as far as it does, but for its own ends. */
        private NavigableMap<Double, Point> passing(List<Point> places) {
            NavigableMap<Double, Point> passed = new TreeMap<>();
            LineSegment[] chords = IntStream.range(0, parts)
                    .mapToObj(i -> new LineSegment(at.apply((double) i / parts), at.apply((i + 1.0) / parts)))
                    .toArray(LineSegment[]::new);
            for (Point place : places) {
                Coordinate c = place.coordinate();
                int nearest = 0;
                for (int i = 1; i < parts; i++) {
                    nearest = chords[i].distance(c) < chords[nearest].distance(c) ? i : nearest;
                }
                boolean isEnd = chords[0].p0.distance(c) < 0.5 || chords[parts - 1].p1.distance(c) < 0.5;
                if (!isEnd && chords[nearest].distance(c) <= FLAT + ON_LINE) {
                    double t = nearest(c, nearest);
                    if (at.apply(t).distance(c) <= ON_LINE) {
                        passed.put(t, place);
                    }
                }
            }
            return passed;
        }

        /** By sections, along a chord and those beside it. */
        private double nearest(Coordinate place, int chord) {
            double low = Math.max(0, chord - 1.0) / parts;
            double high = Math.min(parts, chord + 2.0) / parts;
            for (int i = 0; i < SECTIONS; i++) {
                double third = (high - low) / 3;
                if (at.apply(low + third).distance(place)
                        < at.apply(high - third).distance(place)) {
                    high -= third;
                } else {
                    low += third;
                }
            }
            return (low + high) / 2;
        }
    }

    /** Half of what outlines are flattened to: a place of another line may come between two corners. */
    private static final double FLAT = Silhouette.TOLERANCE_COUNTS / 2;

    /** So that an arc is known again, however small. */
    private static final int FEWEST = 4;

    private static final double WIDEST = Math.PI / 9;

    /** In counts: rounding tells no flatter arc from a straight line. */
    private static final double LEAST_BULGE = 1;

    /** Nearer than this a place lies on a line: what rounding to whole counts moves the three by. */
    private static final double ON_LINE = 2;

    private static final int SECTIONS = 45;

    private static final int MOST_CORNERS = 1_500;

    /** A corner of a curve that is so near the place of another line, as a share of a chord, gives way to it. */
    private static final double GIVES_WAY = 0.3;

    public Track {
        stretches = List.copyOf(stretches);
        if (stretches.isEmpty()) {
            throw new IllegalArgumentException("A line needs two ends.");
        }
        requireFew(parts(from, stretches));
    }

    /** No more than is refused anyway, so that many of them add up. */
    private static int parts(double wanted) {
        return (int) Math.min(MOST_CORNERS + 1.0, Math.max(FEWEST, Math.ceil(wanted)));
    }

    /** So that a hostile curve costs no time. */
    static void requireFew(long corners) {
        if (corners > MOST_CORNERS) {
            throw new IllegalArgumentException(
                    "The arcs and curves are too long or too many: %d corners would follow them; at most %d."
                            .formatted(corners, MOST_CORNERS));
        }
    }

    /** From each place straight to the next. */
    public static Track through(List<Point> places) {
        if (places.isEmpty()) {
            throw new IllegalArgumentException("A line needs two ends.");
        }
        return new Track(
                places.get(0),
                places.stream().skip(1).<Stretch>map(Straight::new).toList());
    }

    /**
     * @param words places, "arc" before the two of an arc, "curve" before the three of a curve
     * @param place reads one of them
     * @throws IllegalArgumentException saying what is missing
     */
    static Track parse(List<String> words, Function<String, Point> place) {
        if (words.isEmpty()) {
            throw new IllegalArgumentException("A line needs two ends.");
        }
        List<Stretch> stretches = new ArrayList<>();
        int i = 1;
        while (i < words.size()) {
            String word = words.get(i);
            int more = word.equals(Arc.WORD) ? 2 : word.equals(Cubic.WORD) ? 3 : 0;
            if (i + more >= words.size()) {
                throw new IllegalArgumentException(
                        more == 2
                                ? "An arc needs two places: one that it goes through, and its end."
                                : "A curve needs three places: its two control points, and its end.");
            }
            List<Point> places = words.subList(more == 0 ? i : i + 1, i + more + 1).stream()
                    .map(place)
                    .toList();
            stretches.add(
                    switch (more) {
                        case 2 -> new Arc(places.get(0), places.get(1));
                        case 3 -> new Cubic(places.get(0), places.get(1), places.get(2));
                        default -> new Straight(places.get(0));
                    });
            i += more + 1;
        }
        return new Track(place.apply(words.get(0)), stretches);
    }

    /** As {@link #parse} reads it. */
    String text(Function<Point, String> place) {
        return Stream.concat(
                        Stream.of(place.apply(from)),
                        stretches.stream()
                                .flatMap(s -> Stream.concat(
                                        word(s), s.places().stream().map(place))))
                .collect(Collectors.joining(" "));
    }

    private static Stream<String> word(Stretch stretch) {
        return stretch instanceof Arc
                ? Stream.of(Arc.WORD)
                : stretch instanceof Cubic ? Stream.of(Cubic.WORD) : Stream.empty();
    }

    Point to() {
        return stretches.get(stretches.size() - 1).to();
    }

    boolean isStraightFromPlaceToPlace() {
        return stretches.stream().allMatch(s -> s instanceof Straight);
    }

    /** As they are written. */
    Stream<Point> places() {
        return Stream.concat(Stream.of(from), stretches.stream().flatMap(s -> s.places().stream()));
    }

    Track moved(UnaryOperator<Point> motion) {
        return new Track(
                motion.apply(from), stretches.stream().map(s -> s.moved(motion)).toList());
    }

    /** How many corners follow it. */
    int parts() {
        return parts(from, stretches);
    }

    private static int parts(Point from, List<Stretch> stretches) {
        int parts = 0;
        Point at = from;
        for (Stretch stretch : stretches) {
            parts += stretch.way(at).parts();
            at = stretch.to();
        }
        return parts;
    }

    /** Closed, straight back to where it began unless it ends there. */
    Track closed() {
        return to().equals(from)
                ? this
                : new Track(
                        from,
                        Stream.concat(stretches.stream(), Stream.of(new Straight(from)))
                                .toList());
    }

    /**
     * Its corners from end to end, curves flattened to 0.02 mm.
     *
     * @param ends of other lines: where one lies on this, it is a corner, so that rounded alike they still meet
     */
    List<Point> corners(List<Point> ends) {
        List<Point> corners = new ArrayList<>(List.of(from));
        Point at = from;
        for (Stretch stretch : stretches) {
            Way way = stretch.way(at);
            for (Point corner : between(way, ends)) {
                add(corners, corner);
            }
            at = stretch.to();
            if (way.parts() > 1) {
                add(corners, at);
            } else {
                corners.add(at);
            }
        }
        return List.copyOf(corners);
    }

    /** Corners of a tiny curve that rounding brings together are one; a maker's own places stay, to be told of. */
    private static void add(List<Point> corners, Point corner) {
        if (!corners.get(corners.size() - 1).equals(corner)) {
            corners.add(corner);
        }
    }

    private static Iterable<Point> between(Way way, List<Point> ends) {
        NavigableMap<Double, Point> between = new TreeMap<>();
        for (int i = 1; i < way.parts(); i++) {
            between.put((double) i / way.parts(), way.place((double) i / way.parts()));
        }
        if (way.bends()) {
            NavigableMap<Double, Point> met = way.passing(ends);
            double near = GIVES_WAY / way.parts();
            met.keySet().forEach(t -> between.subMap(t - near, t + near).clear());
            between.putAll(met);
        }
        return between.values();
    }
}
