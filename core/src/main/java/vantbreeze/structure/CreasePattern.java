package vantbreeze.structure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;

/**
 * A flat piece as vertices, edges and faces, as the public FOLD 1.1 format for crease patterns has it.
 *
 * @param vertices in counts of 1/640 mm
 * @param faces indices of the vertices around each, counterclockwise, in the order of the panels
 */
public record CreasePattern(List<Coordinate> vertices, List<Edge> edges, List<List<Integer>> faces) {

    /** What an edge is, by the format's letters. */
    public enum Kind {
        BORDER("B"),
        MOUNTAIN("M"),
        VALLEY("V"),
        CUT("C");

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
        List<List<Integer>> faces = Arrangement.facesInOrder(piece, plane).stream()
                .map(face -> around(index, face.outline().getExteriorRing().getCoordinates()))
                .toList();
        return new CreasePattern(List.copyOf(index.keySet()), List.copyOf(edges), faces);
    }

    private static int at(Map<Coordinate, Integer> index, Coordinate place) {
        index.putIfAbsent(place, index.size());
        return index.get(place);
    }

    private static List<Integer> around(Map<Coordinate, Integer> index, Coordinate[] ring) {
        return Arrays.stream(ring, 0, ring.length - 1)
                .map(place -> at(index, place))
                .toList();
    }

    private static Kind kind(Object line) {
        if (line instanceof ScoreLine score) {
            return score.fold() == Fold.MOUNTAIN ? Kind.MOUNTAIN : Kind.VALLEY;
        }
        return line instanceof Slit ? Kind.CUT : Kind.BORDER;
    }
}
