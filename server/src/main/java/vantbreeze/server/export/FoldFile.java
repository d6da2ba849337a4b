package vantbreeze.server.export;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.measure.Length;
import vantbreeze.plan.Plan;
import vantbreeze.structure.CreasePattern;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/**
 * The crease patterns of a plan in the public FOLD 1.1 format: the first piece is the file's own frame, the others follow
 * in {@code file_frames}, and after them the whole card as it lies closed. Coordinates in mm; fold angles in degrees, on the closed
 * card, positive for valleys and negative for mountains; none for a score that lies flat then, so that it keeps its letter.
 */
final class FoldFile {

    private static final double VERSION = 1.1;

    private FoldFile() {}

    static Map<String, Object> of(String title, Plan plan) {
        Map<String, Object> file = new LinkedHashMap<>();
        file.put("file_spec", VERSION);
        file.put("file_creator", "Vantbreeze");
        file.put("file_title", title);
        file.put("file_classes", List.of(plan.structure().pieces().size() == 1 ? "singleModel" : "multiModel"));
        List<Map<String, Object>> frames = new ArrayList<>();
        for (Piece piece : plan.structure().pieces()) {
            frames.add(frame(piece, plan.structure().closed()));
        }
        file.putAll(frames.remove(0));
        if (plan.closed() != null) {
            frames.add(closed(plan.structure()));
        }
        if (!frames.isEmpty()) {
            file.put("file_frames", frames);
        }
        return file;
    }

    private static Map<String, Object> frame(Piece piece, Stage closed) {
        CreasePattern pattern = CreasePattern.of(piece);
        Map<String, Object> frame = new LinkedHashMap<>();
        frame.put("frame_title", piece.name());
        frame.put("frame_classes", List.of("creasePattern"));
        frame.put("frame_attributes", List.of("2D"));
        frame.put("frame_unit", "mm");
        frame.put(
                "vertices_coords",
                pattern.vertices().stream()
                        .map(v -> List.of(v.x / Length.COUNTS_PER_MILLIMETRE, v.y / Length.COUNTS_PER_MILLIMETRE))
                        .toList());
        frame.put(
                "edges_vertices",
                pattern.edges().stream().map(e -> List.of(e.from(), e.to())).toList());
        frame.put(
                "edges_assignment",
                pattern.edges().stream().map(e -> e.kind().letter()).toList());
        frame.put(
                "edges_foldAngle",
                pattern.edges().stream().map(e -> angle(e, closed)).toList());
        frame.put("faces_vertices", pattern.faces());
        return frame;
    }

    /** @return null where a score is not folded the way of its letter: the format wants both to agree (FOLD 1.1) */
    private static Double angle(CreasePattern.Edge edge, Stage closed) {
        if (edge.score() == null) {
            return 0.0;
        }
        double degrees = closed.degrees(edge.score());
        boolean agrees = edge.kind().letter().equals("V") ? degrees > 0 : degrees < 0;
        return agrees ? degrees : null;
    }

    /** Every panel with corners of its own: where slits part them, one corner of the flat piece lies at two places. */
    private static Map<String, Object> closed(Structure structure) {
        List<List<Double>> vertices = new ArrayList<>();
        List<List<Integer>> faces = new ArrayList<>();
        List<String> names = new ArrayList<>();
        for (FlatStage.Placed placed : FlatFolder.closed(structure).panels()) {
            Coordinate[] ring = placed.outline().getExteriorRing().getCoordinates();
            List<Integer> face = new ArrayList<>();
            for (int i = 0; i < ring.length - 1; i++) {
                face.add(vertices.size());
                vertices.add(
                        List.of(ring[i].x / Length.COUNTS_PER_MILLIMETRE, ring[i].y / Length.COUNTS_PER_MILLIMETRE));
            }
            faces.add(face);
            names.add(placed.panel().name());
        }
        Map<String, Object> frame = new LinkedHashMap<>();
        frame.put("frame_title", "closed");
        frame.put("frame_classes", List.of("foldedForm"));
        frame.put("frame_attributes", List.of("2D"));
        frame.put("frame_unit", "mm");
        frame.put("vertices_coords", vertices);
        frame.put("faces_vertices", faces);
        frame.put("vantbreeze:faces_panel", names);
        return frame;
    }
}
