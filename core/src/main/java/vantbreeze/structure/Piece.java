package vantbreeze.structure;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/**
 * One flat piece of card, face side up.
 *
 * @param isClear whether it is cut from film, whatever the card's sheet is: what lies behind it is seen through it
 * @param corners in order around the outline, first not repeated, at least 3
 * @param holes what is cut out inside, each like the outline
 * @param names a name for the panel around each given place; panels without one are numbered
 * @param scoredAcross whether makers score it from edge to edge in one go and let the stretches that stay flat be
 * @param sliver what is trimmed off its right end once it is scored; it is cut so much wider
 */
public record Piece(
        String name,
        boolean isClear,
        List<Point> corners,
        List<List<Point>> holes,
        List<ScoreLine> scores,
        List<Slit> slits,
        List<PanelName> names,
        boolean scoredAcross,
        Length sliver) {

    static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** @param inside any place inside the panel that bears the name */
    public record PanelName(String name, Point inside) {}

    public Piece {
        corners = List.copyOf(corners);
        holes = List.copyOf(holes);
        scores = List.copyOf(scores);
        slits = List.copyOf(slits);
        names = List.copyOf(names);
        if (corners.size() < 3) {
            throw new StructureException(
                    name, "The outline needs at least 3 corners, not %d.".formatted(corners.size()));
        }
        Set<String> ids = new HashSet<>();
        scores.forEach(s -> requireNew(ids, s.id()));
        slits.forEach(s -> requireNew(ids, s.id()));
    }

    private static void requireNew(Set<String> ids, String id) {
        if (!ids.add(id)) {
            throw new StructureException(
                    id, "Two lines are called (%s); every score and slit needs its own name.".formatted(id));
        }
    }

    /** As it is cut and scored, before its sliver is trimmed. */
    public Piece untrimmed() {
        if (!sliver.isPositive()) {
            return this;
        }
        Length right = lowerLeft().x().plus(size().width());
        List<Point> wider = corners.stream()
                .map(c -> c.x().equals(right) ? new Point(right.plus(sliver), c.y()) : c)
                .toList();
        return new Piece(name, isClear, wider, holes, scores, slits, names, scoredAcross, Length.ZERO);
    }

    /** A strip whose panels follow each other from left to right, all {@code height} high. */
    public static StripBuilder strip(String name, Length height) {
        return new StripBuilder(name, height);
    }

    /** Any outline, scored and slit anywhere. */
    public static PieceBuilder outline(String name, Point... corners) {
        return new PieceBuilder(name, List.of(corners));
    }

    /**
     * The same with an opening.
     *
     * @param around its corners
     * @param inside a place in the panel beside the opening: names given within the opening move there
     */
    public Piece cutOut(List<Point> around, Point inside) {
        Polygon opening = GEOMETRY.createPolygon(ring(around));
        List<List<Point>> more = new ArrayList<>(holes);
        more.add(around);
        List<PanelName> moved = names.stream()
                .map(n -> opening.covers(GEOMETRY.createPoint(n.inside().coordinate()))
                        ? new PanelName(n.name(), inside)
                        : n)
                .toList();
        return new Piece(name, isClear, corners, more, scores, slits, moved, scoredAcross, sliver);
    }

    /** What a polygon encloses, in counts of 1/640 mm, its holes cut out. */
    public static PieceBuilder outline(String name, Polygon polygon) {
        PieceBuilder piece = new PieceBuilder(name, corners(polygon.getExteriorRing()));
        for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
            piece.hole(corners(polygon.getInteriorRingN(i)));
        }
        return piece;
    }

    /** Corners that rounding brings together are one. */
    private static List<Point> corners(LinearRing ring) {
        List<Point> corners = new ArrayList<>();
        for (Coordinate c : ring.getCoordinates()) {
            Point corner = new Point(Length.nearestTo(c.x), Length.nearestTo(c.y));
            if (corners.isEmpty() || !corners.get(corners.size() - 1).equals(corner)) {
                corners.add(corner);
            }
        }
        corners.remove(corners.size() - 1);
        return corners;
    }

    /** A sheet with its lower left corner at the origin. */
    public static PieceBuilder rectangle(String name, Length width, Length height) {
        return outline(
                name,
                new Point(Length.ZERO, Length.ZERO),
                new Point(width, Length.ZERO),
                new Point(width, height),
                new Point(Length.ZERO, height));
    }

    /** @return its panels in reading order */
    public List<Panel> panels() {
        return Arrangement.of(this).panels();
    }

    /** In counts of 1/640 mm. */
    public Polygon polygon() {
        return GEOMETRY.createPolygon(
                ring(corners), holes.stream().map(Piece::ring).toArray(LinearRing[]::new));
    }

    private static LinearRing ring(List<Point> corners) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            ring[i] = corners.get(i % corners.size()).coordinate();
        }
        return GEOMETRY.createLinearRing(ring);
    }

    public Form form() {
        return Form.of(polygon());
    }

    /** The box that the piece is cut from. */
    public Size size() {
        Envelope box = polygon().getEnvelopeInternal();
        return new Size(Length.nearestTo(box.getWidth()), Length.nearestTo(box.getHeight()));
    }

    /** The lower left corner of the box around it: an outline need not begin at the origin. */
    public Point lowerLeft() {
        Envelope box = polygon().getEnvelopeInternal();
        return new Point(Length.nearestTo(box.getMinX()), Length.nearestTo(box.getMinY()));
    }

    public double squareMillimetres() {
        return polygon().getArea() / (Length.COUNTS_PER_MILLIMETRE * Length.COUNTS_PER_MILLIMETRE);
    }
}
