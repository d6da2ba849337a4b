package vantbreeze.catalogue;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;

/** Lengths in a row, where a unit written after the last one counts for all that have none. */
final class CommonUnit {

    private static final Pattern UNIT = Pattern.compile("[a-zA-Z\"”″]+\\.?\\s*$");

    private CommonUnit() {}

    /** @throws IllegalArgumentException saying which part is no length */
    static List<Length> parse(List<String> parts, UnitSystem bareUnit) {
        Matcher unit = UNIT.matcher(parts.get(parts.size() - 1));
        String common = unit.find() ? unit.group() : "";
        return parts.stream()
                .map(String::strip)
                .map(p -> Length.parse(UNIT.matcher(p).find() ? p : p + common, bareUnit))
                .toList();
    }
}
