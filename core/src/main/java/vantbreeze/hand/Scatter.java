package vantbreeze.hand;

import vantbreeze.operation.Hand;

/**
 * How far a maker's hands spread about what they aim at: standard deviations in mm.
 *
 * <p>Trimmer and board hold a practised hand to about 1/64 in either way, twice the deviation; glue laid by eye to about 1/32.
 * Common practice, no published source, derived, please check; a maker's own measurements say better.
 */
public record Scatter(double cut, double score, double glue) {

    public static final double LEAST = 0.02;
    public static final double MOST = 3;
    private static final double SET_MM = 0.2;
    private static final double LAID_MM = 0.3;

    public static final Scatter USUAL = new Scatter(SET_MM, SET_MM, LAID_MM);

    public Scatter {
        require("cut", cut);
        require("score", score);
        require("glue", glue);
    }

    private static void require(String what, double value) {
        if (!(value >= LEAST && value <= MOST)) {
            throw new IllegalArgumentException(
                    "The scatter of a %s (%.3f mm) must be %.2f to %.0f mm.".formatted(what, value, LEAST, MOST));
        }
    }

    public double of(Hand hand) {
        return switch (hand) {
            case CUT -> cut;
            case SCORE -> score;
            case GLUE -> glue;
        };
    }
}
