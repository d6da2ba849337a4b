package vantbreeze.catalogue;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;

/**
 * Rows of panels as the maker types them, from the bottom up with a slash between them: "1 M 2 V 3 / 2 M 1 V 3 in".
 *
 * @param rows at least 1 and at most {@link #MOST}, all equally long
 */
public record PanelRows(List<PanelList> rows) {

    public static final int MOST = 9;

    public PanelRows {
        rows = List.copyOf(rows);
        if (rows.isEmpty() || rows.size() > MOST) {
            throw new IllegalArgumentException("There are 1 to %d rows, not %d.".formatted(MOST, rows.size()));
        }
        for (int i = 1; i < rows.size(); i++) {
            if (!rows.get(i).total().equals(rows.get(0).total())) {
                throw new IllegalArgumentException("Row %d is %s long and row 1 is %s: rows must be equally long."
                        .formatted(
                                i + 1,
                                rows.get(i).total().exactText(UnitSystem.INCH),
                                rows.get(0).total().exactText(UnitSystem.INCH)));
            }
        }
    }

    /**
     * A slash parts rows only where spaces stand around it, since fractions have one too.
     *
     * @param bareUnit the unit of widths without one; a unit after a row's last width counts for all bare ones of it
     * @throws IllegalArgumentException saying which part is no width
     */
    public static PanelRows parse(String text, UnitSystem bareUnit) {
        return new PanelRows(Arrays.stream(text.split("\\s+/\\s+|\\n"))
                .map(row -> PanelList.parse(row, bareUnit))
                .toList());
    }

    /** Text that reads back to exactly these rows. */
    public String exactText(UnitSystem wanted) {
        return rows.stream().map(r -> r.exactText(wanted)).collect(Collectors.joining(" / "));
    }

    /** How long the strip is. */
    public Length total() {
        return rows.get(0).total();
    }
}
