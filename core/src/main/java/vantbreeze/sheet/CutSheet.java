package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/**
 * One sheet and all cuts that are made in it.
 *
 * @param together how many sheets lie on each other and are cut at once
 */
public record CutSheet(Supply supply, Cell whole, int together) {

    CutSheet(Supply supply, Cell whole) {
        this(supply, whole, 1);
    }

    CutSheet twice() {
        return new CutSheet(supply, whole, 2);
    }

    /** Smaller rests are thrown away: an inch wide, and as much as a tag. Common practice; derived, please check. */
    public static final Length NARROWEST_KEPT = Length.inches(1);

    public static final double LEAST_KEPT_SQUARE_MILLIMETRES = 4 * 25.4 * 25.4;

    /**
     * A cut as it is made.
     *
     * @param cell what is in hand
     * @param fence how far the fence is set from the blade
     */
    public record Pass(Cell.Cut cell, Length fence) {}

    public List<Cell.Wanted> wanted() {
        return leaves(whole).stream()
                .flatMap(c -> c instanceof Cell.Wanted w ? Stream.of(w) : Stream.of())
                .toList();
    }

    public List<Cell.Rest> rests() {
        return leaves(whole).stream()
                .flatMap(c -> c instanceof Cell.Rest r ? Stream.of(r) : Stream.of())
                .toList();
    }

    /** The rests that are worth keeping, the largest first. */
    public List<Cell.Rest> kept() {
        return rests().stream()
                .filter(r -> isKept(r.size()))
                .sorted(Comparator.comparingDouble((Cell.Rest r) -> -r.size().squareMillimetres()))
                .toList();
    }

    public static boolean isKept(Size size) {
        return !size.shortSide().isLessThan(NARROWEST_KEPT)
                && size.squareMillimetres() >= LEAST_KEPT_SQUARE_MILLIMETRES;
    }

    public Optional<Cell.Rest> largestRest() {
        return kept().stream().findFirst();
    }

    private static List<Cell> leaves(Cell cell) {
        if (cell instanceof Cell.Cut cut) {
            List<Cell> leaves = new ArrayList<>(leaves(cut.first()));
            leaves.addAll(leaves(cut.second()));
            return leaves;
        }
        return List.of(cell);
    }

    /** In the order in which they are made: whatever in hand is cut at the setting of the last cut goes first. */
    public List<Pass> passes() {
        List<Pass> passes = new ArrayList<>();
        Set<Cell.Cut> inHand = new LinkedHashSet<>();
        take(whole, inHand);
        Length fence = null;
        while (!inHand.isEmpty()) {
            Length last = fence;
            Cell.Cut next = inHand.stream()
                    .filter(c -> c.at().equals(last))
                    .findFirst()
                    .orElseGet(() -> inHand.iterator().next());
            inHand.remove(next);
            fence = next.at();
            passes.add(new Pass(next, fence));
            take(next.second(), inHand);
            take(next.first(), inHand);
        }
        return passes;
    }

    private static void take(Cell cell, Set<Cell.Cut> inHand) {
        if (cell instanceof Cell.Cut cut) {
            inHand.add(cut);
        }
    }

    /** How often the fence is set. */
    public int settings() {
        int settings = 0;
        Length fence = null;
        for (Pass pass : passes()) {
            settings += pass.fence().equals(fence) ? 0 : 1;
            fence = pass.fence();
        }
        return settings;
    }
}
