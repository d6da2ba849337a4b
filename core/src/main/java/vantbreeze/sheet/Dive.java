package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Looks for a plan with so many sheets by what they would be in fractions: the sheet that is used most is cut, what is left is
 * weighed anew, and so on down to the last; then again with the second best once, twice and so on (limited discrepancy search, W.
 * D. Harvey and M. L. Ginsberg, IJCAI 1995). It finds what filling sheet by sheet does not where little may be left over.
 */
final class Dive {

    /** How closely is looked at how many blanks there are of a sort, see {@link Dearest}: more takes longer than it helps. */
    private static final int WORK = 1_000;

    /** A full sheet is preferred to one that is used by so much more. */
    private static final double FOR_FULL = 0.3;

    private static final double ROUNDING = 1e-6;

    private final Job job;
    private final Deadline deadline;
    private final Worths worths;
    private final double[] areas;
    private final int[] left;
    private final List<Pattern> chosen = new ArrayList<>();

    private Dive(Job job, int[] sheets, Deadline deadline) {
        this.job = job;
        this.deadline = deadline;
        worths = new Worths(job, sheets, deadline);
        areas = job.areas();
        left = new int[job.supplies().size()];
        for (int supply : sheets) {
            left[supply] = job.supplies().get(supply).count();
        }
    }

    /**
     * @param most how many sheets may be used
     * @return empty if none was found; that does not say that there is none
     */
    static Optional<List<CutSheet>> within(Job job, int most, Deadline deadline) {
        int[] sheets = IntStream.range(0, job.supplies().size())
                .filter(s ->
                        isWithinTrimmer(job, s) && Dearest.of(job, s, deadline).isExact())
                .toArray();
        Dive dive = new Dive(job, sheets, deadline);
        boolean found = false;
        for (int aside = 0; aside < most && !found && sheets.length > 0 && !deadline.isOver(); aside++) {
            found = dive.down(job.copies(), most, aside);
        }
        return found ? Optional.of(dive.cut()) : Optional.empty();
    }

    /** Every cut that it could need is made then. */
    private static boolean isWithinTrimmer(Job job, int supply) {
        return job.supplies().get(supply).size().longSide().count() <= job.trimmer();
    }

    private List<CutSheet> cut() {
        List<List<Blank>> blanks = job.bySort();
        return chosen.stream().map(p -> p.cut(job, blanks)).toList();
    }

    /** @param aside how often something else than the best may be chosen */
    private boolean down(int[] wanted, int sheets, int aside) {
        if (Arrays.stream(wanted).allMatch(n -> n == 0)) {
            return true;
        }
        if (sheets == 0 || deadline.isOver() || area(wanted) > sheets * largest() * (1 + ROUNDING)) {
            return false;
        }
        Worths.Weighed weighed = worths.weigh(wanted, left, WORK, sheets + 1);
        if (weighed.atLeast() > sheets) {
            return false;
        }
        int others = 0;
        for (int next : best(weighed, wanted, aside + 1)) {
            Pattern pattern = weighed.patterns().get(next);
            int[] taken = pattern.within(wanted);
            chosen.add(pattern);
            left[pattern.supply()]--;
            boolean done = down(
                    IntStream.range(0, wanted.length)
                            .map(s -> wanted[s] - taken[s])
                            .toArray(),
                    sheets - 1,
                    aside - others);
            left[pattern.supply()]++;
            if (done) {
                return true;
            }
            chosen.remove(chosen.size() - 1);
            others++;
        }
        return false;
    }

    /** Patterns that are used, those that are used most and fill most of their sheets first. */
    private List<Integer> best(Worths.Weighed weighed, int[] wanted, int most) {
        double[] good = new double[weighed.shares().length];
        for (int p = 0; p < good.length; p++) {
            Pattern pattern = weighed.patterns().get(p);
            good[p] = Math.min(1, weighed.shares()[p])
                    + FOR_FULL
                            * area(pattern.within(wanted))
                            / job.supplies().get(pattern.supply()).area();
        }
        return IntStream.range(0, good.length)
                .filter(p -> weighed.shares()[p] > ROUNDING)
                .boxed()
                .sorted(Comparator.comparingDouble(p -> -good[p]))
                .limit(most)
                .toList();
    }

    private double area(int[] set) {
        return Worths.together(areas, set);
    }

    private double largest() {
        return IntStream.range(0, left.length)
                .filter(s -> left[s] > 0)
                .mapToDouble(s -> job.supplies().get(s).area())
                .max()
                .orElse(0);
    }
}
