package vantbreeze.layer;

/** What a ribbon goes around, or a brad goes through. */
public enum Holder {
    /** The panel, with all the mats that lie on it. */
    PANEL("panel"),
    /** The topmost mat of the face, before it is laid. */
    MAT("mat"),
    /** The ornament that it is laid by, before that comes onto the card. */
    ORNAMENT("ornament");

    private final String word;

    Holder(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
