package vantbreeze.material;

import vantbreeze.measure.Length;

/**
 * A paper or card by its weight; its thickness is estimated from the grammage.
 *
 * @param gramsPerSquareMetre from 40 to 600
 */
public record Stock(int gramsPerSquareMetre) {

    public static final int LIGHTEST = 40;
    public static final int HEAVIEST = 600;

    /** Under this a base sags, over the other it cracks without a good score. Common practice. */
    public static final int LIGHTEST_BASE = 200;

    public static final int HEAVIEST_BASE = 350;

    /** Micrometres of caliper for one g/m² at a bulk of 1.25 cm³/g (from memory; ISO 534 defines the quantity). */
    private static final double MICROMETRES_PER_GSM = 1.25;

    public Stock {
        if (gramsPerSquareMetre < LIGHTEST || gramsPerSquareMetre > HEAVIEST) {
            throw new IllegalArgumentException(
                    "The stock (%d gsm) must weigh %d to %d gsm.".formatted(gramsPerSquareMetre, LIGHTEST, HEAVIEST));
        }
    }

    /** Estimated caliper, to the nearest 1/640 mm: 300 gsm is 0.375 mm. */
    public Length thickness() {
        return Length.millimetres(gramsPerSquareMetre * MICROMETRES_PER_GSM / 1000);
    }

    /** @return grams of a piece of that many square millimetres */
    public double grams(double squareMillimetres) {
        return squareMillimetres * gramsPerSquareMetre / 1e6;
    }
}
