package vantbreeze.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;

/**
 * The planar arrangement of a piece's outline, scores and slits: its panels, the hinges between them and the vertices
 * inside. Works for parallel, slit and diagonal patterns alike.
 */
record Arrangement(List<Panel> panels, List<Hinge> hinges, List<Vertex> vertices) {

    /**
     * Makers' points are whole counts, so one meant to lie on an oblique line may be 0.71 counts beside it; two different
     * points are at least 1 count (1.6 micrometres) apart and never merge.
     */
    private static final double SNAP_COUNTS = 0.75;

    /** Far below a count, so that it lies inside every panel that can be folded. */
    private static final double ASIDE_COUNTS = 1e-2;

    /** @throws StructureException naming the line that makes the pattern impossible, and why */
    static Arrangement of(Piece piece) {
        return Strip.of(piece).map(Arrangement::strip).orElseGet(() -> general(piece));
    }

    /** What {@link #general} finds for a strip, without looking for it. */
    private static Arrangement strip(Strip strip) {
        Piece piece = strip.piece();
        List<Panel> panels = new ArrayList<>();
        for (Polygon outline : strip.outlines()) {
            panels.add(panel(piece, outline, panels.size() + 1));
        }
        requireNamesInside(piece, panels);
        List<Hinge> hinges = piece.scores().stream()
                .map(score -> {
                    int right = strip.panelAfter(score);
                    boolean upwards = score.from().y().isLessThan(score.to().y());
                    return new Hinge(
                            score,
                            panels.get(upwards ? right - 1 : right),
                            panels.get(upwards ? right : right - 1),
                            new LineSegment(
                                    score.from().coordinate(), score.to().coordinate()));
                })
                .toList();
        return new Arrangement(List.copyOf(panels), hinges, List.of());
    }

    static Arrangement general(Piece piece) {
        Polygon outline = piece.polygon();
        if (!outline.isRectangle() && !outline.isValid()) {
            throw new StructureException(piece.name(), "The outline of %s crosses itself.".formatted(piece.name()));
        }
        if (piece.scores().isEmpty() && piece.slits().isEmpty()) {
            List<Panel> whole = List.of(panel(piece, outline, 1));
            requireNamesInside(piece, whole);
            return new Arrangement(whole, List.of(), List.of());
        }
        Subdivision<Object> plane = plane(piece);
        List<Subdivision.Stretch<Object>> stretches = new ArrayList<>(plane.loose());
        plane.edges().forEach(e -> stretches.add(e.stretch()));
        stretches.forEach(s -> requireOneLine(s.lines()));
        stretches.forEach(s -> requireInside(outline, s));
        plane.loose().forEach(Arrangement::requireSlit);
        List<Panel> panels = new ArrayList<>();
        Map<Integer, Panel> panelOfFace = new HashMap<>();
        for (Subdivision.Face face : facesInOrder(piece, plane)) {
            Panel panel = panel(piece, face.outline(), panels.size() + 1);
            panels.add(panel);
            panelOfFace.put(plane.faces().indexOf(face), panel);
        }
        requireNamesInside(piece, panels);
        return new Arrangement(List.copyOf(panels), hinges(piece, plane, panelOfFace), vertices(stretches));
    }

    static Subdivision<Object> plane(Piece piece) {
        return Subdivision.of(lines(piece, piece.polygon()), SNAP_COUNTS, ASIDE_COUNTS);
    }

    /** What is left of the piece, in reading order. */
    static List<Subdivision.Face> facesInOrder(Piece piece, Subdivision<Object> plane) {
        Polygon outline = piece.polygon();
        return readingOrder(plane.faces()).stream()
                .map(plane.faces()::get)
                .filter(face -> !isCutOut(outline, face))
                .toList();
    }

    /** The outline's lines are the piece itself. */
    private static List<Subdivision.Line<Object>> lines(Piece piece, Polygon outline) {
        List<Subdivision.Line<Object>> lines = new ArrayList<>();
        addRing(lines, piece, outline.getExteriorRing());
        for (int i = 0; i < outline.getNumInteriorRing(); i++) {
            addRing(lines, piece, outline.getInteriorRingN(i));
        }
        piece.scores().forEach(s -> addLegs(lines, s, s.path()));
        piece.slits().forEach(s -> addLegs(lines, s, s.path()));
        return lines;
    }

    private static void addLegs(List<Subdivision.Line<Object>> lines, Object what, Path path) {
        path.legs().forEach(leg -> lines.add(new Subdivision.Line<>(leg.p0, leg.p1, what)));
    }

    private static void addRing(List<Subdivision.Line<Object>> lines, Piece piece, LinearRing ring) {
        Coordinate[] corners = ring.getCoordinates();
        for (int i = 1; i < corners.length; i++) {
            lines.add(new Subdivision.Line<>(corners[i - 1], corners[i], piece));
        }
    }

    private static void requireOneLine(List<Object> lines) {
        if (lines.size() > 1) {
            Object later = lines.get(lines.size() - 1);
            throw new StructureException(
                    nameOf(later), "%s lies on %s.".formatted(capital(nameOf(later)), nameOf(lines.get(0))));
        }
    }

    private static void requireInside(Polygon outline, Subdivision.Stretch<Object> stretch) {
        Object line = stretch.lines().get(0);
        if (line instanceof Piece) {
            return;
        }
        Coordinate middle = stretch.segment().midPoint();
        boolean inBox = outline.getEnvelopeInternal().contains(middle);
        if (!(inBox && outline.isRectangle())
                && !outline.isWithinDistance(outline.getFactory().createPoint(middle), SNAP_COUNTS)) {
            throw new StructureException(nameOf(line), "%s runs outside its piece.".formatted(capital(nameOf(line))));
        }
    }

    private static void requireSlit(Subdivision.Stretch<Object> loose) {
        if (loose.lines().get(0) instanceof ScoreLine score) {
            throw new StructureException(
                    score.id(),
                    "%s ends inside a panel; a score must run from edge to edge, to a slit or to another score."
                            .formatted(capital(score.id())));
        }
    }

    private static boolean isCutOut(Polygon outline, Subdivision.Face face) {
        return outline.getNumInteriorRing() > 0 && !contains(outline, face.beside());
    }

    /** Left to right, then bottom to top: the order a maker reads a flat sheet in. */
    private static List<Integer> readingOrder(List<Subdivision.Face> faces) {
        List<Envelope> boxes =
                faces.stream().map(f -> f.outline().getEnvelopeInternal()).toList();
        return IntStream.range(0, faces.size())
                .boxed()
                .sorted(Comparator.<Integer>comparingDouble(i -> boxes.get(i).getMinX())
                        .thenComparingDouble(i -> boxes.get(i).getMinY())
                        .thenComparingDouble(i -> boxes.get(i).getMaxX())
                        .thenComparingDouble(i -> boxes.get(i).getMaxY())
                        .thenComparingDouble(
                                i -> faces.get(i).outline().getCentroid().getX()))
                .toList();
    }

    private static Panel panel(Piece piece, Polygon face, int number) {
        String name = piece.names().stream()
                .filter(n -> contains(face, n.inside().coordinate()))
                .map(Piece.PanelName::name)
                .findFirst()
                .orElse("panel " + number);
        return new Panel(name, piece.name(), piece.isClear(), Corners.withoutStraight(face));
    }

    private static boolean contains(Polygon face, Coordinate at) {
        return SimplePointInAreaLocator.locate(at, face) == Location.INTERIOR;
    }

    private static void requireNamesInside(Piece piece, List<Panel> panels) {
        for (Piece.PanelName name : piece.names()) {
            if (panels.stream().filter(p -> p.name().equals(name.name())).count() != 1) {
                throw new StructureException(
                        name.name(), "The name (%s) must mark the inside of exactly one panel.".formatted(name.name()));
            }
        }
    }

    private static List<Hinge> hinges(Piece piece, Subdivision<Object> plane, Map<Integer, Panel> panelOfFace) {
        List<Hinge> hinges = new ArrayList<>();
        for (ScoreLine score : piece.scores()) {
            Path path = score.path();
            List<Subdivision.Edge<Object>> along = plane.edges().stream()
                    .filter(e -> e.stretch().lines().get(0) == score)
                    .sorted(Comparator.comparingDouble(
                            e -> path.along(e.stretch().segment().midPoint())))
                    .toList();
            Hinge open = null;
            for (Subdivision.Edge<Object> edge : along) {
                Coordinate from = edge.stretch().from();
                Coordinate to = edge.stretch().to();
                boolean nearFirst = path.along(from) <= path.along(to);
                Panel first = panelOfFace.get(nearFirst ? edge.left() : edge.right());
                Panel second = panelOfFace.get(nearFirst ? edge.right() : edge.left());
                Coordinate near = nearFirst ? from : to;
                Coordinate far = nearFirst ? to : from;
                boolean runsOn = open != null && open.line().p1.equals2D(near) && !path.bendsAt(near);
                if (runsOn && open.joins(first, second)) {
                    open = new Hinge(score, open.first(), open.second(), new LineSegment(open.line().p0, far));
                    hinges.set(hinges.size() - 1, open);
                } else {
                    open = new Hinge(score, first, second, new LineSegment(near, far));
                    hinges.add(open);
                }
            }
        }
        return List.copyOf(hinges);
    }

    private static List<Vertex> vertices(List<Subdivision.Stretch<Object>> stretches) {
        Map<Coordinate, List<Subdivision.Stretch<Object>>> around = new LinkedHashMap<>();
        for (Subdivision.Stretch<Object> stretch : stretches) {
            around.computeIfAbsent(stretch.from(), k -> new ArrayList<>()).add(stretch);
            around.computeIfAbsent(stretch.to(), k -> new ArrayList<>()).add(stretch);
        }
        List<Vertex> vertices = new ArrayList<>();
        around.forEach((at, incident) -> {
            if (incident.stream().allMatch(s -> s.lines().get(0) instanceof ScoreLine)) {
                List<Vertex.Ray> rays = incident.stream()
                        .map(s -> {
                            Coordinate other = s.from().equals2D(at) ? s.to() : s.from();
                            return new Vertex.Ray(
                                    (ScoreLine) s.lines().get(0), Math.atan2(other.y - at.y, other.x - at.x));
                        })
                        .sorted(Comparator.comparingDouble(Vertex.Ray::radians))
                        .toList();
                vertices.add(new Vertex(at, rays));
            }
        });
        return List.copyOf(vertices);
    }

    private static String nameOf(Object line) {
        if (line instanceof ScoreLine score) {
            return score.id();
        }
        return line instanceof Slit slit ? slit.id() : "the outline";
    }

    private static String capital(String name) {
        return Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }
}
