package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;
import vantbreeze.structure.StripBuilder;
import vantbreeze.structure.Structure;

/**
 * Two equal halves, back to back. A half is a main piece, tab, two walls and a tube rolled at its end, with a pillar on the
 * tab: a wall between two square columns. Glued to each other at their ends alone, the walls can bow apart. Closed, the
 * walls lie flat and all columns lean inward over them or all outward.
 */
final class TwinPillar implements FoldDesign {

    private static final String TUBE = "tube";
    private static final String SLIVER = "sliver";
    private static final String CLOSING = "closing";
    private static final String IN = "columns lean in";
    private static final String OUT = "columns lean out";

    private static final int TUBE_PANELS = 5;
    private static final double RIGHT_ANGLE = 90;

    /** How far the walls bow as the card stands. */
    private static final double BOW = 15;

    @Override
    public String id() {
        return "twin-pillar";
    }

    @Override
    public String name() {
        return "twin pillar";
    }

    @Override
    public String summary() {
        return "Two walls back to back between double columns; push the columns together and the walls bow out.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.length(
                        TUBE,
                        "column",
                        "Side of the square columns.",
                        v -> v.grid().nearest(v.width().dividedBy(7).each()),
                        v -> new Range(
                                Parameter.SMALLEST_PANEL,
                                "the least that folds",
                                Values.half(Values.half(v.width())),
                                "or columns that lean in meet on the walls")),
                Parameter.length(
                        SLIVER,
                        "sliver",
                        "Trimmed off the last panel of a column, a hairline, so that it closes square.",
                        v -> Length.min(v.grid().step(), Length.inches(1, 16)),
                        v -> new Range(
                                Length.ZERO, "none", Values.half(v.length(TUBE)), "or too little is left to glue")),
                Parameter.choice(
                        CLOSING,
                        "closing",
                        "All columns lean inward over the walls, or all outward: then it closes wider by two of them.",
                        IN,
                        OUT));
    }

    @Override
    public Structure build(Values v) {
        Length s = v.length(TUBE);
        Length wall = Values.half(v.width()).minus(s);
        Length last = s.minus(v.length(SLIVER));
        Length height = v.height();
        Length plane = s.plus(wall).times(2);
        Structure.Builder card = Structure.of(
                main("front", s, wall, last, height),
                rolled(Piece.strip("front pillar", height), "front pillar", s, last),
                main("back", s, wall, last, height),
                rolled(Piece.strip("back pillar", height), "back pillar", s, last));
        List<String> open = new ArrayList<>();
        Map<String, Double> displayed = new HashMap<>();
        for (String half : List.of("front", "back")) {
            card.bond(closed(half + " tube", s))
                    .bond(closed(half + " pillar", s))
                    .bond(new Bond(
                            half + " pillar on tab",
                            half + " pillar 1",
                            Side.BACK,
                            half + " tab",
                            Side.FACE,
                            new FlatMotion(-1, 0, s.count(), 0, -1, height.count())));
            bow(half, displayed, open);
            for (String column : List.of(half + " tube", half + " pillar")) {
                boolean in = v.choice(CLOSING).equals(IN);
                lean(column, in, displayed, open);
                card.habit(Habit.DRESSED, column + " 2/back", column + " 3/back", column + " 4/back");
            }
            card.habit(Habit.DRESSED, half + " wall 1/face", half + " wall 2/face");
        }
        return card.bond(Bond.turned("back tab", Side.BACK, "front tube 1", plane, Length.ZERO))
                .bond(Bond.turned("back tube 1", Side.BACK, "front tab", plane, Length.ZERO))
                .atOnce("back tab on front tube 1", "back tube 1 on front tab")
                .openWhenClosed(open.toArray(new String[0]))
                .displayed(displayed)
                .handled(Handling.after(
                        "Square the columns",
                        "When the glue holds, open each column and fold it flat the other way once. It stands square.",
                        "front tube 5 on front tube 1",
                        "front pillar 5 on front pillar 1",
                        "back tube 5 on back tube 1",
                        "back pillar 5 on back pillar 1"))
                .handled(Handling.after(
                        "Check both halves",
                        "Stand both halves on the table. Columns upright, all lower edges level, nothing rocks.",
                        "front pillar on tab",
                        "back pillar on tab"))
                .handled(Handling.joined(
                        "Fold it both ways",
                        "Fold the columns flat over the walls, then flat outwards. Stand it and push the columns "
                                + "together: both walls bow out at their middle fold."))
                .anchoredAt("front tab");
    }

    private static Piece main(String half, Length s, Length wall, Length last, Length height) {
        StripBuilder main = Piece.strip(half + " main", height)
                .panel(half + " tab", s)
                .valley(half + " tab score")
                .panel(half + " wall 1", wall)
                .mountain(half + " middle")
                .panel(half + " wall 2", wall)
                .valley(half + " corner");
        return rolled(main, half + " tube", s, last);
    }

    /** Five panels that roll into a square towards the face, the last one on the first. */
    private static Piece rolled(StripBuilder strip, String name, Length s, Length last) {
        for (int i = 1; i < TUBE_PANELS; i++) {
            strip.panel(name + " " + i, s).valley(name + " score " + i);
        }
        return strip.panel(name + " " + TUBE_PANELS, last)
                .trimmed(s.minus(last))
                .build();
    }

    private static Bond closed(String column, Length s) {
        return Bond.laid(column + " " + TUBE_PANELS, column + " 1", s.times(-4), Length.ZERO);
    }

    private static void bow(String half, Map<String, Double> displayed, List<String> open) {
        displayed.put(half + " tab score", BOW);
        displayed.put(half + " middle", -2 * BOW);
        displayed.put(half + " corner", BOW);
        open.addAll(displayed.keySet().stream().filter(s -> s.startsWith(half)).toList());
    }

    /** A column that leans one way is folded at every other corner, leaning the other way at those between. */
    private static void lean(String column, boolean in, Map<String, Double> displayed, List<String> open) {
        for (int i = 1; i < TUBE_PANELS; i++) {
            String score = column + " score " + i;
            displayed.put(score, RIGHT_ANGLE);
            if ((i % 2 == 0) == in) {
                open.add(score);
            }
        }
    }
}
