package vantbreeze.structure;

/** What a piece is cut from. */
public enum Material {
    CARD,
    /** Clear: what lies behind it is seen through it. */
    FILM
}
