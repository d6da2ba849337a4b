package vantbreeze.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/**
 * A flat piece as vertices, edges and faces, as the public FOLD 1.1 format for crease patterns has it.
 *
 * @param vertices in counts of 1/640 mm
 * @param faces indices of the vertices around each, counterclockwise, in the order of the panels; where a panel has an
 *     opening, in along a flat edge, around the opening and out again
 */
public record CreasePattern(List<Coordinate> vertices, List<Edge> edges, List<List<Integer>> faces) {

    /** What an edge is, by the format's letters. */
    public enum Kind {
        BORDER("B"),
        MOUNTAIN("M"),
        VALLEY("V"),
        CUT("C"),
        /** Joins an opening to the border: nothing is folded or cut there. */
        FLAT("F");

        private final String letter;

        Kind(String letter) {
            this.letter = letter;
        }

        public String letter() {
            return letter;
        }
    }

    /**
     * @param from index of a vertex
     * @param to index of a vertex
     * @param score the score it is part of; null for a border or a cut
     */
    public record Edge(int from, int to, Kind kind, String score) {}

    public static CreasePattern of(Piece piece) {
        Subdivision<Object> plane = Arrangement.plane(piece);
        Map<Coordinate, Integer> index = new LinkedHashMap<>();
        List<Edge> edges = new ArrayList<>();
        List<Subdivision.Stretch<Object>> stretches = new ArrayList<>();
        plane.edges().forEach(e -> stretches.add(e.stretch()));
        stretches.addAll(plane.loose());
        for (Subdivision.Stretch<Object> stretch : stretches) {
            Object line = stretch.lines().get(0);
            edges.add(new Edge(
                    at(index, stretch.from()),
                    at(index, stretch.to()),
                    kind(line),
                    line instanceof ScoreLine score ? score.id() : null));
        }
        List<List<Integer>> faces = new ArrayList<>();
        for (Subdivision.Face face : Arrangement.facesInOrder(piece, plane)) {
            List<Coordinate> around = open(face.outline().getExteriorRing());
            for (int i = 0; i < face.outline().getNumInteriorRing(); i++) {
                LineSegment bridge = bridge(face.outline(), i, around);
                edges.add(new Edge(at(index, bridge.p0), at(index, bridge.p1), Kind.FLAT, null));
                around = joined(around, open(face.outline().getInteriorRingN(i)), bridge);
            }
            faces.add(around.stream().map(place -> at(index, place)).toList());
        }
        return new CreasePattern(List.copyOf(index.keySet()), List.copyOf(edges), faces);
    }

    private static int at(Map<Coordinate, Integer> index, Coordinate place) {
        index.putIfAbsent(place, index.size());
        return index.get(place);
    }

    private static List<Coordinate> open(LinearRing ring) {
        return List.of(ring.getCoordinates()).subList(0, ring.getNumPoints() - 1);
    }

    /** The shortest way from what is around the face so far to a corner of an opening, all of it on paper. */
    private static LineSegment bridge(Polygon face, int hole, List<Coordinate> around) {
        return around.stream()
                .flatMap(from -> open(face.getInteriorRingN(hole)).stream().map(to -> new LineSegment(from, to)))
                .sorted(Comparator.comparingDouble(LineSegment::getLength))
                .filter(s -> face.covers(s.toGeometry(face.getFactory())))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("An opening cannot be reached from its panel's border."));
    }

    private static List<Coordinate> joined(List<Coordinate> around, List<Coordinate> opening, LineSegment bridge) {
        List<Coordinate> all = new ArrayList<>(around.subList(0, around.indexOf(bridge.p0) + 1));
        int begins = opening.indexOf(bridge.p1);
        for (int i = 0; i <= opening.size(); i++) {
            all.add(opening.get((begins + i) % opening.size()));
        }
        all.addAll(around.subList(around.indexOf(bridge.p0), around.size()));
        return all;
    }

    private static Kind kind(Object line) {
        if (line instanceof ScoreLine score) {
            return score.fold() == Fold.MOUNTAIN ? Kind.MOUNTAIN : Kind.VALLEY;
        }
        return line instanceof Slit ? Kind.CUT : Kind.BORDER;
    }
}
