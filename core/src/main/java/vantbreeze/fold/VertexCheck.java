package vantbreeze.fold;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;
import vantbreeze.structure.Vertex;

/** Flat-foldability of the places where only scores meet. */
final class VertexCheck {

    /** Points are whole counts, so over 1 in a ray's direction is known to 0.003 degrees; folding shows no such error. */
    private static final double ANGLE_DEGREES = 0.01;

    private VertexCheck() {}

    /** @return every fault of the vertices folded at that stage, in the order of the vertices */
    static List<FoldFault> faults(Structure structure, Stage stage) {
        List<FoldFault> faults = new ArrayList<>();
        for (Vertex vertex : structure.vertices()) {
            List<Vertex.Ray> folded = vertex.rays().stream()
                    .filter(r -> stage.degrees(r.score().id()) != 0)
                    .toList();
            if (folded.isEmpty()) {
                continue;
            }
            List<String> places =
                    folded.stream().map(r -> r.score().id()).distinct().toList();
            double defect = kawasakiDefect(folded.stream()
                    .mapToDouble(r -> Math.toDegrees(r.radians()))
                    .toArray());
            if (Math.abs(defect) > ANGLE_DEGREES) {
                faults.add(new FoldFault.AnglesDoNotClose(places, defect));
            }
            int mountains = (int) folded.stream()
                    .filter(r -> stage.degrees(r.score().id()) < 0)
                    .count();
            int valleys = folded.size() - mountains;
            if (Math.abs(mountains - valleys) != 2) {
                faults.add(new FoldFault.SignsDoNotMatch(places, mountains, valleys));
            }
        }
        return faults;
    }

    /**
     * Kawasaki defect in degrees: how far every other angle around the vertex misses 180 in sum; 0 closes flat. (An odd
     * number of rays never folds flat; Maekawa's theorem refuses it.) Theorem of Kawasaki, as in T. C. Hull, "On the mathematics of flat origamis",
     * Congressus Numerantium 100 (1994).
     *
     * @param degrees ray directions, ascending
     */
    static double kawasakiDefect(double[] degrees) {
        double alternate = 0;
        for (int i = 0; i < degrees.length; i += 2) {
            double next = i + 1 < degrees.length ? degrees[i + 1] : degrees[0] + 360;
            alternate += next - degrees[i];
        }
        return alternate - 180;
    }
}
