package vantbreeze.make;

import java.util.Comparator;
import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Piece;
import vantbreeze.structure.ScoreLine;

/**
 * All scores of one piece, in the order they are reached.
 *
 * @param sameFromBothEnds for a piece that reads the same turned round: the few positions to score at, then turn it, then
 *     score at again, a middle score last; empty otherwise
 */
public record ScoreCard(Piece piece, List<ScoreReading> readings, List<Length> sameFromBothEnds) {

    public static ScoreCard of(Piece piece) {
        Size size = piece.size();
        List<ScoreReading> readings = piece.scores().stream()
                .map(s -> reading(s, size))
                .sorted(Comparator.comparing(ScoreReading::lie)
                        .thenComparing(r -> r.fromStart() == null ? Length.ZERO : r.fromStart()))
                .toList();
        return new ScoreCard(piece, readings, sameFromBothEnds(readings));
    }

    private static ScoreReading reading(ScoreLine score, Size size) {
        if (score.isUpright()) {
            return reading(
                    score,
                    ScoreReading.Lie.UPRIGHT,
                    score.from().x(),
                    size.width(),
                    score.from().y(),
                    score.to().y(),
                    size.height());
        }
        if (score.isLevel()) {
            return reading(
                    score,
                    ScoreReading.Lie.LEVEL,
                    score.from().y(),
                    size.height(),
                    score.from().x(),
                    score.to().x(),
                    size.width());
        }
        return new ScoreReading(score, ScoreReading.Lie.OBLIQUE, null, null, false, null, null);
    }

    private static ScoreReading reading(
            ScoreLine score,
            ScoreReading.Lie lie,
            Length at,
            Length whole,
            Length oneEnd,
            Length otherEnd,
            Length wholeAlong) {
        Length begins = Length.min(oneEnd, otherEnd);
        Length ends = Length.max(oneEnd, otherEnd);
        boolean through = begins.equals(Length.ZERO) && ends.equals(wholeAlong);
        return new ScoreReading(score, lie, at, whole.minus(at), through, begins, ends);
    }

    private static List<Length> sameFromBothEnds(List<ScoreReading> readings) {
        boolean symmetric = !readings.isEmpty()
                && readings.stream()
                        .allMatch(r -> r.lie() == ScoreReading.Lie.UPRIGHT
                                && r.runsThrough()
                                && readings.stream()
                                        .anyMatch(m -> r.fromEnd().equals(m.fromStart())
                                                && r.score().fold() == m.score().fold()));
        return symmetric
                ? readings.stream()
                        .filter(r -> !r.fromStart().isMoreThan(r.fromEnd()))
                        .map(ScoreReading::fromStart)
                        .toList()
                : List.of();
    }
}
