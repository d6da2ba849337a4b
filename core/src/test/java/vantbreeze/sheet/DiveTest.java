package vantbreeze.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.measure.Length;

/** Plans that are found by weighing. */
class DiveTest {

    private static final long SECOND = 1_000_000_000L;

    private static Optional<List<CutSheet>> within(int most, List<Blank> blanks, Supply... supplies) {
        Job job = Job.of(blanks, List.of(supplies), Kits.TRIMMER);
        return Dive.within(job, most, new Deadline(20 * SECOND, () -> false));
    }

    /** The independent cutter gets every part out, and no plan can have fewer sheets: it is the bound. */
    @ParameterizedTest
    @ValueSource(ints = {7, 163, 176, 181})
    void asFewSheetsAsTheBoundSays(int kit) {
        List<Blank> blanks = Kits.random(kit, 60);
        int fewest = Worths.bound(
                Job.of(blanks, List.of(Kits.SQUARE), Kits.TRIMMER), 99, new Deadline(5 * SECOND, () -> false));
        Optional<List<CutSheet>> found = within(fewest, blanks, Kits.SQUARE);
        assertThat(found).isPresent();
        assertThat(found.get()).hasSize(fewest);
        Replay.of(new Cutting(found.get(), fewest, List.of()), blanks, Kits.TRIMMER);
    }

    /** Whatever is found is cut out of sheets that are there, as they may lie; what the trimmer cannot cut is not asked of it. */
    @Test
    void sheetsOfTheDrawerAreTakenAsOftenAsTheyAreThere() {
        int found = 0;
        for (int seed = 0; seed < 12; seed++) {
            List<Blank> blanks = new ArrayList<>(Kits.random(300 + seed, 14));
            blanks.addAll(IntStream.range(0, 4)
                    .mapToObj(i -> Kits.fixed("strip " + i, Kits.inches(1, 6)))
                    .toList());
            Supply rest = new Supply("rest", "rest", Kits.inches(7, 9), 2, true, Optional.empty());
            Supply tall = Supply.bought("tall", "tall", Kits.inches(12, 18));
            int enough = Cutter.plan(
                            blanks,
                            List.of(rest, Kits.SQUARE),
                            Kits.TRIMMER,
                            new Deadline(SECOND, () -> false),
                            c -> {})
                    .count();
            Optional<List<CutSheet>> sheets = within(enough, blanks, rest, Kits.SQUARE, tall);
            sheets.ifPresent(s -> {
                Replay.of(new Cutting(s, 0, List.of()), blanks, Kits.TRIMMER);
                assertThat(s).hasSizeLessThanOrEqualTo(enough);
                assertThat(s).filteredOn(c -> c.supply().equals(rest)).hasSizeLessThanOrEqualTo(2);
                assertThat(s).noneMatch(c -> c.supply().equals(tall));
            });
            found += sheets.isPresent() ? 1 : 0;
        }
        assertThat(found).isGreaterThan(8);
    }

    /** Where the exact model of another kind needs so many sheets, fewer are never claimed. */
    @Test
    void neverFewerThanAnExactModelNeeds() {
        int compared = 0;
        for (int seed = 0; seed < 5; seed++) {
            List<Blank> blanks = Kits.random(950 + seed, 7);
            Optional<Integer> exact = ExactModel.fewestSheets(blanks, Kits.SQUARE, Length.COUNTS_PER_INCH / 4);
            if (exact.isPresent()) {
                compared++;
                assertThat(within(exact.get() - 1, blanks, Kits.SQUARE)).isEmpty();
                assertThat(within(exact.get(), blanks, Kits.SQUARE)).isPresent();
            }
        }
        assertThat(compared).isGreaterThan(2);
    }
}
