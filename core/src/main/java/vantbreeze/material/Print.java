package vantbreeze.material;

/** What is on the good side of a paper, as far as it matters which way the paper lies. */
public enum Print {
    /** One colour: it can be written on. */
    PLAIN,
    /** A pattern that looks the same every way. */
    SCATTERED,
    /** A pattern with an up. */
    UPRIGHT;

    public String word() {
        return switch (this) {
            case PLAIN -> "plain";
            case SCATTERED -> "all-over pattern";
            case UPRIGHT -> "one-way pattern";
        };
    }

    public boolean hasUp() {
        return this == UPRIGHT;
    }
}
