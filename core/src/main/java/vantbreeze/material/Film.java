package vantbreeze.material;

import vantbreeze.measure.Length;

/** Clear film. Cellulose acetate has about 1.3 g/cm3 (from memory), so 0.1 mm of it weighs 130 g per square metre. */
public record Film(Length thickness) implements Stuff {

    /** Thicker film creases instead of bowing. Common practice, no published source. */
    public static final Length THICKEST_THAT_BOWS = Length.millimetres(0.2);

    public static final Length THINNEST = Length.millimetres(0.03);
    public static final Length THICKEST = Length.millimetres(1);

    private static final double GRAMS_PER_CUBIC_MILLIMETRE = 0.0013;

    /** Acetate as makers use it for bands that must bow: thin and floppy. Common practice, no published source. */
    public static final Film USUAL = new Film(Length.millimetres(0.1));

    public Film {
        if (thickness.isLessThan(THINNEST) || thickness.isMoreThan(THICKEST)) {
            throw new IllegalArgumentException("The film (%.3f mm thick) must be %.2f to %.2f mm thick."
                    .formatted(thickness.millimetres(), THINNEST.millimetres(), THICKEST.millimetres()));
        }
    }

    public boolean bows() {
        return !thickness.isMoreThan(THICKEST_THAT_BOWS);
    }

    @Override
    public String called() {
        return "clear film";
    }

    @Override
    public double grams(double squareMillimetres) {
        return squareMillimetres * thickness.millimetres() * GRAMS_PER_CUBIC_MILLIMETRE;
    }

    @Override
    public boolean hasUp() {
        return false;
    }
}
