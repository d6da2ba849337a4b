package vantbreeze.hand;

import java.util.List;
import vantbreeze.operation.Hand;

/**
 * What measurements say about a hand.
 *
 * @param hand what it does
 * @param count how many measurements count
 * @param slips how many were left out because they missed by more than {@link #SLIP}: wrong numbers, not a habit
 * @param bias mean of what was missed, in mm; 0 without measurements
 * @param scatter sample standard deviation, n - 1 in the denominator, in mm; 0 with fewer than two
 */
public record Habit(Hand hand, int count, int slips, double bias, double scatter) {

    /** From fewer nothing is concluded. */
    public static final int ENOUGH = 10;

    /** In mm. */
    public static final double SLIP = 3;

    /** A mean farther from 0 than twice its standard error is hardly chance. */
    private static final double HARDLY_CHANCE = 2;

    /** Less than a tenth of a millimetre no fence is moved for. */
    private static final double NOTHING = 0.1;

    /** @param missed measured less planned, in mm */
    public static Habit of(Hand hand, List<Double> missed) {
        double[] counted = missed.stream()
                .mapToDouble(m -> m)
                .filter(m -> Math.abs(m) <= SLIP)
                .toArray();
        int n = counted.length;
        double mean = 0;
        double squares = 0;
        for (int i = 0; i < n; i++) {
            double before = mean;
            mean += (counted[i] - mean) / (i + 1);
            squares += (counted[i] - before) * (counted[i] - mean);
        }
        return new Habit(hand, n, missed.size() - n, mean, n < 2 ? 0 : Math.sqrt(squares / (n - 1)));
    }

    public boolean isEnough() {
        return count >= ENOUGH;
    }

    /** Whether aiming elsewhere would help. */
    public boolean isBiased() {
        return isEnough() && Math.abs(bias) >= NOTHING && Math.abs(bias) > HARDLY_CHANCE * scatter / Math.sqrt(count);
    }
}
