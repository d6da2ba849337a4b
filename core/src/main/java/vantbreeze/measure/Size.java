package vantbreeze.measure;

/** Width by height, as it lies before you; both more than 0. */
public record Size(Length width, Length height) {

    public Size {
        if (!width.isPositive() || !height.isPositive()) {
            throw new IllegalArgumentException(
                    "The size (%s x %s) must be more than 0 both ways.".formatted(width, height));
        }
    }

    /** Reads "8 1/2 x 11 in" or "210 x 297 mm"; a unit after the second number counts for both. */
    public static Size parse(String text, UnitSystem bareUnit) {
        String[] sides = text.split("(?i)\\s*[x×]\\s*|\\s+by\\s+");
        if (sides.length != 2) {
            throw new LengthFormatException(text, "a size is two lengths with an x between them");
        }
        boolean bareWidth = !sides[0].matches("(?is).*[a-z\"'”″].*");
        String unit = sides[1].replaceFirst("^[-+0-9\\s./,\u2044\u200a\u202f¼½¾⅐-⅞&]*", "");
        return new Size(
                Length.parse(bareWidth ? sides[0] + unit : sides[0], bareUnit), Length.parse(sides[1], bareUnit));
    }

    /** As {@link #parse} reads it. */
    public String exactText(UnitSystem wanted) {
        return width.exactText(wanted) + " x " + height.exactText(wanted);
    }

    public Size turned() {
        return new Size(height, width);
    }

    public boolean isLandscape() {
        return width.isMoreThan(height);
    }

    /** @return whether it lies inside the other as it is, without turning */
    public boolean fitsWithin(Size other) {
        return !width.isMoreThan(other.width) && !height.isMoreThan(other.height);
    }

    /** @return whether it lies inside the other, turned by a right angle if need be */
    public boolean fitsWithinEitherWay(Size other) {
        return fitsWithin(other) || turned().fitsWithin(other);
    }

    public Length longSide() {
        return Length.max(width, height);
    }

    public Length shortSide() {
        return Length.min(width, height);
    }

    public double squareMillimetres() {
        return width.millimetres() * height.millimetres();
    }

    @Override
    public String toString() {
        return width + " x " + height;
    }
}
