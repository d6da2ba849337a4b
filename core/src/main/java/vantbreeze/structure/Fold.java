package vantbreeze.structure;

/** Which way a score folds, seen from the face side. */
public enum Fold {
    /** The ridge rises towards you. */
    MOUNTAIN,
    /** The fold sinks away from you. */
    VALLEY;

    public Fold turned() {
        return this == MOUNTAIN ? VALLEY : MOUNTAIN;
    }

    /** The fold angle of the fully folded score in degrees: +180 valley, -180 mountain. */
    public int fullDegrees() {
        return this == VALLEY ? 180 : -180;
    }
}
