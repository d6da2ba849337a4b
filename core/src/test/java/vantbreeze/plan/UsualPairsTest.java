package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.layer.Finish;
import vantbreeze.layer.Matting;
import vantbreeze.measure.Size;
import vantbreeze.post.Envelope;
import vantbreeze.post.EnvelopeFit;

/** Usual cards go into the envelopes made for them: trade sizes (from memory), common practice. */
class UsualPairsTest {

    static Stream<Envelope> table() {
        return Envelope.table().stream();
    }

    private static Brief brief(String fold, Size size, Envelope envelope, int layers) {
        Brief brief = Briefs.of(fold, new Basis.ClosedSize(size.width(), size.height()))
                .withEnvelope(envelope);
        Matting m = brief.matting();
        Brief layered =
                brief.withMatting(new Matting(layers, m.steps(), m.grid(), m.meeting(), m.byFace(), m.papers()));
        Map<String, Finish> everywhere = new java.util.HashMap<>();
        Planner.plan(layered).faces().forEach(f -> everywhere.put(f.key(), Finish.mats(layers)));
        return Briefs.finished(layered, everywhere);
    }

    @ParameterizedTest
    @MethodSource("table")
    void everyUsualCardFitsPlainAndMattedAndGoesInWithTwoLayers(Envelope envelope) {
        Size usual = envelope.usualCard().orElseThrow();
        for (String fold : List.of("book", "gatefold", "z-fold")) {
            for (Size size : List.of(usual, usual.turned())) {
                for (int layers = 0; layers <= 2; layers++) {
                    EnvelopeFit fit =
                            Planner.plan(brief(fold, size, envelope, layers)).fit();
                    if (layers < 2) {
                        assertThat(fit.verdict())
                                .as("%s %s in %s, %d layers", fold, size, envelope.name(), layers)
                                .isEqualTo(EnvelopeFit.Verdict.FITS);
                    }
                    assertThat(fit.goesIn()).isTrue();
                }
            }
        }
    }

    /** Common practice: the matted tower goes into its A2, latch gate and floating book of 5 x 7 into an A7. */
    @ParameterizedTest
    @CsvSource({"tower,4 1/4,5 1/2,a2us", "latch-gate,5,7,a7us", "floating-book,7,5,a7us"})
    void mattedCardsGoIntoTheirUsualEnvelopes(String fold, String width, String height, String envelope) {
        Plan plan = Planner.plan(Briefs.closed(fold, width, height).withEnvelope(Envelope.named(envelope)));
        assertThat(plan.fit().goesIn()).isTrue();
    }

    @Test
    void theReasonNamesWhatIsComparedInOneSentence() {
        Plan plan = Planner.plan(Briefs.closed("z-fold", "5 1/2", "4 1/4").withEnvelope(Envelope.named("a2us")));
        assertThat(plan.fit().why(plan.brief().ruler()))
                .isEqualTo("Around the card it is about 4 5⁄16 in, the envelope gives 4 3⁄8 in along its short side.");
        Plan small = Planner.plan(Briefs.closed("z-fold", "5 1/2", "4 1/4").withEnvelope(Envelope.named("c7")));
        assertThat(small.fit().lacks(small.brief().ruler()))
                .startsWith("about 1 1⁄16 in")
                .contains("along its long side");
    }

    /** Asked for the largest card of an envelope makers want its usual card; the last sixteenth is a choice of its own. */
    @ParameterizedTest
    @CsvSource({
        "z-fold,a2us,PORTRAIT,4 1/4,5 1/2,4 5/16",
        "gatefold,a7us,PORTRAIT,5,7,5 1/8",
        "latch-gate,a7us,PORTRAIT,5,7,5 1/8",
        "book,a2us,PORTRAIT,4 1/4,5 1/2,4 1/4"
    })
    void theLargestForAnEnvelopeIsItsUsualCard(
            String fold, String envelope, Orientation held, String width, String height, String utmost) {
        Brief brief = Briefs.forEnvelope(fold, envelope, held);
        Plan plan = Planner.plan(brief);
        assertThat(plan.closed().size()).isEqualTo(Briefs.in(width, height));
        assertThat(plan.snags()).isEmpty();
        Plan very = Planner.plan(brief.withBasis(new Basis.ForEnvelope(held, true)));
        assertThat(very.closed().size().width()).isEqualTo(Briefs.in(utmost));
        assertThat(very.fit().verdict()).isEqualTo(EnvelopeFit.Verdict.FITS);
    }

    /** By hand: a topper that reaches 1/4 in over the right edge makes the card wider by that, not higher. */
    @Test
    void whatSticksOutCountsInItsOwnDirection() {
        Brief book = Briefs.closed("book", "4 1/4", "5 1/2");
        vantbreeze.layer.Ornament star = new vantbreeze.layer.Ornament(
                "star",
                "front/back",
                vantbreeze.layer.Outline.parse("1 x 1 in", vantbreeze.measure.UnitSystem.INCH),
                Briefs.in("3 1/2"),
                Briefs.in("2"),
                java.util.Optional.empty(),
                Briefs.card(200),
                vantbreeze.layer.Ornament.Glue.OWN_PANEL);
        Plan plain = Planner.plan(book);
        Plan over = Planner.plan(book.withOrnaments(java.util.List.of(star)));
        double quarter = over.closed()
                .girth()
                .across()
                .half()
                .minus(plain.closed().girth().across().half())
                .millimetres();
        assertThat(quarter).isCloseTo(25.4 / 4, org.assertj.core.api.Assertions.within(0.6));
        double up = over.closed()
                .girth()
                .up()
                .half()
                .minus(plain.closed().girth().up().half())
                .millimetres();
        assertThat(up).isCloseTo(0, org.assertj.core.api.Assertions.within(0.6));
    }
}
