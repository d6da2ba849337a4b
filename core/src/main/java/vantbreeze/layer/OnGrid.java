package vantbreeze.layer;

import java.util.Optional;
import org.locationtech.jts.algorithm.distance.DiscreteHausdorffDistance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateList;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Form;
import vantbreeze.structure.StraightCuts;
import vantbreeze.structure.TurnedRectangle;

/**
 * Papers that are no upright rectangles, as a ruler measures them: their box rounded down to its marks, the ends of cuts to the
 * nearest ones. A 64th is no mark that a hand cuts by.
 */
final class OnGrid {

    /** A border may differ by that much and still be called even. Common practice, no published source. */
    private static final Length UNSEEN = Length.inches(1, 32);

    /** Counts of 1/640 mm: rounding, never a measure. */
    private static final double ROUNDED = 2;

    /** Of a box with {@link StraightCuts#MOST} cuts. */
    private static final int MOST_CORNERS = 2 * StraightCuts.MOST + 5;

    private OnGrid() {}

    /**
     * @param under what it is laid on and must stay inside of
     * @return the outline as it is, where no marks make it or a mark would be seen
     */
    static Polygon of(Polygon outline, Polygon under, ToolGrid grid) {
        return measured(outline, grid)
                .filter(p -> DiscreteHausdorffDistance.distance(outline, p) <= 2 * UNSEEN.count())
                .filter(under::covers)
                .orElse(outline);
    }

    /** The narrowest border that it leaves, where it is not the one that was asked for. */
    static Length border(Polygon outline, Polygon under, Length step) {
        if (step.equals(Length.ZERO) || outline.getNumPoints() > MOST_CORNERS) {
            return step;
        }
        double border = under.getExteriorRing().distance(outline.getExteriorRing());
        return Math.abs(border - step.count()) <= ROUNDED ? step : Length.nearestTo(border);
    }

    private static Optional<Polygon> measured(Polygon outline, ToolGrid grid) {
        Optional<TurnedRectangle> turned = TurnedRectangle.of(outline);
        if (turned.isPresent()) {
            Size size = turned.get().size();
            return Optional.of(
                    turned.get().around(outline, new Size(grid.floor(size.width()), grid.floor(size.height()))));
        }
        return outline.getNumInteriorRing() == 0 && Form.of(outline) == Form.ROUND
                ? Optional.of(round(outline, grid))
                : StraightCuts.of(outline).filter(StraightCuts::areFew).flatMap(cuts -> cut(outline, cuts.box(), grid));
    }

    private static Polygon round(Polygon outline, ToolGrid grid) {
        Envelope box = outline.getEnvelopeInternal();
        Coordinate middle = box.centre();
        double share = grid.floor(Length.nearestTo(box.getWidth())).count() / box.getWidth();
        return new FlatMotion(share, 0, middle.x * (1 - share), 0, share, middle.y * (1 - share)).apply(outline);
    }

    private static Optional<Polygon> cut(Polygon outline, Envelope box, ToolGrid grid) {
        Marks wide = new Marks(box.getMinX(), box.getMaxX(), grid);
        Marks high = new Marks(box.getMinY(), box.getMaxY(), grid);
        CoordinateList corners = new CoordinateList();
        for (Coordinate corner : outline.getExteriorRing().getCoordinates()) {
            corners.add(new Coordinate(wide.marked(corner.x), high.marked(corner.y)), false);
        }
        if (corners.size() <= 3) {
            return Optional.empty();
        }
        Polygon measured = outline.getFactory().createPolygon(corners.toCoordinateArray());
        Coordinate from = measured.getCentroid().getCoordinate();
        Coordinate to = outline.getCentroid().getCoordinate();
        return measured.isValid()
                ? Optional.of(FlatMotion.shift(Math.rint(to.x - from.x), Math.rint(to.y - from.y))
                        .apply(measured))
                : Optional.empty();
    }

    /** One side of a box, measured from its nearer end. */
    private record Marks(double from, double to, ToolGrid grid) {

        private double length() {
            return grid.floor(Length.nearestTo(to - from)).count();
        }

        double marked(double at) {
            double low = at - from;
            double high = to - at;
            if (Math.abs(low - high) <= ROUNDED) {
                return length() / 2;
            }
            double near = grid.nearest(Length.nearestTo(Math.min(low, high))).count();
            return low < high ? near : length() - near;
        }
    }
}
