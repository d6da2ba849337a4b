package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;
import vantbreeze.structure.Structure;

/**
 * A gatefold lined with a second sheet of its size that bursts open: scored at the same places the other way round, and
 * along four diagonals that cross there. Its middle is glued to the back, its ends to the gates; what lies between is free.
 */
final class BurstGate implements FoldDesign {

    private static final double HALF_OPEN = 0.45;

    @Override
    public String id() {
        return "burst-gate";
    }

    @Override
    public String name() {
        return "burst gate";
    }

    @Override
    public String summary() {
        return "A gatefold whose lining bursts open around a rhombus that takes the message.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(Parameter.width(), Parameter.height(proportions()));
    }

    /** Just within the square root of 3; beyond it no order of layers is possible, as the engine finds, see the test. */
    private static final double MOST = 1.73;

    @Override
    public Proportions proportions() {
        return new Proportions(
                1 / MOST,
                MOST,
                "or the lining's flaps have to pass through each other: one side may be 1.73 times the other");
    }

    @Override
    public Structure build(Values v) {
        Length width = v.width();
        Length half = Values.half(width);
        Length middle = Values.half(v.height());
        Piece base = Piece.strip("base", v.height())
                .panel("left gate", half)
                .valley()
                .panel("back", width)
                .valley()
                .panel("right gate", width.minus(half))
                .build();
        Length flat = width.times(2);
        Length right = flat.minus(width.minus(half));
        PieceBuilder lining = Piece.rectangle("lining", flat, v.height())
                .mountain("lining left", new Point(half, Length.ZERO), new Point(half, v.height()))
                .mountain("lining right", new Point(right, Length.ZERO), new Point(right, v.height()))
                .name("message", new Point(width, middle))
                .name("left end", new Point(half.dividedBy(4).each(), middle))
                .name("right end", new Point(flat.minus(half.dividedBy(4).each()), middle));
        List<Length> edges = List.of(Length.ZERO, v.height());
        List<String> burst = new ArrayList<>();
        for (Length edge : edges) {
            Length opposite = v.height().minus(edge);
            String which = edge.equals(Length.ZERO) ? "lower" : "upper";
            lining.valley("left diagonal, " + which, new Point(Length.ZERO, edge), new Point(width, opposite))
                    .valley("right diagonal, " + which, new Point(flat, edge), new Point(width, opposite));
            Length beside = edge.equals(Length.ZERO)
                    ? v.height().dividedBy(16).each()
                    : v.height().minus(v.height().dividedBy(16).each());
            Length aside = half.dividedBy(4).each();
            List<Length> places = List.of(half.minus(aside), half.plus(aside), right.minus(aside), right.plus(aside));
            for (int i = 0; i < places.size(); i++) {
                String name = which + " burst " + (i + 1);
                lining.name(name, new Point(places.get(i), beside));
                burst.add(name);
            }
        }
        return Structure.of(base, lining.build())
                .bond(Bond.laid("message", "back", Length.ZERO, Length.ZERO))
                .bond(Bond.laid("left end", "left gate", Length.ZERO, Length.ZERO))
                .bond(Bond.laid("right end", "right gate", Length.ZERO, Length.ZERO))
                .habit(Habit.BARE, burst.toArray(new String[0]))
                .habit(Habit.BARE, "left end", "right end", "left gate/face", "right gate/face", "back/face")
                .habit(Habit.DRESSED, "message/face")
                .displayed(HALF_OPEN)
                .handled(Handling.folded(
                        "Gather the lining",
                        "Let both ends of the lining fold in along the creases. The sheet becomes a square on its point. "
                                + "Burnish every layer."))
                .handled(Handling.dressed(
                        "Open and close it",
                        "Open both gates: both ends of the lining spread flat and fold back on their own. Close it: the "
                                + "gates meet in the middle. Wipe away what seeped out."))
                .anchoredAt("back");
    }

    /** By how much the tips of the lining's flaps pass the meeting line when the card is closed; derived, please check. */
    private static Length past(Values v) {
        double w = v.width().count();
        double h = v.height().count();
        return Length.nearestTo(Math.max(0, w * (h * h - w * w) / (2 * (w * w + h * h))));
    }

    @Override
    public List<Caution> cautions(Values v) {
        Length past = past(v);
        return past.isPositive()
                ? List.of(new Caution(
                        "message",
                        (ruler, sheet) ->
                                "Closed, the tips of the lining pass the middle by %s from either side: close one gate first and tuck the other's tips under it, or make the card no higher than wide."
                                        .formatted(ruler.about(past))))
                : List.of();
    }
}
