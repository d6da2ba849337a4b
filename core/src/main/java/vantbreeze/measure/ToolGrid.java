package vantbreeze.measure;

import java.util.List;

/**
 * The marks a tool offers: a ruler's, a trimmer's or a scoring board's.
 *
 * @param step the distance between two marks, from 1/64 in to 1/4 in or from 0.5 mm to 1 cm
 * @param system the unit the marks are read in
 */
public record ToolGrid(Length step, UnitSystem system) {

    public static final ToolGrid SIXTY_FOURTH_INCH = inch(64);
    public static final ToolGrid THIRTY_SECOND_INCH = inch(32);
    public static final ToolGrid SIXTEENTH_INCH = inch(16);
    public static final ToolGrid EIGHTH_INCH = inch(8);
    public static final ToolGrid QUARTER_INCH = inch(4);
    public static final ToolGrid HALF_MILLIMETRE = metric(320);
    public static final ToolGrid MILLIMETRE = metric(640);
    public static final ToolGrid TWO_MILLIMETRES = metric(1280);
    public static final ToolGrid FIVE_MILLIMETRES = metric(3200);
    public static final ToolGrid CENTIMETRE = metric(6400);

    /** Every grid on offer, finest first, inches before metric. */
    public static final List<ToolGrid> ALL = List.of(
            SIXTY_FOURTH_INCH,
            THIRTY_SECOND_INCH,
            SIXTEENTH_INCH,
            EIGHTH_INCH,
            QUARTER_INCH,
            HALF_MILLIMETRE,
            MILLIMETRE,
            TWO_MILLIMETRES,
            FIVE_MILLIMETRES,
            CENTIMETRE);

    public ToolGrid {
        if (!step.isPositive()) {
            throw new IllegalArgumentException("The grid step (%s) must be more than 0.".formatted(step));
        }
    }

    private static ToolGrid inch(int denominator) {
        return new ToolGrid(Length.inches(1, denominator), UnitSystem.INCH);
    }

    private static ToolGrid metric(long counts) {
        return new ToolGrid(Length.ofCounts(counts), UnitSystem.METRIC);
    }

    /** @throws IllegalArgumentException if the text is no length or no grid on offer has that step */
    public static ToolGrid parse(String text) {
        Length step = Length.parse(text, UnitSystem.INCH);
        return ALL.stream()
                .filter(g -> g.step.equals(step))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "The grid (%s) is not on offer. Choose one of %s.".formatted(text, names())));
    }

    /** The names of all grids on offer, for messages and choices. */
    public static String names() {
        return String.join(", ", ALL.stream().map(ToolGrid::name).toList());
    }

    /** The step as it is said: "1/16 in", "0.5 mm". */
    public String name() {
        return step.exactText(system);
    }

    public boolean isOn(Length position) {
        return Math.floorMod(position.count(), step.count()) == 0;
    }

    public Length floor(Length position) {
        return step.times(Math.floorDiv(position.count(), step.count()));
    }

    public Length ceiling(Length position) {
        return floor(position.negated()).negated();
    }

    /** Both sides. */
    public Size ceiling(Size size) {
        return new Size(ceiling(size.width()), ceiling(size.height()));
    }

    /** @return the nearest mark; a position half way goes to the upper one */
    public Length nearest(Length position) {
        return step.times(Math.floorDiv(2 * position.count() + step.count(), 2 * step.count()));
    }
}
