package vantbreeze.hand;

import java.util.function.ToDoubleFunction;

/**
 * Something about the finished card that is right or wrong.
 *
 * @param about what it is about, in words
 * @param margin how far the values are from being wrong, in mm; negative by how much they are
 */
public record Check(Kind kind, String about, Linear[] values, ToDoubleFunction<double[]> margin) {

    /** What is looked at. */
    public enum Kind {
        /** Nothing looks out beyond the closed card. */
        STICKS_OUT,
        /** What is joined in a ring meets. */
        CLOSES,
        /** Gates meet in a hairline. */
        MEETS,
        FITS,
        /** Borders look even. */
        BORDERS
    }

    double margin(double[] missed) {
        double[] at = new double[values.length];
        for (int i = 0; i < at.length; i++) {
            at[i] = values[i].at(missed);
        }
        return margin.applyAsDouble(at);
    }
}
