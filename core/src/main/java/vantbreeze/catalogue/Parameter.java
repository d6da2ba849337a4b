package vantbreeze.catalogue;

import java.util.function.Function;
import vantbreeze.measure.Length;

/**
 * Something about a fold that the maker may choose.
 *
 * @param key its name in a brief
 * @param label its name in a sentence, lower case
 * @param help one line
 * @param fallback the value when the maker says nothing, from the values before it; null when it must be given
 * @param range for lengths; otherwise null
 * @param counts for counts; otherwise null
 */
public record Parameter(
        String key,
        String label,
        String help,
        Kind kind,
        Function<Values, Object> fallback,
        Function<Values, Range> range,
        Counts counts) {

    /** What a count may be, both ends included. */
    public record Counts(int least, int most) {
        public boolean holds(int value) {
            return value >= least && value <= most;
        }

        /** "2 to 12". */
        public String text() {
            return least + " to " + most;
        }
    }

    /** What a value is made of. */
    public enum Kind {
        LENGTH,
        COUNT,
        PANELS
    }

    public static final String WIDTH = "width";
    public static final String HEIGHT = "height";

    /** Below this nothing can be handled, above it no sheet reaches. Common practice, no published source. */
    static final Length SMALLEST_SIDE = Length.inches(1);

    static final Length LARGEST_SIDE = Length.inches(40);

    /** The least a trimmer cuts and a maker can hold. */
    static final Length SMALLEST_PANEL = Length.inches(1, 16);

    /** The closed card's width, given by the brief. */
    static Parameter width() {
        return width(null);
    }

    static Parameter width(Function<Values, Object> fallback) {
        return new Parameter(WIDTH, "closed width", "Left to right, closed.", Kind.LENGTH, fallback, v -> side(), null);
    }

    static Parameter height() {
        return new Parameter(HEIGHT, "closed height", "Bottom to top, closed.", Kind.LENGTH, null, v -> side(), null);
    }

    static Parameter length(
            String key, String label, String help, Function<Values, Object> fallback, Function<Values, Range> range) {
        return new Parameter(key, label, help, Kind.LENGTH, fallback, range, null);
    }

    /** A width that any panel can have: from the least that can be cut to the width of the card. */
    static Parameter panelWidth(String key, String label, String help, Function<Values, Object> fallback) {
        return length(
                key,
                label,
                help,
                fallback,
                v -> new Range(SMALLEST_PANEL, "the least that can be cut", v.width(), "the width of the card"));
    }

    /** Height of a strip across the card. */
    static Parameter stripHeight(String key, String label, String help, Function<Values, Object> fallback) {
        return length(
                key,
                label,
                help,
                fallback,
                v -> new Range(SMALLEST_PANEL, "the least that can be cut", v.height(), "the height of the card"));
    }

    /** How high such a strip sits, within the card. */
    static Parameter fromBottom(
            String key, String strip, String stripKey, String help, Function<Values, Object> fallback) {
        return length(
                key,
                strip + " from the bottom",
                help,
                fallback,
                v -> new Range(
                        Length.ZERO,
                        "the bottom",
                        v.height().minus(v.length(stripKey)),
                        "or the %s leaves the card".formatted(strip)));
    }

    static Parameter count(String key, String label, String help, int usual, int least, int most) {
        return new Parameter(key, label, help, Kind.COUNT, v -> usual, null, new Counts(least, most));
    }

    static Parameter panels(String key, String label, String help, PanelList usual) {
        return new Parameter(key, label, help, Kind.PANELS, v -> usual, null, null);
    }

    private static Range side() {
        return new Range(SMALLEST_SIDE, "to be handled", LARGEST_SIDE, "the longest roll or sheet");
    }
}
