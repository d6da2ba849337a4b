package vantbreeze.catalogue;

import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.CornerList;
import vantbreeze.structure.Silhouette;

/**
 * Something about a fold that the maker may choose.
 *
 * @param key its name in a brief
 * @param label its name in a sentence, lower case
 * @param help one line
 * @param fallback the value when the maker says nothing, from the values before it; null when it must be given
 * @param range for a length, and for each of a list of lengths; otherwise null
 * @param counts for counts, and for how long a list is; otherwise null
 * @param choices for choices, the first one usual, and the outlines of the library that suit; otherwise null
 * @param shape what an outline must have; otherwise null
 * @param applies whether it matters, from the values before; where it does not, it has no value
 * @param advice how far it goes before the card sticks out when closed; null if that does not depend on it
 */
public record Parameter(
        String key,
        String label,
        String help,
        Kind kind,
        Function<Values, Object> fallback,
        Function<Values, Range> range,
        Counts counts,
        Function<Values, List<String>> choices,
        Shape shape,
        Predicate<Values> applies,
        Function<Values, Advice> advice) {

    /** @param words of what suits, "an outline that ..." */
    record Shape(Predicate<Silhouette> suits, String words) {}

    /** @param what the length is, "the wing" */
    public record Advice(Length most, String what) {}

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
        PANELS,
        PATTERN,
        LENGTHS,
        CHOICE,
        OUTLINE,
        GLUE
    }

    private static final int LONGEST_TEXT = 1200;

    /** Two numbers of a drawing program, with all their digits. */
    private static final int LONGEST_CORNER = 40;

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
        return length(WIDTH, "closed width", "Left to right, closed.", fallback, v -> side());
    }

    static Parameter height() {
        return height((Function<Values, Object>) null);
    }

    static Parameter height(Function<Values, Object> fallback) {
        return length(HEIGHT, "closed height", "Bottom to top, closed.", fallback, v -> side());
    }

    /** Where the height has to suit the width. */
    static Parameter height(Proportions proportions) {
        return height().within(v -> new Range(
                Length.max(SMALLEST_SIDE, proportions.lowest(v.width())),
                proportions.why(),
                Length.min(LARGEST_SIDE, proportions.highest(v.width())),
                proportions.why()));
    }

    static Parameter length(
            String key, String label, String help, Function<Values, Object> fallback, Function<Values, Range> range) {
        return new Parameter(key, label, help, Kind.LENGTH, fallback, range, null, null, null, v -> true, null);
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
        return new Parameter(
                key, label, help, Kind.COUNT, v -> usual, null, new Counts(least, most), null, null, v -> true, null);
    }

    static Parameter panels(String key, String label, String help, PanelRows usual) {
        return new Parameter(key, label, help, Kind.PANELS, v -> usual, null, null, null, null, v -> true, null);
    }

    static Parameter pattern(String key, String label, String help, LinePattern usual) {
        return new Parameter(key, label, help, Kind.PATTERN, v -> usual, null, null, null, null, v -> true, null);
    }

    /** Lengths in rising order. */
    static Parameter lengths(
            String key,
            String label,
            String help,
            Function<Values, Object> fallback,
            Counts counts,
            Function<Values, Range> range) {
        return new Parameter(key, label, help, Kind.LENGTHS, fallback, range, counts, null, null, v -> true, null);
    }

    /** Panels glued to panels; nothing, unless it is said. */
    static Parameter glue(String key, String label, String help) {
        return new Parameter(key, label, help, Kind.GLUE, v -> GlueList.NONE, null, null, null, null, v -> true, null);
    }

    static Parameter choice(String key, String label, String help, String... choices) {
        return choice(key, label, help, v -> choices[0], v -> List.of(choices));
    }

    static Parameter choice(
            String key,
            String label,
            String help,
            Function<Values, Object> fallback,
            Function<Values, List<String>> choices) {
        return new Parameter(key, label, help, Kind.CHOICE, fallback, null, null, choices, null, v -> true, null);
    }

    /** An outline of the library, or one that the maker drew. */
    static Parameter outline(String key, String label, String help, String usual, Shape shape) {
        return new Parameter(
                key,
                label,
                help,
                Kind.OUTLINE,
                v -> Silhouette.parse(usual),
                null,
                null,
                v -> Silhouette.names(shape.suits()),
                shape,
                v -> true,
                null);
    }

    /**
     * Reads a value as a maker types it.
     *
     * @param bareUnit the unit of lengths without one
     * @throws IllegalArgumentException saying what cannot be read; ranges are not looked at
     */
    public Object read(String text, UnitSystem bareUnit) {
        return switch (kind) {
            case LENGTH -> Length.parse(text, bareUnit);
            case LENGTHS -> LengthList.parse(text, bareUnit);
            case COUNT -> count(text);
            case CHOICE -> text.strip();
            case OUTLINE -> Silhouette.parse(text);
            case PANELS -> PanelRows.parse(text, bareUnit);
            case PATTERN -> LinePattern.parse(text, bareUnit);
            case GLUE -> GlueList.parse(text);
        };
    }

    /** More characters than any value needs. */
    public int longestText() {
        return switch (kind) {
            case OUTLINE -> CornerList.MOST * LONGEST_CORNER;
            case PATTERN -> LinePattern.MOST_PLACES * LONGEST_CORNER;
            default -> LONGEST_TEXT;
        };
    }

    private Integer count(String text) {
        try {
            return Integer.valueOf(text.strip());
        } catch (NumberFormatException notWhole) {
            throw new IllegalArgumentException(
                    "The %s (%s) must be a whole number, %s.".formatted(label, text, counts.text()));
        }
    }

    /** What may be typed, for a message. */
    public String form() {
        return switch (kind) {
            case LENGTH -> "a length such as 5 1/2 in or 140 mm";
            case LENGTHS -> "lengths in rising order, such as 1, 2, 3 1/2 in";
            case COUNT -> counts.text();
            case CHOICE -> "a choice";
            case OUTLINE ->
                "an outline of the library, or \"drawn\" and its %d to %d corners"
                        .formatted(CornerList.FEWEST, CornerList.MOST);
            case PANELS ->
                "%d to %d widths with M or V between them, rows with a slash between them"
                        .formatted(PanelList.FEWEST, PanelList.MOST);
            case PATTERN ->
                "such as outline 0,0 4,0 4,3 0,3; mountain 2,0 2,3 in: one outline, at most %d lines and %d places"
                        .formatted(LinePattern.MOST_LINES, LinePattern.MOST_PLACES);
            case GLUE -> "such as panel 1 on panel 4, or nothing";
        };
    }

    /** The same with a narrower range. */
    Parameter within(Function<Values, Range> narrower) {
        return new Parameter(key, label, help, kind, fallback, narrower, counts, choices, shape, applies, advice);
    }

    /** The same, where it matters only sometimes. */
    Parameter onlyIf(Predicate<Values> condition) {
        return new Parameter(key, label, help, kind, fallback, range, counts, choices, shape, condition, advice);
    }

    /** The same with what keeps the closed card within its size. */
    Parameter advised(Function<Values, Advice> most) {
        return new Parameter(key, label, help, kind, fallback, range, counts, choices, shape, applies, most);
    }

    private static Range side() {
        return new Range(SMALLEST_SIDE, "to be handled", LARGEST_SIDE, "the longest roll or sheet");
    }
}
