package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
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
        return leaves(Cell.Wanted.class);
    }

    public List<Cell.Rest> rests() {
        return leaves(Cell.Rest.class);
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

    private <T extends Cell> List<T> leaves(Class<T> kind) {
        List<T> found = new ArrayList<>();
        gather(whole, kind, found);
        return found;
    }

    private static <T extends Cell> void gather(Cell cell, Class<T> kind, List<T> found) {
        if (cell instanceof Cell.Cut cut) {
            gather(cut.first(), kind, found);
            gather(cut.second(), kind, found);
        } else if (kind.isInstance(cell)) {
            found.add(kind.cast(cell));
        }
    }

    /** In the order in which they are made: whatever in hand is cut at the setting of the last cut goes first. */
    public List<Pass> passes() {
        List<Pass> passes = new ArrayList<>();
        List<Cell.Cut> inHand = new ArrayList<>();
        take(whole, inHand);
        Length fence = null;
        while (!inHand.isEmpty()) {
            Cell.Cut next = inHand.remove(firstAt(fence, inHand));
            fence = next.at();
            passes.add(new Pass(next, fence));
            take(next.second(), inHand);
            take(next.first(), inHand);
        }
        return passes;
    }

    /** The first in hand that is cut at that setting; the first of all if none is. Cuts hold whole trees: they are not compared. */
    private static int firstAt(Length fence, List<Cell.Cut> inHand) {
        for (int i = 0; i < inHand.size(); i++) {
            if (inHand.get(i).at().equals(fence)) {
                return i;
            }
        }
        return 0;
    }

    private static void take(Cell cell, List<Cell.Cut> inHand) {
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
