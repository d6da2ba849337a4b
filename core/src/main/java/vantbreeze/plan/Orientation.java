package vantbreeze.plan;

import vantbreeze.measure.Size;

/** How the closed card is held. A square is both. */
public enum Orientation {
    PORTRAIT,
    LANDSCAPE;

    /** The same size, held this way. */
    public Size hold(Size size) {
        return size.isLandscape() == (this == LANDSCAPE) ? size : size.turned();
    }

    /** Whether the size is held this way; a square is held both ways. */
    public boolean holds(Size size) {
        return hold(size).equals(size);
    }

    public Orientation turned() {
        return this == PORTRAIT ? LANDSCAPE : PORTRAIT;
    }

    public static Orientation of(Size size) {
        return size.isLandscape() ? LANDSCAPE : PORTRAIT;
    }
}
