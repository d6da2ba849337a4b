package vantbreeze.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.part.Part.Grain;

class CutterTest {

    private static final long SECOND = 1_000_000_000L;

    private static Deadline in(double seconds) {
        return new Deadline((long) (seconds * SECOND), () -> false);
    }

    private static Cutting cut(List<Blank> blanks, Supply... supplies) {
        return Cutter.plan(blanks, List.of(supplies), Kits.TRIMMER, in(1), c -> {});
    }

    /** Instance of Christofides and Whitlock, Operations Research 25 (1977), from memory: its best value is 244. */
    @Test
    void thePublishedInstanceIsSolvedByTheSameSearch() {
        int[][] pieces = {
            {8, 4, 2, 66}, {3, 7, 1, 35}, {8, 2, 3, 24}, {3, 4, 5, 17}, {3, 3, 2, 11}, {3, 2, 2, 8}, {2, 1, 1, 2}
        };
        List<List<Job.Way>> ways = new ArrayList<>();
        int[] copies = new int[pieces.length];
        double[] worth = new double[pieces.length];
        for (int i = 0; i < pieces.length; i++) {
            ways.add(List.of(new Job.Way(pieces[i][0], pieces[i][1], null)));
            copies[i] = pieces[i][2];
            worth[i] = pieces[i][3];
        }
        assertThat(new Fronts(15, 10, 100, ways, copies, in(60)).best(copies, worth))
                .isEqualTo(244);
    }

    /** Random kits against an exact model of another kind in a solver of general use; sides in quarters of an inch. */
    @Test
    void asFewSheetsAsAnExactModelNeeds() {
        int compared = 0;
        int kits = 0;
        for (int parts : new int[] {4, 6, 8, 10, 12}) {
            for (int seed = 0; seed < 2; seed++) {
                List<Blank> blanks = Kits.random(100L * parts + seed, parts);
                Cutting cutting = Cutter.plan(blanks, List.of(Kits.SQUARE), Kits.TRIMMER, in(300), c -> {});
                Optional<Integer> exact = ExactModel.fewestSheets(blanks, Kits.SQUARE, Length.COUNTS_PER_INCH / 4);
                kits++;
                if (exact.isPresent()) {
                    compared++;
                    assertThat(cutting.count())
                            .as("%d parts, kit %d", parts, seed)
                            .isEqualTo(exact.get());
                    assertThat(cutting.isProven())
                            .as("%d parts, kit %d", parts, seed)
                            .isTrue();
                }
            }
        }
        /* The solver does not always know in time; most of them it does. */
        assertThat(compared).isGreaterThan(kits / 2);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 5, 12, 20, 45})
    void everyPlanGivesThePartsWhenItIsCut(int parts) {
        for (int seed = 0; seed < 4; seed++) {
            List<Blank> blanks = seed % 2 == 0 ? Kits.random(seed, parts) : Kits.randomAllDifferent(seed, parts);
            Cutting cutting = Cutter.plan(
                    blanks,
                    List.of(offcut("rest", "7", "9", 2), Kits.SQUARE, Kits.LETTER),
                    Kits.TRIMMER,
                    in(0.3),
                    c -> {});
            Replay.of(cutting, blanks, Kits.TRIMMER);
            assertThat(cutting.count()).isGreaterThanOrEqualTo(cutting.fewest());
            double area = blanks.stream().mapToDouble(Blank::area).sum();
            double sheets = cutting.sheets().stream()
                    .mapToDouble(s -> s.supply().area())
                    .sum();
            assertThat(sheets).isGreaterThanOrEqualTo(area);
        }
    }

    /** On a sheet larger than the trimmer every cut still has to pass under the blade. */
    @Test
    void cutsAreNoLongerThanTheTrimmer() {
        Supply large = Supply.bought("large", "large", Kits.inches(11, 17));
        Random random = new Random(7);
        for (int round = 0; round < 20; round++) {
            List<Blank> blanks = Kits.random(random.nextLong(), 9);
            Replay.of(cut(blanks, large), blanks, Kits.TRIMMER);
        }
    }

    private static Supply offcut(String id, String width, String height, int count) {
        return new Supply(
                id,
                id,
                new Size(Length.inches(Long.parseLong(width)), Length.inches(Long.parseLong(height))),
                count,
                true,
                Optional.empty());
    }

    @Test
    void whatIsInTheDrawerIsTakenBeforeAnythingIsBought() {
        List<Blank> blanks = List.of(Kits.blank("a", Kits.inches(5, 7)), Kits.blank("b", Kits.inches(5, 7)));
        Cutting cutting = cut(blanks, Kits.SQUARE, offcut("rest", "7", "10", 1));
        assertThat(cutting.sheets())
                .singleElement()
                .satisfies(s -> assertThat(s.supply().id()).isEqualTo("rest"));
    }

    /** A sheet fewer counts more than a sheet that need not be bought. */
    /** What is practised is hard enough to be worth it: the area says six sheets, eight are needed. */
    @Test
    void whatIsPractisedNeedsWeighing() {
        Cutting practised = Practice.cut(TimeUnit.SECONDS.toNanos(30), () -> false);
        double area = practised.sheets().stream()
                .flatMap(s -> s.wanted().stream())
                .mapToDouble(w -> w.blank().area())
                .sum();
        assertThat(Math.ceil(area / Kits.SQUARE.area())).isEqualTo(6);
        assertThat(practised.sheets()).hasSize(8);
        assertThat(practised.isProven()).isTrue();
    }

    @Test
    void fewestSheetsComeFirst() {
        List<Blank> blanks = List.of(Kits.blank("a", Kits.inches(5, 7)), Kits.blank("b", Kits.inches(5, 7)));
        Cutting cutting = cut(blanks, Kits.SQUARE, offcut("rest", "7", "8", 2));
        assertThat(cutting.sheets())
                .singleElement()
                .satisfies(s -> assertThat(s.supply().id()).isEqualTo("12x12"));
    }

    @Test
    void theRestIsKeptInOnePiece() {
        Cutting cutting = cut(List.of(Kits.blank("a", Kits.inches(4, 6))), Kits.SQUARE);
        assertThat(cutting.sheets().get(0).largestRest().orElseThrow().size().squareMillimetres())
                .isCloseTo(12 * 8 * 25.4 * 25.4, within(1e-6));
    }

    @Test
    void stripsAlikeAreCutAtOneSetting() {
        List<Blank> strips = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            strips.add(Kits.fixed("strip " + i, Kits.inches(2, 12)));
        }
        Cutting cutting = cut(strips, Kits.SQUARE);
        assertThat(cutting.sheets()).hasSize(1);
        assertThat(cutting.sheets().get(0).settings()).isEqualTo(1);
    }

    /** Turned it would fit twice; its pattern forbids it. */
    @Test
    void nothingIsCutFromATurnedPattern() {
        Supply wide = Supply.bought("wide", "wide", Kits.inches(12, 5));
        List<Blank> blanks = List.of(
                Kits.fixed("a", Kits.inches(6, 2)),
                Kits.fixed("b", Kits.inches(6, 2)),
                Kits.fixed("c", Kits.inches(4, 5)));
        Cutting cutting = cut(blanks, wide);
        Replay.of(cutting, blanks, Kits.TRIMMER);
        assertThat(cutting.sheets())
                .flatExtracting(CutSheet::wanted)
                .extracting(Cell.Wanted::size)
                .containsOnly(Kits.inches(6, 2), Kits.inches(4, 5));
    }

    @Test
    void theGrainDecidesHowAPartLies() {
        Laying along = new Laying(Kits.inches(4, 6), 0, Optional.of(Grain.UPRIGHT));
        Laying turned = new Laying(Kits.inches(6, 4), 90, Optional.of(Grain.LEVEL));
        Blank blank = new Blank("a", "a", "a", List.of(), List.of(along, turned), Optional.empty());
        for (Grain grain : Grain.values()) {
            Supply supply = new Supply("s", "s", Kits.inches(12, 12), 1, true, Optional.of(grain));
            Cell.Wanted wanted =
                    cut(List.of(blank), supply).sheets().get(0).wanted().get(0);
            assertThat(wanted.laying().grain()).contains(grain);
        }
    }

    @Test
    void whatNoSheetGivesIsNamed() {
        Cutting cutting = cut(
                List.of(Kits.blank("long", Kits.inches(18, 4)), Kits.blank("short", Kits.inches(4, 4))), Kits.SQUARE);
        assertThat(cutting.unplaced()).extracting(Blank::id).containsExactly("long");
        assertThat(cutting.count()).isEqualTo(1);
    }

    @Test
    void tooFewSheetsAreRefused() {
        List<Blank> blanks = List.of(Kits.blank("a", Kits.inches(5, 7)), Kits.blank("b", Kits.inches(5, 7)));
        assertThatThrownBy(() -> cut(blanks, offcut("rest", "6", "8", 1)))
                .isInstanceOf(SheetException.class)
                .hasMessageContaining("not enough sheets");
    }

    /** An hour is allowed, but nobody waits: what there is then is a whole plan. */
    @Test
    void whoeverStopsTheSearchGetsTheBestSoFar() {
        List<Blank> blanks = Kits.randomAllDifferent(5, 60);
        AtomicInteger asked = new AtomicInteger();
        List<List<CutSheet>> told = new ArrayList<>();
        Cutting cutting = Cutter.plan(
                blanks,
                List.of(Kits.SQUARE),
                Kits.TRIMMER,
                new Deadline(3600 * SECOND, () -> asked.incrementAndGet() > 100_000),
                c -> told.add(c.sheets()));
        Replay.of(cutting, blanks, Kits.TRIMMER);
        assertThat(told.get(told.size() - 1)).isEqualTo(cutting.sheets());
        for (int i = 1; i < told.size(); i++) {
            assertThat(Cutting.BETTER.compare(told.get(i), told.get(i - 1))).isNegative();
        }
    }

    /** Twenty parts, no two alike, that all but fill a sheet: there is no end to the ways of dividing them. */
    @Test
    void theSearchEndsSoonAfterItIsStopped() {
        List<Blank> blanks = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            blanks.add(Kits.blank("part " + i, new Size(Length.inches(37 + i, 16), Length.inches(47 - i, 16))));
        }
        AtomicInteger asked = new AtomicInteger();
        Deadline stopped = new Deadline(3600 * SECOND, () -> asked.incrementAndGet() > 50_000);
        Cutting cutting = Cutter.plan(blanks, List.of(Kits.SQUARE), Kits.TRIMMER, stopped, c -> {});
        assertThat(asked.get()).as("asks, most of them before it was stopped").isLessThan(100_000);
        Replay.of(cutting, blanks, Kits.TRIMMER);
    }

    @Test
    void aPinnedPartStaysAndTheRestIsCutAroundIt() {
        Random random = new Random(3);
        for (int round = 0; round < 25; round++) {
            List<Blank> blanks = new ArrayList<>(Kits.random(round, 8));
            Blank wanted = Kits.blank("picture", Kits.inches(3, 4))
                    .at(new Blank.Pin(
                            "12x12", 0, Length.inches(random.nextInt(10)), Length.inches(random.nextInt(9)), 0));
            blanks.add(wanted);
            Cutting cutting = cut(blanks, Kits.SQUARE);
            Replay.of(cutting, blanks, Kits.TRIMMER);
            Cell.Wanted there = cutting.sheets().get(0).wanted().stream()
                    .filter(w -> w.blank().id().equals("picture"))
                    .findFirst()
                    .orElseThrow();
            assertThat(there.x()).isEqualTo(wanted.pin().orElseThrow().x());
            assertThat(there.y()).isEqualTo(wanted.pin().orElseThrow().y());
        }
    }

    /** Four parts around a fifth like a windmill: no straight cut from edge to edge begins. */
    @Test
    void pinsThatNoCutGoesAroundAreRefused() {
        List<Blank> windmill = List.of(
                pinned("a", 8, 4, 0, 0), pinned("b", 4, 8, 8, 0), pinned("c", 8, 4, 4, 8), pinned("d", 4, 8, 0, 4));
        assertThatThrownBy(() -> cut(windmill, Kits.SQUARE))
                .isInstanceOf(SheetException.class)
                .hasMessageContaining("edge to edge");
        assertThatThrownBy(() -> cut(List.of(pinned("a", 8, 4, 6, 0)), Kits.SQUARE))
                .isInstanceOf(SheetException.class)
                .hasMessageContaining("outside");
    }

    private static Blank pinned(String id, int width, int height, int x, int y) {
        return Kits.fixed(id, Kits.inches(width, height))
                .at(new Blank.Pin("12x12", 0, Length.inches(x), Length.inches(y), 0));
    }
}
