package vantbreeze.hand;

import vantbreeze.operation.Hand;

/**
 * How far a maker's hands spread about what they aim at: standard deviations in mm.
 *
 * <p>0.4 mm, about 1/64 in, is what a ruler and a steady hand give. Common practice, no published source; a maker's own
 * measurements say better.
 */
public record Scatter(double cut, double score, double glue) {

    public static final double LEAST = 0.02;
    public static final double MOST = 3;
    private static final double USUAL_MM = 0.4;

    public static final Scatter USUAL = new Scatter(USUAL_MM, USUAL_MM, USUAL_MM);

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
