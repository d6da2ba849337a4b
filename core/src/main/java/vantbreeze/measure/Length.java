package vantbreeze.measure;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * An exact length: a whole number of 1/640 mm. 1/64 in is 254 of them (1 in = 25.4 mm exactly, by the international
 * yard and pound agreement of 1959) and 0.05 mm is 32, so inch fractions and millimetres mix without drift.
 *
 * @param count in 1/640 mm; negative for a position left of or below an origin
 */
public record Length(long count) implements Comparable<Length> {

    public static final long COUNTS_PER_MILLIMETRE = 640;
    public static final long COUNTS_PER_INCH = 16_256;
    public static final Length ZERO = new Length(0);

    /** 100 m: no card, sheet or roll is near it, and sums of many stay far inside a long. */
    private static final long MOST = 100_000L * COUNTS_PER_MILLIMETRE;

    public Length {
        if (count > MOST || count < -MOST) {
            throw new IllegalArgumentException("The length (%s mm) is longer than 100 m. Maybe a unit was mistaken?"
                    .formatted(count / COUNTS_PER_MILLIMETRE));
        }
    }

    public static Length ofCounts(long counts) {
        return new Length(counts);
    }

    /** @return the count nearest to a computed position; {@code counts} is in 1/640 mm */
    public static Length nearestTo(double counts) {
        if (!Double.isFinite(counts)) {
            throw new IllegalArgumentException(
                    "The length (%s counts of 1/640 mm) must be finite. Maybe a division by a panel without width?"
                            .formatted(counts));
        }
        return new Length(Math.round(counts));
    }

    /** @return that many inches, for instance {@code inches(11, 64)} for 11/64 in */
    public static Length inches(long numerator, long denominator) {
        return Fraction.of(numerator, denominator).times(COUNTS_PER_INCH);
    }

    public static Length inches(long whole) {
        return inches(whole, 1);
    }

    public static Length millimetres(long whole) {
        return new Length(Math.multiplyExact(whole, COUNTS_PER_MILLIMETRE));
    }

    /** @return the nearest count, at most 1/1280 mm away */
    public static Length millimetres(double mm) {
        return nearestTo(mm * COUNTS_PER_MILLIMETRE);
    }

    /**
     * Reads what makers write: 2 3/4, 2-3/4 in, 2¾", 2.75in, 7 cm, 69.85 mm, 2,5 cm.
     *
     * @param bareUnit the unit of a number written without one
     * @throws LengthFormatException naming the text and what would be read
     */
    public static Length parse(String text, UnitSystem bareUnit) {
        return LengthParser.parse(text, bareUnit);
    }

    /** @return whose unit is written after the number; empty for a bare number and for what is no length */
    public static Optional<UnitSystem> unitsWritten(String text) {
        return LengthParser.written(text);
    }

    public double millimetres() {
        return (double) count / COUNTS_PER_MILLIMETRE;
    }

    public double inches() {
        return (double) count / COUNTS_PER_INCH;
    }

    public Length plus(Length other) {
        return new Length(count + other.count);
    }

    public Length minus(Length other) {
        return new Length(count - other.count);
    }

    public Length times(long factor) {
        return new Length(Math.multiplyExact(count, factor));
    }

    public Length negated() {
        return new Length(-count);
    }

    /** Equal parts, and what is left over when the count does not divide. */
    public Division dividedBy(int parts) {
        if (parts < 1) {
            throw new IllegalArgumentException("A length is divided into (%s) parts; at least 1.".formatted(parts));
        }
        return new Division(new Length(Math.floorDiv(count, parts)), new Length(Math.floorMod(count, parts)));
    }

    /** This length scaled by {@code numerator / denominator}, to the nearest count. */
    public Length scaled(Length numerator, Length denominator) {
        return new Fraction(numerator.count, denominator.count).times(count);
    }

    public boolean isPositive() {
        return count > 0;
    }

    public boolean isNegative() {
        return count < 0;
    }

    public boolean isLessThan(Length other) {
        return count < other.count;
    }

    public boolean isMoreThan(Length other) {
        return count > other.count;
    }

    /** The largest length that all of them are whole multiples of; nothing if there are none. */
    public static Length commonMeasure(Stream<Length> lengths) {
        return new Length(lengths.mapToLong(Length::count).reduce(0, (a, b) -> {
            long x = Math.abs(a);
            long y = Math.abs(b);
            while (y != 0) {
                long rest = x % y;
                x = y;
                y = rest;
            }
            return x;
        }));
    }

    /** @return whether the two differ by at most {@code tolerance}; {@code equals} stays exact */
    public boolean isWithin(Length tolerance, Length other) {
        return Math.abs(count - other.count) <= tolerance.count;
    }

    public static Length min(Length a, Length b) {
        return a.count <= b.count ? a : b;
    }

    public static Length max(Length a, Length b) {
        return a.count >= b.count ? a : b;
    }

    /**
     * Plain text that reads back to exactly this length, in the wanted unit where that unit can say it (inches to 1/64),
     * otherwise in millimetres with all decimals.
     */
    public String exactText(UnitSystem wanted) {
        if (wanted == UnitSystem.INCH && ToolGrid.SIXTY_FOURTH_INCH.isOn(this)) {
            return (isNegative() ? "-" : "") + Ruler.plainInches(this) + " in";
        }
        BigDecimal mm = BigDecimal.valueOf(count).divide(BigDecimal.valueOf(COUNTS_PER_MILLIMETRE));
        return mm.stripTrailingZeros().toPlainString() + " mm";
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(count, other.count);
    }

    @Override
    public String toString() {
        return exactText(UnitSystem.METRIC);
    }
}
