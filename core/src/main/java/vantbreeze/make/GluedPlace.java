package vantbreeze.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Side;

/**
 * Where something glued comes to lie, measured between edges on the panel that takes it, as the maker looks at the side
 * with the glue. What lies on the back is seen there with left and right exchanged.
 *
 * @param laid the box around what is glued, in the taking panel's flat coordinates
 * @param onto the box around the taking panel
 * @param underSlant how far it is slid under an edge aslant of the taking panel; empty where it is not placed by one
 */
public record GluedPlace(Envelope laid, Envelope onto, Side side, Optional<Length> underSlant) {

    /** Wider it is no strip for glue. */
    private static final double MOST_UNDER = Length.inches(1, 2).count();

    private static final double SQUARE_TO_A_SIDE = 1e-3;
    private static final double PARALLEL = 1e-3;

    /** @param laid what is glued, in the taking panel's flat coordinates */
    public static GluedPlace of(Polygon laid, Polygon onto, Side side) {
        return new GluedPlace(
                laid.getEnvelopeInternal(),
                onto.getEnvelopeInternal(),
                side,
                side == Side.BACK ? underSlant(laid, onto) : Optional.empty());
    }

    private static Optional<Length> underSlant(Polygon laid, Polygon onto) {
        return slants(onto).stream()
                .flatMap(slant -> slants(laid).stream()
                        .filter(edge -> isAlong(edge, slant)
                                && Orientation.index(slant.p0, slant.p1, edge.midPoint()) == inside(onto))
                        .map(edge -> slant.distancePerpendicular(edge.midPoint())))
                .filter(by -> by <= MOST_UNDER)
                .min(Comparator.naturalOrder())
                .map(Length::nearestTo);
    }

    private static int inside(Polygon outline) {
        return Orientation.isCCW(outline.getExteriorRing().getCoordinates()) ? Orientation.LEFT : Orientation.RIGHT;
    }

    /** Along at least half of it. */
    private static boolean isAlong(LineSegment edge, LineSegment slant) {
        double turn = Math.sin(edge.angle() - slant.angle());
        LineSegment on = edge.project(slant);
        return Math.abs(turn) < PARALLEL && on != null && on.getLength() >= slant.getLength() / 2;
    }

    private static List<LineSegment> slants(Polygon outline) {
        Coordinate[] ring = outline.getExteriorRing().getCoordinates();
        List<LineSegment> slants = new ArrayList<>();
        for (int i = 1; i < ring.length; i++) {
            LineSegment edge = new LineSegment(ring[i - 1], ring[i]);
            if (Math.abs(Math.sin(2 * edge.angle())) > SQUARE_TO_A_SIDE) {
                slants.add(edge);
            }
        }
        return slants;
    }

    public String text(Ruler ruler) {
        if (underSlant.isPresent()) {
            return "slid %s under its slant, the points level".formatted(ruler.text(underSlant.get()));
        }
        Length atMinimum = Length.nearestTo(laid.getMinX() - onto.getMinX());
        Length atMaximum = Length.nearestTo(onto.getMaxX() - laid.getMaxX());
        boolean turned = side == Side.BACK;
        return "%s and %s"
                .formatted(
                        edge(ruler, "left", turned ? atMaximum : atMinimum, "right", turned ? atMinimum : atMaximum),
                        edge(
                                ruler,
                                "lower",
                                Length.nearestTo(laid.getMinY() - onto.getMinY()),
                                "upper",
                                Length.nearestTo(onto.getMaxY() - laid.getMaxY())));
    }

    /** From the first edge; where it reaches over that one, from the other; where it reaches over both, by how much. */
    private static String edge(Ruler ruler, String first, Length fromFirst, String other, Length fromOther) {
        if (!fromFirst.isNegative()) {
            return inside(ruler, first, fromFirst);
        }
        return fromOther.isNegative()
                ? "reaching %s over the %s edge".formatted(ruler.text(fromFirst.negated()), first)
                : inside(ruler, other, fromOther);
    }

    private static String inside(Ruler ruler, String edge, Length from) {
        return from.equals(Length.ZERO)
                ? "its %s edge on the %s edge".formatted(edge, edge)
                : "its %s edge %s from the %s edge".formatted(edge, ruler.text(from), edge);
    }
}
