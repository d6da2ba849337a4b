package vantbreeze.sheet;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * The places along one side of a sheet that sides of blanks add up to, in whole measures, and of these only those that are left
 * beside such a sum: a part of the sheet is as good as it is made as wide as what lies beside it lets it be (raster points, G.
 * Scheithauer and J. Terno, Operations Research Letters 20 (1997)). Where there are too many, sides are rounded down to a coarser
 * measure.
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
        int[] at = IntStream.rangeClosed(0, whole)
                .filter(i -> sum[i])
                .map(i -> last(sum, whole - i))
                .distinct()
                .sorted()
                .toArray();
        int[] reached = new int[whole + 1];
        for (int place = 0; place < at.length; place++) {
            Arrays.fill(reached, at[place], whole + 1, place);
        }
        return new Axis(measure, isExact, at, reached);
    }

    private static int last(boolean[] sum, int upTo) {
        int last = upTo;
        while (!sum[last]) {
            last--;
        }
        return last;
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

    /** The first place that has room for a length. */
    int place(long length) {
        int whole = measures(length, measure);
        return reached[whole] + (at[reached[whole]] < whole ? 1 : 0);
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
