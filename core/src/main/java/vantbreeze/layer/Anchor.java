package vantbreeze.layer;

import java.util.Optional;
import vantbreeze.measure.Length;

/**
 * Where something lies along one direction of what it is laid by: it stays so when that changes its size.
 *
 * @param by how far from there, towards the far edge; from the far edge towards the near one; negative to hang over
 * @param of name of an earlier ornament on the same face that it is laid by; empty for the panel
 */
public record Anchor(From from, Length by, Optional<String> of) {

    /** What is laid where. Near is left or below, looking at the face. */
    public enum From {
        /** The near edge so far inside the near edge. */
        NEAR,
        /** The middle on the middle. */
        MIDDLE,
        /** The far edge so far inside the far edge. */
        FAR,
        /** The middle on the near edge: on a meeting line, half of it overhangs. */
        ON_NEAR,
        ON_FAR
    }

    /** Measured from the panel's near edge. */
    public static Anchor at(Length by) {
        return new Anchor(From.NEAR, by, Optional.empty());
    }

    /** On the panel's middle. */
    public static Anchor middle() {
        return new Anchor(From.MIDDLE, Length.ZERO, Optional.empty());
    }

    public Anchor of(String ornament) {
        return new Anchor(from, by, Optional.of(ornament));
    }

    /**
     * @param near where what it is laid by begins
     * @param far where that ends
     * @param size of what is laid
     * @return where its near edge lies
     */
    Length place(Length near, Length far, Length size) {
        return switch (from) {
            case NEAR -> near.plus(by);
            case MIDDLE -> near.plus(far).minus(size).dividedBy(2).each().plus(by);
            case FAR -> far.minus(by).minus(size);
            case ON_NEAR -> near.minus(size.dividedBy(2).each()).plus(by);
            case ON_FAR -> far.minus(size.dividedBy(2).each()).plus(by);
        };
    }
}
