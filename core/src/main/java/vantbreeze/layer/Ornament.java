package vantbreeze.layer;

import java.util.Optional;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;

/**
 * Something laid on a face on top of its mats: a topper, a tag, a cut-out.
 *
 * @param name unique on a card
 * @param face the {@link Face#key() key} of the face it is glued to
 * @param x from the panel's left edge to the left of its box, looking at the face; negative if it leaves the panel
 * @param y from the panel's lower edge to the bottom of its box
 * @param lift how high foam holds it, 0 to {@link #HIGHEST_LIFT}; empty for as high as it has to be
 * @param glue what of it is glued
 */
public record Ornament(
        String name, String face, Outline outline, Length x, Length y, Optional<Length> lift, Paper paper, Glue glue) {

    public static final Length HIGHEST_LIFT = Length.millimetres(12);
    private static final int LONGEST_NAME = 40;

    /** What of an ornament is glued. */
    public enum Glue {
        /** Only what lies over its own panel. */
        OWN_PANEL,
        /** All of it, whatever lies under it. */
        WHOLE
    }

    public Ornament {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(
                    "The ornament's name (%s) must have 1 to %d characters.".formatted(name, LONGEST_NAME));
        }
        if (lift.isPresent() && (lift.get().isNegative() || lift.get().isMoreThan(HIGHEST_LIFT))) {
            throw new IllegalArgumentException("The lift (%.1f mm) must be 0 to %.0f mm."
                    .formatted(lift.get().millimetres(), HIGHEST_LIFT.millimetres()));
        }
    }

    public Ornament at(Length otherX, Length otherY) {
        return new Ornament(name, face, outline, otherX, otherY, lift, paper, glue);
    }

    public Ornament lifted(Optional<Length> other) {
        return new Ornament(name, face, outline, x, y, other, paper, glue);
    }

    public Ornament glued(Glue other) {
        return new Ornament(name, face, outline, x, y, lift, paper, other);
    }
}
