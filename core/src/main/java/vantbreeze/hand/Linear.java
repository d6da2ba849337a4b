package vantbreeze.hand;

/**
 * A length that depends linearly on what hands miss.
 *
 * @param planned in mm
 * @param of indices of the settings that it depends on
 * @param by mm for each mm of them
 */
public record Linear(double planned, int[] of, double[] by) {

    double at(double[] missed) {
        double value = planned;
        for (int i = 0; i < of.length; i++) {
            value += by[i] * missed[of[i]];
        }
        return value;
    }

    /** @param scatters standard deviations of independent settings in mm
     *  @return its own, by the variance of a sum of independent quantities */
    double deviation(double[] scatters) {
        double variance = 0;
        for (int i = 0; i < of.length; i++) {
            variance += Math.pow(by[i] * scatters[of[i]], 2);
        }
        return Math.sqrt(variance);
    }
}
