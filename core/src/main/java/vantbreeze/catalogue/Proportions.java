package vantbreeze.catalogue;

import vantbreeze.measure.Length;

/**
 * How high a closed card may be for its width.
 *
 * @param least height by width
 * @param most height by width
 * @param why ends the sentence "the height must be at least 4 in, ..."
 */
public record Proportions(double least, double most, String why) {

    public static final Proportions ANY = new Proportions(0, Double.POSITIVE_INFINITY, "");

    /** @return the lowest card of that width */
    public Length lowest(Length width) {
        return Length.nearestTo(Math.ceil(least * width.count()));
    }

    /** @return the highest card of that width */
    public Length highest(Length width) {
        return Double.isInfinite(most) ? Parameter.LARGEST_SIDE : Length.nearestTo(Math.floor(most * width.count()));
    }

    /** @return the narrowest card of that height */
    public Length narrowest(Length height) {
        return Length.nearestTo(Math.ceil(height.count() / most));
    }
}
