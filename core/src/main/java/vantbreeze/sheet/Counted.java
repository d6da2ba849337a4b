package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * How many there are of a few sorts, as one number: a state. What is in one part of a sheet is no longer there for the other.
 *
 * @param sorts those that are counted
 * @param radix of each: a state is the sum of how many there are times these
 * @param digits of each: how many there may be, and 0
 * @param oneLess of each state: those with one less of a sort
 * @param apart of each state: how many there are of each sort, in bits of their own with one to spare
 * @param upTo what makes the spare bit of a sort full if there are more of it than there may be
 * @param spare these bits
 */
record Counted(
        List<Integer> sorts,
        List<Integer> radix,
        List<Integer> digits,
        int states,
        int[][] oneLess,
        long[] apart,
        long upTo,
        long spare) {

    static final Counted NONE = new Counted(List.of(), List.of(), List.of(), 1, new int[1][0], new long[1], 0, 0);

    private static <T> List<T> and(List<T> list, T more) {
        List<T> all = new ArrayList<>(list);
        all.add(more);
        return all;
    }

    /** @param most how many there are of each sort */
    Counted with(int sort, int[] most) {
        int more = most[sort] + 1;
        int free = Long.SIZE - Long.numberOfLeadingZeros(spare);
        long full = Long.highestOneBit(most[sort]) << 1;
        return new Counted(
                and(sorts, sort),
                and(radix, states),
                and(digits, more),
                states * more,
                IntStream.range(0, states * more).mapToObj(this::oneLess).toArray(int[][]::new),
                IntStream.range(0, states * more)
                        .mapToLong(state -> apart[state % states] + ((long) (state / states) << free))
                        .toArray(),
                upTo + (full - more << free),
                spare + (full << free));
    }

    /** If one more sort is counted. */
    private int[] oneLess(int state) {
        IntStream ofTheOthers = Arrays.stream(oneLess[state % states]).map(less -> state - state % states + less);
        return (state < states ? ofTheOthers : IntStream.concat(ofTheOthers, IntStream.of(state - states))).toArray();
    }

    /** How many divisions of all states there are if a sort is counted as well. */
    int workWith(int sort, int[] most) {
        long work = divisions(most[sort] + 1L);
        for (int digit : digits) {
            work *= divisions((long) digit);
        }
        return (int) Math.min(work, Integer.MAX_VALUE);
    }

    private static long divisions(long digits) {
        return digits * (digits + 1) / 2;
    }

    private int digit(int state, int c) {
        return state / radix.get(c) % digits.get(c);
    }

    /** Whether there is one of that sort. */
    boolean has(int state, int sort) {
        int c = sorts.indexOf(sort);
        return c < 0 || digit(state, c) > 0;
    }

    /** @return whether there are as many as both have together; they are the sum of the states then */
    boolean hasBoth(int first, int second) {
        return (apart[first] + apart[second] + upTo & spare) == 0;
    }

    /**
     * Makes every state hold what it does with one less of a sort, if that is more.
     *
     * @param holds of all states, from an index on
     * @param enough what holds no more is of no use
     * @return the states that hold more than with one less of any sort, and more than that
     */
    int[] telling(double[] holds, int from, double enough) {
        int[] telling = new int[states];
        int count = 0;
        for (int state = 0; state < states; state++) {
            double most = Double.NEGATIVE_INFINITY;
            for (int fewer : oneLess[state]) {
                most = Math.max(most, holds[from + fewer]);
            }
            if (holds[from + state] <= most) {
                holds[from + state] = most;
            } else if (holds[from + state] > enough) {
                telling[count++] = state;
            }
        }
        return Arrays.copyOf(telling, count);
    }

    /** Whether no more of any sort is in one state than in another. */
    boolean isPart(int part, int of) {
        for (int c = 0; c < sorts.size(); c++) {
            if (digit(part, c) > digit(of, c)) {
                return false;
            }
        }
        return true;
    }
}
