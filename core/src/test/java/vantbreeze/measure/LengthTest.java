package vantbreeze.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTest {

    /** 1 in = 25.4 mm exactly: international yard and pound agreement, 1959. */
    @Test
    void anInchIsExactly25Point4Millimetres() {
        assertThat(Length.inches(1)).isEqualTo(Length.parse("25.4 mm", UnitSystem.INCH));
        assertThat(Length.inches(1).millimetres()).isEqualTo(25.4);
        assertThat(Length.inches(1, 64).count()).isEqualTo(254);
        assertThat(Length.parse("0.05 mm", UnitSystem.INCH).count()).isEqualTo(32);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "2 3/4",
                "2-3/4",
                "2-3/4 in",
                "2 3/4\"",
                "2¾",
                "2 ¾ in",
                "2¾″",
                "2.75in",
                "2.75 inches",
                "2,75 in",
                "69.85 mm",
                "69,85mm",
                "6.985 cm",
                "+2 3/4 in",
                "11/4 in",
                "2 6/8 inch",
                "2 and 3/4 in",
                "2 & 3/4 in",
                " 2\u202f3\u20444 in ",
                "2 3/4 in.",
                "2 3/4”",
                "2 3/4''",
                "2–3/4 in",
                "69.85 millimetres",
                "2 3/4 IN"
            })
    void everySpellingOfTwoAndThreeQuarterInchesIsTheSame(String text) {
        assertThat(Length.parse(text, UnitSystem.INCH)).isEqualTo(Length.inches(11, 4));
    }

    @ParameterizedTest
    @CsvSource({"7,7", "70 mm,70", "7 cm,70", "'7,5 cm',75", ".5,0.5", "7. mm,7", "-3 mm,-3", "−3 mm,-3", "½ cm,5"})
    void bareNumbersAreMillimetresForMetricMakers(String text, double mm) {
        assertThat(Length.parse(text, UnitSystem.METRIC).millimetres()).isEqualTo(mm);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                " ",
                "in",
                "two inches",
                "2 3/0",
                "2/3/4",
                "1 2 3",
                "5 ft",
                "2..5",
                "1e3",
                "2 3/4 in in",
                "--2",
                "NaN",
                "99999999999999999999999 in",
                "<b>2</b>",
                "5 1/2 x 4"
            })
    void whatIsNoLengthIsRefusedWithItsText(String text) {
        assertThatThrownBy(() -> Length.parse(text, UnitSystem.INCH))
                .isInstanceOf(LengthFormatException.class)
                .hasMessageContaining("(" + text + ")")
                .hasMessageContaining("2¾");
    }

    @Test
    void longerThanAHundredMetresIsRefused() {
        assertThatThrownBy(() -> Length.millimetres(100_001L)).hasMessageContaining("100 m");
    }

    @Property
    void exactTextReadsBackToTheSameLength(
            @ForAll @LongRange(min = -40_000_000, max = 40_000_000) long count, @ForAll UnitSystem unit) {
        Length length = Length.ofCounts(count);
        assertThat(Length.parse(length.exactText(unit), UnitSystem.INCH)).isEqualTo(length);
    }

    @Property
    void whatTheRulerPrintsWithoutAMarkReadsBackExactly(
            @ForAll @LongRange(min = -500_000, max = 5_000_000) long count, @ForAll UnitSystem unit) {
        Length length = Length.ofCounts(count);
        Reading reading = Ruler.of(unit).read(length);
        String plain = reading.text().replace("≈", "");
        Length back = Length.parse(plain, unit);
        assertThat(reading.exact()).isEqualTo(back.equals(length));
        assertThat(reading.text().startsWith("≈")).isEqualTo(!reading.exact());
    }

    @Property
    void sumsOfMixedUnitsDoNotDriftInAnyOrder(
            @ForAll @Size(min = 1, max = 200) List<@IntRange(min = 1, max = 640) Integer> sixtyFourths,
            @ForAll long seed) {
        Random order = new Random(seed);
        Length sum = Length.ZERO;
        Length back = Length.ZERO;
        long inches = 0;
        long halfMillimetres = 0;
        for (int n : sixtyFourths) {
            if (order.nextBoolean()) {
                sum = sum.plus(Length.inches(n, 64));
                inches += n;
            } else {
                sum = sum.plus(Length.parse(n / 2.0 + " mm", UnitSystem.METRIC));
                halfMillimetres += n;
            }
        }
        back = back.plus(Length.inches(inches, 64)).plus(Length.ofCounts(halfMillimetres * 320));
        assertThat(sum).isEqualTo(back);
        assertThat(sum.minus(back)).isEqualTo(Length.ZERO);
    }

    @Property
    void partsAndRemainderMakeTheWhole(
            @ForAll @LongRange(min = -10_000_000, max = 10_000_000) long count,
            @ForAll @IntRange(min = 1, max = 24) int n) {
        Length whole = Length.ofCounts(count);
        Division shared = whole.dividedBy(n);
        assertThat(shared.each().times(n).plus(shared.remainder())).isEqualTo(whole);
        assertThat(shared.remainder().count()).isBetween(0L, n - 1L);
    }

    @Property
    void gridMarksLieOnTheGridAndAroundThePosition(
            @ForAll @LongRange(min = -10_000_000, max = 10_000_000) long count, @ForAll @IntRange(max = 9) int which) {
        ToolGrid grid = ToolGrid.ALL.get(which);
        Length at = Length.ofCounts(count);
        Length below = grid.floor(at);
        Length above = grid.ceiling(at);
        assertThat(List.of(below, above, grid.nearest(at))).allMatch(grid::isOn);
        assertThat(below).isLessThanOrEqualTo(at);
        assertThat(above).isGreaterThanOrEqualTo(at);
        assertThat(above.minus(below)).isIn(Length.ZERO, grid.step());
        assertThat(grid.nearest(at).isWithin(grid.step().dividedBy(2).each(), at))
                .isTrue();
        assertThat(ToolGrid.parse(grid.name())).isEqualTo(grid);
    }

    @ParameterizedTest
    @CsvSource({
        "2 3/4 in,2¾ in",
        "1/2 in,½ in",
        "5 1/4 in,5¼ in",
        "2 3/16 in,'2\u202f3\u204416 in'",
        "1/8 in,'1\u20448 in'",
        "-1/32 in,'−1\u204432 in'",
        "7 in,7 in",
        "0 in,0 in",
        "100 mm,'≈3\u202f15\u204416 in'",
        "25.4 mm,1 in"
    })
    void inchesAreSetAsReducedFractions(String text, String shown) {
        assertThat(Ruler.of(UnitSystem.INCH).text(Length.parse(text, UnitSystem.INCH)))
                .isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource({
        "105 mm,105 mm",
        "10.5 cm,105 mm",
        "2.5 mm,2.5 mm",
        "5 1/2 in,≈139.5 mm",
        "-3 mm,−3 mm",
        "1/4 in,≈6.5 mm"
    })
    void millimetresAreMarkedWhenTheRulerCannotShowThem(String text, String shown) {
        assertThat(Ruler.of(UnitSystem.METRIC).text(Length.parse(text, UnitSystem.METRIC)))
                .isEqualTo(shown);
    }

    @Test
    void aToolsRulerRoundsToItsOwnMarks() {
        Ruler eighths = new Ruler(ToolGrid.EIGHTH_INCH);
        assertThat(eighths.read(Length.inches(35, 16))).isEqualTo(new Reading("≈2¼ in", false));
        assertThat(eighths.read(Length.inches(17, 8)).exact()).isTrue();
        Ruler centimetres = new Ruler(ToolGrid.CENTIMETRE);
        assertThat(centimetres.text(Length.millimetres(104L))).isEqualTo("≈100 mm");
    }

    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void sizesAreReadWithOneOrTwoUnits(UnitSystem bare) {
        vantbreeze.measure.Size expected = new vantbreeze.measure.Size(Length.inches(17, 2), Length.inches(11));
        assertThat(List.of("8 1/2 x 11 in", "8½ × 11 in", "8.5in x 11in", "8 1/2 by 11 in", "215.9mm x 279.4mm"))
                .allSatisfy(text ->
                        assertThat(vantbreeze.measure.Size.parse(text, bare)).isEqualTo(expected));
        assertThatThrownBy(() -> vantbreeze.measure.Size.parse("11 in", bare)).hasMessageContaining("(11 in)");
        assertThatThrownBy(() -> vantbreeze.measure.Size.parse("0 x 11 in", bare))
                .hasMessageContaining("more than 0");
    }

    /** Nothing that is no number, and no count whose absolute value no long holds, becomes a length. */
    @Test
    void whatIsNoLengthIsRefused() {
        for (double counts : new double[] {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, 1e30}) {
            assertThatThrownBy(() -> Length.nearestTo(counts)).isInstanceOf(IllegalArgumentException.class);
        }
        assertThatThrownBy(() -> Length.ofCounts(Long.MIN_VALUE)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Length.ofCounts(Long.MAX_VALUE)).isInstanceOf(IllegalArgumentException.class);
        assertThat(Length.nearestTo(-0.4)).isEqualTo(Length.ZERO);
    }

    @Test
    void theUnitThatIsWrittenIsKnown() {
        assertThat(List.of("5 1/2 in", "5½\"", "5''", "5 inches", "5”"))
                .allSatisfy(text -> assertThat(Length.unitsWritten(text)).contains(UnitSystem.INCH));
        assertThat(List.of("140 mm", "14cm", "14 centimetres"))
                .allSatisfy(text -> assertThat(Length.unitsWritten(text)).contains(UnitSystem.METRIC));
        assertThat(List.of("5 1/2", "138,5", "wide", "5 furlongs"))
                .allSatisfy(text -> assertThat(Length.unitsWritten(text)).isEmpty());
    }
}
