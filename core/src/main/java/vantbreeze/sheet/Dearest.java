package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a sheet holds at the most by straight cuts from edge to edge, every sort of blank worth so much: the recursion of P. C.
 * Gilmore and R. E. Gomory, "Multistage cutting stock problems of two and more dimensions", Operations Research 13 (1965), over
 * the places that sides of blanks add up to. It takes as many of a sort as it likes; sorts of which it took more than there are
 * are then counted (state space relaxation, after N. Christofides and A. Mingozzi; the sorts that need it alone, as G. Righini
 * and M. Salani do for routes, Networks 51 (2008)). What is not counted, and a measure that is too coarse, may make it more than a
 * sheet really holds, never less.
 */
final class Dearest {

    private static final double ROUNDING = 1e-6;

    /** More than that, even with what there is of each sort, is dear enough to be used. */
    private static final double DEAR = 1 + 1e-4;

    private static final int MOST_FOUND = 30;

    private final int supply;
    private final Axis across;
    private final Axis up;
    private final int sorts;
    private final Deadline deadline;

    /** Of each way: of which sort it is, and what it needs along either axis, as the index of the place. */
    private final int[] sort;

    private final Job.Way[] way;
    private final int[] wide;
    private final int[] high;

    /** Whether what lies on the sheet may as well lie a quarter turned. */
    private final boolean isAlikeTurned;

    private double[] worth;
    private int[] most;
    private Counted counted = Counted.NONE;

    /** Of each place along both axes, and of each state: what it holds. */
    private double[] holds = {};

    /** Which of the counted sorts are no larger than that place. */
    private int[] fitting = {};

    /**
     * @param supply which kind of sheet it is
     * @param ways of each sort; none where it does not go on the sheet
     * @param deadline after which nothing is known any more
     */
    Dearest(int supply, long width, long height, List<List<Job.Way>> ways, Deadline deadline) {
        this.supply = supply;
        this.deadline = deadline;
        sorts = ways.size();
        way = ways.stream().flatMap(List::stream).toArray(Job.Way[]::new);
        sort = IntStream.range(0, sorts)
                .flatMap(s -> ways.get(s).stream().mapToInt(w -> s))
                .toArray();
        across = Axis.of(width, Arrays.stream(way).mapToLong(Job.Way::width).toArray());
        up = Axis.of(height, Arrays.stream(way).mapToLong(Job.Way::height).toArray());
        wide = Arrays.stream(way).mapToInt(w -> across.place(w.width())).toArray();
        high = Arrays.stream(way).mapToInt(w -> up.place(w.height())).toArray();
        isAlikeTurned = width == height && ways.stream().allMatch(Dearest::isAlikeTurned);
    }

    private static boolean isAlikeTurned(List<Job.Way> ways) {
        return ways.stream()
                .allMatch(w -> ways.stream().anyMatch(o -> o.width() == w.height() && o.height() == w.width()));
    }

    static Dearest of(Job job, int supply, Deadline deadline) {
        Supply sheet = job.supplies().get(supply);
        return new Dearest(
                supply, sheet.size().width().count(), sheet.size().height().count(), job.waysOfSorts(supply), deadline);
    }

    /** Which kind of sheet it is. */
    int supply() {
        return supply;
    }

    /** @return whether a blank is so narrow that it is nothing in the measure: then it is not said how many a sheet holds */
    boolean losesAny() {
        return IntStream.range(0, sort.length).anyMatch(k -> wide[k] == 0 || high[k] == 0);
    }

    /** @return whether the sheet really gives what is found */
    boolean isExact() {
        return across.isExact() && up.isExact();
    }

    /**
     * @param limits how many of each sort it may hold
     * @param work how many divisions of what is counted may be looked at for each cut
     * @return what the whole sheet holds at the most, or more; infinite if there was no time
     */
    double of(double[] worths, int[] limits, int work) {
        worth = worths;
        most = limits;
        counted = Counted.NONE;
        while (true) {
            if (!fill()) {
                return Double.POSITIVE_INFINITY;
            }
            double held = holds[at(across.count() - 1, up.count() - 1) + counted.states() - 1];
            int[] set = dearest(counted.states() - 1).set();
            int over = -1;
            for (int s = 0; s < sorts; s++) {
                if (set[s] > most[s] && (over < 0 || excess(set, s) > excess(set, over))) {
                    over = s;
                }
            }
            if (held <= 1 + ROUNDING || over < 0 || within(set) > DEAR || counted.workWith(over, most) > work) {
                return held;
            }
            counted = counted.with(over, most);
        }
    }

    private double excess(int[] set, int s) {
        return (set[s] - most[s]) * worth[s];
    }

    private double within(int[] set) {
        return IntStream.range(0, sorts)
                .mapToDouble(s -> Math.min(set[s], most[s]) * worth[s])
                .sum();
    }

    /** @return the dearest sheet that was looked for last, and others that are worth more than 1 with fewer of what is counted */
    List<Pattern> patterns() {
        List<Pattern> found = new ArrayList<>();
        int last = at(across.count() - 1, up.count() - 1);
        for (int state = counted.states() - 1; state >= 0 && found.size() <= MOST_FOUND; state--) {
            if (holds[last + state] > 1 + ROUNDING) {
                found.add(dearest(state));
            }
        }
        return found;
    }

    private int at(int i, int j) {
        return (i * up.count() + j) * counted.states();
    }

    /** @return false if there was no time */
    private boolean fill() {
        int cells = across.count() * up.count();
        if (holds.length < cells * counted.states()) {
            holds = new double[cells * counted.states()];
        }
        Arrays.fill(holds, 0, cells * counted.states(), 0);
        fitting = new int[cells];
        for (int k = 0; k < sort.length; k++) {
            int bit = counted.bit(sort[k]);
            for (int state = 0; state < counted.states() && most[sort[k]] > 0; state++) {
                int place = at(wide[k], high[k]) + state;
                if (counted.has(state, sort[k]) && worth[sort[k]] > holds[place]) {
                    holds[place] = worth[sort[k]];
                }
            }
            for (int i = wide[k]; i < across.count() && bit != 0; i++) {
                for (int j = high[k]; j < up.count(); j++) {
                    fitting[i * up.count() + j] |= bit;
                }
            }
        }
        for (int i = 1; i < across.count(); i++) {
            if (deadline.isOver()) {
                return false;
            }
            for (int j = 1; j <= (isAlikeTurned ? i : up.count() - 1); j++) {
                fill(i, j);
                if (isAlikeTurned && j < i) {
                    System.arraycopy(holds, at(i, j), holds, at(j, i), counted.states());
                }
            }
        }
        return true;
    }

    private void fill(int i, int j) {
        int here = at(i, j);
        int narrower = at(i - 1, j);
        int lower = at(i, j - 1);
        for (int state = 0; state < counted.states(); state++) {
            double least = Math.max(holds[narrower + state], holds[lower + state]);
            if (least > holds[here + state]) {
                holds[here + state] = least;
            }
        }
        for (int k = 1, last = across.half(i); k <= last; k++) {
            divide(here, at(k, j), at(across.rest(i, k), j));
        }
        for (int k = 1, last = up.half(j); k <= last; k++) {
            divide(here, at(i, k), at(i, up.rest(j, k)));
        }
    }

    private void divide(int here, int first, int second) {
        int states = counted.states();
        if (holds[first + states - 1] + holds[second + states - 1] <= holds[here]) {
            return;
        }
        int[] divisions = counted.divisions(fitting[first / states], fitting[second / states]);
        for (int d = 0; d < divisions.length; d += 2) {
            double both = holds[first + divisions[d]] + holds[second + divisions[d + 1]];
            int place = here + divisions[d] + divisions[d + 1];
            if (both > holds[place]) {
                holds[place] = both;
            }
        }
    }

    private Pattern dearest(int state) {
        return Pattern.of(supply, place(across.count() - 1, up.count() - 1, state), sorts);
    }

    /** Which cut made a place hold what it does: reckoned again in the same way, so equal to the last bit. */
    private Pattern.Place place(int i, int j, int state) {
        double held = i == 0 || j == 0 ? 0 : holds[at(i, j) + state];
        if (held == 0) {
            return new Pattern.Free();
        }
        for (int k = 0; k < sort.length; k++) {
            if (wide[k] == i
                    && high[k] == j
                    && worth[sort[k]] == held
                    && most[sort[k]] > 0
                    && counted.has(state, sort[k])) {
                return new Pattern.For(sort[k], way[k]);
            }
        }
        if (holds[at(i - 1, j) + state] == held) {
            return place(i - 1, j, state);
        }
        if (holds[at(i, j - 1) + state] == held) {
            return place(i, j - 1, state);
        }
        for (int first = 0; first <= state; first++) {
            if (!counted.isPart(first, state)) {
                continue;
            }
            int second = state - first;
            for (int k = 1; k <= across.half(i); k++) {
                int rest = across.rest(i, k);
                if (holds[at(k, j) + first] + holds[at(rest, j) + second] == held) {
                    return new Pattern.Both(true, across.distance(k), place(k, j, first), place(rest, j, second));
                }
            }
            for (int k = 1; k <= up.half(j); k++) {
                int rest = up.rest(j, k);
                if (holds[at(i, k) + first] + holds[at(i, rest) + second] == held) {
                    return new Pattern.Both(false, up.distance(k), place(i, k, first), place(i, rest, second));
                }
            }
        }
        throw new IllegalStateException("A sheet holds what no cut gives.");
    }
}
