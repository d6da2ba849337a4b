package vantbreeze.make;

import vantbreeze.measure.Length;
import vantbreeze.structure.Fold;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;

/**
 * One score as it is set on a board.
 *
 * @param lie how it runs on the piece
 * @param fromStart from the left end for an upright score, from the bottom for a level one; null for an oblique one
 * @param fromEnd from the right end, or from the top
 * @param runsThrough whether it goes from edge to edge, so that no start and stop are needed
 * @param begins where it begins along itself: from the bottom for an upright score, from the left for a level one
 * @param ends where it ends
 */
public record ScoreReading(
        ScoreLine score, Lie lie, Length fromStart, Length fromEnd, boolean runsThrough, Length begins, Length ends) {

    public enum Lie {
        UPRIGHT,
        LEVEL,
        OBLIQUE
    }

    /** The side to score on: the one that becomes the ridge. */
    public Side scoreOn() {
        return score.fold() == Fold.MOUNTAIN ? Side.FACE : Side.BACK;
    }
}
