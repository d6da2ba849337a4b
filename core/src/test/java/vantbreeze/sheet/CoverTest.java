package vantbreeze.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/** Proofs of the fewest sheets, also for as many parts of as many sizes as a maker may ever cut at once. */
class CoverTest {

    private static final long HOUR = 3_600_000_000_000L;

    private static Cover.Answer within(int most, List<Blank> blanks) {
        return Cover.within(Job.of(blanks, List.of(Kits.SQUARE), Kits.TRIMMER), most, new Deadline(HOUR, () -> false));
    }

    private static Size wider(int counts, long width, long height) {
        return new Size(Length.inches(width).plus(Length.ofCounts(counts)), Length.inches(height));
    }

    /** More than half a sheet each way, so that no sheet gives two of them: it takes as many sheets as parts. */
    @ParameterizedTest
    @CsvSource({"34, 3", "18, 15", "66, 1"})
    void noTwoLargePartsShareASheet(int kinds, int ofEach) {
        List<Blank> blanks = new ArrayList<>();
        for (int kind = 0; kind < kinds; kind++) {
            for (int i = 0; i < ofEach; i++) {
                blanks.add(Kits.blank("kind %d, %d".formatted(kind, i), wider(kind, 7, 7)));
            }
        }
        assertThat(within(blanks.size() - 1, blanks)).isEqualTo(new Cover.Answer(true, null));
        List<CutSheet> sheets = within(blanks.size(), blanks).sheets();
        assertThat(sheets).hasSize(blanks.size());
        Replay.of(new Cutting(sheets, blanks.size(), List.of()), blanks, Kits.TRIMMER);
    }

    /** Strips the height of the sheet, each of which has one other that fills the sheet with it: by area no fewer will do. */
    @ParameterizedTest
    @CsvSource({"17, 3", "9, 15", "33, 1"})
    void stripsThatFillASheetInPairsAreFound(int pairs, int ofEach) {
        List<Blank> blanks = new ArrayList<>();
        for (int pair = 0; pair < pairs; pair++) {
            for (int i = 0; i < ofEach; i++) {
                blanks.add(Kits.blank("wide %d, %d".formatted(pair, i), wider(40 * (pair + 1), 6, 12)));
                blanks.add(Kits.blank("narrow %d, %d".formatted(pair, i), wider(-40 * (pair + 1), 6, 12)));
            }
        }
        int most = pairs * ofEach;
        assertThat(within(most - 1, blanks)).isEqualTo(new Cover.Answer(true, null));
        List<CutSheet> sheets = within(most, blanks).sheets();
        assertThat(sheets).hasSize(most);
        Replay.of(new Cutting(sheets, most, List.of()), blanks, Kits.TRIMMER);
    }

    /** Another method: the fewest that a model of another kind in a solver of general use finds. */
    @ParameterizedTest
    @ValueSource(ints = {5, 7, 9})
    void itKnowsTheFewestOfSmallKits(int parts) {
        List<Blank> blanks = Kits.random(40 + parts, parts);
        Optional<Integer> exact = ExactModel.fewestSheets(blanks, Kits.SQUARE, Length.COUNTS_PER_INCH / 4);
        assertThat(exact).isPresent();
        assertThat(within(exact.get() - 1, blanks)).isEqualTo(new Cover.Answer(true, null));
        List<CutSheet> sheets = within(exact.get(), blanks).sheets();
        assertThat(sheets).hasSize(exact.get());
        Replay.of(new Cutting(sheets, exact.get(), List.of()), blanks, Kits.TRIMMER);
    }

    /** A set is another one by one part of any kind: what is known of one is not said of the other, however many kinds there are. */
    @ParameterizedTest
    @CsvSource({"34, 3", "18, 15", "66, 1", "120, 40"})
    void noSetIsTakenForAnother(int kinds, int ofEach) {
        long width = 1200;
        List<List<Job.Way>> ways = IntStream.range(0, kinds)
                .mapToObj(kind -> List.of(new Job.Way(100 + kind, width, null)))
                .toList();
        int[] copies = new int[kinds];
        Arrays.fill(copies, ofEach);
        Fronts fronts = new Fronts(width, width, 2 * width, ways, copies, new Deadline(HOUR, () -> false));
        Random random = new Random(kinds);
        for (int round = 0; round < 400; round++) {
            int[] set = new int[kinds];
            long wide = 0;
            for (int i = 0; i < 3 + random.nextInt(5); i++) {
                int kind = random.nextInt(kinds);
                if (set[kind] < ofEach) {
                    set[kind]++;
                    wide += 100 + kind;
                }
            }
            assertThat(fronts.fits(set)).as(Arrays.toString(set)).contains(wide <= width);
        }
    }

    /** More parts than are proven as a rule: every one is cut out once, and no plan has fewer sheets than their area takes. */
    @ParameterizedTest
    @CsvSource({"34, 3", "18, 15", "66, 1"})
    void manyPartsAreAllCutOut(int kinds, int ofEach) {
        Random random = new Random(kinds);
        List<Blank> blanks = new ArrayList<>();
        for (int kind = 0; kind < kinds; kind++) {
            Size size = new Size(Length.inches(8 + random.nextInt(50), 8), Length.inches(8 + random.nextInt(50), 8));
            for (int i = 0; i < ofEach; i++) {
                blanks.add(Kits.blank("kind %d, %d".formatted(kind, i), size));
            }
        }
        Cutting cutting = Cutter.plan(
                blanks, List.of(Kits.SQUARE), Kits.TRIMMER, new Deadline(HOUR / 1800, () -> false), c -> {});
        Replay.of(cutting, blanks, Kits.TRIMMER);
        assertThat(cutting.unplaced()).isEmpty();
        double area = blanks.stream().mapToDouble(Blank::area).sum() / Kits.SQUARE.area();
        assertThat(cutting.count()).isGreaterThanOrEqualTo((int) Math.ceil(area - 1e-9));
        assertThat(cutting.fewest()).isLessThanOrEqualTo(cutting.count());
    }

    @Test
    void withoutTimeNothingIsKnown() {
        Job job = Job.of(Kits.random(1, 8), List.of(Kits.SQUARE), Kits.TRIMMER);
        assertThat(Cover.within(job, 8, new Deadline(HOUR, () -> true))).isEqualTo(new Cover.Answer(false, null));
    }
}
