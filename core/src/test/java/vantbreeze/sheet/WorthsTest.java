package vantbreeze.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/** The bound by what blanks are worth, and the recursion it asks. */
class WorthsTest {

    private static final long SECOND = 1_000_000_000L;

    private static Deadline in(long seconds) {
        return new Deadline(seconds * SECOND, () -> false);
    }

    private static int bound(List<Blank> blanks) {
        return Worths.bound(Job.of(blanks, List.of(Kits.SQUARE), Kits.TRIMMER), 1_000, in(60));
    }

    private static int byArea(List<Blank> blanks) {
        return Bound.byArea(blanks.stream().mapToDouble(Blank::area).sum(), List.of(Kits.SQUARE));
    }

    private static double withoutLimits(Dearest sheet, double[] worth) {
        int[] asMany = new int[worth.length];
        Arrays.fill(asMany, Integer.MAX_VALUE);
        return sheet.of(worth, asMany, 1);
    }

    /** A random sheet with three sorts of at least a third of its sides. */
    private record Instance(long width, long height, List<List<Job.Way>> ways, double[] worth) {

        static Instance random(long seed, long scale) {
            Random random = new Random(seed);
            long width = scale * (11 + random.nextInt(8));
            long height = scale * (11 + random.nextInt(8));
            List<List<Job.Way>> ways = new ArrayList<>();
            double[] worth = new double[3];
            for (int s = 0; s < 3; s++) {
                long w = scale * (4 + random.nextInt(6)) + (scale == 1 ? 0 : random.nextInt((int) scale / 2));
                long h = scale * (4 + random.nextInt(6)) + (scale == 1 ? 0 : random.nextInt((int) scale / 2));
                ways.add(
                        random.nextBoolean() && Math.max(w, h) <= Math.min(width, height)
                                ? List.of(new Job.Way(w, h, null), new Job.Way(h, w, null))
                                : List.of(new Job.Way(w, h, null)));
                worth[s] = w * h * (0.5 + random.nextDouble()) / (scale * scale);
            }
            return new Instance(width, height, ways, worth);
        }

        /** A square one, all of whose blanks may be turned: half of the places are then as good as the other half. */
        Instance square() {
            return new Instance(
                    width,
                    width,
                    ways.stream()
                            .map(w -> w.get(0))
                            .map(w -> List.of(w, new Job.Way(w.height(), w.width(), null)))
                            .toList(),
                    worth);
        }

        private Dearest dearest() {
            return new Dearest(0, width, height, ways, in(60));
        }

        /**
         * With no more of any sort than there are.
         *
         * @param least what it is worth and a little less: nobody looks closely at what is worth less than a whole
         */
        double byDearest(int[] copies, double least) {
            double[] shares = Arrays.stream(worth).map(w -> w / least).toArray();
            return least * dearest().of(shares, copies, Integer.MAX_VALUE);
        }

        double byDearest() {
            return withoutLimits(dearest(), worth);
        }

        /** By the search of another kind, over all sets of as many as there is room for. */
        double byFronts() {
            return byFronts(asMany());
        }

        private int[] asMany() {
            return ways.stream()
                    .mapToInt(w ->
                            (int) (width * height / (w.get(0).width() * w.get(0).height())))
                    .toArray();
        }

        double byFronts(int[] copies) {
            return new Fronts(width, height, 10 * (width + height), ways, copies, in(60)).best(copies, worth);
        }
    }

    @Test
    void theRecursionFindsWhatASearchOfAllSetsFinds() {
        for (int seed = 0; seed < 60; seed++) {
            Instance instance = Instance.random(seed, 1);
            assertThat(instance.byDearest()).as("instance %d", seed).isCloseTo(instance.byFronts(), within(1e-9));
        }
    }

    @Test
    void withFewOfASortItFindsWhatASearchOfAllSetsFinds() {
        for (int seed = 0; seed < 120; seed++) {
            Instance instance = seed < 60
                    ? Instance.random(seed, 1)
                    : Instance.random(seed, 1).square();
            int[] copies = new Random(seed).ints(3, 1, 4).toArray();
            double best = instance.byFronts(copies);
            assertThat(instance.byDearest(copies, 0.99995 * best))
                    .as("instance %d", seed)
                    .isCloseTo(best, within(1e-9));
        }
    }

    /** Sides of no common measure are rounded down: more may go on the sheet then, never less. */
    @Test
    void aCoarserMeasureNeverHoldsLess() {
        for (int seed = 0; seed < 40; seed++) {
            Instance instance = Instance.random(seed, 9_973);
            assertThat(instance.byDearest()).as("instance %d", seed).isGreaterThanOrEqualTo(instance.byFronts() - 1e-9);
        }
    }

    /** Instance of Christofides and Whitlock, Operations Research 25 (1977), from memory: 244 with its limits, no less without. */
    @Test
    void thePublishedInstanceIsSolved() {
        int[][] pieces = {
            {8, 4, 2, 66}, {3, 7, 1, 35}, {8, 2, 3, 24}, {3, 4, 5, 17}, {3, 3, 2, 11}, {3, 2, 2, 8}, {2, 1, 1, 2}
        };
        Dearest sheet = new Dearest(
                0,
                15,
                10,
                Arrays.stream(pieces)
                        .map(p -> List.of(new Job.Way(p[0], p[1], null)))
                        .toList(),
                in(60));
        int[] copies = Arrays.stream(pieces).mapToInt(p -> p[2]).toArray();
        double[] worth = Arrays.stream(pieces).mapToDouble(p -> p[3]).toArray();
        assertThat(withoutLimits(sheet, worth)).isGreaterThanOrEqualTo(244);
        /* A little less than a whole, so that the sheet is one of those that are told. */
        double[] share = Arrays.stream(worth).map(w -> w / 243.99).toArray();
        assertThat(sheet.of(share, copies, Integer.MAX_VALUE) * 243.99).isCloseTo(244, within(1e-9));
        int[] set = sheet.patterns().get(0).set();
        assertThat(IntStream.range(0, set.length)
                        .mapToDouble(i -> set[i] * worth[i])
                        .sum())
                .isEqualTo(244);
        assertThat(IntStream.range(0, set.length).allMatch(i -> set[i] <= copies[i]))
                .isTrue();
        assertThat(IntStream.range(0, set.length)
                        .map(i -> set[i] * pieces[i][0] * pieces[i][1])
                        .sum())
                .isLessThanOrEqualTo(150);
    }

    /** Never more than an exact model of another kind needs, never less than the area takes. */
    @Test
    void itNeverSaysMoreThanAnExactModelNeeds() {
        int compared = 0;
        for (int seed = 0; seed < 8; seed++) {
            List<Blank> blanks = Kits.random(900 + seed, 6);
            Optional<Integer> exact = ExactModel.fewestSheets(blanks, Kits.SQUARE, Length.COUNTS_PER_INCH / 4);
            compared += exact.isPresent() ? 1 : 0;
            exact.ifPresent(sheets -> assertThat(bound(blanks)).isLessThanOrEqualTo(sheets));
            assertThat(bound(blanks)).isGreaterThanOrEqualTo(byArea(blanks));
        }
        assertThat(compared).isGreaterThan(4);
    }

    @ParameterizedTest
    @ValueSource(ints = {20, 60})
    void noPlanHasFewerSheets(int parts) {
        for (int seed = 0; seed < 2; seed++) {
            List<Blank> blanks = Kits.random(50 + seed, parts);
            assertThat(Cutter.plan(blanks, List.of(Kits.SQUARE), Kits.TRIMMER, in(1), c -> {})
                            .count())
                    .isGreaterThanOrEqualTo(bound(blanks));
        }
    }

    /**
     * Sixty parts cannot always come within 5 % of their area, whoever cuts them: no two of 7 x 7 in lie on one sheet of 12 x 12 in,
     * so thirty of them need thirty sheets, which have room for thirty of 5 x 7 in beside; their area is that of eighteen.
     */
    @Test
    void sixtyPartsMayNeedFarMoreThanTheirArea() {
        List<Blank> blanks = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            blanks.add(Kits.blank("large " + i, Kits.inches(7, 7)));
            blanks.add(Kits.blank("small " + i, Kits.inches(5, 7)));
        }
        assertThat(byArea(blanks)).isEqualTo(18);
        assertThat(bound(blanks)).isEqualTo(30);
        Cutting cutting = Cutter.plan(blanks, List.of(Kits.SQUARE), Kits.TRIMMER, in(20), c -> {});
        assertThat(cutting.count()).isEqualTo(30);
        assertThat(cutting.isProven()).isTrue();
    }

    /** A strip narrower than the coarse measure would cost nothing in it: nothing is said then. */
    @Test
    void whatIsLostInTheMeasureIsNotBounded() {
        List<Blank> blanks = new ArrayList<>(Kits.randomAllDifferent(3, 60));
        for (int i = 0; i < blanks.size(); i++) {
            blanks.set(
                    i,
                    Kits.blank(
                            "odd " + i,
                            new Size(Length.ofCounts(20_000 + 977L * i), Length.ofCounts(10_007 + 1_009L * i))));
        }
        assertThat(bound(blanks)).isPositive();
        blanks.add(Kits.blank("sliver", new Size(Length.ofCounts(640), Length.ofCounts(60_013))));
        assertThat(bound(blanks)).isZero();
    }
}
