package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.plan.Briefs.in;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.layer.PocketRoom;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Held;

class PocketCardTest {

    private static final double INCH = Length.COUNTS_PER_INCH;

    private static Brief brief() {
        return Briefs.closed("pocket-card", "4 1/4", "5 1/2").with("mouth", in("2"));
    }

    /** Common practice, no published source: 12 x 5 1/4, scores 4 and 8, the mouth from 2 up to the top of the second score. */
    @Test
    void theUsualCardHasTheUsualScores() {
        Plan plan = Planner.plan(brief());
        assertThat(plan.scoreCards().get(0).readings())
                .extracting(r -> r.score().from().x())
                .containsExactly(in("4"), in("8"));
        assertThat(plan.structure().piece("pocket piece").size()).isEqualTo(new Size(in("12"), in("5 1/4")));
        assertThat(plan.structure().piece("pocket piece").corners())
                .anySatisfy(c -> assertThat(c.x()).isEqualTo(in("8")))
                .anySatisfy(c -> assertThat(c.y()).isEqualTo(in("2")));
        assertThat(plan.closed().size()).isEqualTo(new Size(in("4 1/4"), in("5 1/2")));
    }

    /**
     * A line from m at the outer edge to v at the fold: what stands at a distance t from the edge shows r + h - m - (v - m) t/u
     * (plane geometry). ID-1, ISO/IEC 7810: 85.60 x 53.98 mm.
     */
    @ParameterizedTest
    @CsvSource({"lying, 1/8, 0.15, 0.03", "upright, 1/8, 1.39, 0.17", "lying, 1, 1.02, 0"})
    void whatShowsOfAPaymentCardFollowsFromTheSlant(String way, String bottom, double high, double share) {
        Brief brief = brief().with("holds", "a payment card (ID-1)")
                .with("way", way)
                .with("stop", "without")
                .with("bottomSeam", in(bottom));
        PocketRoom room = Planner.plan(brief).pockets().get(0);
        assertThat(room.atRest().height().inches()).isCloseTo(high, within(0.01));
        if (share > 0.1) {
            assertThat(room.atRest().width().inches()).isCloseTo(1.72, within(0.02));
            assertThat(room.atRest().share()).isCloseTo(share, within(0.01));
        }
    }

    /** The published size of ID-1, in a pocket with room for it between its seams. */
    @Test
    void aPaymentCardLiesBetweenTheSeams() {
        Plan plan = Planner.plan(brief());
        Held held = plan.structure().held().get(0);
        Bond pocket = plan.structure()
                .bond(plan.structure().panel("pocket"), plan.structure().panel("inside"))
                .orElseThrow();
        Size size = plan.pockets().get(0).size();
        assertThat(size.longSide().millimetres()).isCloseTo(85.60, within(0.01));
        assertThat(size.shortSide().millimetres()).isCloseTo(53.98, within(0.01));
        for (Polygon seam : pocket.seams()) {
            assertThat(pocket.placement()
                            .apply(seam)
                            .intersection(held.outline())
                            .getArea())
                    .as("glue under the card, in counts squared")
                    .isLessThan(1e-4 * INCH * INCH);
        }
        assertThat(plan.snags()).noneMatch(s -> s.severity() == Severity.WARNING);
        assertThat(plan.closed().thickness().millimetres()).isGreaterThan(0.76);
        assertThat(plan.closed().weights()).anyMatch(w -> w.part().equals("payment card") && w.grams() == 5);
    }

    /** Slid to the fold nothing of it shows: said, with what mends it. */
    @Test
    void aCardThatSinksIsWarnedOf() {
        Brief deep = brief().with("bottomSeam", in("1/8")).with("stop", "without");
        assertThat(Planner.plan(deep).snags())
                .filteredOn(s -> s.code() == Snag.Code.POCKET_SWALLOWS)
                .singleElement()
                .satisfies(s -> assertThat(s.text()).contains("does not show").contains("side stop"));
    }

    @Test
    void whatDoesNotFitIsRefused() {
        assertThatThrownBy(() ->
                        Planner.plan(Briefs.closed("pocket-card", "2", "3").with("holds", "a payment card (ID-1)")))
                .isInstanceOf(BriefException.class)
                .hasMessageContaining("nothing yet");
    }

    @Test
    void theSeamsAreSaidOneByOne() {
        assertThat(Planner.plan(brief()).steps())
                .filteredOn(s -> s.title().equals("Glue the pocket"))
                .singleElement()
                .satisfies(s -> assertThat(s.text())
                        .contains("Put double-sided tape on")
                        .contains("the bottom ")
                        .contains("the right ")
                        .contains("The rest has to come away"));
    }

    /** Common practice, no published source: the mark stands 2 in up on the right edge, the cut runs to the top of the 8 in score. */
    @Test
    void theSlantIsToldByItsMarks() {
        Plan plan = Planner.plan(brief());
        assertThat(plan.steps())
                .filteredOn(s -> s.title().equals("Cut the pocket piece to shape"))
                .singleElement()
                .satisfies(
                        s -> assertThat(s.text())
                                .contains(
                                        "from the tick 2 in from the bottom right corner on the right edge to the top of the 8 in score"));
        assertThat(plan.steps()).noneMatch(s -> s.text().contains("template"));
        Plan metric = Planner.plan(Briefs.metric(
                Briefs.of("pocket-card", new Basis.ClosedSize(Length.millimetres(105L), Length.millimetres(140L)))));
        assertThat(metric.scoreCards().get(0).readings())
                .allSatisfy(
                        r -> assertThat(r.score().from().x().millimetres() % 1).isZero());
        assertThat(metric.steps())
                .noneMatch(s -> s.text().contains("about") && s.title().startsWith("Score"));
    }

    /** A shaved strip has one round end: it is turned so that its scores are told from there, and the words lead to the same lines. */
    @Test
    void aShavedStripIsReadFromItsRoundEnd() {
        Plan plan = Planner.plan(brief().with("shave", in("1/32")));
        assertThat(plan.steps())
                .filteredOn(s -> s.title().equals("Score the pocket piece"))
                .singleElement()
                .satisfies(s -> assertThat(s.text())
                        .isEqualTo("Face down, turned over top to bottom, score at 4 in and 8 in from the left edge."));
    }

    /** However low the mouth's end is, the side seam is at the side; a stop has two ends. */
    @Test
    void everySeamIsSaidAtItsOwnEdge() {
        Brief high = brief().with("seam", in("1/2")).with("bottomSeam", in("1 15/16"));
        assertThat(gluing(high)).containsPattern("the bottom 1\\s15⁄16\\sin and the right ½\\sin only");
        Brief stopped = brief().with("bottomSeam", in("1")).with("stop", "with");
        assertThat(gluing(stopped))
                .containsPattern("between [^;]* from the left edge, from 1\\sin to ≈2\\s1⁄16\\sin up from the bottom");
    }

    private static String gluing(Brief brief) {
        return Planner.plan(brief).steps().stream()
                .filter(s -> s.title().equals("Glue the pocket"))
                .map(s -> s.text().replaceAll("[\\u2009\\u202f\\u00a0]", " "))
                .findFirst()
                .orElseThrow();
    }

    /** The cover, then what lies under it: the pocket and a triangle of the inside. */
    @Test
    void theRecipientMeetsThePocketUnderTheCover() {
        Plan plan = Planner.plan(brief());
        assertThat(plan.faces())
                .filteredOn(f -> f.key().equals("pocket/back"))
                .singleElement()
                .satisfies(
                        f -> assertThat(f.moments()).extracting(m -> m.stage()).contains("opened"));
        assertThat(Look.all(brief())).extracting(l -> l.moment().stage()).contains("closed", "displayed", "opened");
    }
}
