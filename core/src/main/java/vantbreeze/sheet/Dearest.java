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
 * and M. Salani do for routes, Networks 51 (2008)), and what cannot be a part of anything dear enough by what was found before is
 * left out. What is not counted, and a measure that is too coarse, may make it more than a sheet really holds, never less.
 */
final class Dearest {

    private static final double ROUNDING = 1e-6;

    /** More than that, even with what there is of each sort, is dear enough to be used. */
    private static final double DEAR = 1 + 1e-4;

    private static final int MOST_FOUND = 30;

    private static final int[] NOTHING = {0};

    private static final double HOPELESS = Double.NEGATIVE_INFINITY;

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

    /** Of each place: what the rest of the sheet holds beside it at the most, if the whole could be worth more than 1. */
    private double[] beside = {};

    /** Of each place: the states that make it hold more than with one less of anything that is counted, and enough. */
    private int[][] telling = {};

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
     * @return what the whole sheet holds at the most, or more; never less than 1, below which it is not looked closely; infinite if
     *     there was no time
     */
    double of(double[] worths, int[] limits, int work) {
        worth = worths;
        most = limits;
        counted = Counted.NONE;
        beside = new double[across.count() * up.count()];
        Arrays.fill(beside, Double.POSITIVE_INFINITY);
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
                return Math.max(1, held);
            }
            lookBeside();
            counted = counted.with(over, most);
        }
    }

    /** From the whole sheet down, by what was found last: what holds too little even with that is not filled again. */
    private void lookBeside() {
        int states = counted.states();
        double[] held = new double[across.count() * up.count()];
        for (int cell = 0; cell < held.length; cell++) {
            held[cell] = holds[(cell + 1) * states - 1];
        }
        beside = new double[held.length];
        Arrays.fill(beside, HOPELESS);
        beside[held.length - 1] = 0;
        for (int i = across.count() - 1; i > 0; i--) {
            for (int j = up.count() - 1; j > 0; j--) {
                int here = cell(i, j);
                if (held[here] + beside[here] <= 1 + ROUNDING) {
                    beside[here] = HOPELESS;
                    continue;
                }
                raise(cell(i - 1, j), beside[here]);
                raise(cell(i, j - 1), beside[here]);
                for (int k = 1, last = across.half(i); k <= last; k++) {
                    lookBesideParts(held, here, cell(k, j), cell(across.rest(i, k), j));
                }
                for (int k = 1, last = up.half(j); k <= last; k++) {
                    lookBesideParts(held, here, cell(i, k), cell(i, up.rest(j, k)));
                }
            }
        }
    }

    private void lookBesideParts(double[] held, int here, int first, int second) {
        if (held[first] + held[second] + beside[here] > 1 + ROUNDING) {
            raise(first, beside[here] + held[second]);
            raise(second, beside[here] + held[first]);
        }
    }

    private void raise(int part, double held) {
        beside[part] = Math.max(beside[part], held);
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

    private int cell(int i, int j) {
        return i * up.count() + j;
    }

    private int at(int i, int j) {
        return cell(i, j) * counted.states();
    }

    /** @return false if there was no time */
    private boolean fill() {
        int cells = across.count() * up.count();
        if (holds.length < cells * counted.states()) {
            holds = new double[cells * counted.states()];
        }
        Arrays.fill(holds, 0, cells * counted.states(), 0);
        telling = new int[cells][];
        Arrays.fill(telling, NOTHING);
        for (int k = 0; k < sort.length; k++) {
            for (int state = 0; state < counted.states() && most[sort[k]] > 0; state++) {
                int place = at(wide[k], high[k]) + state;
                if (counted.has(state, sort[k]) && worth[sort[k]] > holds[place]) {
                    holds[place] = worth[sort[k]];
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
                    telling[cell(j, i)] = telling[cell(i, j)];
                }
            }
        }
        return true;
    }

    private void fill(int i, int j) {
        if (beside[cell(i, j)] == HOPELESS) {
            return;
        }
        int here = at(i, j);
        int narrower = at(i - 1, j);
        int lower = at(i, j - 1);
        for (int state = 0; state < counted.states(); state++) {
            holds[here + state] =
                    Math.max(holds[here + state], Math.max(holds[narrower + state], holds[lower + state]));
        }
        for (int k = 1, last = across.half(i); k <= last; k++) {
            divide(cell(i, j), cell(k, j), cell(across.rest(i, k), j));
        }
        for (int k = 1, last = up.half(j); k <= last; k++) {
            divide(cell(i, j), cell(i, k), cell(i, up.rest(j, k)));
        }
        telling[cell(i, j)] = counted.telling(holds, here, 1 + ROUNDING - beside[cell(i, j)]);
    }

    private void divide(int cell, int first, int second) {
        int here = cell * counted.states();
        int one = first * counted.states();
        int other = second * counted.states();
        double most = holds[other + counted.states() - 1];
        if (holds[one + counted.states() - 1] + most + beside[cell] <= 1 + ROUNDING) {
            return;
        }
        for (int inOne : telling[first]) {
            double held = holds[one + inOne];
            if (held + most <= holds[here + inOne]) {
                continue;
            }
            for (int inOther : telling[second]) {
                double both = held + holds[other + inOther];
                int place = here + inOne + inOther;
                if (counted.hasBoth(inOne, inOther) && both > holds[place]) {
                    holds[place] = both;
                }
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
