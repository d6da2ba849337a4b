package vantbreeze.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.ScoreLine;

/**
 * All scores of one piece, in the order they are reached.
 *
 * @param lines the same as they are scored: what runs on straight from one score into the next is one line
 * @param sameFromBothEnds for a piece that reads the same turned round: the few positions to score at, then turn it, then
 *     score at again, a middle score last; empty otherwise
 */
public record ScoreCard(
        Piece piece, List<ScoreReading> readings, List<ScoreReading> lines, List<Length> sameFromBothEnds) {

    private static final int SHORTEST_NAME = 3;

    public static ScoreCard of(Piece piece) {
        Size size = piece.size();
        List<ScoreReading> readings = piece.scores().stream()
                .map(s -> reading(s, size))
                .sorted(Comparator.comparing(ScoreReading::lie)
                        .thenComparing(r -> r.fromStart() == null ? Length.ZERO : r.fromStart()))
                .toList();
        List<ScoreReading> lines = joined(readings, size);
        return new ScoreCard(piece, readings, lines, sameFromBothEnds(lines));
    }

    private static List<ScoreReading> joined(List<ScoreReading> readings, Size size) {
        List<ScoreReading> lines = new ArrayList<>();
        for (ScoreReading reading : readings) {
            int before = IntStream.range(0, lines.size())
                    .filter(i -> runsOn(lines.get(i), reading))
                    .findFirst()
                    .orElse(-1);
            if (before < 0) {
                lines.add(reading);
            } else {
                lines.set(before, joined(lines.get(before), reading, size));
            }
        }
        return List.copyOf(lines);
    }

    private static boolean runsOn(ScoreReading line, ScoreReading next) {
        return line.lie() != ScoreReading.Lie.OBLIQUE
                && line.lie() == next.lie()
                && line.fromStart().equals(next.fromStart())
                && line.score().fold() == next.score().fold()
                && (line.ends().equals(next.begins()) || next.ends().equals(line.begins()));
    }

    private static ScoreReading joined(ScoreReading line, ScoreReading next, Size size) {
        boolean upright = line.lie() == ScoreReading.Lie.UPRIGHT;
        Length at = line.fromStart();
        Length begins = Length.min(line.begins(), next.begins());
        Length ends = Length.max(line.ends(), next.ends());
        String name = commonName(line.score().id(), next.score().id());
        Fold fold = line.score().fold();
        return reading(
                upright
                        ? new ScoreLine(name, new Point(at, begins), new Point(at, ends), fold)
                        : new ScoreLine(name, new Point(begins, at), new Point(ends, at), fold),
                size);
    }

    /** "left end" for "left end, row 1" and "left end, row 2". */
    private static String commonName(String one, String other) {
        int same = 0;
        while (same < Math.min(one.length(), other.length()) && one.charAt(same) == other.charAt(same)) {
            same++;
        }
        String shared = one.substring(0, same).replaceAll("(, row)?[\\s,]*$", "");
        return shared.length() < SHORTEST_NAME ? one : shared;
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
