package vantbreeze.catalogue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * A card whose cover has a square at its upper free corner, cut along its two inner sides and turned over about the
 * diagonal through the ends of that cut. An L as wide as the margin shows what is behind; nothing reaches beyond the card.
 */
final class CornerFlip implements FoldDesign {

    private static final String MARGIN = "margin";
    private static final String SQUARE = "square";
    private static final double AJAR = 0.6 * 180;
    private static final double TURNED = -180;

    @Override
    public String id() {
        return "corner-flip";
    }

    @Override
    public String name() {
        return "corner flip";
    }

    @Override
    public String summary() {
        return "A square of the cover turned over at its corner: the other side shows, and an L of what is behind.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.length(
                        MARGIN,
                        "margin",
                        "How far the turned square lies from the edges, and how wide the L is that shows what is behind.",
                        v -> Length.min(
                                v.grid().nearest(Length.inches(5, 8)),
                                v.shorter().dividedBy(4).each()),
                        v -> new Range(
                                Length.min(
                                        Length.inches(1, 2),
                                        v.shorter().dividedBy(5).each()),
                                "or the necks tear",
                                v.shorter().dividedBy(3).each(),
                                "a third of the card")),
                Parameter.length(
                        SQUARE,
                        "square",
                        "Side of the square that is turned over.",
                        v -> v.shorter().minus(v.length(MARGIN).times(2)),
                        v -> new Range(
                                v.length(MARGIN).plus(Parameter.SMALLEST_PANEL),
                                "or nothing is left to cut",
                                v.shorter().minus(v.length(MARGIN)),
                                "or it leaves the card")));
    }

    @Override
    public Structure build(Values v) {
        Length width = v.width();
        Length height = v.height();
        Length m = v.length(MARGIN);
        Length a = v.length(SQUARE);
        Point acrossLeg = fromCorner(height, a, m);
        Point downLeg = fromCorner(height, m, a);
        Point inner = fromCorner(height, a, a);
        Piece base = Piece.outline(
                        "base",
                        new Point(Length.ZERO, Length.ZERO),
                        new Point(width.times(2), Length.ZERO),
                        new Point(width.times(2), height),
                        new Point(Length.ZERO, height))
                .valley("score 1", new Point(width, Length.ZERO), new Point(width, height))
                .mountain("corner 1", acrossLeg, fromCorner(height, a.plus(m), Length.ZERO))
                .mountain("corner 2", downLeg, fromCorner(height, Length.ZERO, a.plus(m)))
                .slit("leg 1", acrossLeg, inner)
                .slit("leg 2", downLeg, inner)
                .name("corner", fromCorner(height, m, m))
                .name("front", new Point(width.minus(Length.millimetres(1)), Length.millimetres(1)))
                .name("back", new Point(width.plus(Length.millimetres(1)), Length.millimetres(1)))
                .build();
        return Structure.of(base)
                .dressed(
                        "corner/face",
                        new Structure.Dressed(
                                List.of(Rectangles.between(Length.ZERO, height.minus(a), a, height)), Set.of()))
                .bond(new Bond(
                        "corner on front",
                        "corner",
                        Side.BACK,
                        "front",
                        Side.BACK,
                        FlatMotion.reflection(new LineSegment(at(acrossLeg), at(downLeg)))))
                .displayed(Map.of("score 1", AJAR, "corner 1", TURNED, "corner 2", TURNED))
                .anchoredAt("back");
    }

    /** @param u from the left edge
     *  @param v down from the top edge */
    private static Point fromCorner(Length height, Length u, Length v) {
        return new Point(u, height.minus(v));
    }

    private static Coordinate at(Point point) {
        return new Coordinate(point.x().count(), point.y().count());
    }
}
