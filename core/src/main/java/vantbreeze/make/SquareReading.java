package vantbreeze.make;

import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.ScoreLine;

/**
 * A score square to an edge, as it is set on a board.
 *
 * @param fromStart from the left end for an upright score, from the bottom for a level one
 * @param fromEnd from the right end, or from the top
 */
public record SquareReading(
        ScoreLine score, Lie lie, Length fromStart, Length fromEnd, boolean runsThrough, Length begins, Length ends)
        implements ScoreReading {

    static SquareReading of(ScoreLine score, Size size) {
        return score.isUpright()
                ? of(
                        score,
                        Lie.UPRIGHT,
                        score.from().x(),
                        size.width(),
                        score.from().y(),
                        score.to().y(),
                        size.height())
                : of(
                        score,
                        Lie.LEVEL,
                        score.from().y(),
                        size.height(),
                        score.from().x(),
                        score.to().x(),
                        size.width());
    }

    private static SquareReading of(
            ScoreLine score, Lie lie, Length at, Length whole, Length oneEnd, Length otherEnd, Length wholeAlong) {
        Length begins = Length.min(oneEnd, otherEnd);
        Length ends = Length.max(oneEnd, otherEnd);
        boolean through = begins.equals(Length.ZERO) && ends.equals(wholeAlong);
        return new SquareReading(score, lie, at, whole.minus(at), through, begins, ends);
    }
}
