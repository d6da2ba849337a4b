package vantbreeze.structure;

/** A straight cut inside a piece. */
public record Slit(String id, Point from, Point to) {

    public Slit {
        if (from.equals(to)) {
            throw new IllegalArgumentException("The slit (%s) must have a length; it begins and ends at (%s, %s)."
                    .formatted(id, from.x(), from.y()));
        }
    }
}
