package vantbreeze.layer;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.UnitSystem;

/** How an ornament is held where it lies. Lengths are common practice, no published source, but where it is said. */
public sealed interface Fixing permits GluedOn, Wrapped, Threaded, Pierced {

    String FORM =
            "\"around the mat, taped\", \"through the mat, holes 1/4 in apart, bow\" or \"through the mat\", with panel,"
                    + " mat or ornament, and taped, bow or knot";

    /** The ways that are said in words, each with what reads it. */
    List<BiFunction<String, UnitSystem, Optional<? extends Fixing>>> SAID =
            List.of(Wrapped::read, Threaded::read, Pierced::read);

    /** @throws IllegalArgumentException if it is not {@link #FORM} */
    static Fixing parse(String text, UnitSystem units) {
        String said = text.strip().toLowerCase(Locale.ROOT);
        return SAID.stream()
                .flatMap(way -> way.apply(said, units).stream())
                .findFirst()
                .map(Fixing.class::cast)
                .orElseThrow(() -> new IllegalArgumentException("The fixing (%s) must be %s.".formatted(text, FORM)));
    }

    /** As {@link #parse} reads it; empty for what is glued. */
    String text(UnitSystem units);

    /** What it goes around or through; empty where it is glued on top. */
    Optional<Holder> holder();

    /** @throws IllegalArgumentException if nothing of this shape and material is held so */
    void require(Shape shape, Paper of);

    /**
     * @param along how far it lies on top of what holds it
     * @param thick what it goes around
     * @return how long it is cut if it comes off a spool
     */
    Length length(Length along, Length thick);

    /** What of it is glued where nothing else holds it. */
    default Ornament.Glue glue() {
        return Ornament.Glue.OWN_PANEL;
    }

    /** Whether a bow sits on top of it. */
    default boolean hasBow() {
        return false;
    }

    /** How much of its end lies behind what holds it; all of it if it goes around without an end there; empty if none. */
    default Optional<Length> behind() {
        return Optional.empty();
    }

    /**
     * What hands do.
     *
     * @param it what is fixed
     * @param holder in words: "the mat for the front"
     * @param place where it lies on that
     */
    String told(Ornament it, String holder, String place, Ruler ruler);
}
