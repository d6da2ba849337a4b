package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * A gatefold with a ring glued by its left half to the left gate and a disc glued by its right half to the right gate: on
 * closing the disc drops into the ring. The rim between is equally wide all round.
 */
final class InterlockingGatefold implements FoldDesign {

    private static final String SHAPE = "shape";
    private static final String RING = "ring";
    private static final String RIM = "rim";
    private static final String PLAY = "play";
    private static final String CENTRE = "centre";

    /** A narrower rim tears. Common practice, no published source. */
    private static final Length NARROWEST_RIM = Length.inches(1, 4);

    /** A smaller disc has no half to glue. */
    private static final Length SMALLEST_DISC = Length.inches(1, 2);

    @Override
    public String id() {
        return "interlocking-gatefold";
    }

    @Override
    public String name() {
        return "interlocking gatefold";
    }

    @Override
    public String summary() {
        return "A gatefold held shut by a ring on one gate and a disc on the other.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.choice(SHAPE, "shape", "Outline of the ring and of what drops into it.", EvenShape.words()),
                Parameter.length(
                        RIM,
                        "rim",
                        "Width of the ring all round.",
                        v -> Length.max(
                                NARROWEST_RIM,
                                v.grid()
                                        .nearest(Length.min(v.width(), v.height())
                                                .dividedBy(14)
                                                .each())),
                        v -> new Range(
                                NARROWEST_RIM,
                                "or it tears",
                                shape(v).rim(largestRing(v), SMALLEST_DISC),
                                "or no hole is left")),
                Parameter.length(
                        RING,
                        "ring across",
                        "Width of the ring from side to side.",
                        InterlockingGatefold::usualRing,
                        v -> new Range(
                                smallestRing(v),
                                "or the disc is too small to glue",
                                largestRing(v),
                                "or it sticks out of the closed card")),
                Parameter.length(
                        PLAY,
                        "play",
                        "How much narrower the disc is than the hole.",
                        v -> Length.inches(1, 32),
                        v -> new Range(
                                Length.ZERO,
                                "an exact fit",
                                Length.min(
                                        Length.inches(1, 4),
                                        Values.half(shape(v).inside(v.length(RING), v.length(RIM)))),
                                "or the disc no longer holds")),
                Parameter.length(
                        CENTRE,
                        "centre from the bottom",
                        "How high the middle of the ring sits on the meeting line; often low.",
                        v -> Values.half(v.height()),
                        v -> new Range(
                                Values.half(shape(v).height(v.length(RING))),
                                "or it leaves the card below",
                                v.height().minus(Values.half(shape(v).height(v.length(RING)))),
                                "or it leaves the card above")));
    }

    private static EvenShape shape(Values v) {
        return EvenShape.named(v.choice(SHAPE));
    }

    private static Length usualRing(Values v) {
        Length usual = v.grid().nearest(v.width().times(5).dividedBy(8).each());
        return Length.max(smallestRing(v), Length.min(usual, largestRing(v)));
    }

    private static Length smallestRing(Values v) {
        return shape(v).outside(SMALLEST_DISC, v.length(RIM));
    }

    /** As wide as the card, or as tall. */
    private static Length largestRing(Values v) {
        Length perUnit = shape(v).height(v.width());
        return perUnit.isMoreThan(v.height()) ? v.width().scaled(v.height(), perUnit) : v.width();
    }

    @Override
    public Structure build(Values v) {
        Length gate = Values.half(v.width());
        Length rest = v.width().minus(gate);
        Length ring = v.length(RING);
        Length hole = shape(v).inside(ring, v.length(RIM));
        Length disc = hole.minus(v.length(PLAY));
        Piece base = Piece.strip("base", v.height())
                .panel("left gate", gate)
                .valley()
                .panel("back", v.width())
                .valley()
                .panel("right gate", rest)
                .build();
        Point middle = centre(v, ring);
        Piece around = Piece.outline("ring", shape(v).around(middle, ring).toArray(new Point[0]))
                .hole(shape(v).around(middle, hole))
                .name("ring", ringOnly(middle, ring, hole))
                .build();
        Point discMiddle = centre(v, disc);
        Piece inside = Piece.outline("disc", shape(v).around(discMiddle, disc).toArray(new Point[0]))
                .name("disc", discMiddle)
                .build();
        Length centre = v.length(CENTRE);
        return Structure.of(base, around, inside)
                .bond(Bond.turned("ring", Side.BACK, "left gate", middle.x(), centre.minus(middle.y())))
                .bond(Bond.turned(
                        "disc",
                        Side.BACK,
                        "right gate",
                        v.width().times(2).plus(discMiddle.x()),
                        centre.minus(discMiddle.y())))
                .displayed(0.4)
                .handled(Handling.dressed(
                        "Nest the disc",
                        "Close the card and tuck the disc into the ring. It sits in the hole with an even rim and comes "
                                + "out without force. Rub away any glue that makes it stick."))
                .anchoredAt("back");
    }

    private static Point centre(Values v, Length across) {
        return new Point(Values.half(across), Values.half(shape(v).height(across)));
    }

    /** Between hole and outline, straight to the left of the middle. */
    private static Point ringOnly(Point middle, Length ring, Length hole) {
        return new Point(middle.x().minus(Values.half(Values.half(ring.plus(hole)))), middle.y());
    }
}
