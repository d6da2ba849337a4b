package vantbreeze.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;

/**
 * One position on the board, or one of the ruler, with all that is scored there.
 *
 * @param at the first of its scores, which tells where
 * @param name what its scores have in common
 * @param stretches in the order along the line
 * @param across whether the line is scored from edge to edge, whatever of it folds
 * @param whole how long the line is from edge to edge
 * @param rows where rows between slits begin and end along the line; empty without slits, and aslant
 */
public record ScoreSetting(
        ScoreReading at, String name, List<Stretch> stretches, boolean across, Length whole, List<Length> rows) {

    /** @param fold none where it stays flat for good */
    public record Stretch(Length begins, Length ends, Optional<Fold> fold) {}

    /** @param folds whether a score, by its id, folds at any stage */
    static List<ScoreSetting> of(Piece piece, List<ScoreReading> readings, Predicate<String> folds) {
        Map<Object, List<ScoreReading>> byPlace = new LinkedHashMap<>();
        for (ScoreReading r : readings) {
            byPlace.computeIfAbsent(place(r), k -> new ArrayList<>()).add(r);
        }
        return byPlace.values().stream().map(there -> at(piece, there, folds)).toList();
    }

    private static Object place(ScoreReading reading) {
        if (reading instanceof ObliqueReading oblique) {
            return List.of(oblique.from(), oblique.to());
        }
        if (reading instanceof TemplateReading) {
            return reading;
        }
        return List.of(reading.lie(), ((SquareReading) reading).fromStart());
    }

    private static ScoreSetting at(Piece piece, List<ScoreReading> there, Predicate<String> folds) {
        ScoreReading first = there.get(0);
        List<Stretch> stretches = there.stream()
                .map(r -> new Stretch(
                        r.begins(),
                        r.ends(),
                        folds.test(r.score().id()) ? Optional.of(r.score().fold()) : Optional.empty()))
                .sorted(Comparator.comparing(Stretch::begins))
                .toList();
        String name = there.stream()
                .map(r -> r.score().id())
                .reduce(ScoreCard::commonName)
                .orElseThrow();
        return new ScoreSetting(
                first, name, stretches, piece.scoredAcross(), whole(piece, first), rows(piece, first.lie()));
    }

    private static Length whole(Piece piece, ScoreReading reading) {
        if (reading instanceof ObliqueReading oblique) {
            return oblique.whole();
        }
        if (reading instanceof TemplateReading template) {
            return template.ends();
        }
        return reading.lie() == ScoreReading.Lie.LEVEL
                ? piece.size().width()
                : piece.size().height();
    }

    public ScoreReading.Lie lie() {
        return at.lie();
    }

    private static List<Length> rows(Piece piece, ScoreReading.Lie lie) {
        if (lie == ScoreReading.Lie.OBLIQUE) {
            return List.of();
        }
        TreeSet<Length> cuts = piece.slits().stream()
                .filter(s -> lie == ScoreReading.Lie.UPRIGHT ? s.isLevel() : s.isUpright())
                .map(s -> lie == ScoreReading.Lie.UPRIGHT
                        ? s.from().y()
                        : s.from().x())
                .collect(Collectors.toCollection(TreeSet::new));
        if (cuts.isEmpty()) {
            return List.of();
        }
        cuts.add(Length.ZERO);
        cuts.add(
                lie == ScoreReading.Lie.UPRIGHT
                        ? piece.size().height()
                        : piece.size().width());
        return List.copyOf(cuts);
    }

    /** The side that all of it that folds has its ridge on; none where it differs, and where it is scored right across. */
    public Optional<Side> ridge() {
        List<Fold> signs = folds();
        if (signs.isEmpty() && !across) {
            return Optional.of(at.ridge());
        }
        return signs.size() == 1 && !across
                ? Optional.of(signs.get(0) == Fold.MOUNTAIN ? Side.FACE : Side.BACK)
                : Optional.empty();
    }

    /** "mountain", "whole height; rows 1, 3, 5 mountain, rows 2, 4 valley" "score right across, fold only rows 2, 4 mountain" or "stays flat". */
    public String how(Ruler ruler) {
        Map<Fold, List<Stretch>> bySign = new LinkedHashMap<>();
        for (Stretch s : stretches) {
            s.fold()
                    .ifPresent(f ->
                            bySign.computeIfAbsent(f, k -> new ArrayList<>()).add(s));
        }
        if (bySign.isEmpty()) {
            return "stays flat";
        }
        if (isWhole() && bySign.size() == 1) {
            return word(bySign.keySet().iterator().next());
        }
        String signs = bySign.entrySet().stream()
                .map(e -> where(e.getValue(), ruler) + " " + word(e.getKey()))
                .collect(Collectors.joining(", "));
        if (isWhole()) {
            return "whole %s; %s".formatted(lie() == ScoreReading.Lie.UPRIGHT ? "height" : "width", signs);
        }
        return across ? "score right across, fold only " + signs : "only " + signs;
    }

    /** All of the line folds, in one stretch or in several that follow each other from edge to edge. */
    private boolean isWhole() {
        if (stretches.stream().anyMatch(s -> s.fold().isEmpty())) {
            return false;
        }
        boolean runsOn = IntStream.range(1, stretches.size())
                .allMatch(
                        i -> stretches.get(i - 1).ends().equals(stretches.get(i).begins()));
        boolean fromEdge = stretches.get(0).begins().equals(Length.ZERO);
        return runsOn && fromEdge && stretches.get(stretches.size() - 1).ends().equals(whole);
    }

    /** Whether a fold of another piece is made at the same place, the same way; where both run through, their lengths may differ. */
    public boolean foldsLike(ScoreSetting other) {
        boolean alike = isWhole() && other.isWhole() && folds().size() == 1
                ? folds().equals(other.folds())
                : stretches.equals(other.stretches) && rows.equals(other.rows);
        return at instanceof SquareReading mine
                && other.at instanceof SquareReading theirs
                && mine.lie() == theirs.lie()
                && mine.fromStart().equals(theirs.fromStart())
                && alike;
    }

    /** The one way that the whole line folds. */
    public Optional<Fold> only() {
        return isWhole() && folds().size() == 1 ? Optional.of(folds().get(0)) : Optional.empty();
    }

    private List<Fold> folds() {
        return stretches.stream().flatMap(s -> s.fold().stream()).distinct().toList();
    }

    private String where(List<Stretch> there, Ruler ruler) {
        List<Integer> numbers = new ArrayList<>();
        for (Stretch s : there) {
            int from = rows.indexOf(s.begins());
            int to = rows.indexOf(s.ends());
            if (from < 0 || to < 0) {
                return there.stream()
                        .map(t -> "%s to %s".formatted(ruler.text(t.begins()), ruler.text(t.ends())))
                        .collect(Collectors.joining(", ", "from ", ":"));
            }
            IntStream.range(from + 1, to + 1).forEach(numbers::add);
        }
        return (numbers.size() == 1 ? "row " : "rows ")
                + numbers.stream().map(String::valueOf).collect(Collectors.joining(", "));
    }

    private static String word(Fold fold) {
        return fold == Fold.MOUNTAIN ? "mountain" : "valley";
    }
}
