package vantbreeze.structure;

/** A straight score. One line folds one way; where a crease changes its sign, it is two lines. */
public record ScoreLine(String id, Point from, Point to, Fold fold) {

    public ScoreLine {
        if (from.equals(to)) {
            throw new IllegalArgumentException("The score (%s) must have a length; it begins and ends at (%s, %s)."
                    .formatted(id, from.x(), from.y()));
        }
    }

    /** Fully upright on the piece, so that a board's fence reads its position as one number. */
    public boolean isUpright() {
        return from.x().equals(to.x());
    }

    public boolean isLevel() {
        return from.y().equals(to.y());
    }
}
