package vantbreeze.material;

import java.util.Objects;
import vantbreeze.measure.Length;

/**
 * A sheet by its weight and its thickness. Whichever of the two is not known is estimated from the other by the bulk of
 * its material (ISO 534 defines the quantity).
 *
 * @param thickness measured, or estimated from the grammage
 * @param text as makers say it: "300 gsm", "110 lb index", "0.4 mm"; two of the same weight and thickness are one stock, whatever it is
 */
public record Stock(int gramsPerSquareMetre, Length thickness, String text) {

    public static final int LIGHTEST = 40;
    public static final int HEAVIEST = 600;

    /** Under this a base sags, over the other it cracks without a good score. Common practice. */
    public static final int LIGHTEST_BASE = 200;

    public static final int HEAVIEST_BASE = 350;

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

    /** Of paper of that weight; 300 gsm is taken to be 0.375 mm thick. */
    public Stock(int gramsPerSquareMetre) {
        this(gramsPerSquareMetre, Material.PAPER.thickness(gramsPerSquareMetre), gramsPerSquareMetre + " gsm");
    }

    /**
     * @param text a weight such as "300 gsm" or "110 lb index", a thickness such as "0.4 mm" or "14 pt", or both with a
     *     comma between
     * @throws IllegalArgumentException if it is neither, a basis weight without its grade, or nothing of that material
     */
    public static Stock parse(String text, Material material) {
        return StockReading.of(text, material);
    }

    /** @return grams of a piece of that many square millimetres */
    public double grams(double squareMillimetres) {
        return squareMillimetres * gramsPerSquareMetre / 1e6;
    }
}
