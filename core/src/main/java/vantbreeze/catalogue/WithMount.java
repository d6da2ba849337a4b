package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * A fold that can carry a pop mount: a strip of tab, riser, top, riser, tab on one of its panels. It lies flat to the right
 * on the closed card and lifts what is glued to its top as the card is displayed.
 */
record WithMount(FoldDesign fold) implements WithExtra {

    private static final String MOUNT = "mount";
    private static final String TOP = "mountTop";
    private static final String TAB = "mountTab";
    private static final String RISE = "mountRise";
    private static final String TALL = "mountHeight";
    private static final String LEFT = "mountLeft";
    private static final String LOW = "mountLow";

    /** A smaller panel has no room for one. */
    private static final Size SMALLEST = new Size(Length.inches(1), Length.inches(1, 2));

    private static final double RIGHT_ANGLE = 90;

    @Override
    public String key() {
        return MOUNT;
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(fold.parameters());
        all.add(panelChoice(
                "pop mount", "A small folded stand on one panel; what is glued on it floats as the card opens."));
        all.add(length(
                TOP,
                "mount's top",
                "Width of the part that carries the picture.",
                v -> least(v, Length.inches(1, 2), onGrid(v, 6)),
                v -> Values.half(box(v).width()),
                "half the panel"));
        all.add(length(
                TAB,
                "mount's tabs",
                "Width of the parts that are glued down.",
                v -> least(v, v.length(TOP), onGrid(v, 6)),
                v -> Values.half(box(v).width().minus(v.length(TOP))),
                "or they leave the panel"));
        all.add(length(
                RISE,
                "mount's lift",
                "How high it stands.",
                v -> least(
                        v,
                        v.grid().nearest(v.length(TAB).times(3).dividedBy(2).each()),
                        box(v).width().minus(v.length(TOP)).minus(v.length(TAB))),
                v -> box(v).width().minus(v.length(TOP)).minus(v.length(TAB)),
                "or it sticks out of the panel when it lies flat"));
        all.add(length(
                TALL,
                "mount's height",
                "Along its folds.",
                v -> least(v, Length.inches(1), v.grid().nearest(Values.half(box(v).height()))),
                v -> box(v).height(),
                "the height of the panel"));
        all.add(place(
                LEFT,
                "mount from the left",
                "Where its left tab begins on the panel.",
                v -> box(v).width()
                        .minus(v.length(TOP))
                        .minus(v.length(TAB))
                        .minus(Length.max(v.length(TAB), v.length(RISE)))));
        all.add(place(
                LOW,
                "mount from the bottom",
                "How high it sits on the panel.",
                v -> box(v).height().minus(v.length(TALL))));
        return all;
    }

    private static Length least(Values v, Length one, Length other) {
        return Length.max(Parameter.SMALLEST_PANEL, Length.min(one, other));
    }

    private Length onGrid(Values v, int share) {
        return v.grid().nearest(box(v).width().dividedBy(share).each());
    }

    private Parameter length(
            String key,
            String label,
            String help,
            Function<Values, Object> usual,
            Function<Values, Length> most,
            String why) {
        return Parameter.length(
                        key,
                        label,
                        help,
                        usual,
                        v -> new Range(Parameter.SMALLEST_PANEL, "the least that folds", most.apply(v), why))
                .onlyIf(this::isThere);
    }

    /** In the middle of what is free, unless it is said. */
    private Parameter place(String key, String label, String help, Function<Values, Length> free) {
        return Parameter.length(
                        key,
                        label,
                        help,
                        v -> Values.half(free.apply(v)),
                        v -> new Range(Length.ZERO, "the panel's edge", free.apply(v), "or it leaves the panel"))
                .onlyIf(this::isThere);
    }

    @Override
    public Stream<String> panels(Structure plain) {
        return plain.panels().stream()
                .filter(p -> !p.isClear()
                        && p.rectangle().filter(WithMount::isLargeEnough).isPresent())
                .filter(p -> !plain.isGlued(p, Side.FACE))
                .map(Panel::name);
    }

    private static boolean isLargeEnough(Size size) {
        return !size.width().isLessThan(SMALLEST.width()) && !size.height().isLessThan(SMALLEST.height());
    }

    @Override
    public Structure build(Values v) {
        Structure plain = v.structure(fold);
        if (!isThere(v)) {
            return plain;
        }
        Panel panel = plain.panel(v.choice(MOUNT));
        Length x = Length.nearestTo(panel.outline().getEnvelopeInternal().getMinX())
                .plus(v.length(LEFT));
        Length y = Length.nearestTo(panel.outline().getEnvelopeInternal().getMinY())
                .plus(v.length(LOW));
        Length rise = v.length(RISE);
        return plain.extended()
                .piece(Piece.strip("pop mount", v.length(TALL))
                        .panel("mount's left tab", v.length(TAB))
                        .valley("mount score 1")
                        .panel("mount's left riser", rise)
                        .mountain("mount score 2")
                        .panel("mount's top", v.length(TOP))
                        .mountain("mount score 3")
                        .panel("mount's right riser", rise)
                        .valley("mount score 4")
                        .panel("mount's right tab", v.length(TAB))
                        .build())
                .bond(Bond.laid("mount's left tab", panel.id(), x, y))
                .bond(Bond.laid("mount's right tab", panel.id(), x.minus(rise.times(2)), y))
                .habit(
                        Habit.BARE,
                        "mount's left tab",
                        "mount's left riser",
                        "mount's top",
                        "mount's right riser",
                        "mount's right tab")
                .openWhenClosed("mount score 1", "mount score 2")
                .displayedWith(Map.of(
                        "mount score 1",
                        RIGHT_ANGLE,
                        "mount score 2",
                        -RIGHT_ANGLE,
                        "mount score 3",
                        -RIGHT_ANGLE,
                        "mount score 4",
                        RIGHT_ANGLE))
                .build();
    }
}
