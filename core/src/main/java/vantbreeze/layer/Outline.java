package vantbreeze.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.valid.IsValidOp;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;
import org.locationtech.jts.util.GeometricShapeFactory;
import vantbreeze.measure.Excerpt;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.CornerList;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Silhouette;

/**
 * The shape of an ornament.
 *
 * @param text as {@link #parse} reads it
 * @param polygon in counts of 1/640 mm, good side up, the lower left corner of its box at the origin
 */
public record Outline(String text, Polygon polygon) implements Shape {

    public static final String FORM =
            "a size such as \"2 x 3 in\", \"circle 1 1/2 in\", \"turned square 1 3/4 in\", an outline of the library such as \"heart 2 x 2 in\", or \"outline 2 in: 0,0 4,0 2,3\" with 3 to 400 corners; any of them after \"mirrored\"";
    public static final Length SMALLEST = Length.inches(1, 16);
    public static final Length LARGEST = Length.inches(12);
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static final double FINE_COUNTS = 0.05 * Length.COUNTS_PER_MILLIMETRE;

    /** A circle has fewer, and what is cut by hand as well. */
    private static final int PLAIN_CORNERS = 80;

    /** Of a round hull some twenty corners are left. */
    private static final double COARSE = 500;

    /** A circle of radius r drawn with 72 corners is nowhere farther off than r / 1000. */
    private static final int CIRCLE_CORNERS = 72;

    private static final String CIRCLE = "circle ";
    private static final String OUTLINE = "outline ";

    /** Turned over from left to right, as in a mirror. */
    private static final String MIRRORED = "mirrored ";

    /** A square that stands on its corner; its side is said. */
    private static final String TURNED = "turned square ";

    public Outline {
        Envelope box = polygon.getEnvelopeInternal();
        if (box.getWidth() < SMALLEST.count()
                || box.getHeight() < SMALLEST.count()
                || box.getWidth() > LARGEST.count()
                || box.getHeight() > LARGEST.count()) {
            throw new IllegalArgumentException(
                    "The ornament (%s) must be 1/16 in (1.6 mm) to 12 in wide and high.".formatted(Excerpt.of(text)));
        }
        if (!new IsValidOp(polygon).isValid()) {
            throw new IllegalArgumentException("The outline (%s) must not cross itself.".formatted(Excerpt.of(text)));
        }
    }

    /**
     * @param text {@link #FORM}; the corners of an outline are in any unit, y up, and are scaled to the width
     * @throws IllegalArgumentException if it is none of these, crosses itself or has no such size
     */
    public static Outline parse(String text, UnitSystem units) {
        String said = text.strip().toLowerCase(Locale.ROOT);
        if (said.startsWith(MIRRORED)) {
            return parse(text.strip().substring(MIRRORED.length()), units).mirrored(text.strip());
        }
        if (said.startsWith(CIRCLE)) {
            return circle(text.strip(), Length.parse(said.substring(CIRCLE.length()), units));
        }
        if (said.startsWith(TURNED)) {
            return turned(text.strip(), Length.parse(said.substring(TURNED.length()), units));
        }
        Optional<Silhouette> drawn = Silhouette.all().stream()
                .filter(s -> said.startsWith(s.name() + " "))
                .findFirst();
        if (drawn.isPresent()) {
            Size size = Size.parse(said.substring(drawn.get().name().length()).strip(), units);
            return new Outline(text.strip(), drawn.get().scaled(size.width(), size.height()));
        }
        if (said.startsWith(OUTLINE) && said.contains(":")) {
            int colon = said.indexOf(':');
            Length width = Length.parse(said.substring(OUTLINE.length(), colon), units);
            return corners(text.strip(), width, said.substring(colon + 1).strip());
        }
        Size size = Size.parse(said, units);
        return new Outline(text.strip(), (Polygon) GEOMETRY.toGeometry(
                new Envelope(0, size.width().count(), 0, size.height().count())));
    }

    /** What is cut along those corners, moved so that its box begins at the origin; empty where it is too small or too large. */
    static Optional<Outline> of(Polygon corners) {
        Envelope box = corners.getEnvelopeInternal();
        Polygon moved = FlatMotion.shift(-box.getMinX(), -box.getMinY()).apply(corners);
        try {
            return Optional.of(new Outline("cut to fit", moved));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    @Override
    public String text(UnitSystem units) {
        return text;
    }

    /** Written anew: what was said without a unit is said with one. */
    @Override
    public Outline sized(UnaryOperator<Length> sized, UnitSystem units) {
        Size size = size();
        String width = sized.apply(size.width()).exactText(units);
        String said = text.strip().toLowerCase(Locale.ROOT);
        if (said.startsWith(MIRRORED)) {
            Outline plain = parse(said.substring(MIRRORED.length()), units).sized(sized, units);
            return plain.mirrored(MIRRORED + plain.text());
        }
        if (said.startsWith(CIRCLE)) {
            return parse(CIRCLE + width, units);
        }
        if (said.startsWith(TURNED)) {
            Length side = Length.nearestTo(size.width().count() / Math.sqrt(2));
            return parse(TURNED + sized.apply(side).exactText(units), units);
        }
        if (said.startsWith(OUTLINE) && said.contains(":")) {
            return parse(OUTLINE + width + said.substring(said.indexOf(':')), units);
        }
        String both = width + " x " + sized.apply(size.height()).exactText(units);
        return Silhouette.all().stream()
                .map(s -> s.name() + " ")
                .filter(said::startsWith)
                .findFirst()
                .map(name -> parse(name + both, units))
                .orElseGet(() -> parse(both, units));
    }

    @Override
    public Optional<Laid> on(Polygon panel, ToolGrid grid, Function<Outline, Optional<Laid>> placed) {
        return placed.apply(this);
    }

    /** Its diagonal, the square root of 2 times its side, is what must stay inside the card. */
    private static Outline turned(String text, Length side) {
        double half = Math.rint(side.count() / Math.sqrt(2));
        Coordinate foot = new Coordinate(half, 0);
        return new Outline(text, GEOMETRY.createPolygon(new Coordinate[] {
            foot, new Coordinate(2 * half, half), new Coordinate(half, 2 * half), new Coordinate(0, half), foot
        }));
    }

    private Outline mirrored(String as) {
        double width = polygon.getEnvelopeInternal().getWidth();
        return new Outline(as, new FlatMotion(-1, 0, width, 0, 1, 0).apply(polygon));
    }

    private static Outline circle(String text, Length diameter) {
        GeometricShapeFactory circle = new GeometricShapeFactory(GEOMETRY);
        circle.setBase(new Coordinate(0, 0));
        circle.setSize(diameter.count());
        circle.setNumPoints(CIRCLE_CORNERS);
        return new Outline(text, circle.createCircle());
    }

    private static Outline corners(String text, Length width, String list) {
        List<Coordinate> corners = CornerList.parse(list);
        Envelope box = new Envelope();
        corners.forEach(box::expandToInclude);
        if (!(box.getWidth() > 0)) {
            throw new IllegalArgumentException("The outline's corners must not lie above each other.");
        }
        double scale = width.count() / box.getWidth();
        List<Coordinate> ring = new ArrayList<>(corners.stream()
                .map(c -> new Coordinate(
                        Math.rint((c.x - box.getMinX()) * scale), Math.rint((c.y - box.getMinY()) * scale)))
                .toList());
        ring.add(ring.get(0).copy());
        return new Outline(text, GEOMETRY.createPolygon(ring.toArray(new Coordinate[0])));
    }

    /**
     * What the outline covers, for reckoning thickness: within a twentieth of a millimetre the same, but of a frayed edge
     * about its hull, so that it is not too little.
     */
    Polygon cover() {
        Geometry same = TopologyPreservingSimplifier.simplify(polygon, FINE_COUNTS);
        Geometry cover = same.getNumPoints() > PLAIN_CORNERS
                ? TopologyPreservingSimplifier.simplify(
                        polygon.convexHull(), polygon.convexHull().getLength() / COARSE)
                : same;
        return (Polygon) cover;
    }

    public Size size() {
        Envelope box = polygon.getEnvelopeInternal();
        return new Size(Length.nearestTo(box.getWidth()), Length.nearestTo(box.getHeight()));
    }
}
