package vantbreeze.make;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Fold;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;

/** One score as it is set: square to an edge on a board, or aslant along a ruler. Read face side up. */
public sealed interface ScoreReading permits SquareReading, ObliqueReading {

    /** How it runs on the piece. */
    enum Lie {
        UPRIGHT,
        LEVEL,
        OBLIQUE
    }

    ScoreLine score();

    Lie lie();

    /** Whether it goes from edge to edge, so that no start and stop are needed. */
    boolean runsThrough();

    /** Where it begins along itself: from the bottom, from the left, or along the ruler from where that begins. */
    Length begins();

    Length ends();

    /** The side to score on: the one that becomes the ridge. */
    default Side scoreOn() {
        return score().fold() == Fold.MOUNTAIN ? Side.FACE : Side.BACK;
    }

    /**
     * @param size of the piece that it is on
     * @param all the scores of that piece
     */
    static ScoreReading of(ScoreLine score, Size size, List<ScoreLine> all) {
        return score.isUpright() || score.isLevel()
                ? SquareReading.of(score, size)
                : ObliqueReading.of(score, size, all);
    }
}
