package vantbreeze.material;

import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;

/**
 * The tools a plan must suit.
 *
 * @param ruler the marks that sizes are derived and rounded to
 * @param board the grooves of the scoring board
 * @param boardReach from the board's fence to its last groove
 * @param trimmer the longest cut the trimmer makes
 * @param bed of the cutting machine, if there is one
 * @param scoring which side scores are set on
 * @param adhesives what there is to glue with
 */
public record Tools(
        ToolGrid ruler,
        ToolGrid board,
        Length boardReach,
        Length trimmer,
        Size bed,
        Scoring scoring,
        Adhesives adhesives) {

    /** Of most boards: a sheet of 12 in lies on them. Common practice, no published source. */
    public static final Length USUAL_BOARD = Length.inches(12);

    /** One mat wide and two long. Common practice, no published source. */
    public static final Size USUAL_BED = new Size(Length.inches(12), Length.inches(24));

    /** With a board and a bed of the usual size. */
    public static Tools of(ToolGrid ruler, ToolGrid board, Length trimmer) {
        return new Tools(ruler, board, USUAL_BOARD, trimmer, USUAL_BED, Scoring.RIDGE_SIDE, Adhesives.USUAL);
    }

    public Tools with(Scoring other) {
        return new Tools(ruler, board, boardReach, trimmer, bed, other, adhesives);
    }
}
