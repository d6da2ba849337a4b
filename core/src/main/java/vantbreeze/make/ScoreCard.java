package vantbreeze.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import vantbreeze.material.Scoring;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;

/**
 * All scores of one piece, in the order they are reached.
 *
 * @param scoring which side they are scored on
 * @param settings the same by position, as the board is set
 * @param lines the same as they are scored: what runs on straight from one score into the next is one line
 * @param sameFromBothEnds for each side whose scores lie the same when the piece is turned round, how they are read then
 */
public record ScoreCard(
        Piece piece,
        Scoring scoring,
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
            String at = Grouped.joined(positions.stream().map(ruler::text).toList());
            return "score at %s. Turn the piece round and score at %s again%s"
                    .formatted(
                            at,
                            at,
                            middle.map(m -> ". Score the middle at " + ruler.text(m))
                                    .orElse(""));
        }
    }

    /** Of a piece all of whose scores fold. */
    public static ScoreCard of(Piece piece, Scoring scoring) {
        return of(piece, scoring, score -> true);
    }

    /** @param folds whether a score, by its id, folds at any stage */
    public static ScoreCard of(Piece piece, Scoring scoring, Predicate<String> folds) {
        List<ScoreReading> readings = readings(piece, scoring);
        List<ScoreReading> lines = joined(readings, piece.size(), scoring);
        List<ScoreSetting> settings = ScoreSetting.of(piece, readings, folds);
        return new ScoreCard(
                piece,
                scoring,
                readings,
                settings,
                lines,
                piece.scoredAcross() ? acrossFromBothEnds(settings) : sameFromBothEnds(lines, scoring));
    }

    /** The side it is scored on: the one that becomes its ridge, or the face with all others. */
    public Side scoreOn(ScoreReading reading) {
        return scoreOn(reading, scoring);
    }

    /** The side that all of it is scored on; none where either will do. */
    public Optional<Side> scoreOn(ScoreSetting setting) {
        return scoring == Scoring.ONE_SIDE && !setting.across() ? Optional.of(Side.FACE) : setting.ridge();
    }

    private static Side scoreOn(ScoreReading reading, Scoring scoring) {
        return scoring == Scoring.ONE_SIDE ? Side.FACE : reading.ridge();
    }

    /** The scores of a piece that are square to its edges: all that a board's grooves matter to. */
    public static List<ScoreReading> square(Piece piece) {
        return piece.scores().stream()
                .filter(ScoreCard::isSquare)
                .map(s -> ScoreReading.of(s, piece, List.of(), List.of()))
                .toList();
    }

    private static boolean isSquare(ScoreLine score) {
        return score.isUpright() || score.isLevel();
    }

    /** Every score of a piece as it is set on a board, in the order they are reached. */
    private static List<ScoreReading> readings(Piece piece, Scoring scoring) {
        List<ScoreLine> lines = joined(square(piece), piece.size(), scoring).stream()
                .map(ScoreReading::score)
                .toList();
        return piece.scores().stream()
                .map(s -> ScoreReading.of(
                        s,
                        piece,
                        isSquare(s) ? List.of() : seen(s, piece.scores(), scoring),
                        isSquare(s) ? List.of() : seen(s, lines, scoring)))
                .sorted(Comparator.comparing(ScoreReading::lie).thenComparing(ScoreCard::reached))
                .toList();
    }

    /** Face sides are scored first: from behind all scores are seen, on the face only those that are scored there. */
    private static List<ScoreLine> seen(ScoreLine score, List<ScoreLine> all, Scoring scoring) {
        return all.stream()
                .filter(s -> scoring == Scoring.ONE_SIDE || s.fold() == Fold.MOUNTAIN || s.fold() == score.fold())
                .toList();
    }

    /** What lies aslant is taken as it comes. */
    private static Length reached(ScoreReading reading) {
        return reading instanceof SquareReading square ? square.fromStart() : Length.ZERO;
    }

    private static List<ScoreReading> joined(List<ScoreReading> readings, Size size, Scoring scoring) {
        List<ScoreReading> lines = new ArrayList<>();
        for (ScoreReading reading : readings) {
            int before = IntStream.range(0, lines.size())
                    .filter(i -> lines.get(i) instanceof SquareReading line
                            && reading instanceof SquareReading next
                            && runsOn(line, next, scoring))
                    .findFirst()
                    .orElse(-1);
            if (before < 0) {
                lines.add(reading);
            } else {
                lines.set(before, joined((SquareReading) lines.get(before), reading, size));
            }
        }
        return List.copyOf(lines);
    }

    private static boolean runsOn(SquareReading line, SquareReading next, Scoring scoring) {
        return line.lie() == next.lie()
                && line.fromStart().equals(next.fromStart())
                && scoreOn(line, scoring) == scoreOn(next, scoring)
                && (line.ends().equals(next.begins()) || next.ends().equals(line.begins()));
    }

    private static ScoreReading joined(SquareReading line, ScoreReading next, Size size) {
        boolean upright = line.lie() == ScoreReading.Lie.UPRIGHT;
        Length at = line.fromStart();
        Length begins = Length.min(line.begins(), next.begins());
        Length ends = Length.max(line.ends(), next.ends());
        String name = commonName(line.score().id(), next.score().id());
        Fold fold = line.score().fold();
        return SquareReading.of(
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

    /** Scored right across, only the position counts. */
    private static List<BothEnds> acrossFromBothEnds(List<ScoreSetting> settings) {
        return settings.stream().allMatch(s -> s.at() instanceof SquareReading)
                ? bothEnds(
                                Side.FACE,
                                settings.stream()
                                        .map(s -> (SquareReading) s.at())
                                        .toList())
                        .stream()
                        .toList()
                : List.of();
    }

    private static List<BothEnds> sameFromBothEnds(List<ScoreReading> lines, Scoring scoring) {
        return Stream.of(Side.values())
                .map(side ->
                        lines.stream().filter(r -> scoreOn(r, scoring) == side).toList())
                .filter(there -> there.stream()
                        .allMatch(r ->
                                r instanceof SquareReading && r.lie() == ScoreReading.Lie.UPRIGHT && r.runsThrough()))
                .flatMap(there -> there.isEmpty()
                        ? Stream.empty()
                        : bothEnds(
                                scoreOn(there.get(0), scoring),
                                there.stream().map(SquareReading.class::cast).toList())
                                .stream())
                .toList();
    }

    private static Optional<BothEnds> bothEnds(Side side, List<SquareReading> lines) {
        boolean symmetric = lines.stream()
                .allMatch(r -> lines.stream().anyMatch(m -> r.fromEnd().equals(m.fromStart())));
        List<Length> positions = lines.stream()
                .filter(r -> symmetric && r.fromStart().isLessThan(r.fromEnd()))
                .map(SquareReading::fromStart)
                .toList();
        Optional<Length> middle = lines.stream()
                .filter(r -> symmetric && r.fromStart().equals(r.fromEnd()))
                .map(SquareReading::fromStart)
                .findFirst();
        return positions.isEmpty() ? Optional.empty() : Optional.of(new BothEnds(side, positions, middle));
    }
}
