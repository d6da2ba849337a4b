package vantbreeze.fold;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.measure.Length;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Stage;
import vantbreeze.structure.StripBuilder;
import vantbreeze.structure.Structure;

/**
 * The order of layers against an independent second method: a strip folded on all its scores is a question about stamps, and
 * for few of them every order can be tried. Two folds over one line are nested or apart, and nothing that runs on over a
 * line lies between the two panels of a fold there.
 */
class StampFoldingTest {

    /** A strip walked along a line: where each panel lies, to and fro. */
    private record Walk(List<Integer> widths) {

        int start(int panel) {
            int x = 0;
            for (int i = 0; i < panel; i++) {
                x += i % 2 == 0 ? widths.get(i) : -widths.get(i);
            }
            return x;
        }

        int low(int panel) {
            return Math.min(start(panel), start(panel + 1));
        }

        int high(int panel) {
            return Math.max(start(panel), start(panel + 1));
        }

        int panels() {
            return widths.size();
        }

        /** Between a panel and the next one. */
        int crease(int panel) {
            return start(panel + 1);
        }

        boolean isAllowed(List<Integer> heights) {
            for (int i = 0; i + 1 < panels(); i++) {
                for (int other = 0; other < panels(); other++) {
                    boolean runsOn = low(other) < crease(i) && crease(i) < high(other);
                    if (runsOn && isBetween(heights.get(other), heights.get(i), heights.get(i + 1))) {
                        return false;
                    }
                }
                for (int j = i + 2; j + 1 < panels(); j++) {
                    boolean sameLine = crease(i) == crease(j) && i % 2 == j % 2;
                    if (sameLine
                            && isBetween(heights.get(j), heights.get(i), heights.get(i + 1))
                                    != isBetween(heights.get(j + 1), heights.get(i), heights.get(i + 1))) {
                        return false;
                    }
                }
            }
            return true;
        }

        private static boolean isBetween(int x, int a, int b) {
            return (x > a) != (x > b);
        }

        /** The first panel looks up; a valley lays the next one on the face. */
        List<Fold> folds(List<Integer> heights) {
            return IntStream.range(0, panels() - 1)
                    .mapToObj(i -> (heights.get(i + 1) > heights.get(i)) == (i % 2 == 0) ? Fold.VALLEY : Fold.MOUNTAIN)
                    .toList();
        }

        /** Every order of layers that is possible, with the heights of the panels in the strip's order. */
        List<List<Integer>> allowed() {
            List<List<Integer>> found = new ArrayList<>();
            orders(new ArrayList<>(), found);
            return found;
        }

        private void orders(List<Integer> heights, List<List<Integer>> found) {
            if (heights.size() == panels()) {
                if (isAllowed(heights)) {
                    found.add(List.copyOf(heights));
                }
                return;
            }
            for (int height = 0; height < panels(); height++) {
                if (!heights.contains(height)) {
                    heights.add(height);
                    orders(heights, found);
                    heights.remove(heights.size() - 1);
                }
            }
        }

        Optional<LayerStack> solved(List<Fold> folds) {
            StripBuilder builder = Piece.strip("strip", Length.millimetres(50));
            for (int i = 0; i < panels(); i++) {
                builder.panel("p" + i, Length.millimetres(10 * widths.get(i)));
                if (i < folds.size()) {
                    builder.score(folds.get(i));
                }
            }
            Structure strip = Structure.of(builder.build()).anchoredAt("p0");
            return LayerStack.of(strip, strip.stage(Stage.CLOSED), FlatFolder.closed(strip));
        }
    }

    private static boolean agrees(LayerStack stack, List<Integer> heights) {
        return stack.spots().stream().allMatch(spot -> {
            List<Integer> here = spot.bottomToTop().stream()
                    .map(p -> heights.get(Integer.parseInt(p.panel().name().substring(1))))
                    .toList();
            return here.equals(here.stream().sorted().toList());
        });
    }

    /**
     * Ways to fold a strip of n labelled stamps: 2, 6, 16, 50, 144, 462 for two to seven. N. J. A. Sloane, "The On-Line
     * Encyclopedia of Integer Sequences", A000136; the values are from memory.
     */
    @ParameterizedTest
    @CsvSource({"2, 2", "3, 6", "4, 16", "5, 50", "6, 144", "7, 462"})
    void theWaysToFoldAStripOfStampsAreAsManyAsIsKnown(int stamps, int ways) {
        assertThat(new Walk(Collections.nCopies(stamps, 1)).allowed()).hasSize(ways);
    }

    /** Equal stamps fold whatever their mountains and valleys: from one end, one after the other. */
    @ParameterizedTest
    @CsvSource({"2", "3", "4", "5", "6", "7"})
    void equalStampsFoldAnyWayAndInAnOrderThatIsPossible(int stamps) {
        Walk walk = new Walk(Collections.nCopies(stamps, 1));
        List<List<Integer>> allowed = walk.allowed();
        for (int bits = 0; bits < 1 << (stamps - 1); bits++) {
            int mountains = bits;
            List<Fold> folds = IntStream.range(0, stamps - 1)
                    .mapToObj(i -> (mountains >> i & 1) == 1 ? Fold.MOUNTAIN : Fold.VALLEY)
                    .toList();
            LayerStack stack = walk.solved(folds).orElseThrow();
            assertThat(allowed)
                    .as("%s", folds)
                    .anyMatch(heights -> walk.folds(heights).equals(folds) && agrees(stack, heights));
        }
    }

    /** Uneven panels do not fold any way; whether they do, and in which order, is found by trying all. */
    @Property(tries = 150)
    void unevenStripsFoldExactlyWhereSomeOrderIsPossible(
            @ForAll @Size(min = 3, max = 6) List<@IntRange(min = 1, max = 4) Integer> widths,
            @ForAll @IntRange(min = 0, max = 31) int mountains) {
        Walk walk = new Walk(widths);
        List<Fold> folds = IntStream.range(0, widths.size() - 1)
                .mapToObj(i -> (mountains >> i & 1) == 1 ? Fold.MOUNTAIN : Fold.VALLEY)
                .toList();
        List<List<Integer>> possible = walk.allowed().stream()
                .filter(heights -> walk.folds(heights).equals(folds))
                .toList();
        Optional<LayerStack> stack = walk.solved(folds);
        assertThat(stack.isPresent()).as("%s %s", widths, folds).isEqualTo(!possible.isEmpty());
        stack.ifPresent(s -> assertThat(possible).as("%s %s", widths, folds).anyMatch(heights -> agrees(s, heights)));
    }
}
