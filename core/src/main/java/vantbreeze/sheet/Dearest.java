package vantbreeze.sheet;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a sheet holds at the most by straight cuts from edge to edge, every sort of blank worth so much and as many of each as one
 * likes: the recursion of P. C. Gilmore and R. E. Gomory, "Multistage cutting stock problems of two and more dimensions",
 * Operations Research 13 (1965), over the places that sides of blanks add up to. Where there are too many of these, sides are
 * rounded down to a coarser measure; then it may be more than a sheet really holds, never less.
 */
final class Dearest {

    /** Places along a side: every sixteenth of 12 in. */
    private static final int MOST_PLACES = 200;

    private static final int NOTHING = 0;

    /** No more in it than in one a place narrower, or a place lower. */
    private static final int NARROWER = 1;

    private static final int LOWER = 2;

    private static final int FIRST_SORT = 3;

    private final Axis across;
    private final Axis up;
    private final int sorts;

    /** Of each way: of which sort it is, and what it needs along either axis, as the index of the place. */
    private final int[] sort;

    private final int[] wide;
    private final int[] high;
    private final double[][] holds;

    /** The same by the other axis first: both are read along, which is quick. */
    private final double[][] holdsTurned;

    private final int[][] how;

    /**
     * @param ways of each sort; none where it does not go on the sheet
     */
    Dearest(long width, long height, List<List<Job.Way>> ways) {
        sorts = ways.size();
        across = Axis.of(
                width,
                ways.stream().flatMap(List::stream).mapToLong(Job.Way::width).toArray());
        up = Axis.of(
                height,
                ways.stream().flatMap(List::stream).mapToLong(Job.Way::height).toArray());
        int all = ways.stream().mapToInt(List::size).sum();
        sort = new int[all];
        wide = new int[all];
        high = new int[all];
        int k = 0;
        for (int s = 0; s < sorts; s++) {
            for (Job.Way way : ways.get(s)) {
                sort[k] = s;
                wide[k] = across.place(way.width());
                high[k] = up.place(way.height());
                k++;
            }
        }
        holds = new double[across.count()][up.count()];
        holdsTurned = new double[up.count()][across.count()];
        how = new int[across.count()][up.count()];
    }

    /**
     * Places along a side, in whole measures.
     *
     * @param measure in counts
     * @param at rising, from 0
     * @param reached the index of the last place up to each measure
     */
    private record Axis(double measure, int[] at, int[] reached) {

        static Axis of(long length, long[] sides) {
            long common = length;
            for (long side : sides) {
                common = gcd(common, side);
            }
            Axis exact = of(length, sides, (double) common);
            return exact.count() <= MOST_PLACES ? exact : of(length, sides, (double) length / (MOST_PLACES - 1));
        }

        private static Axis of(long length, long[] sides, double measure) {
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
            return new Axis(measure, Arrays.copyOf(at, count), reached);
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

        int place(long length) {
            return reached[measures(length, measure)];
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

    /** @return whether a blank is so narrow that it is nothing in the measure: then it is not said how many a sheet holds */
    boolean losesAny() {
        return IntStream.range(0, sort.length).anyMatch(k -> wide[k] == 0 || high[k] == 0);
    }

    /** @return what the whole sheet holds at the most */
    double of(double[] worth) {
        for (double[] column : holds) {
            Arrays.fill(column, 0);
        }
        for (double[] row : holdsTurned) {
            Arrays.fill(row, 0);
        }
        for (int[] column : how) {
            Arrays.fill(column, NOTHING);
        }
        for (int k = 0; k < sort.length; k++) {
            if (worth[sort[k]] > holds[wide[k]][high[k]]) {
                holds[wide[k]][high[k]] = worth[sort[k]];
                how[wide[k]][high[k]] = FIRST_SORT + sort[k];
            }
        }
        for (int i = 1; i < across.count(); i++) {
            for (int j = 1; j < up.count(); j++) {
                fill(i, j);
            }
        }
        return holds[across.count() - 1][up.count() - 1];
    }

    private void fill(int i, int j) {
        double most = holds[i][j];
        int by = how[i][j];
        if (holds[i - 1][j] > most) {
            most = holds[i - 1][j];
            by = NARROWER;
        }
        if (holds[i][j - 1] > most) {
            most = holds[i][j - 1];
            by = LOWER;
        }
        double[] row = holdsTurned[j];
        for (int k = 1, last = across.half(i); k <= last; k++) {
            double both = row[k] + row[across.rest(i, k)];
            if (both > most) {
                most = both;
                by = -2 * k;
            }
        }
        double[] column = holds[i];
        for (int k = 1, last = up.half(j); k <= last; k++) {
            double both = column[k] + column[up.rest(j, k)];
            if (both > most) {
                most = both;
                by = -2 * k - 1;
            }
        }
        row[i] = most;
        column[j] = most;
        how[i][j] = by;
    }

    /** @return how many of each sort are on the dearest sheet that was found last */
    int[] set() {
        int[] set = new int[sorts];
        count(across.count() - 1, up.count() - 1, set);
        return set;
    }

    private void count(int i, int j, int[] set) {
        int by = how[i][j];
        if (by >= FIRST_SORT) {
            set[by - FIRST_SORT]++;
        } else if (by == NARROWER) {
            count(i - 1, j, set);
        } else if (by == LOWER) {
            count(i, j - 1, set);
        } else if (by < 0) {
            boolean upright = by % 2 == 0;
            int k = upright ? -by / 2 : -(by + 1) / 2;
            count(upright ? k : i, upright ? j : k, set);
            count(upright ? across.rest(i, k) : i, upright ? j : up.rest(j, k), set);
        }
    }
}
