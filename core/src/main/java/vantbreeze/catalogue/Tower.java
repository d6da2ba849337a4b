package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import vantbreeze.measure.Length;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;
import vantbreeze.structure.Structure;

/**
 * Rows that come forward and rows that stay back, slit apart on both sides of a whole middle. Each side is a rhombus of
 * side s: where one row folds at 2s the next folds at 3s, and both meet again at the end panel. On the closed card the end
 * panel runs on straight from the rows that stay back, so only the others are folded at s.
 */
final class Tower implements FoldDesign {

    private static final String SIDE = "side";
    private static final String SLITS = "slits";
    private static final Parameter.Counts ROWS = new Parameter.Counts(1, 12);
    private static final double RIGHT_ANGLE = 90;

    @Override
    public String id() {
        return "tower";
    }

    @Override
    public String name() {
        return "tower";
    }

    @Override
    public String summary() {
        return "A middle that stands out as a box with windows, held by rows that are slit apart.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.length(
                        SIDE,
                        "side",
                        "Width of each fold at the sides: the box is that deep.",
                        v -> Length.min(
                                v.width().dividedBy(4).each(),
                                v.grid()
                                        .nearest(
                                                v.width().times(4).dividedBy(17).each())),
                        v -> new Range(
                                Parameter.SMALLEST_PANEL,
                                "the least that folds",
                                v.width().dividedBy(4).each(),
                                "or the rows that stay back meet behind the middle on their way")),
                Parameter.lengths(
                        SLITS,
                        "slits from the bottom",
                        "Where the rows part, counted from the bottom; the lowest row comes forward, the next stays back.",
                        Tower::usualSlits,
                        ROWS,
                        v -> new Range(
                                Parameter.SMALLEST_PANEL,
                                "the least that can be cut",
                                v.height().minus(Parameter.SMALLEST_PANEL),
                                "or no row is left above")));
    }

    /** Two equal rows from either long edge, the rest in the middle; on the grid unless it is too coarse for the card. */
    private static LengthList usualSlits(Values v) {
        Length share = v.height().times(2).dividedBy(11).each();
        Length onGrid = v.grid().nearest(share);
        boolean fits = !onGrid.isLessThan(Parameter.SMALLEST_PANEL)
                && !onGrid.times(4).plus(Parameter.SMALLEST_PANEL).isMoreThan(v.height());
        Length row = fits ? onGrid : share;
        return new LengthList(List.of(
                row, row.times(2), v.height().minus(row.times(2)), v.height().minus(row)));
    }

    @Override
    public Structure build(Values v) {
        Length s = v.length(SIDE);
        Length flat = v.width().plus(s.times(4));
        List<Length> slits = v.lengths(SLITS).lengths();
        Length centre = Values.half(v.height());
        PieceBuilder base = Piece.rectangle("base", flat, v.height())
                .scoredAcross()
                .name("left end", new Point(Values.half(s), centre))
                .name("middle", new Point(Values.half(flat), centre))
                .name("right end", new Point(flat.minus(Values.half(s)), centre));
        Map<String, Double> displayed = new HashMap<>();
        List<String> open = new ArrayList<>();
        List<String> bare = new ArrayList<>();
        Length low = Length.ZERO;
        for (int row = 1; row <= slits.size() + 1; row++) {
            Length high = row > slits.size() ? v.height() : slits.get(row - 1);
            if (row <= slits.size()) {
                base.slit("left slit " + row, new Point(s, high), new Point(s.times(3), high));
                base.slit("right slit " + row, new Point(flat.minus(s.times(3)), high), new Point(flat.minus(s), high));
            }
            for (Side side : Side.values()) {
                new Row(base, side, flat, s, low, high, row).add(displayed, open, bare);
            }
            low = high;
        }
        return Structure.of(base.build())
                .habit(Habit.BARE, bare.toArray(new String[0]))
                .habit(Habit.SIGNED, "middle/back")
                .openWhenClosed(open.toArray(new String[0]))
                .displayed(displayed)
                .handled(Handling.dressed(
                        "Stand it",
                        "Close the card: no corner may look out. Then push both ends in and stand it. It stands on its "
                                + "lower edge and does not rock."))
                .anchoredAt("middle");
    }

    private enum Side {
        LEFT,
        RIGHT;

        String word() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /** One row at one side, its scores counted from that side's end. */
    private record Row(PieceBuilder base, Side side, Length flat, Length s, Length low, Length high, int number) {

        void add(Map<String, Double> displayed, List<String> open, List<String> bare) {
            boolean forward = number % 2 == 1;
            valley("end", 1);
            displayed.put(id("end"), forward ? RIGHT_ANGLE : 0);
            name("wall", s.times(3).dividedBy(2).each());
            bare.add(id("wall"));
            if (!forward) {
                bare.add(id("link"));
            }
            if (forward) {
                mountain("edge", 2);
                displayed.put(id("edge"), -RIGHT_ANGLE);
            } else {
                open.add(id("end"));
                valley("back", 2);
                displayed.put(id("back"), RIGHT_ANGLE);
                mountain("edge", 3);
                displayed.put(id("edge"), -RIGHT_ANGLE);
                name("link", s.times(5).dividedBy(2).each());
            }
        }

        private String id(String what) {
            return side.word() + " " + what + ", row " + number;
        }

        private void valley(String what, int sides) {
            Length x = at(s.times(sides));
            base.valley(id(what), new Point(x, low), new Point(x, high));
        }

        private void mountain(String what, int sides) {
            Length x = at(s.times(sides));
            base.mountain(id(what), new Point(x, low), new Point(x, high));
        }

        private void name(String what, Length fromEnd) {
            base.name(id(what), new Point(at(fromEnd), Values.half(low.plus(high))));
        }

        private Length at(Length fromEnd) {
            return side == Side.LEFT ? fromEnd : flat.minus(fromEnd);
        }
    }
}
