package vantbreeze.plan;

import java.util.Optional;
import java.util.stream.Stream;
import vantbreeze.catalogue.Proportions;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;

/**
 * Looks for the card of the largest area on the maker's grid. What is allowed is bounded by steps, one for each way in which the pieces
 * may lie on a sheet, and rounding inside a design frays them: so it is approached from several widths and heights, and what is found
 * is improved mark by mark.
 */
final class LargestCard {

    /** By how many counts a size is too large; minus infinity where the parameters refuse it. */
    interface Excess {
        double of(Length width, Length height);
    }

    private static final Length SMALLEST = Length.inches(1);

    /** Parts of the tallest and of the widest card at which the search begins anew. */
    private static final int HEIGHTS = 8;

    private static final int WIDTHS = 24;

    /** So many marks rounding may fray the border of what is allowed. */
    private static final int FRAYED = 3;

    private final ToolGrid grid;
    private final GridSearch search;
    private final Proportions proportions;
    private final Orientation orientation;
    private final Excess excess;
    private Size best;

    private LargestCard(ToolGrid grid, Size most, Proportions proportions, Orientation orientation, Excess excess) {
        this.grid = grid;
        this.search = new GridSearch(grid, SMALLEST, Length.max(most.width(), most.height()));
        this.proportions = proportions;
        this.orientation = orientation;
        this.excess = excess;
    }

    /**
     * @param most no card is wider or higher
     * @return empty if none is allowed
     */
    static Optional<Size> of(
            ToolGrid grid, Size most, Proportions proportions, Orientation orientation, Excess excess) {
        LargestCard looking = new LargestCard(grid, most, proportions, orientation, excess);
        looking.look(most);
        return Optional.ofNullable(looking.best);
    }

    private void look(Size most) {
        Length low = Length.min(grid.floor(most.height()), grid.ceiling(SMALLEST));
        Length narrow = Length.min(grid.floor(most.width()), grid.ceiling(SMALLEST));
        take(grid.floor(most.width()), grid.floor(most.height()));
        if (best != null) {
            return;
        }
        Length widest =
                search.largest(most.width(), w -> excess.of(w, Length.max(low, grid.ceiling(proportions.lowest(w)))));
        Length tallest = search.largest(most.height(), h -> excess.of(narrowFor(narrow, h), h));
        boolean isFar = most.width().isMoreThan(widest.times(4));
        Size bound =
                new Size(isFar ? aLittleMore(widest, most.width()) : most.width(), aLittleMore(tallest, most.height()));
        tallest(widest, bound).ifPresent(h -> widest(h, bound));
        widest(tallest, bound).ifPresent(w -> tallest(w, bound));
        for (int i = 1; i < HEIGHTS; i++) {
            Length height = share(tallest, i, HEIGHTS);
            if (!height.isLessThan(low) && beats(beyond(height), height, bound)) {
                widest(height, bound).ifPresent(w -> tallest(w, bound));
            }
        }
        /* A wider one may be joined from more pieces and go where a narrower one in one piece does not. */
        for (int i = 0; i < WIDTHS; i++) {
            Length width = share(bound.width(), i, WIDTHS);
            if (!width.isLessThan(narrow) && beats(width, beyond(width), bound)) {
                tallest(width, bound).ifPresent(h -> widest(h, bound));
            }
        }
        improve(bound);
    }

    /** What was found as the widest or the tallest was tried at one height or width only, where rounding may fray it. */
    private Length aLittleMore(Length found, Length most) {
        return Length.min(most, found.plus(found.dividedBy(8).each()));
    }

    /** How long the other side has to be for a larger card than the best. */
    private Length beyond(Length side) {
        return best == null
                ? grid.ceiling(SMALLEST)
                : grid.floor(Length.millimetres(best.squareMillimetres() / side.millimetres()))
                        .plus(grid.step());
    }

    /** One try tells whether it is worth looking further. */
    private boolean beats(Length width, Length height, Size most) {
        return !width.isMoreThan(most.width())
                && !height.isMoreThan(most.height())
                && couldBeat(width, height)
                && take(width, height);
    }

    private Length share(Length of, int less, int parts) {
        return grid.floor(of.times(parts - less).dividedBy(parts).each());
    }

    /** Of that height the narrowest card that the fold allows. */
    private Length narrowFor(Length narrow, Length height) {
        Length allowed = grid.ceiling(proportions.narrowest(height));
        return Length.max(
                narrow, proportions.highest(allowed).isLessThan(height) ? allowed.plus(grid.step()) : allowed);
    }

    private boolean couldBeat(Length width, Length height) {
        return best == null || area(width, height) > best.squareMillimetres();
    }

    private static double area(Length width, Length height) {
        return width.millimetres() * height.millimetres();
    }

    private Optional<Length> tallest(Length width, Size most) {
        Length highest = Length.min(most.height(), proportions.highest(width));
        Length found = search.largest(highest, h -> excess.of(width, h));
        return frayed(found, highest).filter(h -> take(width, h)).findFirst();
    }

    private Optional<Length> widest(Length height, Size most) {
        Length found = search.largest(most.width(), w -> excess.of(w, height));
        return frayed(found, most.width()).filter(w -> take(w, height)).findFirst();
    }

    /** A few marks beyond what was found, then downwards; held the other way a card may be a square at the most. */
    private Stream<Length> frayed(Length found, Length most) {
        return Stream.iterate(FRAYED, i -> i >= -FRAYED, i -> i - 1)
                .map(i -> found.plus(grid.step().times(i)))
                .filter(l -> l.isPositive() && !l.isMoreThan(most));
    }

    /** @return whether such a card is allowed; it is kept if it is larger than any before */
    private boolean take(Length width, Length height) {
        Size size = held(width, height);
        double beyond = excess.of(size.width(), size.height());
        if (beyond > 0 || Double.isInfinite(beyond)) {
            return false;
        }
        if (couldBeat(size.width(), size.height())) {
            best = size;
        }
        return true;
    }

    private Size held(Length width, Length height) {
        Size size = new Size(width, height);
        return orientation.holds(size) ? size : new Size(size.shortSide(), size.shortSide());
    }

    /** Marks by which one side grows, and the other with it or against it. */
    private static final int[][] BETTER = {{1, 0}, {0, 1}, {1, 1}, {2, 0}, {0, 2}, {2, -1}, {-1, 2}, {1, -1}, {-1, 1}};

    private void improve(Size most) {
        Size before = null;
        while (best != null && !best.equals(before)) {
            before = best;
            for (int[] marks : BETTER) {
                Length width = before.width().plus(grid.step().times(marks[0]));
                Length height = before.height().plus(grid.step().times(marks[1]));
                if (width.isPositive() && height.isPositive()) {
                    beats(width, height, most);
                }
            }
        }
    }
}
