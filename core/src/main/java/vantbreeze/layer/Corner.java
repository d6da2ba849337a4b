package vantbreeze.layer;

import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.Regions;

/**
 * A corner of a face, cut off aslant.
 *
 * @param upper whether it is an upper corner, looking at the face
 * @param right whether it is a right one
 * @param along how far it reaches along either edge
 * @param border how far it stays inside the panel's edges
 */
public record Corner(boolean upper, boolean right, Length along, Length border) implements Shape {

    public static final String FORM =
            "\"corner 2 in, lower left, border 0 in\", with lower or upper, and left or right";

    private static final Pattern SAID = Pattern.compile("corner (.+), (lower|upper) (left|right), border (.+)");
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    public Corner {
        Matting.requireStep(border);
        if (along.isLessThan(Outline.SMALLEST) || along.isMoreThan(Outline.LARGEST)) {
            throw new IllegalArgumentException("The corner must reach 1/16 in (1.6 mm) to 12 in along its edges.");
        }
    }

    static boolean isSaid(String text) {
        return SAID.matcher(text).matches();
    }

    /** @throws IllegalArgumentException if it is not {@link #FORM} */
    static Corner parse(String text, UnitSystem units) {
        Matcher said = SAID.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!said.matches()) {
            throw new IllegalArgumentException("The corner (%s) must be %s.".formatted(text, FORM));
        }
        return new Corner(
                said.group(2).equals("upper"),
                said.group(3).equals("right"),
                Length.parse(said.group(1), units),
                Length.parse(said.group(4), units));
    }

    @Override
    public String text(UnitSystem units) {
        return "corner %s, %s %s, border %s"
                .formatted(
                        along.exactText(units),
                        upper ? "upper" : "lower",
                        right ? "right" : "left",
                        border.exactText(units));
    }

    @Override
    public boolean isPartOfItsFace() {
        return true;
    }

    @Override
    public Shape sized(UnaryOperator<Length> sized, UnitSystem units) {
        return new Corner(upper, right, sized.apply(along), sized.apply(border));
    }

    @Override
    public Optional<Laid> on(Polygon panel, ToolGrid grid, Function<Outline, Optional<Laid>> placed) {
        Geometry inside = Inset.inside(panel, border);
        if (inside.isEmpty()) {
            return Optional.empty();
        }
        Geometry there = Regions.intersection(triangle(inside.getEnvelopeInternal()), inside);
        return there.isEmpty() ? Optional.empty() : Laid.where(Regions.largest(there));
    }

    private Polygon triangle(Envelope box) {
        double x = right ? box.getMaxX() : box.getMinX();
        double y = upper ? box.getMaxY() : box.getMinY();
        Coordinate tip = new Coordinate(x, y);
        Coordinate level = new Coordinate(x + (right ? -along.count() : along.count()), y);
        Coordinate upright = new Coordinate(x, y + (upper ? -along.count() : along.count()));
        return GEOMETRY.createPolygon(new Coordinate[] {tip, level, upright, tip});
    }
}
