package vantbreeze.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;

/**
 * All scores of one piece, in the order they are reached.
 *
 * @param settings the same by position, as the board is set
 * @param lines the same as they are scored: what runs on straight from one score into the next is one line
 * @param sameFromBothEnds for each side whose scores lie the same when the piece is turned round, how they are read then
 */
public record ScoreCard(
        Piece piece,
        List<ScoreReading> readings,
        List<ScoreSetting> settings,
        List<ScoreReading> lines,
        List<BothEnds> sameFromBothEnds) {

    private static final int SHORTEST_NAME = 3;

    /**
     * The same few numbers from either end.
     *
     * @param side the side to score on
     * @param positions to score at, then turn the piece round, then score at again; never empty
     * @param middle a score that both ends share
     */
    public record BothEnds(Side side, List<Length> positions, Optional<Length> middle) {

        public String text(Ruler ruler) {
            String at = Steps.joined(positions.stream().map(ruler::text).toList());
            return "score at %s, turn it round and score at %s again%s"
                    .formatted(
                            at,
                            at,
                            middle.map(m -> ", then in the middle at " + ruler.text(m))
                                    .orElse(""));
        }
    }

    /** Of a piece all of whose scores fold. */
    public static ScoreCard of(Piece piece) {
        return of(piece, score -> true);
    }

    /** @param folds whether a score, by its id, folds at any stage */
    public static ScoreCard of(Piece piece, Predicate<String> folds) {
        List<ScoreReading> readings = readings(piece);
        List<ScoreReading> lines = joined(readings, piece.size());
        List<ScoreSetting> settings = ScoreSetting.of(piece, readings, folds);
        return new ScoreCard(
                piece,
                readings,
                settings,
                lines,
                piece.scoredAcross() ? acrossFromBothEnds(settings) : sameFromBothEnds(lines));
    }

    /** Every score of a piece as it is set on a board, in the order they are reached. */
    public static List<ScoreReading> readings(Piece piece) {
        Size size = piece.size();
        return piece.scores().stream()
                .map(s -> reading(s, size))
                .sorted(Comparator.comparing(ScoreReading::lie)
                        .thenComparing(r -> r.fromStart() == null ? Length.ZERO : r.fromStart()))
                .toList();
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
    static String commonName(String one, String other) {
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

    /** Scored right across, only the position counts. */
    private static List<BothEnds> acrossFromBothEnds(List<ScoreSetting> settings) {
        boolean symmetric = settings.stream()
                .allMatch(s -> settings.stream().anyMatch(o -> s.fromEnd().equals(o.fromStart())));
        List<Length> positions = settings.stream()
                .filter(s -> symmetric && s.fromStart().isLessThan(s.fromEnd()))
                .map(ScoreSetting::fromStart)
                .toList();
        Optional<Length> middle = settings.stream()
                .filter(s -> s.fromStart().equals(s.fromEnd()))
                .map(ScoreSetting::fromStart)
                .findFirst();
        return positions.isEmpty() ? List.of() : List.of(new BothEnds(Side.FACE, positions, middle));
    }

    private static List<BothEnds> sameFromBothEnds(List<ScoreReading> lines) {
        return Stream.of(Side.values())
                .flatMap(side -> bothEnds(
                        side, lines.stream().filter(r -> r.scoreOn() == side).toList())
                        .stream())
                .toList();
    }

    private static Optional<BothEnds> bothEnds(Side side, List<ScoreReading> lines) {
        boolean symmetric = lines.stream()
                .allMatch(r -> r.lie() == ScoreReading.Lie.UPRIGHT
                        && r.runsThrough()
                        && lines.stream().anyMatch(m -> r.fromEnd().equals(m.fromStart())));
        List<Length> positions = lines.stream()
                .filter(r -> symmetric && r.fromStart().isLessThan(r.fromEnd()))
                .map(ScoreReading::fromStart)
                .toList();
        Optional<Length> middle = lines.stream()
                .filter(r -> symmetric && r.fromStart().equals(r.fromEnd()))
                .map(ScoreReading::fromStart)
                .findFirst();
        return positions.isEmpty() ? Optional.empty() : Optional.of(new BothEnds(side, positions, middle));
    }
}
