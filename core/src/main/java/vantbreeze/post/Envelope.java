package vantbreeze.post;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import vantbreeze.material.DataTable;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;

/**
 * An envelope that can be bought or is in the drawer.
 *
 * @param size its inside as sold, long side first
 * @param usualCard the card that is made for it by custom, long side first; empty for one that the maker measured
 */
public record Envelope(String id, String name, Size size, UnitSystem system, Optional<Size> usualCard) {

    private static final List<Envelope> TABLE = DataTable.read(Envelope.class, "envelopes.csv", 7).stream()
            .map(row -> {
                UnitSystem unit = UnitSystem.valueOf(row.get(4));
                return new Envelope(
                        row.get(0),
                        row.get(1),
                        new Size(Length.parse(row.get(3), unit), Length.parse(row.get(2), unit)),
                        unit,
                        Optional.of(new Size(Length.parse(row.get(6), unit), Length.parse(row.get(5), unit))));
            })
            .toList();

    public static final Length SMALLEST = Length.inches(1);
    public static final Length LARGEST = Length.inches(24);

    /** As it is written on the drawer. */
    private static final int LONGEST_NAME = 60;

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
        if (name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(
                    "The envelope's name (%d characters) must have at most %d.".formatted(name.length(), LONGEST_NAME));
        }
        Size size = Size.parse(measures, UnitSystem.INCH);
        if (size.shortSide().isLessThan(SMALLEST) || size.longSide().isMoreThan(LARGEST)) {
            throw new IllegalArgumentException(
                    "The envelope (%s) must be 1 in (25.4 mm) to 24 in (609.6 mm) each way.".formatted(measures));
        }
        return new Envelope(
                text,
                name,
                size.isLandscape() ? size : size.turned(),
                measures.contains("m") ? UnitSystem.METRIC : UnitSystem.INCH,
                Optional.empty());
    }

    /** What a card must leave free each way to go in easily. Common practice, no published source. */
    public Length ease() {
        return system == UnitSystem.INCH ? Length.inches(1, 32) : Length.millimetres(0.8);
    }

    /**
     * More than this to spare in one direction and the card slides about. Common practice, no published source; never less
     * than what the usual card leaves, which is not called loose in the envelope made for it (A4 in C4 leaves 27 mm).
     */
    public Length slide() {
        Length usual = usualCard
                .map(card -> Length.max(
                        size.width().minus(card.width()), size.height().minus(card.height())))
                .orElse(Length.ZERO);
        return Length.max(usual, system == UnitSystem.INCH ? Length.inches(3, 4) : Length.millimetres(20L));
    }
}
