package vantbreeze.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
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
 * One position on the board, or a slanting line, with all that is scored there.
 *
 * @param fromStart from the left end or the bottom; null for a slanting line
 * @param fromEnd from the right end or the top
 * @param name what its scores have in common
 * @param stretches in the order along the line
 * @param across whether the line is scored from edge to edge, whatever of it folds
 * @param whole how long the line is from edge to edge
 * @param rows where rows between slits begin and end along the line; empty without slits
 */
public record ScoreSetting(
        ScoreReading.Lie lie,
        Length fromStart,
        Length fromEnd,
        String name,
        List<Stretch> stretches,
        boolean across,
        Length whole,
        List<Length> rows) {

    /** @param fold null where it stays flat for good */
    public record Stretch(Length begins, Length ends, Fold fold) {}

    /** @param folds whether a score, by its id, folds at any stage */
    static List<ScoreSetting> of(Piece piece, List<ScoreReading> readings, Predicate<String> folds) {
        Map<List<Object>, List<ScoreReading>> byPlace = new LinkedHashMap<>();
        for (ScoreReading r : readings) {
            Object place = r.lie() == ScoreReading.Lie.OBLIQUE ? r.score().id() : r.fromStart();
            byPlace.computeIfAbsent(List.of(r.lie(), place), k -> new ArrayList<>())
                    .add(r);
        }
        return byPlace.values().stream().map(there -> at(piece, there, folds)).toList();
    }

    private static ScoreSetting at(Piece piece, List<ScoreReading> there, Predicate<String> folds) {
        ScoreReading first = there.get(0);
        List<Stretch> stretches = first.lie() == ScoreReading.Lie.OBLIQUE
                ? List.of(new Stretch(null, null, first.score().fold()))
                : there.stream()
                        .map(r -> new Stretch(
                                r.begins(),
                                r.ends(),
                                folds.test(r.score().id()) ? r.score().fold() : null))
                        .sorted(Comparator.comparing(Stretch::begins))
                        .toList();
        String name = there.stream()
                .map(r -> r.score().id())
                .reduce(ScoreCard::commonName)
                .orElseThrow();
        return new ScoreSetting(
                first.lie(),
                first.fromStart(),
                first.fromEnd(),
                name,
                stretches,
                piece.scoredAcross(),
                first.lie() == ScoreReading.Lie.LEVEL
                        ? piece.size().width()
                        : piece.size().height(),
                rows(piece, first.lie()));
    }

    private static List<Length> rows(Piece piece, ScoreReading.Lie lie) {
        TreeSet<Length> cuts = piece.slits().stream()
                .filter(s -> lie == ScoreReading.Lie.UPRIGHT
                        ? s.from().y().equals(s.to().y())
                        : s.from().x().equals(s.to().x()))
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

    /** The side to score on if all of it that folds has its ridge there; scored right across, either will do. */
    public Optional<Side> scoreOn() {
        List<Fold> signs = stretches.stream()
                .map(Stretch::fold)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
        return signs.size() == 1 && !across
                ? Optional.of(signs.get(0) == Fold.MOUNTAIN ? Side.FACE : Side.BACK)
                : Optional.empty();
    }

    /** "mountain", "whole height; rows 1, 3, 5 mountain, rows 2, 4 valley" or "score right across, fold only rows 2, 4 mountain". */
    public String how(Ruler ruler) {
        Map<Fold, List<Stretch>> bySign = new LinkedHashMap<>();
        for (Stretch s : stretches) {
            if (s.fold() != null) {
                bySign.computeIfAbsent(s.fold(), k -> new ArrayList<>()).add(s);
            }
        }
        if (lie == ScoreReading.Lie.OBLIQUE || (isWhole() && bySign.size() == 1)) {
            return word(bySign.keySet().iterator().next());
        }
        String signs = bySign.entrySet().stream()
                .map(e -> where(e.getValue(), ruler) + " " + word(e.getKey()))
                .collect(Collectors.joining(", "));
        if (isWhole()) {
            return "whole %s; %s".formatted(lie == ScoreReading.Lie.UPRIGHT ? "height" : "width", signs);
        }
        return across ? "score right across, fold only " + signs : "only " + signs;
    }

    /** All of the line folds, in one stretch or in several that follow each other from edge to edge. */
    private boolean isWhole() {
        if (stretches.stream().anyMatch(s -> s.fold() == null)) {
            return false;
        }
        boolean runsOn = IntStream.range(1, stretches.size())
                .allMatch(
                        i -> stretches.get(i - 1).ends().equals(stretches.get(i).begins()));
        boolean fromEdge = stretches.get(0).begins().equals(Length.ZERO);
        return runsOn && fromEdge && stretches.get(stretches.size() - 1).ends().equals(whole);
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
