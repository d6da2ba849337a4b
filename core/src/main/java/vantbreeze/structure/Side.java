package vantbreeze.structure;

/** The two sides of a panel: the face lies up on the flat piece. */
public enum Side {
    FACE,
    BACK;

    public Side other() {
        return this == FACE ? BACK : FACE;
    }
}
