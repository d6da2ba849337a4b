package vantbreeze.layer;

import java.util.Locale;
import java.util.Optional;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;

/**
 * What holds the card shut.
 *
 * @param width of the band or diameter of the ring; empty for the usual one
 */
public record Closure(Kind kind, Optional<Length> width) {

    public static final String FORM =
            "none, belt, tongue, sleeve, ribbon or ring, with a width if it is not the usual one: \"belt 1 1/2 in\"";
    public static final Closure NONE = new Closure(Kind.NONE, Optional.empty());
    public static final Length NARROWEST = Length.inches(1, 4);
    public static final Length WIDEST = Length.inches(20);

    /** Kinds of closure. */
    public enum Kind {
        NONE,
        /** A band of card around the middle that slides off. */
        BELT,
        /** A band whose end slides through two slits of the other and holds there. */
        TONGUE,
        /** A wide belt. */
        SLEEVE,
        /** Tied in a bow. */
        RIBBON,
        /** A ring on one flap and a disc on the other that drops into it. */
        RING
    }

    public Closure {
        if (width.isPresent()
                && (width.get().isLessThan(NARROWEST) || width.get().isMoreThan(WIDEST))) {
            throw new IllegalArgumentException(
                    "The closure's width (%.1f mm) must be 6.35 mm (1/4 in) to 508 mm (20 in)."
                            .formatted(width.get().millimetres()));
        }
    }

    /** @throws IllegalArgumentException if it is not {@link #FORM} */
    public static Closure parse(String text, UnitSystem units) {
        String said = text.strip();
        int space = said.indexOf(' ');
        String word = space < 0 ? said : said.substring(0, space);
        try {
            Kind kind = Kind.valueOf(word.toUpperCase(Locale.ROOT));
            return new Closure(
                    kind, space < 0 ? Optional.empty() : Optional.of(Length.parse(said.substring(space + 1), units)));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("The closure (%s) must be %s.".formatted(text, FORM), e);
        }
    }

    /** As {@link #parse} reads it. */
    public String text(UnitSystem units) {
        return kind.name().toLowerCase(Locale.ROOT)
                + width.map(w -> " " + w.exactText(units)).orElse("");
    }
}
