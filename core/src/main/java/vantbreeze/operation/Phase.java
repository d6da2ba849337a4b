package vantbreeze.operation;

/** In what order makers do what could be done in several. Common practice, no published source. */
public enum Phase {
    /** Each piece is cut and scored while its numbers are in mind. */
    SHAPE,
    SLIT,
    OPEN,
    /** What is stamped or inked lies flat. */
    DRESS_FLAT,
    FOLD,
    CUT_MATS,
    DRESS_MATS,
    /** Under the mats that hide its tape. */
    FILM,
    LAY_FIRST,
    JOIN,
    /** What closes the card's own rings comes last: the folded card holds it where it belongs. */
    CLOSE_ONTO,
    THREAD,
    /** Tried before it is dressed. */
    WORK,
    LAY,
    FINISH,
    FILL,
    CLOSE,
    SHUT
}
