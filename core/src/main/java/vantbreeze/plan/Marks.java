package vantbreeze.plan;

import vantbreeze.make.ScoreCard;
import vantbreeze.make.ScoreReading;
import vantbreeze.make.SquareReading;
import vantbreeze.material.Tools;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** Which lengths of a card hands can hit: scores on the board's grooves, panels whose mats lose nothing to the grid. */
final class Marks {

    /** A score between two grooves is worse than any number of mats that lose a little. */
    static final int SCORE = 1000;

    private Marks() {}

    /** A groove reached from either end will do. */
    static boolean isOffBoard(ScoreReading reading, ToolGrid board) {
        return reading instanceof SquareReading square
                && !board.isOn(square.fromStart())
                && !board.isOn(square.fromEnd());
    }

    /** How far the card is from lying on marks everywhere; 0 where all do. */
    static int missed(Structure structure, Tools tools, ToolGrid mats) {
        int missed = 0;
        for (Piece piece : structure.pieces()) {
            for (ScoreReading reading : ScoreCard.square(piece)) {
                missed += isOffBoard(reading, tools.board()) ? SCORE : 0;
            }
        }
        for (var panel : structure.panels()) {
            missed += isOff(panel.box().width(), mats) + isOff(panel.box().height(), mats);
        }
        return missed;
    }

    private static int isOff(Length side, ToolGrid mats) {
        return mats.isOn(side) ? 0 : 1;
    }
}
