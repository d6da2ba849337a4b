package vantbreeze.server.pattern;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.Area;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.catalogue.LinePattern;
import vantbreeze.catalogue.Track;
import vantbreeze.measure.Length;
import vantbreeze.server.web.FieldsRefused;
import vantbreeze.structure.Point;

/**
 * A flat pattern as a sheet that is written down: the outermost border is its outline, the others and closed cuts are windows. Edges
 * that one line runs through are one line again: straight on, or in a bend through a vertex of four scores, where the two
 * that lie across from each other turn alike if they fold one way.
 */
final class SheetOfPattern {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** Nearer than this two places are one: what drawing programs round away. */
    private static final double NEAR_COUNTS = 0.02 * Length.COUNTS_PER_MILLIMETRE;

    /** Off the straight line by no more than rounding to whole counts. */
    private static final double STRAIGHT_COUNTS = 0.72;

    private static final double FARTHEST = 4000.0 * Length.COUNTS_PER_MILLIMETRE;
    private static final double STRAIGHT_ON_RADIANS = 1e-3;
    private static final int CROSSING = 4;

    private static final Map<FlatPattern.Kind, LinePattern.Kind> KINDS = new EnumMap<>(Map.of(
            FlatPattern.Kind.MOUNTAIN, LinePattern.Kind.MOUNTAIN,
            FlatPattern.Kind.VALLEY, LinePattern.Kind.VALLEY,
            FlatPattern.Kind.CUT, LinePattern.Kind.SLIT));

    /**
     * @param index of the edge in the file
     * @param liesOpen a score that is not folded on the closed card
     */
    private record Edge(int index, FlatPattern.Kind kind, boolean liesOpen, Point from, Point to) {

        boolean isLike(Edge other) {
            return kind == other.kind && liesOpen == other.liesOpen;
        }

        Point across(Point end) {
            return end.equals(from) ? to : from;
        }

        double radians(Point end) {
            Point other = across(end);
            return Math.atan2(
                    other.y().minus(end.y()).count(), other.x().minus(end.x()).count());
        }
    }

    private final Map<Coordinate, Point> places = new LinkedHashMap<>();
    private final List<Edge> edges = new ArrayList<>();

    /** The edges at each place, anticlockwise. */
    private final Map<Point, List<Edge>> around = new LinkedHashMap<>();

    private final Set<Edge> walked = new HashSet<>();

    private SheetOfPattern(FlatPattern pattern, double mm) {
        for (FlatPattern.Line line : pattern.lines()) {
            Point from = place(line.from(), mm);
            Point to = place(line.to(), mm);
            if (line.kind() != FlatPattern.Kind.NOTHING && !from.equals(to)) {
                Edge edge = new Edge(line.index(), line.kind(), line.liesOpen(), from, to);
                edges.add(edge);
                around.computeIfAbsent(from, k -> new ArrayList<>()).add(edge);
                around.computeIfAbsent(to, k -> new ArrayList<>()).add(edge);
            }
        }
        around.forEach((at, there) -> there.sort(Comparator.comparingDouble(e -> e.radians(at))));
    }

    /**
     * @param mm of one of the pattern's numbers
     * @throws FieldsRefused naming the edge at which the border does not close, or what there is too much of
     */
    static LinePattern of(FlatPattern pattern, double mm) {
        return new SheetOfPattern(pattern, mm).read();
    }

    private Point place(double[] numbers, double mm) {
        Coordinate at = new Coordinate(
                numbers[0] * mm * Length.COUNTS_PER_MILLIMETRE, numbers[1] * mm * Length.COUNTS_PER_MILLIMETRE);
        if (Math.abs(at.x) > FARTHEST || Math.abs(at.y) > FARTHEST) {
            throw new FieldsRefused(
                    "fold.vertices_coords",
                    "%s, %s".formatted(numbers[0], numbers[1]),
                    "places within 4 metres",
                    "A place lies %.0f mm from the origin: is the unit right?"
                            .formatted(Math.max(Math.abs(at.x), Math.abs(at.y)) / Length.COUNTS_PER_MILLIMETRE));
        }
        return places.entrySet().stream()
                .filter(known -> known.getKey().distance(at) <= NEAR_COUNTS)
                .map(Map.Entry::getValue)
                .findFirst()
                .orElseGet(() -> {
                    Point place = new Point(Length.nearestTo(at.x), Length.nearestTo(at.y));
                    places.put(at, place);
                    return place;
                });
    }

    private LinePattern read() {
        List<List<Point>> rings = new ArrayList<>();
        List<LinePattern.Line> lines = new ArrayList<>();
        for (Edge edge : edges) {
            if (edge.kind() == FlatPattern.Kind.BORDER && !walked.contains(edge)) {
                rings.add(ring(edge));
            }
        }
        /* From free ends first: what is left then runs round. */
        for (boolean free : new boolean[] {true, false}) {
            for (Edge edge : edges) {
                boolean begins = next(edge, edge.from()).isEmpty()
                        || next(edge, edge.to()).isEmpty();
                if (!walked.contains(edge) && begins == free) {
                    List<Point> way = way(edge, next(edge, edge.from()).isEmpty() ? edge.from() : edge.to());
                    boolean isOpening =
                            edge.kind() == FlatPattern.Kind.CUT && way.get(0).equals(way.get(way.size() - 1));
                    if (isOpening) {
                        rings.add(withoutStraight(way.subList(0, way.size() - 1), true));
                    } else {
                        lines.add(new LinePattern.Line(
                                KINDS.get(edge.kind()), Track.through(withoutStraight(way, false)), edge.liesOpen()));
                    }
                }
            }
        }
        rings.sort(Comparator.comparingDouble(SheetOfPattern::area).reversed());
        if (rings.isEmpty()) {
            throw new FieldsRefused("fold.edges_assignment", "", "B", "The pattern has no border (B).");
        }
        requireOneSheet(rings);
        if (lines.stream().allMatch(l -> l.kind() == LinePattern.Kind.SLIT)) {
            throw new FieldsRefused("fold.edges_assignment", "", "M or V", "Nothing is scored in this pattern.");
        }
        lines.sort(Comparator.comparing(LinePattern.Line::kind)
                .thenComparing(l -> l.track().from().x())
                .thenComparing(l -> l.track().from().y()));
        try {
            return LinePattern.atOrigin(
                    Track.through(rings.get(0)),
                    rings.subList(1, rings.size()).stream().map(Track::through).toList(),
                    lines);
        } catch (IllegalArgumentException tooMuch) {
            throw new FieldsRefused("fold", "", "a flat pattern", tooMuch.getMessage());
        }
    }

    /** @param rings the largest first: the others are windows in it */
    private static void requireOneSheet(List<List<Point>> rings) {
        for (List<Point> ring : rings) {
            if (!polygon(ring).isValid()) {
                throw new FieldsRefused(
                        "fold.edges_vertices",
                        "",
                        "borders that do not cross themselves",
                        "A border or an opening of the pattern crosses or touches itself.");
            }
        }
        Polygon sheet = polygon(rings.get(0));
        long beside =
                rings.stream().skip(1).filter(r -> !sheet.covers(polygon(r))).count();
        if (beside > 0) {
            throw new FieldsRefused(
                    "fold.edges_assignment",
                    "B",
                    "one sheet",
                    "There are %d sheets in the pattern, beside or across each other: put each into a file of its own."
                            .formatted(beside + 1));
        }
    }

    private static Polygon polygon(List<Point> ring) {
        return GEOMETRY.createPolygon(closed(ring));
    }

    private static Coordinate[] closed(List<Point> ring) {
        return Stream.concat(ring.stream(), ring.stream().limit(1))
                .map(Point::coordinate)
                .toArray(Coordinate[]::new);
    }

    private static double area(List<Point> ring) {
        return Area.ofRing(closed(ring));
    }

    private List<Point> ring(Edge first) {
        List<Point> ring = new ArrayList<>();
        Edge edge = first;
        Point at = first.from();
        while (walked.add(edge)) {
            ring.add(at);
            at = edge.across(at);
            Edge here = edge;
            List<Edge> others = around.get(at).stream()
                    .filter(e -> e.kind() == FlatPattern.Kind.BORDER && e != here)
                    .toList();
            if (others.size() != 1) {
                throw refused(
                        edge, "The border must run round in rings; it does not go on in one way after this edge.");
            }
            edge = others.get(0);
        }
        return withoutStraight(ring, true);
    }

    /** Along one line from its end; round to the beginning if it has none. */
    private List<Point> way(Edge first, Point end) {
        List<Point> way = new ArrayList<>(List.of(end));
        Optional<Edge> edge = Optional.of(first);
        Point at = end;
        while (edge.isPresent() && walked.add(edge.get())) {
            at = edge.get().across(at);
            way.add(at);
            edge = next(edge.get(), at);
        }
        return way;
    }

    /** How the edge's line goes on beyond a place. */
    private Optional<Edge> next(Edge edge, Point at) {
        List<Edge> here = around.get(at);
        if (edge.kind() == FlatPattern.Kind.CUT) {
            List<Edge> cuts = here.stream()
                    .filter(e -> e.kind() == FlatPattern.Kind.CUT && e != edge)
                    .toList();
            return cuts.size() == 1 ? Optional.of(cuts.get(0)) : Optional.empty();
        }
        if (here.size() == 2 || here.size() == CROSSING) {
            Edge across = here.get((here.indexOf(edge) + here.size() / 2) % here.size());
            return across.isLike(edge) ? Optional.of(across) : Optional.empty();
        }
        return here.stream()
                .filter(e -> e.isLike(edge) && isStraightOn(e, edge, at))
                .findFirst();
    }

    private static boolean isStraightOn(Edge one, Edge other, Point at) {
        double turn = Math.abs(one.radians(at) - other.radians(at));
        return Math.abs(turn - Math.PI) < STRAIGHT_ON_RADIANS;
    }

    private static List<Point> withoutStraight(List<Point> points, boolean closed) {
        List<Point> kept = new ArrayList<>(points);
        int i = closed ? 0 : 1;
        while (kept.size() > (closed ? 3 : 2) && i < kept.size() - (closed ? 0 : 1)) {
            Point before = kept.get((i + kept.size() - 1) % kept.size());
            Point after = kept.get((i + 1) % kept.size());
            double off = new LineSegment(before.coordinate(), after.coordinate())
                    .distance(kept.get(i).coordinate());
            if (off <= STRAIGHT_COUNTS) {
                kept.remove(i);
            } else {
                i++;
            }
        }
        return kept;
    }

    private static FieldsRefused refused(Edge edge, String text) {
        return new FieldsRefused(
                "fold.edges_vertices[%d]".formatted(edge.index()),
                edge.kind().name().toLowerCase(Locale.ROOT),
                "lines of a flat pattern",
                text);
    }
}
