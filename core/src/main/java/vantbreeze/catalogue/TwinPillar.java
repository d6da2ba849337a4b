package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;
import vantbreeze.structure.StripBuilder;
import vantbreeze.structure.Structure;

/**
 * Two equal main pieces face each other, each with a wall and a square tube rolled behind its end; each one's tab lies on
 * the other's tube. The walls stay s apart and fold in half together, to the front or to the back, while the tubes lean
 * flat: closed it is L + s wide. A pillar stands before each end of the front wall.
 */
final class TwinPillar implements FoldDesign {

    private static final String TUBE = "tube";
    private static final String SLIVER = "sliver";
    private static final String CLOSING = "closing";
    private static final String OUT = "pillars lean out";
    private static final String IN = "pillars lean in";
    private static final int TUBE_PANELS = 5;
    private static final double RIGHT_ANGLE = 90;

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
        return "Two walls between square tubes, a pillar before each end: a hall that folds flat.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.length(
                        TUBE,
                        "tube",
                        "Side of the square tubes and pillars; the walls stand that far apart.",
                        v -> v.grid().nearest(v.width().times(2).dividedBy(7).each()),
                        v -> new Range(
                                Parameter.SMALLEST_PANEL,
                                "the least that folds",
                                Values.half(v.width()),
                                "or the tubes do not fit between the walls")),
                Parameter.length(
                        SLIVER,
                        "sliver",
                        "Trimmed off the last panel of a tube so that it closes square.",
                        v -> Length.min(Length.inches(1, 32), Values.half(v.length(TUBE))),
                        v -> new Range(
                                Length.ZERO, "none", Values.half(v.length(TUBE)), "or too little is left to glue")),
                Parameter.choice(
                        CLOSING,
                        "closing",
                        "The walls fold to the front, the pillars leaning out; or to the back, the pillars leaning in.",
                        OUT,
                        IN));
    }

    @Override
    public Structure build(Values v) {
        Length s = v.length(TUBE);
        Length wall = v.width().minus(s);
        Length last = s.minus(v.length(SLIVER));
        boolean out = v.choice(CLOSING).equals(OUT);
        Length pillarEdge = s.times(2);
        Length tubeStart = s.plus(wall.times(2));
        Structure.Builder card = Structure.of(
                        main("front", s, wall, last, v.height(), out),
                        main("back", s, wall, last, v.height(), !out),
                        tube("left pillar", s, last, v.height()),
                        tube("right pillar", s, last, v.height()))
                .bond(Bond.laid("front tube 1", "front tube 5", s.times(4), Length.ZERO))
                .bond(Bond.laid("back tube 1", "back tube 5", s.times(4), Length.ZERO))
                .bond(Bond.laid("back tab", "front tube 1", tubeStart, Length.ZERO))
                .bond(Bond.laid("front tab", "back tube 1", tubeStart, Length.ZERO))
                .bond(Bond.laid("left pillar 1", "left pillar 5", s.times(4), Length.ZERO))
                .bond(Bond.laid("right pillar 1", "right pillar 5", s.times(4), Length.ZERO))
                .bond(Bond.turned("left pillar 1", Side.FACE, "front wall 1", pillarEdge, Length.ZERO))
                .bond(Bond.turned("right pillar 1", Side.FACE, "front wall 2", tubeStart, Length.ZERO));
        return card.openWhenClosed(open(out).toArray(new String[0]))
                .displayed(displayed())
                .anchoredAt("front wall 2");
    }

    private static Piece main(String side, Length s, Length wall, Length last, Length height, boolean ridge) {
        StripBuilder main = Piece.strip(side + " main", height)
                .panel(side + " tab", s)
                .mountain(side + " tab score")
                .panel(side + " wall 1", wall);
        StripBuilder folded = ridge ? main.mountain(side + " middle") : main.valley(side + " middle");
        return rolled(folded.panel(side + " wall 2", wall).mountain(side + " corner"), side + " tube", s, last);
    }

    private static Piece tube(String name, Length s, Length last, Length height) {
        return rolled(Piece.strip(name, height), name, s, last);
    }

    /** Five panels that roll into a square, the last one under the first. */
    private static Piece rolled(StripBuilder strip, String name, Length s, Length last) {
        for (int i = 1; i < TUBE_PANELS; i++) {
            strip.panel(name + " " + i, s).mountain(name + " score " + i);
        }
        return strip.panel(name + " " + TUBE_PANELS, last).build();
    }

    /** A tube that leans one way is folded at every other corner, leaning the other way at those between. */
    private static List<String> open(boolean out) {
        String ahead = out ? "front" : "back";
        String behind = out ? "back" : "front";
        List<String> open = new ArrayList<>(List.of(ahead + " tab score", ahead + " corner"));
        everyOther(open, ahead + " tube", 2);
        everyOther(open, behind + " tube", 1);
        everyOther(open, "left pillar", out ? 1 : 2);
        everyOther(open, "right pillar", out ? 2 : 1);
        return open;
    }

    private static void everyOther(List<String> open, String tube, int first) {
        open.add(tube + " score " + first);
        open.add(tube + " score " + (first + 2));
    }

    private static Map<String, Double> displayed() {
        Map<String, Double> degrees = new HashMap<>();
        for (String side : List.of("front", "back")) {
            degrees.put(side + " tab score", -RIGHT_ANGLE);
            degrees.put(side + " corner", -RIGHT_ANGLE);
        }
        for (String tube : List.of("front tube", "back tube", "left pillar", "right pillar")) {
            for (int i = 1; i < TUBE_PANELS; i++) {
                degrees.put(tube + " score " + i, -RIGHT_ANGLE);
            }
        }
        return degrees;
    }
}
