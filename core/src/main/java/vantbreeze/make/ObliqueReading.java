package vantbreeze.make;

import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.structure.Point;
import vantbreeze.structure.ScoreLine;

/**
 * A score aslant: a board has no diagonals, so it is creased along a ruler laid from edge to edge.
 *
 * @param from where the ruler leaves the piece on the left
 * @param to where it leaves it on the right
 * @param whole from the one to the other
 */
public record ObliqueReading(
        ScoreLine score, RulerMark from, RulerMark to, Length whole, boolean runsThrough, Length begins, Length ends)
        implements ScoreReading {

    static ObliqueReading of(ScoreLine score, Size size) {
        boolean rightwards = !score.to().x().isLessThan(score.from().x());
        Point left = rightwards ? score.from() : score.to();
        Point right = rightwards ? score.to() : score.from();
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
                ends);
    }

    @Override
    public Lie lie() {
        return Lie.OBLIQUE;
    }

    /** "from the bottom left corner to the tick 2 in from the top right corner on the right edge". */
    public String along(Ruler ruler) {
        return "from %s to %s".formatted(from.text(ruler), to.text(ruler));
    }
}
