package vantbreeze.plan;

import java.util.function.ToDoubleFunction;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;

/**
 * Looks for the largest length that will do.
 *
 * @param smallest below this nothing is looked for
 * @param longest above this neither
 */
record GridSearch(ToolGrid grid, Length smallest, Length longest) {

    /**
     * The largest length on the grid, at most {@code most}, that is not too large. Sizes grow nearly in proportion, so the
     * next try is where a straight line through what is known would cross; every third is the middle, so that it ends
     * soon whatever the fold does. A size that is refused is too small where the smallest is refused as well, otherwise
     * too large.
     */
    Length largest(Length most, ToDoubleFunction<Length> excess) {
        long step = grid.step().count();
        long low = Math.floorDiv(grid.ceiling(smallest).count(), step);
        long high = Math.floorDiv(Length.min(most, longest).count(), step);
        double atHigh = excess.applyAsDouble(grid.step().times(high));
        if (atHigh <= 0 && !Double.isInfinite(atHigh)) {
            return grid.step().times(Math.max(low, high));
        }
        double atLow = excess.applyAsDouble(grid.step().times(low));
        boolean lowIsRefused = Double.isInfinite(atLow);
        if (Double.isInfinite(atHigh) && !lowIsRefused) {
            atHigh = Double.POSITIVE_INFINITY;
        }
        if (atHigh <= 0 || high <= low) {
            return grid.step().times(Math.max(low, high));
        }
        for (int tries = 1; high - low > 1; tries++) {
            double share = tries % 3 == 0 || Double.isInfinite(atLow) || Double.isInfinite(atHigh)
                    ? 0.5
                    : -atLow / (atHigh - atLow);
            long tried = Math.min(Math.max(low + (long) (share * (high - low)), low + 1), high - 1);
            double there = excess.applyAsDouble(grid.step().times(tried));
            if (Double.isInfinite(there) && !lowIsRefused) {
                there = Double.POSITIVE_INFINITY;
            }
            if (there > 0) {
                high = tried;
                atHigh = there;
            } else {
                low = tried;
                atLow = there;
            }
        }
        return grid.step().times(low);
    }
}
