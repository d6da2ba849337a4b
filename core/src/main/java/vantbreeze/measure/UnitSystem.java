package vantbreeze.measure;

/** The two ways makers measure. A bare number is read in the system's {@link #symbol() unit}. */
public enum UnitSystem {
    INCH("in", Length.COUNTS_PER_INCH),
    METRIC("mm", Length.COUNTS_PER_MILLIMETRE);

    private final String symbol;
    private final long counts;

    UnitSystem(String symbol, long counts) {
        this.symbol = symbol;
        this.counts = counts;
    }

    /** The unit written after a number: "in" or "mm". */
    public String symbol() {
        return symbol;
    }

    /** How many {@link Length#count() counts} one unit holds. */
    public long countsPerUnit() {
        return counts;
    }
}
