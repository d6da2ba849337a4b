package vantbreeze.material;

/** On which side a maker scores: two schools, both common practice with no published source. */
public enum Scoring {
    /** Each score on the side that becomes its ridge; the piece is turned over between them. */
    RIDGE_SIDE,
    /** All in one pass from the face, folded either way afterwards. */
    ONE_SIDE
}
