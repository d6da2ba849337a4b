package vantbreeze.sheet;

import java.util.Arrays;

/**
 * The places along one side of a sheet that sides of blanks add up to, in whole measures. Where there are too many of them, sides
 * are rounded down to a coarser measure.
 *
 * @param measure in counts
 * @param isExact whether every side is a whole number of measures
 * @param at rising, from 0
 * @param reached the index of the last place up to each measure
 */
record Axis(double measure, boolean isExact, int[] at, int[] reached) {

    /** Every sixteenth of 12 in. */
    private static final int MOST_PLACES = 200;

    /** @param sides that may lie along it; in counts like the length */
    static Axis of(long length, long[] sides) {
        long common = length;
        for (long side : sides) {
            common = gcd(common, side);
        }
        Axis exact = of(length, sides, common, true);
        return exact.count() <= MOST_PLACES ? exact : of(length, sides, (double) length / (MOST_PLACES - 1), false);
    }

    private static Axis of(long length, long[] sides, double measure, boolean isExact) {
        int whole = measures(length, measure);
        boolean[] sum = new boolean[whole + 1];
        sum[0] = true;
        int[] measured = Arrays.stream(sides)
                .mapToInt(s -> measures(s, measure))
                .filter(s -> s > 0)
                .distinct()
                .toArray();
        for (int i = 0; i <= whole; i++) {
            for (int side : measured) {
                sum[i] |= i >= side && sum[i - side];
            }
        }
        int[] reached = new int[whole + 1];
        int[] at = new int[whole + 1];
        int count = 0;
        for (int i = 0; i <= whole; i++) {
            if (sum[i]) {
                at[count++] = i;
            }
            reached[i] = count - 1;
        }
        return new Axis(measure, isExact, Arrays.copyOf(at, count), reached);
    }

    private static int measures(long length, double measure) {
        return (int) Math.floor(length / measure + 1e-9);
    }

    private static long gcd(long a, long b) {
        return b == 0 ? a : gcd(b, a % b);
    }

    int count() {
        return at.length;
    }

    /** The last place up to a length. */
    int place(long length) {
        return reached[measures(length, measure)];
    }

    /** How far a place is from the beginning, in counts. */
    long distance(int place) {
        return Math.round(at[place] * measure);
    }

    /** How much is left of one beside another. */
    int rest(int of, int beside) {
        return reached[at[of] - at[beside]];
    }

    /** Up to this place the other part of a cut is no smaller. */
    int half(int of) {
        return reached[at[of] / 2];
    }
}
