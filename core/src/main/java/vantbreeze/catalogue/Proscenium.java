package vantbreeze.catalogue;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** The box that stages and bridges share: wings in front, a back behind, links between them, a bar across the front. */
final class Proscenium {

    private static final String WING = "wing";
    private static final String DEPTH = "depth";
    private static final String BAR = "bar";
    private static final String LOW = "low";
    private static final String INNER = "inner";
    private static final String INNER_HEIGHT = "innerHeight";
    private static final double UPRIGHT = 90;

    private Proscenium() {}

    /**
     * @param wings how many wings make the width of the card, as is usual for the fold
     * @param bar the usual height of the bar
     * @param low how high it usually sits, from the values before
     */
    static List<Parameter> parameters(int wings, Function<Values, Object> bar, Function<Values, Object> low) {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.length(
                        WING,
                        "wing",
                        "Width of the two wings in front that carry the bar.",
                        v -> v.grid().nearest(v.width().dividedBy(wings).each()),
                        v -> new Range(
                                Parameter.SMALLEST_PANEL.times(2),
                                "or the bar cannot be glued",
                                Values.half(v.width()).minus(Parameter.SMALLEST_PANEL),
                                "or no back is left")),
                Parameter.length(
                                DEPTH,
                                "depth",
                                "How far the back stands behind the front.",
                                v -> v.length(WING),
                                v -> new Range(
                                        Parameter.SMALLEST_PANEL,
                                        "the least that folds",
                                        v.width(),
                                        "the width of the card"))
                        .advised(v -> new Parameter.Advice(v.length(WING), "the wing")),
                Parameter.stripHeight(BAR, "bar", "Height of the bar that joins the wings.", bar),
                Parameter.fromBottom(LOW, "bar", BAR, "How high the bar sits.", low),
                Parameter.count(
                        INNER, "inner bars", "More bars between front and back, as wide as the opening.", 0, 0, 3),
                Parameter.stripHeight(
                                INNER_HEIGHT,
                                "inner bars' height",
                                "Height of the inner bars, which stand on the bottom edge.",
                                v -> v.grid().nearest(v.height().dividedBy(3).each()))
                        .onlyIf(Proscenium::hasInner));
    }

    private static boolean hasInner(Values v) {
        return v.count(INNER) > 0;
    }

    /** What a bar leaves free of the card's height. */
    static Length free(Values v) {
        return v.height().minus(v.length(BAR));
    }

    /** It collapses sideways as a parallelogram: the left link folds onto the back, the right one lies beside it. */
    static Structure build(Values v) {
        Length width = v.width();
        Length height = v.height();
        Length wing = v.length(WING);
        Length depth = v.length(DEPTH);
        Length bar = v.length(BAR);
        Length low = v.length(LOW);
        Piece base = Piece.strip("base", height)
                .panel("left wing", wing)
                .mountain()
                .panel("left link", depth)
                .valley()
                .panel("back", width.minus(wing.times(2)))
                .valley()
                .panel("right link", depth)
                .mountain()
                .panel("right wing", wing)
                .build();
        Piece across = Piece.strip("bar", bar).panel("bar", width).build();
        Structure.Builder card = Structure.of(base, across)
                .openWhenClosed("score 3", "score 4")
                .displayed(Map.of("score 1", -UPRIGHT, "score 2", UPRIGHT, "score 3", UPRIGHT, "score 4", -UPRIGHT));
        for (int i = 1; i <= v.count(INNER); i++) {
            addInner(card, v, i);
        }
        /* The front bar closes the box: whatever is glued inside goes in first. */
        card.bond(Bond.laid("bar", "left wing", Length.ZERO, low))
                .bond(Bond.laid("bar", "right wing", depth.times(2), low));
        return card.handled(Handling.joined(
                        "Swing it both ways",
                        "Open it and stand it: bottom edges level. Fold it flat to the left, then to the right. Nothing "
                                + "catches."))
                .anchoredAt("back");
    }

    /**
     * A bar parallel to the front at an even share of the depth, its tabs on the insides of the links, turned towards the
     * front. It swings along with the links.
     */
    private static void addInner(Structure.Builder card, Values v, int number) {
        Length depth = v.length(DEPTH);
        Length wing = v.length(WING);
        Length back = v.width().minus(wing.times(2));
        Length behind = depth.times(number).dividedBy(v.count(INNER) + 1).each();
        Length tab = v.onGrid(Length.min(
                Length.inches(1, 2),
                Values.half(depth.dividedBy(v.count(INNER) + 1).each())));
        String name = "inner bar " + number;
        card.piece(Piece.strip(name, v.length(INNER_HEIGHT))
                        .panel(name + " left tab", tab)
                        .valley(name + " left score")
                        .panel(name, back)
                        .valley(name + " right score")
                        .panel(name + " right tab", tab)
                        .build())
                .bond(Bond.laid(
                        name + " left tab",
                        "left link",
                        wing.plus(depth).minus(behind).minus(tab),
                        Length.ZERO))
                .bond(Bond.laid(
                        name + " right tab",
                        "right link",
                        wing.plus(depth).plus(behind).minus(tab),
                        Length.ZERO))
                .habit(Habit.BARE, name + " left tab", name + " right tab")
                .openWhenClosed(name + " right score")
                .displayedWith(Map.of(name + " left score", UPRIGHT, name + " right score", UPRIGHT));
    }
}
