package vantbreeze.layer;

import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.Regions;

/**
 * A part of a face that a paper covers: a half, or a band along an edge. Halves of one face meet flush.
 *
 * @param edge the edge that it lies at, looking at the face
 * @param band how wide, and how far from that edge; empty for the half
 * @param border how far it stays inside the panel's edges
 */
public record Area(Edge edge, Optional<Band> band, Length border) implements Shape {

    /** An edge of the face. */
    public enum Edge {
        LOWER,
        UPPER,
        LEFT,
        RIGHT;

        String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        private boolean isLevel() {
            return this == LOWER || this == UPPER;
        }

        private boolean isNear() {
            return this == LOWER || this == LEFT;
        }
    }

    /** @param from how far its edge lies from the panel's */
    public record Band(Length wide, Length from) {}

    public static final String FORM =
            "\"lower half, border 1/8 in\" or \"band 3/4 in wide, 1 in from lower, border 0 in\", with lower, upper, left or right";

    private static final String EDGES = "(lower|upper|left|right)";
    private static final Pattern HALF = Pattern.compile(EDGES + " half, border (.+)");
    private static final Pattern STRIP = Pattern.compile("band (.+) wide, (.+) from " + EDGES + ", border (.+)");
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    public Area {
        Matting.requireStep(border);
        band.ifPresent(b -> {
            if (!b.wide().isPositive() || b.wide().isMoreThan(Outline.LARGEST)) {
                throw new IllegalArgumentException("The band must be wider than 0 and at most 12 in (304.8 mm).");
            }
            if (b.from().isNegative() || b.from().isMoreThan(Outline.LARGEST)) {
                throw new IllegalArgumentException("The band must lie 0 to 12 in (304.8 mm) from its edge.");
            }
        });
    }

    static boolean isSaid(String text) {
        return HALF.matcher(text).matches() || STRIP.matcher(text).matches();
    }

    /** @throws IllegalArgumentException if it is not {@link #FORM} */
    static Area parse(String text, UnitSystem units) {
        String said = text.strip().toLowerCase(Locale.ROOT);
        Matcher half = HALF.matcher(said);
        if (half.matches()) {
            return new Area(edge(half.group(1)), Optional.empty(), Length.parse(half.group(2), units));
        }
        Matcher strip = STRIP.matcher(said);
        if (!strip.matches()) {
            throw new IllegalArgumentException("The part of the face (%s) must be %s.".formatted(text, FORM));
        }
        return new Area(
                edge(strip.group(3)),
                Optional.of(new Band(Length.parse(strip.group(1), units), Length.parse(strip.group(2), units))),
                Length.parse(strip.group(4), units));
    }

    private static Edge edge(String word) {
        return Edge.valueOf(word.toUpperCase(Locale.ROOT));
    }

    @Override
    public String text(UnitSystem units) {
        String within = ", border " + border.exactText(units);
        return band.map(b -> "band %s wide, %s from %s"
                                .formatted(b.wide().exactText(units), b.from().exactText(units), edge.word()))
                        .orElse(edge.word() + " half")
                + within;
    }

    @Override
    public boolean isPartOfItsFace() {
        return true;
    }

    @Override
    public Shape sized(UnaryOperator<Length> sized, UnitSystem units) {
        return new Area(
                edge, band.map(b -> new Band(sized.apply(b.wide()), sized.apply(b.from()))), sized.apply(border));
    }

    @Override
    public boolean isBand() {
        return band.isPresent();
    }

    @Override
    public boolean runsLevel() {
        return edge.isLevel();
    }

    @Override
    public Optional<Laid> across(Polygon ground) {
        Envelope whole = ground.getEnvelopeInternal();
        Geometry there = Regions.intersection(GEOMETRY.toGeometry(covered(whole, whole)), ground);
        return there.isEmpty() ? Optional.empty() : Laid.where(Regions.largest(there));
    }

    /** What the box of it leaves of the panel moved inward, cut to the marks from the middle or from the band's edge outward. */
    @Override
    public Optional<Laid> on(Polygon panel, ToolGrid grid, Function<Outline, Optional<Laid>> placed) {
        Envelope whole = panel.getEnvelopeInternal();
        Envelope box = panel.isRectangle() ? rectangle(whole, grid) : covered(whole, whole);
        if (box.isNull() || box.getWidth() < 1 || box.getHeight() < 1) {
            return Optional.empty();
        }
        Geometry there = Regions.intersection(GEOMETRY.toGeometry(box), Inset.inside(panel, border));
        return there.isEmpty() ? Optional.empty() : Laid.where(Regions.largest(there));
    }

    /** Within a rectangle: its ends on the marks, what is over evenly at both, the meeting line where it is. */
    private Envelope rectangle(Envelope panel, ToolGrid grid) {
        Envelope inner = new Envelope(panel);
        inner.expandBy(-border.count());
        if (inner.isNull()) {
            return inner;
        }
        Envelope box = covered(panel, inner);
        double[] across = edge.isLevel()
                ? evenly(box.getMinX(), box.getMaxX(), grid)
                : outward(box.getMinX(), box.getMaxX(), grid);
        double[] up = edge.isLevel()
                ? outward(box.getMinY(), box.getMaxY(), grid)
                : evenly(box.getMinY(), box.getMaxY(), grid);
        return new Envelope(across[0], across[1], up[0], up[1]);
    }

    private static double[] evenly(double from, double to, ToolGrid grid) {
        double over = to - from - floor(to - from, grid);
        return new double[] {Math.rint(from + over / 2), Math.rint(from + over / 2) + to - from - over};
    }

    /** A half keeps the meeting line, a band the edge that it is measured from. */
    private double[] outward(double from, double to, ToolGrid grid) {
        double length = floor(to - from, grid);
        boolean keepsFar = band.isPresent() != edge.isNear();
        return keepsFar ? new double[] {to - length, to} : new double[] {from, from + length};
    }

    private static double floor(double counts, ToolGrid grid) {
        return grid.floor(Length.nearestTo(Math.max(0, counts))).count();
    }

    /** Of {@code within} what lies in the half, or in the band, of the panel. */
    private Envelope covered(Envelope panel, Envelope within) {
        double low = edge.isLevel() ? panel.getMinY() : panel.getMinX();
        double high = edge.isLevel() ? panel.getMaxY() : panel.getMaxX();
        double middle = (low + high) / 2;
        double near = edge.isNear() ? low : middle;
        double far = edge.isNear() ? middle : high;
        if (band.isPresent()) {
            double from = band.get().from().count();
            double wide = band.get().wide().count();
            near = edge.isNear() ? low + from : high - from - wide;
            far = near + wide;
        }
        Envelope box = edge.isLevel()
                ? new Envelope(panel.getMinX(), panel.getMaxX(), near, far)
                : new Envelope(near, far, panel.getMinY(), panel.getMaxY());
        return box.intersection(within);
    }
}
