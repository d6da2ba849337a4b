package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
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
    private static final String OVER = "over ";

    private static final double RIGHT_ANGLE = 90;

    @Override
    public String key() {
        return MOUNT;
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(fold.parameters());
        all.add(
                panelChoice(
                        "pop mount",
                        "A small folded stand on one panel, or over a score that rises as the card stands; what is glued on it floats."));
        all.add(measure(
                TOP,
                "mount's top",
                "Width of the part that carries the picture.",
                v -> least(v, Length.inches(1, 2), onGrid(v, 6)),
                v -> Values.half(box(v).width()),
                "half the panel"));
        all.add(measure(
                TAB,
                "mount's tabs",
                "Width of the parts that are glued down.",
                v -> least(v, v.length(TOP), onGrid(v, 6)),
                this::mostTab,
                "or they leave their panel"));
        all.add(measure(
                RISE,
                "mount's lift",
                "How high it stands.",
                v -> least(
                        v, v.grid().nearest(v.length(TAB).times(3).dividedBy(2).each()), mostRise(v)),
                this::mostRise,
                "or it sticks out of the panel when it lies flat"));
        all.add(measure(
                TALL,
                "mount's height",
                "Along its folds.",
                v -> least(v, Length.inches(1), v.grid().nearest(Values.half(box(v).height()))),
                v -> box(v).height(),
                "the height of the panel"));
        all.add(Parameter.length(
                        LEFT,
                        "mount from the left",
                        "Where its left tab begins on the panel; over a score, in the left one of the two.",
                        v -> bridged(v)
                                .map(h -> scoreAt(v, h).minus(v.length(TAB)).minus(Values.half(v.length(TOP))))
                                .orElseGet(() -> v.onGrid(Values.half(free(v)))),
                        this::leftRange)
                .onlyIf(this::isThere));
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

    private Length mostTab(Values v) {
        Length half = Values.half(box(v).width().minus(v.length(TOP)));
        return bridged(v)
                .map(h -> Length.min(
                        half, Length.min(scoreAt(v, h), box(v).width().minus(scoreAt(v, h)))))
                .orElse(half);
    }

    /** It leans to the right when it lies flat; over a score its right tab begins beyond the score. */
    private Length mostRise(Values v) {
        Length begun = v.length(TOP).plus(v.length(TAB));
        return box(v).width()
                .minus(bridged(v).map(h -> Length.max(begun, scoreAt(v, h))).orElse(begun));
    }

    /** What is left of the width when it lies flat. */
    private Length free(Values v) {
        return box(v).width()
                .minus(v.length(TOP))
                .minus(v.length(TAB))
                .minus(Length.max(v.length(TAB), v.length(RISE)));
    }

    /** Over a score one tab lies on either side of it. */
    private Range leftRange(Values v) {
        Optional<Hinge> score = bridged(v);
        if (score.isEmpty()) {
            return new Range(Length.ZERO, "the panel's edge", free(v), "or it leaves the panel");
        }
        Length at = scoreAt(v, score.get());
        return new Range(
                Length.max(Length.ZERO, at.minus(v.length(TAB)).minus(v.length(TOP))),
                "or its right tab lies on the score",
                Length.min(free(v), at.minus(v.length(TAB))),
                "or its left tab lies on the score");
    }

    private Length scoreAt(Values v, Hinge score) {
        return score.score().from().x().minus(Length.nearestTo(place(v).getMinX()));
    }

    private Optional<Hinge> bridged(Values v) {
        return bridges(v.structure(fold()))
                .filter(h -> over(h).equals(v.choice(MOUNT)))
                .findFirst();
    }

    private static String over(Hinge hinge) {
        return OVER + hinge.score().id();
    }

    /** Scores that lie flat on the closed card and rise to a ridge as it stands: the mount lies flat over them too. */
    private static Stream<Hinge> bridges(Structure plain) {
        return plain.hinges().stream()
                .filter(h -> h.score().isUpright()
                        && plain.closed().degrees(h.score().id()) == 0
                        && plain.shown().stream()
                                .anyMatch(s -> s.degrees(h.score().id()) < 0))
                .filter(h -> Stream.of(h.first(), h.second()).allMatch(p -> WithExtra.carries(plain, p)));
    }

    @Override
    public Stream<String> panels(Structure plain) {
        return Stream.concat(
                plain.panels().stream().filter(p -> WithExtra.carries(plain, p)).map(Panel::name),
                bridges(plain).map(WithMount::over));
    }

    @Override
    public Envelope place(Values v) {
        return bridged(v)
                .map(h -> {
                    Envelope both = h.first().outline().getEnvelopeInternal();
                    both.expandToInclude(h.second().outline().getEnvelopeInternal());
                    return both;
                })
                .orElseGet(() -> WithExtra.super.place(v));
    }

    @Override
    public Structure build(Values v) {
        Structure plain = v.structure(fold);
        if (!isThere(v)) {
            return plain;
        }
        Envelope place = place(v);
        Optional<Hinge> score = bridged(v);
        Panel left = score.map(h -> leftmost(h, true)).orElseGet(() -> plain.panel(v.choice(MOUNT)));
        Panel right = score.map(h -> leftmost(h, false)).orElse(left);
        Length x = Length.nearestTo(place.getMinX()).plus(v.length(LEFT));
        Length y = Length.nearestTo(place.getMinY()).plus(v.length(LOW));
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
                .bond(Bond.laid("mount's left tab", left.name(), x, y))
                .bond(Bond.laid("mount's right tab", right.name(), x.minus(rise.times(2)), y))
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

    private static Panel leftmost(Hinge hinge, boolean left) {
        boolean firstIsLeft = hinge.first().outline().getEnvelopeInternal().getMinX()
                < hinge.second().outline().getEnvelopeInternal().getMinX();
        return firstIsLeft == left ? hinge.first() : hinge.second();
    }
}
