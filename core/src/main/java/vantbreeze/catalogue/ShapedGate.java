package vantbreeze.catalogue;

import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Side;
import vantbreeze.structure.Silhouette;
import vantbreeze.structure.Structure;

/**
 * An outline in three copies: the middle one is scored beside its axis and its flaps carry the two others, one over the
 * other. Three whole ones on the same middle cannot close, so the lower one ends at the other's hinge or is set off to it.
 */
final class ShapedGate implements FoldDesign {

    private static final String OUTLINE = "outline";
    private static final String LOWER = "lower";
    private static final String FLAP = "flap";
    private static final String TRIMMED = "trimmed at the hinge";
    private static final String SET_OFF = "set off to the right";
    private static final Length LEAST_FLAP = Length.inches(1, 2);
    private static final double AJAR = 70;

    @Override
    public String id() {
        return "shaped-gate";
    }

    @Override
    public String name() {
        return "shaped fold-back gate";
    }

    @Override
    public String summary() {
        return "An outline in three copies: two stand out to the sides of the third and close over it.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.outline(
                        OUTLINE,
                        "outline",
                        "What is cut three times.",
                        "heart",
                        new Parameter.Shape(
                                Silhouette::hasWholeFlaps,
                                "an outline that is the same left and right, each flap of it in one stretch")),
                Parameter.choice(
                        LOWER,
                        "lower copy",
                        "It has to end where the other copy hinges: cut there, or whole and moved over, which makes the card wider.",
                        TRIMMED,
                        SET_OFF),
                Parameter.length(
                        FLAP,
                        "flap",
                        "How far the scores lie from the outline's sides; the copies are glued there.",
                        v -> Length.max(
                                leastFlap(v),
                                Length.min(v.grid().floor(v.width().dividedBy(6).each()), mostFlap(v))),
                        v -> new Range(
                                leastFlap(v), "or too little is glued", mostFlap(v), "or the flaps meet on the axis")));
    }

    private static boolean isTrimmed(Values v) {
        return v.choice(LOWER).equals(TRIMMED);
    }

    private static Length leastFlap(Values v) {
        return Length.min(LEAST_FLAP, v.width().dividedBy(8).each());
    }

    /** The scores lie in the outer halves of the outline's sides. */
    private static Length mostFlap(Values v) {
        return v.width().dividedBy(isTrimmed(v) ? 4 : 5).each();
    }

    /** The middle copy. */
    private static Polygon outline(Values v) {
        return v.outline(OUTLINE).scaled(wide(v), v.height());
    }

    private static Length wide(Values v) {
        return isTrimmed(v) ? v.width() : v.width().minus(v.length(FLAP));
    }

    @Override
    public Structure build(Values v) {
        Polygon drawn = outline(v);
        Length flap = v.length(FLAP);
        Length right = Length.nearestTo(drawn.getEnvelopeInternal().getMaxX());
        Length leftHinge = flap;
        Length rightHinge = right.minus(flap);
        Point[] leftLine = Cut.along(drawn, leftHinge);
        Point[] rightLine = Cut.along(drawn, rightHinge);
        /* All copies have the ends of the scores as corners: rounded ends would leave slivers between them. */
        Polygon outline = Cut.withCorners(drawn, leftLine[0], leftLine[1], rightLine[0], rightLine[1]);
        Piece middle = Piece.outline("middle", outline)
                .valley("left score", leftLine[0], leftLine[1])
                .valley("right score", rightLine[0], rightLine[1])
                .name("left flap", Cut.inside(Cut.between(outline, 0, leftHinge.count())))
                .name("middle", Cut.inside(Cut.between(outline, leftHinge.count(), rightHinge.count())))
                .name("right flap", Cut.inside(Cut.between(outline, rightHinge.count(), right.count())))
                .build();
        Polygon lower = isTrimmed(v) ? Cut.between(outline, leftHinge.count(), right.count()) : outline;
        double offset = isTrimmed(v) ? 0 : flap.count();
        return Structure.of(middle, copy("left copy", outline), copy("right copy", lower))
                .bond(onFlap("right copy", "right flap", rightLine, offset))
                .bond(onFlap("left copy", "left flap", leftLine, 0))
                .lay("left copy", "right copy")
                .habit(Habit.BARE, "left flap", "right flap")
                .displayed(Map.of("left score", AJAR, "right score", AJAR))
                .handled(Handling.after(
                        "Swing it",
                        "Open and close the right side once. It clears the fold on the left.",
                        "right copy on right flap"))
                .handled(Handling.joined(
                        "Stand it",
                        "Open both sides. The three lowest points stand on the table, all at one height. It does not "
                                + "rock."))
                .anchoredAt("middle");
    }

    private static Piece copy(String name, Polygon outline) {
        return Piece.outline(name, outline).name(name, Cut.inside(outline)).build();
    }

    /** By its back on the back of the flap, so that it lies face up over the middle when the flap is closed. */
    private static Bond onFlap(String copy, String flap, Point[] line, double offset) {
        LineSegment hinge = new LineSegment(
                new Coordinate(line[0].x().count(), 0),
                new Coordinate(line[0].x().count(), 1));
        return new Bond(
                copy + " on " + flap,
                copy,
                Side.BACK,
                flap,
                Side.BACK,
                FlatMotion.reflection(hinge).after(FlatMotion.shift(offset, 0)));
    }

    @Override
    public List<Caution> cautions(Values v) {
        return Silhouette.hasNeck(outline(v))
                ? List.of(Necks.caution("middle", v.outline(OUTLINE).name()))
                : List.of();
    }
}
