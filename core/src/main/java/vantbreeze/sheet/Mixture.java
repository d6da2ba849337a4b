package vantbreeze.sheet;

/**
 * What {@link Mixing} comes to.
 *
 * @param shares how much of each filling is used
 * @param worths of each sort, no less than 0: no filling that was given is worth more than 1
 * @param sheets in all
 */
record Mixture(double[] shares, double[] worths, double sheets) {}
