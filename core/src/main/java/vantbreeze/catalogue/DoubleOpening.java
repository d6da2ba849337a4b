package vantbreeze.catalogue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * Flap, back and cover: the cover closes from the right, the narrow flap last of all from the left. The flap carries a door,
 * a small folded card that reaches over the cover.
 */
final class DoubleOpening implements FoldDesign {

    private static final String FLAP = "flap";
    private static final String DOOR = "door";
    private static final String SIZE = "doorSize";
    private static final String LEFT = "doorLeft";
    private static final String LOW = "doorLow";
    private static final String WITH = "with";
    private static final String WITHOUT = "without";

    /** The least of the door that is glued to the flap. Common practice, no published source. */
    private static final Length LEAST_GLUED = Length.inches(1, 2);

    @Override
    public String id() {
        return "double-opening";
    }

    @Override
    public String name() {
        return "double opening";
    }

    @Override
    public String summary() {
        return "A cover, and a narrow flap with a door that closes over it: two openings, two messages.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.panelWidth(
                        FLAP,
                        "flap",
                        "Width of the flap that closes last.",
                        v -> v.grid().nearest(v.width().times(6).dividedBy(17).each())),
                Parameter.choice(
                        DOOR,
                        "door",
                        "A small folded card glued to the flap's outside by its back.",
                        v -> hasRoom(v) ? WITH : WITHOUT,
                        v -> hasRoom(v) ? List.of(WITH, WITHOUT) : List.of(WITHOUT)),
                Parameter.length(
                                SIZE,
                                "door's side",
                                "Width and height of the closed door.",
                                v -> Length.max(
                                        least(v),
                                        v.grid()
                                                .floor(Length.min(
                                                        v.height(),
                                                        v.width()
                                                                .times(14)
                                                                .dividedBy(17)
                                                                .each()))),
                                v -> new Range(
                                        least(v),
                                        "or it reaches no farther than its flap",
                                        most(v),
                                        "the card it must stay within"))
                        .onlyIf(DoubleOpening::hasDoor),
                Parameter.length(
                                LEFT,
                                "door from the left",
                                "Where it begins on the closed card; what lies on the flap is glued.",
                                v -> Length.min(
                                        mostLeft(v),
                                        v.grid().floor(Values.half(v.width().minus(v.length(SIZE))))),
                                v -> new Range(
                                        Length.ZERO,
                                        "the card's edge",
                                        mostLeft(v),
                                        "or too little of it is glued, or it leaves the card"))
                        .onlyIf(DoubleOpening::hasDoor),
                Parameter.length(
                                LOW,
                                "door from the bottom",
                                "How high it sits; in the middle by custom.",
                                v -> v.grid().floor(Values.half(v.height().minus(v.length(SIZE)))),
                                v -> new Range(
                                        Length.ZERO,
                                        "the bottom",
                                        v.height().minus(v.length(SIZE)),
                                        "or the door leaves the card"))
                        .onlyIf(DoubleOpening::hasDoor));
    }

    private static boolean hasDoor(Values v) {
        return v.choice(DOOR).equals(WITH);
    }

    private static boolean hasRoom(Values v) {
        return !v.length(FLAP).isLessThan(LEAST_GLUED) && !least(v).isMoreThan(most(v));
    }

    private static Length least(Values v) {
        return v.length(FLAP).plus(Parameter.SMALLEST_PANEL);
    }

    private static Length most(Values v) {
        return Length.min(v.width(), v.height());
    }

    private static Length mostLeft(Values v) {
        return Length.min(v.width().minus(v.length(SIZE)), v.length(FLAP).minus(LEAST_GLUED));
    }

    @Override
    public Structure build(Values v) {
        Piece base = Piece.strip("base", v.height())
                .panel("flap", v.length(FLAP))
                .valley()
                .panel("back", v.width())
                .valley()
                .panel("cover", v.width())
                .build();
        Structure.Builder card = Structure.of(base).lay("flap", "cover");
        Map<String, Double> displayed = new HashMap<>(Map.of("score 1", 60.0, "score 2", 100.0));
        if (hasDoor(v)) {
            Length u = v.length(SIZE);
            card.piece(Piece.strip("door", u)
                            .panel("door front", u)
                            .valley("door score")
                            .panel("door back", u)
                            .build())
                    .bond(Bond.turned(
                            "door back",
                            Side.BACK,
                            "flap",
                            v.length(FLAP).plus(u).minus(v.length(LEFT)),
                            v.length(LOW)));
            card.habit(Habit.BARE, "door back/back");
            displayed.put("door score", 120.0);
        }
        return card.displayed(displayed).anchoredAt("back");
    }
}
