package vantbreeze.make;

import vantbreeze.material.Adhesive;
import vantbreeze.measure.Length;

/**
 * What to glue with, and why.
 *
 * @param reason to stand after a colon
 */
public record Joint(Adhesive adhesive, String reason) {

    /** Tape stops this far from a score, or the fold goes stiff. Common practice, no published source. */
    public static final Length TAPE_INSET = Length.inches(1, 8);

    /** "Wet glue: it gives you time." */
    public String sentence() {
        String text = text();
        return Character.toUpperCase(text.charAt(0)) + text.substring(1) + ".";
    }

    /** "wet glue: it gives you time". */
    public String text() {
        return "%s: %s".formatted(adhesive.name(), reason);
    }
}
