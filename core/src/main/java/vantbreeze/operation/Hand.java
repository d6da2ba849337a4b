package vantbreeze.operation;

/** What a hand does that can go a little wrong. */
public enum Hand {
    CUT,
    SCORE,
    GLUE
}
