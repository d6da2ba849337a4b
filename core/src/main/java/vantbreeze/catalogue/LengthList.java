package vantbreeze.catalogue;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;

/**
 * Positions as the maker types them, "1, 2, 3 1/2 in".
 *
 * @param lengths rising, each at least the least that can be cut beyond the one before
 */
public record LengthList(List<Length> lengths) {

    public LengthList {
        lengths = List.copyOf(lengths);
        for (int i = 1; i < lengths.size(); i++) {
            if (lengths.get(i).minus(lengths.get(i - 1)).isLessThan(Parameter.SMALLEST_PANEL)) {
                throw new IllegalArgumentException("The positions must rise by at least %s: (%s) follows (%s)."
                        .formatted(
                                Parameter.SMALLEST_PANEL.exactText(UnitSystem.INCH),
                                lengths.get(i).exactText(UnitSystem.INCH),
                                lengths.get(i - 1).exactText(UnitSystem.INCH)));
            }
        }
    }

    /**
     * @param bareUnit the unit of lengths without one; a unit after the last counts for all bare ones
     * @throws IllegalArgumentException saying which part is no length
     */
    public static LengthList parse(String text, UnitSystem bareUnit) {
        return new LengthList(CommonUnit.parse(Arrays.asList(text.split("[,;]", -1)), bareUnit));
    }

    /** Text that reads back to exactly this list. */
    public String exactText(UnitSystem wanted) {
        return lengths.stream().map(l -> l.exactText(wanted)).collect(Collectors.joining(", "));
    }
}
