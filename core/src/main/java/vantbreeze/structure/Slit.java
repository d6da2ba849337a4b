package vantbreeze.structure;

/** A cut inside a piece, which takes nothing out of it. */
public record Slit(String id, Path path) {

    /** A straight one. */
    public Slit(String id, Point from, Point to) {
        this(id, Path.straight("slit (%s)".formatted(id), from, to));
    }

    public Point from() {
        return path.from();
    }

    public Point to() {
        return path.to();
    }

    /** So that a fence can guide it. */
    public boolean isUpright() {
        return path.isUpright();
    }

    public boolean isLevel() {
        return path.isLevel();
    }
}
