package vantbreeze.hand;

/** How often something comes right, in a maker's words. Where one ends and the next begins is derived, please check. */
public enum Likelihood {
    NEARLY_ALWAYS(0.95),
    USUALLY(0.6),
    NEEDS_CARE(0);

    private final double least;

    Likelihood(double least) {
        this.least = least;
    }

    /** @param share of the cards, 0 to 1 */
    static Likelihood of(double share) {
        for (Likelihood one : values()) {
            if (share >= one.least) {
                return one;
            }
        }
        throw new IllegalArgumentException("The share (%s) must be 0 to 1.".formatted(share));
    }
}
