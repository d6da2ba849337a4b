package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.optim.linear.LinearConstraint;
import org.hipparchus.optim.linear.LinearConstraintSet;
import org.hipparchus.optim.linear.LinearObjectiveFunction;
import org.hipparchus.optim.linear.NonNegativeConstraint;
import org.hipparchus.optim.linear.Relationship;
import org.hipparchus.optim.linear.SimplexSolver;
import org.hipparchus.optim.nonlinear.scalar.GoalType;

/**
 * A bound by what blanks are worth: if no sheet can hold more than 1, all of them need as many sheets as they are worth together.
 * The worths that make this the most are found sheet by sheet, each time the dearest that breaks the rule (columns by need, P. C.
 * Gilmore and R. E. Gomory, "A linear programming approach to the cutting-stock problem", Operations Research 9 (1961)); before
 * that is done, dividing by the dearest sheet keeps the rule (A. A. Farley, Operations Research 38 (1990)).
 */
final class Worths {

    private static final double ROUNDING = 1e-6;

    private final int[] copies;
    private final List<Dearest> sheets = new ArrayList<>();
    private final List<LinearConstraint> rules = new ArrayList<>();

    private Worths(Job job) {
        copies = job.copies();
        for (int s = 0; s < job.supplies().size(); s++) {
            sheets.add(new Dearest(
                    job.supplies().get(s).size().width().count(),
                    job.supplies().get(s).size().height().count(),
                    job.waysOfSorts(s)));
        }
        for (int i = 0; i < copies.length; i++) {
            double[] alone = new double[copies.length];
            alone[i] = 1;
            rules.add(new LinearConstraint(alone, Relationship.LEQ, 1));
        }
    }

    /**
     * How many sheets are needed at the least, whichever of them are taken.
     *
     * @param enough looked for no longer than until it is so many
     */
    static int bound(Job job, int enough, Deadline deadline) {
        Worths worths = new Worths(job);
        double most = 0;
        if (worths.sheets.stream().anyMatch(Dearest::losesAny)) {
            return 0;
        }
        try {
            double dearest = Double.POSITIVE_INFINITY;
            while (dearest > 1 + ROUNDING && !deadline.isOver() && sheets(most) < enough) {
                double[] worth = worths.most();
                dearest = worths.holdMore(worth);
                most = Math.max(most, worths.together(worth) / dearest);
            }
        } catch (MathIllegalStateException numbersTooClose) {
            // what is known by then holds all the same
        }
        return sheets(most);
    }

    private static int sheets(double worth) {
        return (int) Math.ceil(worth - ROUNDING);
    }

    private double together(double[] worth) {
        return IntStream.range(0, copies.length)
                .mapToDouble(i -> copies[i] * worth[i])
                .sum();
    }

    /** The worths that make the most together under the rules so far. */
    private double[] most() {
        return new SimplexSolver()
                .optimize(
                        new LinearObjectiveFunction(
                                Arrays.stream(copies).asDoubleStream().toArray(), 0),
                        new LinearConstraintSet(rules),
                        GoalType.MAXIMIZE,
                        new NonNegativeConstraint(true))
                .getPoint();
    }

    /**
     * Makes rules of the dearest sheets.
     *
     * @return what the dearest of them holds, at least 1
     */
    private double holdMore(double[] worth) {
        double dearest = 1;
        for (Dearest sheet : sheets) {
            double held = sheet.of(worth);
            if (held > 1 + ROUNDING) {
                rules.add(new LinearConstraint(
                        Arrays.stream(sheet.set()).asDoubleStream().toArray(), Relationship.LEQ, 1));
            }
            dearest = Math.max(dearest, held);
        }
        return dearest;
    }
}
