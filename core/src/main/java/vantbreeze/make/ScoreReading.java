package vantbreeze.make;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.measure.Length;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Piece;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;

/** One score as it is set: square to an edge on a board, or aslant along a ruler. Read face side up. */
public sealed interface ScoreReading permits SquareReading, ObliqueReading, TemplateReading {

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

    /** The side that becomes its ridge. */
    default Side ridge() {
        return score().fold() == Fold.MOUNTAIN ? Side.FACE : Side.BACK;
    }

    /**
     * @param seen the scores that show on the side it is scored on, by the time it is
     * @param lines the same as they are scored
     */
    static ScoreReading of(ScoreLine score, Piece piece, List<ScoreLine> seen, List<ScoreLine> lines) {
        boolean bends = !score.path().isStraight();
        boolean scoredInItsBox = ShapeReading.of(piece).isPresent();
        if (bends || piece.corners().size() > MOST_MEASURED || !scoredInItsBox && !hasEdgeFor(score, piece)) {
            return new TemplateReading(score);
        }
        return score.isUpright() || score.isLevel()
                ? SquareReading.of(score, piece.size())
                : ObliqueReading.of(score, piece, seen, lines);
    }

    /** What has more corners is cut around its template, and its scores come with it. */
    int MOST_MEASURED = 12;

    /** Whether enough of the box around the piece is its own edge, to lie against a fence. */
    private static boolean hasEdgeFor(ScoreLine score, Piece piece) {
        Envelope box = piece.polygon().getEnvelopeInternal();
        Coordinate[] ring = piece.polygon().getExteriorRing().getCoordinates();
        double least = LEAST_EDGE * (score.isLevel() ? box.getWidth() : box.getHeight());
        for (int i = 1; i < ring.length; i++) {
            Coordinate a = ring[i - 1];
            Coordinate b = ring[i];
            boolean onBox = score.isLevel()
                    ? a.y == b.y && (a.y == box.getMinY() || a.y == box.getMaxY())
                    : a.x == b.x && (a.x == box.getMinX() || a.x == box.getMaxX());
            if (onBox && a.distance(b) >= least) {
                return true;
            }
        }
        return false;
    }

    /** Of the side of the box; shorter edges rock at the fence. Common practice, no published source. */
    double LEAST_EDGE = 0.2;
}
