package vantbreeze.sheet;

import java.util.Comparator;
import java.util.List;

/**
 * Which sheets are cut, and how.
 *
 * @param sheets those that are cut
 * @param fewest no plan needs fewer
 * @param unplaced what no sheet gives
 */
public record Cutting(List<CutSheet> sheets, int fewest, List<Blank> unplaced) {

    /** Fewest sheets, then those in the drawer, then the largest rest, then the fewest settings of the fence. */
    static final Comparator<List<CutSheet>> BETTER = Comparator.<List<CutSheet>>comparingInt(List::size)
            .thenComparingLong(Cutting::bought)
            .thenComparingDouble(Cutting::areaCut)
            .thenComparingDouble(s -> -largestRest(s))
            .thenComparingInt(s -> s.stream().mapToInt(CutSheet::settings).sum());

    public Cutting {
        sheets = List.copyOf(sheets);
        unplaced = List.copyOf(unplaced);
    }

    /** How many sheets are cut, those that are cut at once counted each. */
    public int count() {
        return sheets.stream().mapToInt(CutSheet::together).sum();
    }

    /** Whether it is proven that no fewer sheets will do. */
    public boolean isProven() {
        return count() <= fewest;
    }

    private static long bought(List<CutSheet> sheets) {
        return sheets.stream().filter(s -> !s.supply().owned()).count();
    }

    /** A small sheet that will do is taken rather than a large one. */
    private static double areaCut(List<CutSheet> sheets) {
        return sheets.stream().mapToDouble(s -> s.supply().area()).sum();
    }

    static double largestRest(List<CutSheet> sheets) {
        return sheets.stream()
                .flatMap(s -> s.largestRest().stream())
                .mapToDouble(r -> r.size().squareMillimetres())
                .max()
                .orElse(0);
    }
}
