package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import vantbreeze.measure.Length;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;
import vantbreeze.structure.Structure;

/**
 * Rows of steps beside each other between one front and one back, slit apart. Every row climbs the same rise over the same
 * run, so all close together.
 */
final class Staircase {

    static final String STEPS = "steps";
    static final String RISE = "rise";
    static final String ROW = "row";

    private static final double RIGHT_ANGLE = 90;

    private Staircase() {}

    /** @param steps how many equal steps the row climbs in */
    record Row(Length width, int steps) {}

    static List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.count(
                        STEPS, "small steps", "How many small steps climb what the others climb in one.", 3, 2, 6),
                Parameter.length(
                        RISE,
                        "rise",
                        "How high the steps climb in all; they run back as far.",
                        Staircase::usualRise,
                        v -> new Range(
                                Parameter.SMALLEST_PANEL.times(v.count(STEPS)),
                                "or the small steps cannot be folded",
                                v.height(),
                                "the height of the card")),
                Parameter.length(
                        ROW,
                        "small steps' row",
                        "Width of the row of small steps.",
                        v -> v.grid().nearest(Values.half(v.width())),
                        v -> new Range(
                                Parameter.SMALLEST_PANEL,
                                "the least that can be cut",
                                v.width().minus(Parameter.SMALLEST_PANEL.times(2)),
                                "or no big step is left")));
    }

    /** About a third of the card, such that every small step lies on the grid. */
    private static Length usualRise(Values v) {
        Length step = v.grid().nearest(v.height().dividedBy(3 * v.count(STEPS)).each());
        return Length.max(step, v.grid().ceiling(Parameter.SMALLEST_PANEL)).times(v.count(STEPS));
    }

    /** Front below, back above: inside up, as it lies before you. */
    static Structure build(Values v, List<Row> rows) {
        Length w = v.width();
        Length front = v.height();
        Length rise = v.length(RISE);
        Length back = front.plus(rise.times(2));
        PieceBuilder base = Piece.rectangle("base", w, back.plus(v.height()))
                .valley("front score", new Point(Length.ZERO, front), new Point(w, front))
                .valley("back score", new Point(Length.ZERO, back), new Point(w, back))
                .name("front", new Point(Values.half(w), Values.half(front)))
                .name("back", new Point(Values.half(w), back.plus(Values.half(front))));
        Map<String, Double> displayed = new HashMap<>(Map.of("front score", RIGHT_ANGLE, "back score", RIGHT_ANGLE));
        Length left = Length.ZERO;
        for (int i = 0; i < rows.size(); i++) {
            Length right = left.plus(rows.get(i).width());
            if (i > 0) {
                base.slit("slit " + i, new Point(left, front), new Point(left, back));
            }
            addSteps(
                    base,
                    "row " + (i + 1),
                    left,
                    right,
                    front,
                    heights(rise, rows.get(i).steps()),
                    displayed);
            left = right;
        }
        return Structure.of(base.build()).displayed(displayed).anchoredAt("back");
    }

    /** Equal shares of the rise; what does not divide goes to the last. */
    private static List<Length> heights(Length rise, int steps) {
        List<Length> heights = new ArrayList<>();
        for (int i = 0; i < steps; i++) {
            heights.add(rise.dividedBy(steps).each());
        }
        heights.set(steps - 1, heights.get(0).plus(rise.dividedBy(steps).remainder()));
        return heights;
    }

    /** From the front: a riser up, a tread back, a riser up ... with a mountain after each riser, a valley after a tread. */
    private static void addSteps(
            PieceBuilder base,
            String row,
            Length left,
            Length right,
            Length front,
            List<Length> heights,
            Map<String, Double> displayed) {
        Length centre = Values.half(left.plus(right));
        Length y = front;
        for (int step = 1; step <= heights.size(); step++) {
            Length height = heights.get(step - 1);
            String which = " %d, %s".formatted(step, row);
            if (step > 1) {
                base.valley("valley" + which, new Point(left, y), new Point(right, y));
                displayed.put("valley" + which, RIGHT_ANGLE);
            }
            base.name("riser" + which, new Point(centre, y.plus(Values.half(height))));
            y = y.plus(height);
            base.mountain("ridge" + which, new Point(left, y), new Point(right, y));
            displayed.put("ridge" + which, -RIGHT_ANGLE);
            base.name("tread" + which, new Point(centre, y.plus(Values.half(height))));
            y = y.plus(height);
        }
    }
}
