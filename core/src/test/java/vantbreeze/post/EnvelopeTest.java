package vantbreeze.post;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import javax.print.attribute.Size2DSyntax;
import javax.print.attribute.standard.MediaSize;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.fold.Girth;
import vantbreeze.material.Sheet;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;

class EnvelopeTest {

    private static Size in(String width, String height) {
        return new Size(Length.parse(width, UnitSystem.INCH), Length.parse(height, UnitSystem.INCH));
    }

    /** The JDK's own table of ISO 216, ISO 269 and North American media. */
    @Test
    void sizesAgreeWithTheJdksMediaTable() {
        Map<Size, MediaSize> millimetres = Map.of(
                Envelope.named("c4").size(), MediaSize.ISO.C4,
                Envelope.named("c5").size(), MediaSize.ISO.C5,
                Envelope.named("c6").size(), MediaSize.ISO.C6,
                Envelope.named("dl").size(), MediaSize.ISO.DESIGNATED_LONG,
                Envelope.named("b6").size(), MediaSize.ISO.B6,
                Sheet.named("a3").size(), MediaSize.ISO.A3,
                Sheet.named("a4").size(), MediaSize.ISO.A4,
                Sheet.named("a5").size(), MediaSize.ISO.A5,
                Sheet.named("a6").size(), MediaSize.ISO.A6);
        millimetres.forEach((size, media) -> {
            assertThat(size.shortSide().millimetres()).isEqualTo(media.getX(Size2DSyntax.MM));
            assertThat(size.longSide().millimetres()).isEqualTo(media.getY(Size2DSyntax.MM));
        });
        Map<Size, MediaSize> inches = Map.of(
                Sheet.named("letter").size(), MediaSize.NA.LETTER,
                Sheet.named("legal").size(), MediaSize.NA.LEGAL,
                Envelope.named("no9").size(), MediaSize.NA.NA_NUMBER_9_ENVELOPE,
                Envelope.named("no10").size(), MediaSize.NA.NA_NUMBER_10_ENVELOPE);
        inches.forEach((size, media) -> {
            assertThat(size.shortSide().inches()).isCloseTo(media.getX(Size2DSyntax.INCH), within(1e-5));
            assertThat(size.longSide().inches()).isCloseTo(media.getY(Size2DSyntax.INCH), within(1e-5));
        });
    }

    /** ISO 269: C n is 2^(3/8 - n/2) m by 2^(-1/8 - n/2) m, rounded to the millimetre (formula from memory). */
    @ParameterizedTest
    @CsvSource({"c4,4", "c5,5", "c6,6", "c7,7"})
    void cSizesFollowTheIsoFormula(String id, int n) {
        Size size = Envelope.named(id).size();
        assertThat(size.longSide().millimetres()).isCloseTo(1000 * Math.pow(2, 3.0 / 8 - n / 2.0), within(1.0));
        assertThat(size.shortSide().millimetres()).isCloseTo(1000 * Math.pow(2, -1.0 / 8 - n / 2.0), within(1.0));
    }

    /** ISO 216: A0 is 841 x 1189 mm; each next size is the one before halved and rounded down (from memory). */
    @Test
    void aSizesAreHalvedAndRoundedDown() {
        int width = 841;
        int height = 1189;
        for (String id : new String[] {"", "", "", "a3", "a4", "a5", "a6"}) {
            if (!id.isEmpty()) {
                assertThat(Sheet.named(id).size())
                        .isEqualTo(new Size(Length.millimetres((long) width), Length.millimetres((long) height)));
            }
            int halved = height / 2;
            height = width;
            width = halved;
        }
    }

    /** US trade sizes of announcement and square envelopes (from memory). */
    @ParameterizedTest
    @CsvSource({
        "4bar,3 5/8,5 1/8",
        "a2us,4 3/8,5 3/4",
        "a6us,4 3/4,6 1/2",
        "a7us,5 1/4,7 1/4",
        "a8us,5 1/2,8 1/8",
        "a9us,5 3/4,8 3/4",
        "a10us,6,9 1/2",
        "no634,3 5/8,6 1/2",
        "sq5,5,5",
        "sq8,8,8"
    })
    void usTradeSizes(String id, String shortSide, String longSide) {
        assertThat(Envelope.named(id).size()).isEqualTo(in(longSide, shortSide));
    }

    private static Girth around(Size card, Length thickness) {
        return Girth.ofSlab(card, thickness);
    }

    /** Envelope 5 3/4 x 4 3/8, card 0.05 in thick, counted once; what is left is compared with 1/32 and 3/4 in. */
    @ParameterizedTest
    @CsvSource({
        "5 1/2,4 1/4,FITS",
        "5.66,4.29,FITS",
        "5.67,4.15,SNUG",
        "5.69,4.32,SNUG",
        "5.71,4,TOO_SMALL",
        "4,5.5,FITS",
        "4.94,4,LOOSE",
        "4.95,3.575,FITS",
        "5.5,3.56,LOOSE"
    })
    void verdictsChangeExactlyAtTheirBounds(String width, String height, EnvelopeFit.Verdict verdict) {
        EnvelopeFit fit = EnvelopeFit.of(around(in(width, height), Length.inches(1, 20)), Envelope.named("a2us"));
        assertThat(fit.verdict()).isEqualTo(verdict);
    }

    @Test
    void theBetterOrientationCountsAndTheShortfallIsExact() {
        EnvelopeFit fit = EnvelopeFit.of(around(in("4", "6"), Length.ZERO), Envelope.named("a2us"));
        assertThat(fit.turned()).isTrue();
        assertThat(fit.spareAcross()).isEqualTo(Length.inches(-1, 4));
        assertThat(fit.spareUp()).isEqualTo(Length.inches(3, 8));
    }

    /** One way it is a hair too tight, the other way loose by a little: a maker takes the loose one. */
    @Test
    void aLittleLooseIsBetterThanSnugAndVeryLooseIsNot() {
        EnvelopeFit fit = EnvelopeFit.of(around(in("6", "5.98"), Length.ZERO), Envelope.named("7 x 6 in"));
        assertThat(fit.verdict()).isEqualTo(EnvelopeFit.Verdict.SNUG);
        assertThat(EnvelopeFit.closest(around(in("5.23", "4.48"), Length.ZERO), UnitSystem.INCH, 40))
                .extracting(f -> f.envelope().id())
                .satisfies(ids -> assertThat(ids.indexOf("a7us")).isLessThan(ids.indexOf("c5")));
        assertThat(EnvelopeFit.closest(around(in("4.99", "4.99"), Length.ZERO), UnitSystem.INCH, 40))
                .extracting(EnvelopeFit::verdict)
                .containsSubsequence(
                        EnvelopeFit.Verdict.FITS,
                        EnvelopeFit.Verdict.LOOSE,
                        EnvelopeFit.Verdict.SNUG,
                        EnvelopeFit.Verdict.LOOSE);
    }

    /** The usual card is never loose in the envelope made for it: A4 in C4 leaves 27 mm. */
    @Test
    void theUsualCardIsTheMeasureOfLoose() {
        assertThat(Envelope.named("c4").slide()).isEqualTo(Length.millimetres(27L));
        assertThat(Envelope.named("a2us").slide()).isEqualTo(Length.inches(3, 4));
        assertThat(Envelope.named("c6").slide()).isEqualTo(Length.millimetres(20L));
    }

    /** Usual cards of envelopes, trade (from memory). */
    @ParameterizedTest
    @CsvSource({
        "a2us,4 1/4 x 5 1/2 in",
        "a6us,4 1/2 x 6 1/4 in",
        "a7us,5 x 7 in",
        "a8us,5 1/4 x 7 7/8 in",
        "a9us,5 1/2 x 8 1/2 in",
        "a10us,5 3/4 x 9 1/4 in",
        "4bar,3 1/2 x 4 7/8 in",
        "no10,4 x 9 1/4 in",
        "sq6,5 3/4 x 5 3/4 in",
        "c7,74 x 105 mm",
        "c6,105 x 148 mm",
        "c5,148 x 210 mm",
        "c4,210 x 297 mm",
        "dl,99 x 210 mm"
    })
    void eachEnvelopeNamesItsUsualCard(String id, String card) {
        assertThat(Envelope.named(id).usualCard())
                .contains(Size.parse(card, UnitSystem.INCH).turned());
    }

    @Test
    void closestEnvelopesTakeTheCardBestAndSmallestFirst() {
        assertThat(EnvelopeFit.closest(around(in("5 1/2", "4"), Length.inches(1, 32)), UnitSystem.INCH, 3))
                .extracting(f -> f.envelope().id())
                .startsWith("a2us");
        assertThat(EnvelopeFit.closest(around(in("20", "4"), Length.ZERO), UnitSystem.INCH, 3))
                .isEmpty();
    }

    @Test
    void anEnvelopeMayBeMeasuredByTheMaker() {
        Envelope own = Envelope.named("4 1/2 x 6 in");
        assertThat(own.size()).isEqualTo(in("6", "4 1/2"));
        assertThat(Envelope.named("100 x 150 mm").system()).isEqualTo(UnitSystem.METRIC);
        assertThatThrownBy(() -> Envelope.named("huge")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Sheet.named("'; drop table")).isInstanceOf(IllegalArgumentException.class);
    }
}
