package vantbreeze.server.web;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.plan.BriefException;

/** Reads every field before anyone complains, so that the maker sees all faults at once. */
public final class FieldReader {

    private static final int LONGEST_TEXT = 1200;
    private static final String A_LENGTH = "a length such as 5 1/2 in or 140 mm";

    private final UnitSystem units;
    private final List<BriefException.Fault> faults = new ArrayList<>();

    /** @param units that a bare number counts in */
    public FieldReader(UnitSystem units) {
        this.units = units;
    }

    /** What could not be read, in the order of reading. */
    public List<BriefException.Fault> faults() {
        return List.copyOf(faults);
    }

    /** @throws FieldsRefused if anything could not be read */
    public void done() {
        if (!faults.isEmpty()) {
            throw new FieldsRefused(faults);
        }
    }

    /** @return what was read, or null after noting the fault */
    public <T> T field(String field, Object value, String allowed, Supplier<T> reader) {
        return fieldUpTo(LONGEST_TEXT, field, value, allowed, reader);
    }

    /** @param longest how many characters the value may have */
    public <T> T fieldUpTo(int longest, String field, Object value, String allowed, Supplier<T> reader) {
        try {
            if (value == null) {
                throw new IllegalArgumentException("The field (%s) must be given.".formatted(field));
            }
            if (value.toString().length() > longest) {
                throw new IllegalArgumentException("The field (%s) is too long.".formatted(field));
            }
            return reader.get();
        } catch (IllegalArgumentException e) {
            String shown = value == null ? "" : value.toString();
            faults.add(new BriefException.Fault(
                    field, shown.substring(0, Math.min(shown.length(), LONGEST_TEXT)), allowed, e.getMessage()));
            return null;
        }
    }

    public Length length(String field, String text) {
        return field(field, text, A_LENGTH, () -> Length.parse(text, units));
    }

    /** @return null also where nothing is given */
    public Length lengthIfGiven(String field, String text) {
        return text == null || text.isBlank() ? null : length(field, text);
    }

    /**
     * Counted before any of them is read.
     *
     * @return whether a fault was noted
     */
    public boolean isMoreThan(int most, String field, int count) {
        field(field, count, "at most " + most, () -> {
            if (count > most) {
                throw new IllegalArgumentException("There are %,d %s; at most %d.".formatted(count, field, most));
            }
            return count;
        });
        return count > most;
    }
}
