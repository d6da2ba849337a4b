package vantbreeze.structure;

/** A score. It folds one way all along; where a crease changes its sign, it is two. */
public record ScoreLine(String id, Path path, Fold fold) {

    /** A straight one. */
    public ScoreLine(String id, Point from, Point to, Fold fold) {
        this(id, Path.straight("score (%s)".formatted(id), from, to), fold);
    }

    public Point from() {
        return path.from();
    }

    public Point to() {
        return path.to();
    }

    /** Fully upright on the piece, so that a board's fence reads its position as one number. */
    public boolean isUpright() {
        return path.isUpright();
    }

    public boolean isLevel() {
        return path.isLevel();
    }
}
