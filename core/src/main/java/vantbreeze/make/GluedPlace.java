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
 * @param mat the box around a mat that lies there by then
 * @param jig what tells it besides: two open pieces that lie on each other end to end
 * @param underSlant how far it is slid under an edge aslant of the taking panel; empty where it is not placed by one
 */
public record GluedPlace(
        Envelope laid,
        Envelope onto,
        Side side,
        Optional<Envelope> mat,
        Optional<String> jig,
        Optional<Length> underSlant) {

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
                Optional.empty(),
                Optional.empty(),
                side == Side.BACK ? underSlant(laid, onto) : Optional.empty());
    }

    /** Beside a mat that lies there already. */
    public GluedPlace beside(Optional<Polygon> lying) {
        return new GluedPlace(laid, onto, side, lying.map(Polygon::getEnvelopeInternal), jig, underSlant);
    }

    /** Both pieces lie open on each other, as their own lengths place them. */
    public GluedPlace along(String told) {
        return new GluedPlace(laid, onto, side, mat, Optional.of(told), underSlant);
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

    /** By relation first: what is flush, level with a mat or in the middle; a distance in numbers last. */
    public String text(Ruler ruler) {
        if (underSlant.isPresent()) {
            return "slid %s under its slant, the points level".formatted(ruler.text(underSlant.get()));
        }
        Axis across = across();
        Axis up = up();
        if (across.isFlush() && up.isFlush()) {
            return "edges flush all round";
        }
        return jig.map(j -> j + ", ").orElse("") + "%s, %s".formatted(across.text(ruler), up.text(ruler));
    }

    /** Whether an edge tells it from left to right, so that nothing is measured there. */
    public boolean isToldAcross() {
        return jig.isPresent() || across().isTold();
    }

    /** The same from bottom to top. */
    public boolean isToldUp() {
        return up().isTold();
    }

    private Axis across() {
        boolean turned = side == Side.BACK;
        double left = laid.getMinX() - onto.getMinX();
        double right = onto.getMaxX() - laid.getMaxX();
        return new Axis(
                Way.ACROSS,
                turned ? right : left,
                turned ? left : right,
                laid.getWidth(),
                mat.map(m -> turned
                        ? new double[] {onto.getMaxX() - m.getMaxX(), m.getMinX() - onto.getMinX()}
                        : new double[] {m.getMinX() - onto.getMinX(), onto.getMaxX() - m.getMaxX()}));
    }

    private Axis up() {
        return new Axis(
                Way.UP, laid.getMinY() - onto.getMinY(), onto.getMaxY() - laid.getMaxY(), laid.getHeight(), mat.map(m ->
                        new double[] {m.getMinY() - onto.getMinY(), onto.getMaxY() - m.getMaxY()}));
    }

    /** Whether a mat that lies there tells where it goes, so that it need not wait until the card is folded. */
    public boolean isLocatedByMat() {
        return mat.isPresent()
                && (isThere(laid.getMinX(), mat.get().getMinX())
                        || isThere(laid.getMaxX(), mat.get().getMaxX()));
    }

    private static boolean isThere(double one, double other) {
        return Math.abs(one - other) < 1;
    }

    /** What the edges are called, and how far from them is said. */
    private enum Way {
        ACROSS("left", "right", "left to right", "from the left edge", "from the right edge"),
        UP("bottom", "top", "top to bottom", "up from the bottom", "down from the top");

        private final String first;
        private final String other;
        private final String along;
        private final String fromFirst;
        private final String fromOther;

        Way(String first, String other, String along, String fromFirst, String fromOther) {
            this.first = first;
            this.other = other;
            this.along = along;
            this.fromFirst = fromFirst;
            this.fromOther = fromOther;
        }
    }

    /**
     * Where it lies one way.
     *
     * @param fromFirst how far inside the taking panel's first edge; negative where it reaches over it
     * @param across how long it is itself that way
     * @param mats the same of a mat that lies there
     */
    private record Axis(Way way, double fromFirst, double fromOther, double across, Optional<double[]> mats) {

        boolean isTold() {
            boolean flush = isThere(fromFirst, 0) || isThere(fromOther, 0);
            return flush
                    || mats.filter(m -> isThere(fromFirst, m[0]) || isThere(fromOther, m[1]))
                            .isPresent();
        }

        boolean isFlush() {
            return isThere(fromFirst, 0) && isThere(fromOther, 0);
        }

        String text(Ruler ruler) {
            if (isFlush()) {
                return "%s and %s edges flush".formatted(way.first, way.other);
            }
            if (isThere(fromFirst, 0) || isThere(fromOther, 0)) {
                return "%s edges flush".formatted(isThere(fromFirst, 0) ? way.first : way.other);
            }
            if (mats.isPresent() && isThere(fromFirst, mats.get()[0])) {
                return "%s edge level with the mat's".formatted(way.first);
            }
            if (mats.isPresent() && isThere(fromOther, mats.get()[1])) {
                return "%s edge level with the mat's".formatted(way.other);
            }
            if (isThere(fromFirst, -across / 2) || isThere(fromOther, -across / 2)) {
                return "its middle on the %s edge".formatted(isThere(fromFirst, -across / 2) ? way.first : way.other);
            }
            String far = ruler.text(Length.nearestTo(Math.abs(isNearFirst() ? fromFirst : fromOther)));
            if (isThere(fromFirst, fromOther)) {
                /* A number that no ruler has says less than the word. */
                boolean isOnMarks = ruler.everyday().isOn(Length.nearestTo(fromFirst));
                return fromFirst > 0
                        ? "centred " + way.along + (isOnMarks ? " (%s on each side)".formatted(far) : "")
                        : "%s past the %s and past the %s edge".formatted(far, way.first, way.other);
            }
            if (fromFirst < 0 && fromOther < 0) {
                return "%s past the %s edge".formatted(ruler.text(Length.nearestTo(-fromFirst)), way.first);
            }
            return "%s %s".formatted(far, isNearFirst() ? way.fromFirst : way.fromOther);
        }

        /** Of two edges that it lies inside of the nearer one. */
        private boolean isNearFirst() {
            return fromOther < 0 || fromFirst > 0 && fromFirst <= fromOther;
        }
    }
}
