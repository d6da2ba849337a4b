package vantbreeze.structure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.algorithm.Intersection;
import org.locationtech.jts.algorithm.PointLocation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/**
 * The plane cut up by line segments: nodes where they meet, edges between nodes, and the faces that the edges enclose.
 * Cards have tens to hundreds of segments; at that size comparing those that overlap from left to right is far quicker than
 * building an index for them.
 *
 * @param edges every stretch between two nodes that parts two different faces, each once
 * @param faces the bounded regions, with holes where something lies free inside
 * @param loose stretches with the same face on both sides: they part nothing and are no edge
 * @param <T> what the lines are
 */
public record Subdivision<T>(List<Edge<T>> edges, List<Face> faces, List<Stretch<T>> loose) {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final int FEWEST_CORNERS = 3;

    /** A line to be laid into the plane. */
    public record Line<T>(Coordinate from, Coordinate to, T what) {}

    /** A part of one or more lines between two nodes. */
    public record Stretch<T>(Coordinate from, Coordinate to, List<T> lines) {
        public LineSegment segment() {
            return new LineSegment(from, to);
        }
    }

    /**
     * A stretch and what it parts.
     *
     * @param left the index of the face left of it, going from its start to its end; -1 for the outside
     * @param right the index of the face right of it; -1 for the outside
     */
    public record Edge<T>(Stretch<T> stretch, int left, int right) {}

    /**
     * A bounded region.
     *
     * @param beside a point a little inside its longest edge
     */
    public record Face(Polygon outline, Coordinate beside) {}

    /**
     * @param snap points closer than this become one node, and a line that passes a node closer than this goes through it
     * @param aside how far inside its longest edge a face's sample point lies
     */
    public static <T> Subdivision<T> of(List<Line<T>> lines, double snap, double aside) {
        Effort.spend(lines.size());
        List<Stretch<T>> kept = Noder.node(lines, snap);
        List<Stretch<T>> loose = new ArrayList<>();
        while (true) {
            Tracer<T> tracer = new Tracer<>(kept, aside);
            List<Stretch<T>> parting = tracer.parting();
            if (parting.size() == kept.size()) {
                return new Subdivision<>(tracer.edges(), tracer.faces, List.copyOf(loose));
            }
            kept.stream().filter(s -> !parting.contains(s)).forEach(loose::add);
            kept = parting;
        }
    }

    /** The square of the distance: it compares like the distance and is much quicker. */
    private static double square(Coordinate a, Coordinate b) {
        return (a.x - b.x) * (a.x - b.x) + (a.y - b.y) * (a.y - b.y);
    }

    /** Cuts lines at their meeting points. */
    private static final class Noder {

        private record Square(long column, long row) {}

        private record Ends(Coordinate low, Coordinate high) {
            static Ends of(Coordinate a, Coordinate b) {
                return a.compareTo(b) <= 0 ? new Ends(a, b) : new Ends(b, a);
            }
        }

        /** A line, or several that lie on each other, the box around it, and where it is cut, ends included. */
        private record Cuts(LineSegment segment, Envelope box, List<Coordinate> places) {
            Cuts(Coordinate from, Coordinate to) {
                this(new LineSegment(from, to), new Envelope(from, to), new ArrayList<>(List.of(from, to)));
            }

            double left() {
                return box.getMinX();
            }

            void sort() {
                if (places.size() > 2) {
                    places.sort((a, b) -> Double.compare(square(segment.p0, a), square(segment.p0, b)));
                }
            }
        }

        /** One node for all points closer than the snap distance, found by the square they lie in or beside. */
        private final Map<Square, Coordinate> nodes = new HashMap<>();

        /** The nodes of points that were asked for before: most corners come many times. */
        private final Map<Coordinate, Coordinate> known = new HashMap<>();

        private final double snap;

        private Noder(double snap) {
            this.snap = snap;
        }

        static <T> List<Stretch<T>> node(List<Line<T>> lines, double snap) {
            Noder noder = new Noder(snap);
            int n = lines.size();
            Cuts[] cuts = new Cuts[n];
            Map<Ends, Cuts> between = new LinkedHashMap<>();
            for (int i = 0; i < n; i++) {
                Coordinate from = noder.at(lines.get(i).from());
                Coordinate to = noder.at(lines.get(i).to());
                cuts[i] = between.computeIfAbsent(Ends.of(from, to), ends -> new Cuts(from, to));
            }
            noder.cut(between.values().toArray(new Cuts[0]));
            between.values().forEach(Cuts::sort);
            Map<Ends, Stretch<T>> stretches = new LinkedHashMap<>();
            for (int i = 0; i < n; i++) {
                List<Coordinate> along = cuts[i].places();
                for (int k = 1; k < along.size(); k++) {
                    Coordinate from = along.get(k - 1);
                    Coordinate to = along.get(k);
                    if (from != to) {
                        stretches
                                .computeIfAbsent(Ends.of(from, to), ends -> new Stretch<>(from, to, new ArrayList<>()))
                                .lines()
                                .add(lines.get(i).what());
                    }
                }
            }
            return new ArrayList<>(stretches.values());
        }

        /** Compares those that overlap from left to right. */
        private void cut(Cuts[] all) {
            Arrays.sort(all, (a, b) -> Double.compare(a.left(), b.left()));
            for (int i = 0; i < all.length; i++) {
                double reach = all[i].box().getMaxX() + snap;
                for (int j = i + 1; j < all.length && all[j].left() <= reach; j++) {
                    if (!apart(all[i].box(), all[j].box())) {
                        cut(all[i], all[j]);
                    }
                }
            }
        }

        private void cut(Cuts one, Cuts other) {
            LineSegment a = one.segment();
            LineSegment b = other.segment();
            boolean touches = touch(one, b.p0) | touch(one, b.p1) | touch(other, a.p0) | touch(other, a.p1);
            if (!touches && crosses(a, b)) {
                Coordinate node = at(Intersection.intersection(a.p0, a.p1, b.p0, b.p1));
                one.places().add(node);
                other.places().add(node);
            }
        }

        private boolean apart(Envelope a, Envelope b) {
            return a.getMaxY() + snap < b.getMinY()
                    || b.getMaxY() + snap < a.getMinY()
                    || a.getMaxX() + snap < b.getMinX()
                    || b.getMaxX() + snap < a.getMinX();
        }

        /** One node stands for all points that close together, so ends that meet are the same. */
        private boolean touch(Cuts line, Coordinate node) {
            if (node == line.segment().p0 || node == line.segment().p1) {
                return true;
            }
            Envelope box = line.box();
            boolean touches = node.x >= box.getMinX() - snap
                    && node.x <= box.getMaxX() + snap
                    && node.y >= box.getMinY() - snap
                    && node.y <= box.getMaxY() + snap
                    && line.segment().distance(node) <= snap;
            if (touches) {
                line.places().add(node);
            }
            return touches;
        }

        private static boolean crosses(LineSegment a, LineSegment b) {
            return a.orientationIndex(b.p0) * a.orientationIndex(b.p1) < 0
                    && b.orientationIndex(a.p0) * b.orientationIndex(a.p1) < 0;
        }

        private Coordinate at(Coordinate point) {
            return known.computeIfAbsent(point, this::near);
        }

        private Coordinate near(Coordinate point) {
            long column = (long) Math.floor(point.x / snap);
            long row = (long) Math.floor(point.y / snap);
            for (long c = column - 1; c <= column + 1; c++) {
                for (long r = row - 1; r <= row + 1; r++) {
                    Coordinate node = nodes.get(new Square(c, r));
                    if (node != null && square(node, point) <= snap * snap) {
                        return node;
                    }
                }
            }
            nodes.put(new Square(column, row), point);
            return point;
        }
    }

    /** Walks around the faces, keeping each to its left. */
    private static final class Tracer<T> {

        private final List<Stretch<T>> stretches;
        private final double aside;

        /** Half-edge 2i runs along stretch i, half-edge 2i + 1 back; each holds the next one around its left face. */
        private final int[] next;

        private final int[] faceOf;
        private final List<Face> faces = new ArrayList<>();

        Tracer(List<Stretch<T>> stretches, double aside) {
            this.stretches = stretches;
            this.aside = aside;
            this.next = new int[2 * stretches.size()];
            this.faceOf = new int[next.length];
            link();
            trace();
        }

        private Coordinate from(int half) {
            Stretch<T> s = stretches.get(half / 2);
            return half % 2 == 0 ? s.from() : s.to();
        }

        private static int back(int half) {
            return half ^ 1;
        }

        /** Coming in on a half-edge, the next around the face to its left is the first clockwise from where it came. */
        private void link() {
            Map<Coordinate, List<Integer>> leaving = new LinkedHashMap<>();
            double[] radians = new double[next.length];
            for (int half = 0; half < next.length; half++) {
                radians[half] = radians(half);
                leaving.computeIfAbsent(from(half), k -> new ArrayList<>()).add(half);
            }
            for (List<Integer> around : leaving.values()) {
                around.sort((a, b) -> Double.compare(radians[a], radians[b]));
                for (int k = 0; k < around.size(); k++) {
                    int clockwise = around.get((k + around.size() - 1) % around.size());
                    next[back(around.get(k))] = clockwise;
                }
            }
        }

        private double radians(int half) {
            Coordinate a = from(half);
            Coordinate b = from(back(half));
            return Math.atan2(b.y - a.y, b.x - a.x);
        }

        private void trace() {
            List<List<Integer>> rings = new ArrayList<>();
            List<List<Integer>> outsides = new ArrayList<>();
            boolean[] seen = new boolean[next.length];
            for (int start = 0; start < next.length; start++) {
                List<Integer> walk = new ArrayList<>();
                for (int half = start; !seen[half]; half = next[half]) {
                    seen[half] = true;
                    walk.add(half);
                }
                if (!walk.isEmpty()) {
                    (area(walk) > 0 ? rings : outsides).add(walk);
                }
            }
            List<LinearRing> shells = rings.stream().map(this::ring).toList();
            List<List<LinearRing>> holes = new ArrayList<>();
            for (int face = 0; face < rings.size(); face++) {
                mark(rings.get(face), face);
                holes.add(new ArrayList<>());
            }
            for (List<Integer> outside : outsides) {
                int around = smallestAround(outside, rings, shells);
                mark(outside, around);
                if (around >= 0 && outside.size() >= FEWEST_CORNERS) {
                    holes.get(around).add(ring(outside));
                }
            }
            for (int face = 0; face < rings.size(); face++) {
                Polygon outline =
                        GEOMETRY.createPolygon(shells.get(face), holes.get(face).toArray(new LinearRing[0]));
                faces.add(new Face(outline, beside(rings.get(face))));
            }
        }

        private void mark(List<Integer> walk, int face) {
            walk.forEach(half -> faceOf[half] = face);
        }

        private double area(List<Integer> walk) {
            Coordinate origin = from(walk.get(0));
            double twice = 0;
            for (int half : walk) {
                Coordinate a = from(half);
                Coordinate b = from(back(half));
                twice += (a.x - origin.x) * (b.y - origin.y) - (b.x - origin.x) * (a.y - origin.y);
            }
            return twice / 2;
        }

        private LinearRing ring(List<Integer> walk) {
            Coordinate[] corners = new Coordinate[walk.size() + 1];
            for (int i = 0; i < walk.size(); i++) {
                corners[i] = from(walk.get(i));
            }
            corners[walk.size()] = corners[0];
            return GEOMETRY.createLinearRing(corners);
        }

        /** @return the smallest face that this group of lines lies free in, or -1 if it lies in none */
        private int smallestAround(List<Integer> outside, List<List<Integer>> rings, List<LinearRing> shells) {
            Set<Coordinate> own = new HashSet<>();
            outside.forEach(half -> own.add(from(half)));
            int smallest = -1;
            for (int face = 0; face < rings.size(); face++) {
                boolean holds = rings.get(face).stream().noneMatch(half -> own.contains(from(half)))
                        && PointLocation.isInRing(
                                from(outside.get(0)), shells.get(face).getCoordinates());
                if (holds && (smallest < 0 || area(rings.get(face)) < area(rings.get(smallest)))) {
                    smallest = face;
                }
            }
            return smallest;
        }

        private Coordinate beside(List<Integer> walk) {
            int longest = walk.get(0);
            for (int half : walk) {
                if (square(from(half), from(back(half))) > square(from(longest), from(back(longest)))) {
                    longest = half;
                }
            }
            return new LineSegment(from(longest), from(back(longest))).pointAlongOffset(0.5, aside);
        }

        List<Stretch<T>> parting() {
            List<Stretch<T>> parting = new ArrayList<>();
            for (int i = 0; i < stretches.size(); i++) {
                if (faceOf[2 * i] != faceOf[2 * i + 1]) {
                    parting.add(stretches.get(i));
                }
            }
            return parting;
        }

        List<Edge<T>> edges() {
            List<Edge<T>> edges = new ArrayList<>();
            for (int i = 0; i < stretches.size(); i++) {
                edges.add(new Edge<>(stretches.get(i), faceOf[2 * i], faceOf[2 * i + 1]));
            }
            return List.copyOf(edges);
        }
    }
}
