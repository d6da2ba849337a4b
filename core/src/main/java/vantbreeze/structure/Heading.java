package vantbreeze.structure;

import java.util.Optional;

/** Where the top of something goes on a part that lies in front of the maker. */
public enum Heading {
    UP,
    LEFT,
    DOWN,
    RIGHT;

    private static final double QUARTER = 90;

    /** Nearer to a side than this it is along it, in degrees. */
    private static final double ALONG = 0.5;

    /**
     * @param degrees anticlockwise from up
     * @return empty if it goes aslant
     */
    public static Optional<Heading> of(double degrees) {
        double quarters = Math.rint(degrees / QUARTER);
        return Math.abs(degrees - quarters * QUARTER) > ALONG
                ? Optional.empty()
                : Optional.of(values()[Math.floorMod((int) quarters, values().length)]);
    }

    public boolean isUpright() {
        return this == UP || this == DOWN;
    }
}
