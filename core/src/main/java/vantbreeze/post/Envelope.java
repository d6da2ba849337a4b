package vantbreeze.post;

import java.util.List;
import java.util.Locale;
import vantbreeze.material.DataTable;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;

/**
 * An envelope that can be bought or is in the drawer.
 *
 * @param size its inside as sold, long side first
 */
public record Envelope(String id, String name, Size size, UnitSystem system) {

    private static final List<Envelope> TABLE = DataTable.read(Envelope.class, "envelopes.csv", 5).stream()
            .map(row -> {
                UnitSystem unit = UnitSystem.valueOf(row.get(4));
                return new Envelope(
                        row.get(0),
                        row.get(1),
                        new Size(Length.parse(row.get(3), unit), Length.parse(row.get(2), unit)),
                        unit);
            })
            .toList();

    public static final Length SMALLEST = Length.inches(1);
    public static final Length LARGEST = Length.inches(24);

    /** Between a name and a size; a decimal comma has no space after it. */
    private static final String NAMED = ", ";

    /** The table's envelopes, in its order. */
    public static List<Envelope> table() {
        return TABLE;
    }

    /**
     * @param text an id of the table, or a size such as "6 x 9 in", with a name before it if it has one: "lined, 6 x 9 in"
     * @throws IllegalArgumentException if it is neither
     */
    public static Envelope named(String text) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        return TABLE.stream().filter(e -> e.id.equals(wanted)).findFirst().orElseGet(() -> measured(text.strip()));
    }

    private static Envelope measured(String text) {
        int comma = text.lastIndexOf(NAMED);
        String name = comma < 0 ? text : text.substring(0, comma).strip();
        String measures = comma < 0 ? text : text.substring(comma + NAMED.length());
        Size size = Size.parse(measures, UnitSystem.INCH);
        if (size.shortSide().isLessThan(SMALLEST) || size.longSide().isMoreThan(LARGEST)) {
            throw new IllegalArgumentException(
                    "The envelope (%s) must be 1 in (25.4 mm) to 24 in (609.6 mm) each way.".formatted(measures));
        }
        return new Envelope(
                text,
                name,
                size.isLandscape() ? size : size.turned(),
                measures.contains("m") ? UnitSystem.METRIC : UnitSystem.INCH);
    }

    /** What a card must leave free in total, each way, to go in easily. Common practice, no published source. */
    public Length ease() {
        return system == UnitSystem.INCH ? Length.inches(1, 8) : Length.millimetres(3);
    }

    /** More than this in total, each way, and the card slides about. Common practice, no published source. */
    public Length slide() {
        return system == UnitSystem.INCH ? Length.inches(1, 2) : Length.millimetres(12);
    }

    /**
     * The largest card of that thickness that goes in easily, long side first.
     *
     * @throws IllegalArgumentException if the card is so thick that nothing is left
     */
    public Size largestCard(Length thickness) {
        Length taken = ease().plus(thickness.times(2));
        return new Size(size.width().minus(taken), size.height().minus(taken));
    }
}
