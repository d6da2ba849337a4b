package vantbreeze.material;

import java.util.Objects;
import vantbreeze.measure.Length;

/**
 * A paper or card by its weight and its thickness. Whichever of the two is not known is estimated from the other.
 *
 * @param gramsPerSquareMetre from 40 to 600
 * @param thickness measured, or estimated from the grammage
 * @param text as makers say it: "300 gsm", "110 lb index", "0.4 mm"; two of the same weight and thickness are one stock, whatever it is
 */
public record Stock(int gramsPerSquareMetre, Length thickness, String text) {

    public static final int LIGHTEST = 40;
    public static final int HEAVIEST = 600;

    /** Nothing thinner or thicker is sold as paper or card. Common practice, no published source. */
    public static final Length THINNEST = Length.millimetres(0.03);

    public static final Length THICKEST = Length.millimetres(1.5);

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
        if (thickness.isLessThan(THINNEST) || thickness.isMoreThan(THICKEST)) {
            throw new IllegalArgumentException("The stock (%.3f mm thick) must be %.2f to %.2f mm thick."
                    .formatted(thickness.millimetres(), THINNEST.millimetres(), THICKEST.millimetres()));
        }
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Stock stock
                && gramsPerSquareMetre == stock.gramsPerSquareMetre
                && thickness.equals(stock.thickness);
    }

    @Override
    public int hashCode() {
        return Objects.hash(gramsPerSquareMetre, thickness);
    }

    /** Of that weight; 300 gsm is taken to be 0.375 mm thick. */
    public Stock(int gramsPerSquareMetre) {
        this(gramsPerSquareMetre, estimated(gramsPerSquareMetre), gramsPerSquareMetre + " gsm");
    }

    /**
     * @param text a weight such as "300 gsm" or "110 lb index", a thickness such as "0.4 mm" or "14 pt", or both with a
     *     comma between
     * @throws IllegalArgumentException if it is neither, or a basis weight without its grade
     */
    public static Stock parse(String text) {
        return StockReading.of(text);
    }

    /** To the nearest 1/640 mm. */
    static Length estimated(double gramsPerSquareMetre) {
        return Length.millimetres(gramsPerSquareMetre * MICROMETRES_PER_GSM / 1000);
    }

    static int estimatedGrams(Length thickness) {
        return (int) Math.round(thickness.millimetres() * 1000 / MICROMETRES_PER_GSM);
    }

    /** @return grams of a piece of that many square millimetres */
    public double grams(double squareMillimetres) {
        return squareMillimetres * gramsPerSquareMetre / 1e6;
    }
}
