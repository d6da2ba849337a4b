package vantbreeze.layer;

import java.util.Optional;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;

/**
 * Something laid on a face on top of its mats: a topper, a tag, a cut-out.
 *
 * @param name unique on a card
 * @param face the {@link Face#key() key} of the face it is glued to
 * @param shape what it is cut to
 * @param x where it lies from left to right, looking at the face
 * @param y where it lies from bottom to top
 * @param lift how high foam holds it, 0 to {@link #HIGHEST_LIFT}; empty for as high as it has to be
 * @param fixing what holds it
 * @param trimmed whether what hangs over an edge of its panel is cut off flush
 */
public record Ornament(
        String name,
        String face,
        Shape shape,
        Anchor x,
        Anchor y,
        Optional<Length> lift,
        Paper paper,
        Fixing fixing,
        boolean trimmed) {

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
        fixing.require(shape, paper);
        if (fixing.holder().filter(Holder.ORNAMENT::equals).isPresent()
                && holder(x, y).isEmpty()) {
            throw new IllegalArgumentException(
                    "The %s goes around or through another ornament: it must be laid by that one both ways."
                            .formatted(name));
        }
    }

    /** The ornament that it is laid by both ways. */
    Optional<String> holder() {
        return holder(x, y);
    }

    private static Optional<String> holder(Anchor x, Anchor y) {
        return x.of().filter(name -> y.of().filter(name::equals).isPresent());
    }

    /** Of one outline, measured from its panel's lower left corner. */
    public Ornament(
            String name,
            String face,
            Outline outline,
            Length x,
            Length y,
            Optional<Length> lift,
            Paper paper,
            Glue glue) {
        this(name, face, outline, Anchor.at(x), Anchor.at(y), lift, paper, new GluedOn(glue), false);
    }

    public Ornament at(Anchor otherX, Anchor otherY) {
        return new Ornament(name, face, shape, otherX, otherY, lift, paper, fixing, trimmed);
    }

    public Ornament on(String otherFace) {
        return new Ornament(name, otherFace, shape, x, y, lift, paper, fixing, trimmed);
    }

    public Ornament lifted(Optional<Length> other) {
        return new Ornament(name, face, shape, x, y, other, paper, fixing, trimmed);
    }

    public Ornament glued(Glue other) {
        return new Ornament(name, face, shape, x, y, lift, paper, new GluedOn(other), trimmed);
    }

    public Ornament held(Fixing other) {
        return new Ornament(name, face, shape, x, y, lift, paper, other, trimmed);
    }

    public Ornament trimmedFlush() {
        return new Ornament(name, face, shape, x, y, lift, paper, fixing, true);
    }

    /** Whether no edge of its panel tells where it lies, so that it can be put onto others before they come onto the card. */
    public boolean isLaidByOthers() {
        return x.of().isPresent() && y.of().isPresent();
    }
}
