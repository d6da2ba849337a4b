package vantbreeze.server.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import vantbreeze.server.web.FieldsRefused;
import vantbreeze.server.web.Text;

/**
 * The flat pattern of a FOLD 1.1 file: its lines, as they are drawn. The first frame that has vertices is taken.
 *
 * @param unit how many mm its numbers are; empty where the file does not say
 * @param leftOut what of the file is not taken, or otherwise than it says, in sentences
 */
record FlatPattern(List<Line> lines, Optional<Double> unit, List<String> leftOut) {

    private static final int ALL_THE_WAY = 180;

    /** So that a hostile file costs no time. */
    private static final int MOST = 4000;

    /**
     * @param from in the file's numbers, as [x, y]
     * @param liesOpen a score that is not folded on the closed card
     */
    record Line(int index, Kind kind, double[] from, double[] to, boolean liesOpen) {}

    /** What the letter of an edge says. */
    enum Kind {
        BORDER,
        MOUNTAIN,
        VALLEY,
        CUT,
        /** Flat, joined or unassigned: nothing is done there. */
        NOTHING;

        boolean isScore() {
            return this == MOUNTAIN || this == VALLEY;
        }
    }

    /** @throws FieldsRefused naming the place in the file that cannot be read */
    static FlatPattern read(JsonNode file) {
        JsonNode frame = file;
        for (JsonNode other : file.path("file_frames")) {
            frame = frame.has("vertices_coords") ? frame : other;
        }
        if (!(frame.path("vertices_coords").isArray())) {
            throw refused("vertices_coords", frame.path("vertices_coords"), "points", "The file has no vertices.");
        }
        for (JsonNode said : frame.path("frame_classes")) {
            if (said.asString("").equals("foldedForm")) {
                throw refused(
                        "frame_classes", said, "creasePattern", "This is a folded form; the flat pattern is wanted.");
            }
        }
        List<double[]> points = points(frame.path("vertices_coords"));
        List<Line> lines = lines(frame, points);
        return new FlatPattern(
                lines, unit(frame.path("frame_unit"), file.path("frame_unit")), leftOut(file, frame, lines));
    }

    private static List<String> leftOut(JsonNode file, JsonNode taken, List<Line> lines) {
        List<String> leftOut = new ArrayList<>();
        List<String> others = new ArrayList<>();
        for (JsonNode other : file.path("file_frames")) {
            if (other != taken && other.has("edges_vertices")) {
                others.add(other.path("frame_title").asString("a piece without a name"));
            }
        }
        if (!others.isEmpty()) {
            leftOut.add("Only the first piece of the file is taken, not %s."
                    .formatted(Text.upTo(200, String.join(", ", others))));
        }
        long undone = lines.stream().filter(l -> l.kind() == Kind.NOTHING).count();
        if (undone > 0) {
            leftOut.add("Lines at which nothing is folded or cut (F, U or J) are left out: %d.".formatted(undone));
        }
        return leftOut;
    }

    private static List<double[]> points(JsonNode coordinates) {
        if (coordinates.size() > MOST) {
            throw refused("vertices_coords", coordinates.path("size"), "at most " + MOST, "It has too many vertices.");
        }
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < coordinates.size(); i++) {
            JsonNode at = coordinates.get(i);
            boolean isPoint =
                    at.size() >= 2 && at.get(0).isNumber() && at.get(1).isNumber();
            boolean isFlat = at.size() < 3 || at.get(2).isNumber() && at.get(2).asDouble() == 0;
            if (!isPoint || !isFlat) {
                throw refused(
                        "vertices_coords[%d]".formatted(i), at, "[x, y]", "A flat pattern's vertex is two numbers.");
            }
            points.add(new double[] {at.get(0).asDouble(), at.get(1).asDouble()});
        }
        return points;
    }

    private static List<Line> lines(JsonNode frame, List<double[]> points) {
        JsonNode edges = frame.path("edges_vertices");
        JsonNode letters = frame.path("edges_assignment");
        if (!edges.isArray() || edges.isEmpty() || edges.size() > MOST) {
            throw refused("edges_vertices", edges.path("size"), "1 to " + MOST + " edges", "It has no such edges.");
        }
        JsonNode angles = frame.path("edges_foldAngle");
        boolean saysAngles = angles.valueStream().anyMatch(a -> a.isString() || a.asDouble(0) != 0);
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < edges.size(); i++) {
            JsonNode ends = edges.get(i);
            String field = "edges_vertices[%d]".formatted(i);
            if (ends.size() != 2 || !isVertex(ends.get(0), points) || !isVertex(ends.get(1), points)) {
                throw refused(field, ends, "two vertices", "The edge must join two of the vertices.");
            }
            Kind kind = kind(letters.path(i), i);
            lines.add(new Line(
                    i,
                    kind,
                    points.get(ends.get(0).asInt()),
                    points.get(ends.get(1).asInt()),
                    saysAngles && kind.isScore() && !isFolded(angles.path(i), kind, i)));
        }
        return List.copyOf(lines);
    }

    /** A card's score is folded all the way or lies flat: what the file means otherwise is no card that closes. */
    private static boolean isFolded(JsonNode angle, Kind kind, int edge) {
        if (angle.isMissingNode() || angle.isNull() || angle.isNumber() && angle.asDouble() == 0) {
            return false;
        }
        String what = kind.name().toLowerCase(Locale.ROOT);
        int whole = kind == Kind.VALLEY ? ALL_THE_WAY : -ALL_THE_WAY;
        if (!angle.isNumber() || angle.asDouble() != whole) {
            throw refused(
                    "edges_foldAngle[%d]".formatted(edge),
                    angle,
                    "%d for a %s, 0 or null".formatted(whole, what),
                    "The fold angle (%s) of this %s must be %d, or 0 or null where it lies flat on the closed card."
                            .formatted(Text.upTo(40, angle.toString()), what, whole));
        }
        return true;
    }

    private static boolean isVertex(JsonNode node, List<double[]> points) {
        return node.isInt() && node.asInt() >= 0 && node.asInt() < points.size();
    }

    private static Kind kind(JsonNode letter, int edge) {
        return switch (letter.asString("")) {
            case "B" -> Kind.BORDER;
            case "M" -> Kind.MOUNTAIN;
            case "V" -> Kind.VALLEY;
            case "C" -> Kind.CUT;
            case "F", "U", "J" -> Kind.NOTHING;
            default ->
                throw refused(
                        "edges_assignment[%d]".formatted(edge),
                        letter,
                        "B, M, V, F, U, C or J",
                        "The edge has no kind.");
        };
    }

    /** The units of FOLD 1.1 that are lengths. */
    private static Optional<Double> unit(JsonNode own, JsonNode ofFile) {
        return switch ((own.isMissingNode() ? ofFile : own).asString("unit")) {
            case "mm" -> Optional.of(1.0);
            case "cm" -> Optional.of(10.0);
            case "m" -> Optional.of(1000.0);
            case "in" -> Optional.of(25.4);
            case "pt" -> Optional.of(25.4 / 72);
            case "um" -> Optional.of(1e-3);
            case "nm" -> Optional.of(1e-6);
            default -> Optional.empty();
        };
    }

    static FieldsRefused refused(String place, JsonNode value, String allowed, String text) {
        return new FieldsRefused(
                "fold." + place, Text.upTo(60, value.isMissingNode() ? "" : value.toString()), allowed, text);
    }
}
