package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * A bound by what blanks are worth: if no sheet can hold more than 1, all of them need as many sheets as they are worth together.
 * The worths that make this the most are found sheet by sheet, each time the dearest that breaks the rule (columns by need, P. C.
 * Gilmore and R. E. Gomory, "A linear programming approach to the cutting-stock problem", Operations Research 9 (1961)); before
 * that is done, dividing by the dearest sheet keeps the rule (A. A. Farley, Operations Research 38 (1990)).
 */
final class Worths {

    private static final double ROUNDING = 1e-6;

    /**
     * How much is looked for by the best worths so far instead of by the last: the last jump to and fro while few sheets are known
     * (P. Wentges, "Weighted Dantzig-Wolfe decomposition", International Transactions in Operational Research 4 (1997)).
     */
    private static final double STEADINESS = 0.95;

    /** With less than that the last are looked at as they are. */
    private static final double UNSTEADY = 0.1;

    private final Deadline deadline;
    private final List<Dearest> sheets = new ArrayList<>();
    private final List<Pattern> patterns = new ArrayList<>();
    private final Set<List<Integer>> known = new HashSet<>();

    /** Worths that keep the rule whatever is wanted. */
    private final double[] byArea;

    /** The best of those that were looked at for what was wanted last. */
    private double[] steady;

    /**
     * @param shares how much of each pattern is used, if fractions could be
     * @param patterns that only have what is wanted
     * @param atLeast how many sheets are needed
     */
    record Weighed(List<Pattern> patterns, double[] shares, int atLeast) {}

    /** @param sheets the kinds of sheet that may be used */
    Worths(Job job, int[] sheets, Deadline deadline) {
        this.deadline = deadline;
        int sorts = job.copies().length;
        double largest = Arrays.stream(sheets)
                .mapToDouble(s -> job.supplies().get(s).area())
                .max()
                .orElse(1);
        byArea = divided(job.areas(), largest);
        steady = byArea;
        for (int supply : sheets) {
            this.sheets.add(Dearest.of(job, supply, deadline));
            List<List<Job.Way>> ways = job.waysOfSorts(supply);
            for (int s = 0; s < sorts; s++) {
                if (!ways.get(s).isEmpty()) {
                    add(Pattern.of(supply, new Pattern.For(s, ways.get(s).get(0)), sorts));
                }
            }
        }
    }

    /**
     * How many sheets are needed at the least, whichever of them are taken.
     *
     * @param enough looked for no longer than until it is so many
     */
    static int bound(Job job, int enough, Deadline deadline) {
        int[] asMany = many(job.supplies().size());
        Worths worths = new Worths(job, IntStream.range(0, asMany.length).toArray(), deadline);
        return worths.sheets.stream().anyMatch(Dearest::losesAny)
                ? 0
                : worths.weigh(job.copies(), asMany, many(job.copies().length), 1, enough)
                        .atLeast();
    }

    private static int[] many(int length) {
        int[] many = new int[length];
        Arrays.fill(many, Integer.MAX_VALUE);
        return many;
    }

    private void add(Pattern pattern) {
        List<Integer> key = new ArrayList<>(Arrays.stream(pattern.set()).boxed().toList());
        key.add(pattern.supply());
        if (known.add(key)) {
            patterns.add(pattern);
        }
    }

    /**
     * @param wanted of each sort
     * @param left how many there are of each kind of sheet
     * @param work how closely is looked at how many blanks there are, see {@link Dearest}
     * @param enough looked for no longer than until so many sheets are needed
     */
    Weighed weigh(int[] wanted, int[] left, int work, int enough) {
        return weigh(wanted, left, wanted, work, enough);
    }

    /** @param limits how many of each sort one sheet may hold */
    private Weighed weigh(int[] wanted, int[] left, int[] limits, int work, int enough) {
        int atLeast = 0;
        double steadiness = STEADINESS;
        double most = 0;
        if (together(byArea, wanted) > together(steady, wanted)) {
            steady = byArea;
        }
        Mixing mixing = new Mixing(wanted);
        List<Pattern> there = new ArrayList<>();
        int looked = 0;
        while (true) {
            for (; looked < patterns.size(); looked++) {
                Pattern pattern = patterns.get(looked);
                if (left[pattern.supply()] > 0) {
                    there.add(pattern);
                    mixing.add(pattern.within(limits));
                }
            }
            Mixture mixture = mixing.mixed();
            double[] worths = between(mixture.worths(), steady, steadiness);
            double dearest = dearest(worths, left, limits, work);
            boolean isNew = patterns.subList(looked, patterns.size()).stream()
                    .anyMatch(p -> together(mixture.worths(), p.within(limits)) > 1 + ROUNDING);
            double worth = together(worths, wanted) / dearest;
            if (worth > most) {
                most = worth;
                steady = divided(worths, dearest);
            }
            atLeast = Math.max(atLeast, sheets(worth));
            if ((!isNew && steadiness == 0)
                    || atLeast >= enough
                    || atLeast >= sheets(mixture.sheets())
                    || deadline.isOver()) {
                return new Weighed(there, mixture.shares(), atLeast);
            }
            if (!isNew) {
                steadiness = steadiness / 2 < UNSTEADY ? 0 : steadiness / 2;
            }
        }
    }

    /**
     * Sheets that are worth more than 1 are known from then on.
     *
     * @return what any sheet that is left holds at the most, 1 at the least
     */
    private double dearest(double[] worths, int[] left, int[] limits, int work) {
        double dearest = 1;
        for (Dearest sheet : sheets) {
            if (left[sheet.supply()] > 0) {
                dearest = Math.max(dearest, sheet.of(worths, limits, work));
                if (dearest < Double.POSITIVE_INFINITY) {
                    sheet.patterns().forEach(this::add);
                }
            }
        }
        return dearest;
    }

    private static double[] divided(double[] worths, double by) {
        return Arrays.stream(worths).map(w -> w / by).toArray();
    }

    private static double[] between(double[] one, double[] other, double share) {
        return IntStream.range(0, one.length)
                .mapToDouble(s -> one[s] + share * (other[s] - one[s]))
                .toArray();
    }

    private static int sheets(double worth) {
        return (int) Math.ceil(worth - ROUNDING);
    }

    /** So many of each sort at so much each. */
    static double together(double[] worth, int[] wanted) {
        return IntStream.range(0, wanted.length)
                .mapToDouble(s -> wanted[s] * worth[s])
                .sum();
    }
}
