package vantbreeze.material;

import java.util.List;

/**
 * A grade of paper in the United States: its basis weight is what 500 sheets of its basic size weigh.
 *
 * @param squareInches the basic sheet's area
 */
public record BasisWeight(String grade, double squareInches) {

    private static final List<BasisWeight> TABLE = DataTable.read(BasisWeight.class, "basis-weights.csv", 3).stream()
            .map(row -> new BasisWeight(row.get(0), Double.parseDouble(row.get(1)) * Double.parseDouble(row.get(2))))
            .toList();

    /** A pound is 453.59237 g and an inch 25.4 mm exactly (agreement of 1959); a ream has 500 sheets. */
    private static final double GSM_SQUARE_INCHES_PER_POUND = 453.59237 / 500 / (0.0254 * 0.0254);

    /** The grades, heaviest basic sheet last. */
    public static List<BasisWeight> table() {
        return TABLE;
    }

    /** @return grams per square metre */
    public double grams(double pounds) {
        return pounds * GSM_SQUARE_INCHES_PER_POUND / squareInches;
    }
}
