package vantbreeze.material;

import java.util.List;
import java.util.Locale;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;

/** A sheet that can be bought or is in hand. Stored upright; whoever uses it may turn it. */
public record Sheet(String id, String name, Size size, UnitSystem system) {

    private static final List<Sheet> TABLE = DataTable.read(Sheet.class, "sheets.csv", 5).stream()
            .map(row -> {
                UnitSystem unit = UnitSystem.valueOf(row.get(4));
                return new Sheet(
                        row.get(0),
                        row.get(1),
                        new Size(Length.parse(row.get(2), unit), Length.parse(row.get(3), unit)),
                        unit);
            })
            .toList();

    /** The table's sheets, in its order. */
    public static List<Sheet> table() {
        return TABLE;
    }

    /**
     * @param text an id of the table, or a size such as "10 x 8 in"
     * @throws IllegalArgumentException if it is neither
     */
    public static Sheet named(String text) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        return TABLE.stream().filter(s -> s.id.equals(wanted)).findFirst().orElseGet(() -> cut(text));
    }

    private static Sheet cut(String text) {
        Size size = Size.parse(text, UnitSystem.INCH);
        UnitSystem unit = text.contains("m") ? UnitSystem.METRIC : UnitSystem.INCH;
        return new Sheet(text.strip(), text.strip(), size, unit);
    }
}
