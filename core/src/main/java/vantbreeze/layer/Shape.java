package vantbreeze.layer;

import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;

/** What an ornament is cut to: an outline of its own, or a part of the face that it lies on. */
public sealed interface Shape permits Outline, Area, Corner {

    String FORM = Outline.FORM + ", or part of the face: " + Area.FORM + ", or " + Corner.FORM;

    /** As {@link #parse} reads it. */
    String text(UnitSystem units);

    /** Whether its size follows from its face. */
    default boolean isPartOfItsFace() {
        return false;
    }

    /** The same with other lengths, said in that unit. */
    Shape sized(UnaryOperator<Length> sized, UnitSystem units);

    /** Whether it runs across its ground from edge to edge. */
    default boolean isBand() {
        return false;
    }

    /**
     * @param panel as one looks at the face, the lower left corner of its box at the origin, in counts of 1/640 mm
     * @param grid the marks that sizes are cut to
     * @param placed lays an outline where its ornament wants it
     * @return nothing where the panel leaves too little for it
     */
    Optional<Laid> on(Polygon panel, ToolGrid grid, Function<Outline, Optional<Laid>> placed);

    /** Whether it runs from left to right where it is a band. */
    default boolean runsLevel() {
        return true;
    }

    /** @return a band that goes around that ground: from edge to edge, on no marks; nothing for what is no band */
    default Optional<Laid> across(Polygon ground) {
        return Optional.empty();
    }

    /** @throws IllegalArgumentException if it is none of {@link #FORM} */
    static Shape parse(String text, UnitSystem units) {
        String said = text.strip().toLowerCase(Locale.ROOT);
        if (Corner.isSaid(said)) {
            return Corner.parse(text, units);
        }
        return Area.isSaid(said) ? Area.parse(text, units) : Outline.parse(text, units);
    }
}
