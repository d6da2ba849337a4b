package vantbreeze.make;

import java.util.List;
import java.util.Optional;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.ScoreLine;

/**
 * A score aslant: a board has no diagonals, so it is creased along a ruler. The ruler is laid to the score's own ends where
 * these can be found, on an edge or at the end of another score; otherwise from edge to edge.
 *
 * @param from the mark at the left
 * @param to the mark at the right
 * @param whole from the one to the other
 * @param byHand how the fold is made without a ruler, if it can be
 */
public record ObliqueReading(
        ScoreLine score,
        RulerMark from,
        RulerMark to,
        Length whole,
        boolean runsThrough,
        Length begins,
        Length ends,
        Optional<CornerToMark> byHand)
        implements ScoreReading {

    /**
     * @param seen the scores that show by then
     * @param lines the same as they are scored
     */
    static ObliqueReading of(ScoreLine score, Piece piece, List<ScoreLine> seen, List<ScoreLine> lines) {
        Size size = piece.size();
        Optional<CornerToMark> byHand = piece.polygon().isRectangle()
                ? CornerToMark.of(score.from().coordinate(), score.to().coordinate(), size)
                : Optional.empty();
        boolean rightwards = !score.to().x().isLessThan(score.from().x());
        Point left = rightwards ? score.from() : score.to();
        Point right = rightwards ? score.to() : score.from();
        Optional<RulerMark> begins = RulerMark.at(left, size, seen, lines);
        Optional<RulerMark> ends = RulerMark.at(right, size, seen, lines);
        return begins.isPresent() && ends.isPresent()
                ? fromEndToEnd(score, left, right, begins.get(), ends.get(), byHand)
                : fromEdgeToEdge(score, left, right, size, byHand);
    }

    private static ObliqueReading fromEndToEnd(
            ScoreLine score, Point left, Point right, RulerMark from, RulerMark to, Optional<CornerToMark> byHand) {
        Length whole = Length.nearestTo(left.coordinate().distance(right.coordinate()));
        return new ObliqueReading(score, from, to, whole, true, Length.ZERO, whole, byHand);
    }

    private static ObliqueReading fromEdgeToEdge(
            ScoreLine score, Point left, Point right, Size size, Optional<CornerToMark> byHand) {
        double dx = right.x().minus(left.x()).count();
        double dy = right.y().minus(left.y()).count();
        double across = size.width().count();
        double up = size.height().count();
        double x = left.x().count();
        double y = left.y().count();
        double low = dy > 0 ? -y / dy : (up - y) / dy;
        double high = dy > 0 ? (up - y) / dy : -y / dy;
        double enters = Math.max(-x / dx, low);
        double leaves = Math.min((across - x) / dx, high);
        double length = Math.hypot(dx, dy);
        Length begins = Length.nearestTo(-enters * length);
        Length ends = Length.nearestTo((1 - enters) * length);
        Length whole = Length.nearestTo((leaves - enters) * length);
        return new ObliqueReading(
                score,
                RulerMark.of(x + enters * dx, y + enters * dy, size),
                RulerMark.of(x + leaves * dx, y + leaves * dy, size),
                whole,
                begins.equals(Length.ZERO) && ends.equals(whole),
                begins,
                ends,
                byHand);
    }

    @Override
    public Lie lie() {
        return Lie.OBLIQUE;
    }

    /** "from the bottom left corner to the tick 2 in from the top right corner on the right edge". */
    public String along(Ruler ruler) {
        return "from %s to %s".formatted(from.text(ruler), to.text(ruler));
    }

    /** The same as the piece lies turned over like a page. */
    public ObliqueReading turnedOver() {
        return new ObliqueReading(
                score,
                from.turnedOver(),
                to.turnedOver(),
                whole,
                runsThrough,
                begins,
                ends,
                byHand.map(CornerToMark::turnedOver));
    }
}
