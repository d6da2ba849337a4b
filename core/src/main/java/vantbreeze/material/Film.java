package vantbreeze.material;

import vantbreeze.measure.Length;

/** Clear acetate as makers use it for bands that must bow: thin and floppy. Common practice, no published source. */
public final class Film {

    public static final Length THICKNESS = Length.millimetres(0.1);

    /** Cellulose acetate has about 1.3 g/cm3 (from memory), so 0.1 mm of it weighs 130 g per square metre. */
    private static final double GRAMS_PER_SQUARE_METRE = 130;

    private static final double SQUARE_MILLIMETRES_PER_SQUARE_METRE = 1e6;

    private Film() {}

    public static double grams(double squareMillimetres) {
        return squareMillimetres / SQUARE_MILLIMETRES_PER_SQUARE_METRE * GRAMS_PER_SQUARE_METRE;
    }
}
