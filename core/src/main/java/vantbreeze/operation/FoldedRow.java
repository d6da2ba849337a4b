package vantbreeze.operation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import vantbreeze.make.ScoreReading;
import vantbreeze.make.ScoreSetting;
import vantbreeze.make.SquareReading;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Grouped;

/**
 * Rows between slits that fold alike.
 *
 * @param numbers from the bottom, from 1
 * @param of how many rows there are
 * @param folds where each of them folds, from the left end
 * @param edges of all rows, from the lower edge of the first to the upper edge of the last
 */
record FoldedRow(List<Integer> numbers, int of, Map<Length, Fold> folds, List<Length> edges) {

    /** Rows that differ from each other; none where all scores run through, or lie otherwise. */
    static List<FoldedRow> of(List<ScoreSetting> settings) {
        Optional<List<Length>> rows = settings.stream()
                .map(ScoreSetting::rows)
                .filter(r -> r.size() > 2)
                .findFirst();
        boolean isUpright =
                settings.stream().allMatch(s -> s.lie() == ScoreReading.Lie.UPRIGHT && s.at() instanceof SquareReading);
        if (rows.isEmpty() || !isUpright) {
            return List.of();
        }
        int count = rows.get().size() - 1;
        Map<Map<Length, Fold>, List<Integer>> alike = new LinkedHashMap<>();
        IntStream.range(0, count)
                .forEach(row -> alike.computeIfAbsent(
                                folds(settings, rows.get().get(row), rows.get().get(row + 1)), k -> new ArrayList<>())
                        .add(row + 1));
        double middle = (count + 1) / 2.0;
        return alike.entrySet().stream()
                .filter(e -> !e.getKey().isEmpty())
                .map(e -> new FoldedRow(e.getValue(), count, e.getKey(), rows.get()))
                .sorted(Comparator.comparingDouble(r -> r.numbers().stream()
                        .mapToDouble(n -> Math.abs(n - middle))
                        .min()
                        .orElse(0)))
                .toList();
    }

    private static Map<Length, Fold> folds(List<ScoreSetting> settings, Length from, Length to) {
        Map<Length, Fold> folds = new LinkedHashMap<>();
        for (ScoreSetting setting : settings) {
            setting.stretches().stream()
                    .filter(s -> !s.begins().isMoreThan(from) && !s.ends().isLessThan(to))
                    .flatMap(s -> s.fold().stream())
                    .forEach(fold -> folds.put(((SquareReading) setting.at()).fromStart(), fold));
        }
        return folds;
    }

    /** "rows 1, 3 and 5: valley at 1 in and 7 1/4 in, mountain at 2 in and 6 1/4 in". */
    String text(Ruler ruler) {
        Map<Fold, List<String>> byFold = new LinkedHashMap<>();
        folds.forEach((at, fold) ->
                byFold.computeIfAbsent(fold, k -> new ArrayList<>()).add(ruler.text(at)));
        String which = numbers.size() == of
                ? "all rows"
                : (numbers.size() == 1 ? "row " : "rows ")
                        + Grouped.joined(numbers.stream().map(String::valueOf).toList());
        return which + ": "
                + byFold.entrySet().stream()
                        .map(e -> "%s at %s"
                                .formatted(
                                        e.getKey() == Fold.MOUNTAIN ? "mountain" : "valley",
                                        Grouped.joined(e.getValue())))
                        .collect(Collectors.joining(", "));
    }
}
