package vantbreeze.measure;

import java.math.BigInteger;

/** An exact ratio of whole numbers, used only on the way to a {@link Length}. */
record Fraction(BigInteger numerator, BigInteger denominator) {

    Fraction {
        if (denominator.signum() <= 0) {
            throw new IllegalArgumentException(
                    "The fraction (%s/%s) needs a denominator of at least 1.".formatted(numerator, denominator));
        }
    }

    Fraction(long numerator, long denominator) {
        this(BigInteger.valueOf(numerator), BigInteger.valueOf(denominator));
    }

    static Fraction of(long numerator, long denominator) {
        return new Fraction(numerator, denominator);
    }

    Fraction plus(Fraction other) {
        return new Fraction(
                numerator.multiply(other.denominator).add(other.numerator.multiply(denominator)),
                denominator.multiply(other.denominator));
    }

    Fraction negated() {
        return new Fraction(numerator.negate(), denominator);
    }

    /** @return the nearest count to this many times {@code counts}; halves go up */
    Length times(long counts) {
        BigInteger two = BigInteger.TWO;
        BigInteger doubled =
                numerator.multiply(BigInteger.valueOf(counts)).multiply(two).add(denominator);
        BigInteger[] parts = doubled.divideAndRemainder(denominator.multiply(two));
        BigInteger floor = parts[1].signum() < 0 ? parts[0].subtract(BigInteger.ONE) : parts[0];
        if (floor.bitLength() > 62) {
            throw new IllegalArgumentException(
                    "The length (%s/%s units) is longer than 100 m.".formatted(numerator, denominator));
        }
        return new Length(floor.longValue());
    }
}
