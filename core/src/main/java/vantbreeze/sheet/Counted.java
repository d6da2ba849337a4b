package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How many there are of a few sorts, as one number: a state. What is in one part of a sheet is no longer there for the other.
 *
 * @param sorts those that are counted
 * @param radix of each: a state is the sum of how many there are times these
 * @param digits of each: how many there may be, and 0
 * @param known divisions that were asked for, by what fits into either part
 */
record Counted(List<Integer> sorts, List<Integer> radix, List<Integer> digits, int states, int[][][] known) {

    static final Counted NONE = new Counted(List.of(), List.of(), List.of(), 1, new int[1][1][]);

    private static <T> List<T> and(List<T> list, T more) {
        List<T> all = new ArrayList<>(list);
        all.add(more);
        return all;
    }

    /** @param most how many there are of each sort */
    Counted with(int sort, int[] most) {
        int masks = 1 << (sorts.size() + 1);
        return new Counted(
                and(sorts, sort),
                and(radix, states),
                and(digits, most[sort] + 1),
                states * (most[sort] + 1),
                new int[masks][masks][]);
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

    /** @return the sort's bit where it is told which sorts fit; 0 if it is not counted */
    int bit(int sort) {
        int c = sorts.indexOf(sort);
        return c < 0 ? 0 : 1 << c;
    }

    /** Whether there is one of that sort. */
    boolean has(int state, int sort) {
        int c = sorts.indexOf(sort);
        return c < 0 || digit(state, c) > 0;
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

    /**
     * Every way of dividing a state between two parts of a sheet; whatever fits into one of them alone is there.
     *
     * @param first bits of the sorts that fit into the first part
     * @return pairs of states
     */
    int[] divisions(int first, int second) {
        if (known[first][second] == null) {
            List<int[]> pairs = List.of(new int[] {0, 0});
            for (int c = 0; c < sorts.size(); c++) {
                pairs = divided(pairs, c, (first >> c & 1) != 0, (second >> c & 1) != 0);
            }
            known[first][second] = pairs.stream().flatMapToInt(Arrays::stream).toArray();
        }
        return known[first][second];
    }

    /** The pairs with every division of one more sort. */
    private List<int[]> divided(List<int[]> pairs, int c, boolean inFirst, boolean inSecond) {
        List<int[]> all = new ArrayList<>();
        int most = digits.get(c) - 1;
        for (int a = 0; a <= (inFirst ? most : 0); a++) {
            for (int b = 0; a + b <= most && b <= (inSecond || !inFirst ? most : 0); b++) {
                for (int[] pair : pairs) {
                    all.add(new int[] {pair[0] + a * radix.get(c), pair[1] + b * radix.get(c)});
                }
            }
        }
        return all;
    }
}
