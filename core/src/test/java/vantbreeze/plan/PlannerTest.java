package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.plan.Briefs.closed;
import static vantbreeze.plan.Briefs.forEnvelope;
import static vantbreeze.plan.Briefs.in;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.PanelRows;
import vantbreeze.layer.Mat;
import vantbreeze.layer.MatCut;
import vantbreeze.layer.Matting;
import vantbreeze.make.ScoreCard;
import vantbreeze.material.Sheet;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.post.Envelope;
import vantbreeze.post.EnvelopeFit;
import vantbreeze.structure.Panel;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;

class PlannerTest {

    private static Size flat(Plan plan) {
        return plan.structure().pieces().get(0).size();
    }

    private static List<Length> scores(Plan plan) {
        return plan.structure().scores().stream().map(s -> s.from().x()).toList();
    }

    private static Snag only(Plan plan, Snag.Code code) {
        List<Snag> found = plan.snags().stream().filter(s -> s.code() == code).toList();
        assertThat(found).hasSize(1);
        return found.get(0);
    }

    private static List<Snag.Code> codes(Plan plan) {
        return plan.snags().stream().map(Snag::code).toList();
    }

    /** Common practice, no published source: a 5 1/2 x 4 1/4 z-fold is 11 x 4 1/4 scored at 2 3/4 and 5 1/2. */
    @Test
    void zFoldCheckValues() {
        Plan plan = Planner.plan(closed("z-fold", "5 1/2", "4 1/4"));
        assertThat(flat(plan)).isEqualTo(in("11", "4 1/4"));
        assertThat(scores(plan)).containsExactly(in("2 3/4"), in("5 1/2"));
        assertThat(plan.closed().size()).isEqualTo(in("5 1/2", "4 1/4"));
        assertThat(plan.snags()).isEmpty();
    }

    /** Common practice, no published source: a 4 1/4 x 5 1/2 gatefold is 8 1/2 x 5 1/2 scored 2 1/8 from both ends. */
    @Test
    void gatefoldCheckValues() {
        Plan plan = Planner.plan(closed("gatefold", "4 1/4", "5 1/2"));
        assertThat(flat(plan)).isEqualTo(in("8 1/2", "5 1/2"));
        assertThat(scores(plan)).containsExactly(in("2 1/8"), in("6 3/8"));
        assertThat(plan.scoreCards().get(0).sameFromBothEnds())
                .containsExactly(new ScoreCard.BothEnds(Side.BACK, List.of(in("2 1/8")), Optional.empty()));
        assertThat(plan.closed().size()).isEqualTo(in("4 1/4", "5 1/2"));
        assertThat(plan.snags()).isEmpty();
    }

    /** Common practice, no published source: step 1/8 gives front mats 2 1/2 x 4 and a back mat 5 1/4 x 4. */
    @Test
    void zFoldMatCheckValues() {
        Plan plan = Planner.plan(closed("z-fold", "5 1/2", "4 1/4"));
        assertThat(plan.cutList()).extracting(Plan.CutPiece::count).containsExactly(1, 2, 1);
        assertThat(plan.cutList())
                .extracting(Plan.CutPiece::size)
                .containsExactly(in("11", "4 1/4"), in("2 1/2", "4"), in("5 1/4", "4"));
        assertThat(plan.cutList().get(1).goesOn()).isEqualTo("front, middle");
    }

    @Test
    void gateFrontsAreCutAsOneAndSplitOnTheMeetingLine() {
        Plan plan = Planner.plan(closed("gatefold", "4 1/4", "5 1/2"));
        MatCut front = plan.dressing().cuts().stream()
                .filter(MatCut::isSplit)
                .findFirst()
                .orElseThrow();
        assertThat(front.size()).isEqualTo(in("4", "5 1/4"));
        assertThat(front.mats()).extracting(Mat::size).containsExactly(in("2", "5 1/4"), in("2", "5 1/4"));
        assertThat(front.mats()).extracting(m -> m.face().panel().name()).containsExactly("left gate", "right gate");
        Mat left = front.mats().get(0);
        assertThat(left.left()).as("flush with the free edge").isEqualTo(Length.ZERO);
        assertThat(left.right()).isEqualTo(in("1/8"));
        Mat right = front.mats().get(1);
        assertThat(right.left()).isEqualTo(in("1/8"));
        assertThat(right.right()).isEqualTo(Length.ZERO);
    }

    /** Only what folds by itself can be closed first; the panels of a linkage move together. */
    @Test
    void panelsThatMoveTogetherAreNotToldToCloseInTurn() {
        assertThat(Planner.plan(closed("inverted-z", "5 1/2", "4 1/4")).snags())
                .noneMatch(s -> s.code() == Snag.Code.PANELS_OVERLAP);
        assertThat(Planner.plan(closed("tri-fold", "3", "4")).snags())
                .filteredOn(s -> s.code() == Snag.Code.PANELS_OVERLAP)
                .singleElement()
                .satisfies(s -> assertThat(s.text()).contains("close the tucked first"));
    }

    /** On a closed stage the back and its open link lie in one plane, but between them is a score, not a meeting line. */
    @Test
    void matsNeverRunOverAScore() {
        Plan stage = Planner.plan(closed("stage", "5 1/2", "4 1/4"));
        assertThat(stage.dressing().cuts()).isNotEmpty().noneMatch(MatCut::isSplit);
    }

    @Test
    void gateFrontsMayKeepTheirBorderAtTheMeetingLine() {
        Matting bordered =
                Briefs.matting(2, in("1/8"), ToolGrid.SIXTEENTH_INCH, Matting.Meeting.BORDER, Map.of("back/face", 0));
        Plan plan = Planner.plan(Briefs.matted(closed("gatefold", "4 1/4", "5 1/2"), bordered));
        List<MatCut> fronts =
                plan.dressing().cuts().stream().filter(MatCut::isSplit).toList();
        assertThat(fronts).extracting(MatCut::size).containsExactly(in("3 3/4", "5 1/4"), in("3 1/4", "5"));
        assertThat(plan.dressing().mats())
                .noneMatch(m -> m.face().panel().name().equals("back"));
    }

    @Test
    void aHairlineStillMeetsAndAnOverlapDoesNot() {
        Brief brief = closed("gatefold", "4 1/4", "5 1/2");
        Plan hairline = Planner.plan(brief.with("gap", in("1/16")));
        assertThat(flat(hairline)).isEqualTo(in("8 7/16", "5 1/2"));
        assertThat(hairline.dressing().cuts()).anyMatch(MatCut::isSplit);
        Plan overlapping = Planner.plan(brief.with("gap", in("-1/2")));
        assertThat(overlapping.dressing().cuts()).noneMatch(MatCut::isSplit);
        Snag snag = only(overlapping, Snag.Code.PANELS_OVERLAP);
        assertThat(snag.text()).contains("½ in").contains("close the left gate first");
        assertThat(snag.fixes()).extracting(Snag.Fix::label).containsExactly("Use the usual gap");
        assertThat(codes(Planner.plan(snag.fixes().get(0).brief()))).doesNotContain(Snag.Code.PANELS_OVERLAP);
    }

    @Test
    void unequalGatesShareTheWidth() {
        Plan plan = Planner.plan(closed("gatefold", "4 1/4", "5 1/2").with("left", in("3")));
        assertThat(scores(plan)).containsExactly(in("3"), in("7 1/4"));
        assertThat(plan.scoreCards().get(0).sameFromBothEnds()).isEmpty();
        MatCut front = plan.dressing().cuts().stream()
                .filter(MatCut::isSplit)
                .findFirst()
                .orElseThrow();
        assertThat(front.mats()).extracting(m -> m.size().width()).containsExactly(in("2 7/8"), in("1 1/8"));
    }

    @Test
    void limitsAreDerivedAndExplained() {
        assertThatThrownBy(() -> Planner.plan(closed("z-fold", "5 1/2", "4 1/4").with("front", in("6"))))
                .isInstanceOfSatisfying(
                        BriefException.class,
                        e -> assertThat(e.faults())
                                .containsExactly(new BriefException.Fault(
                                        "parameters.front",
                                        "6 in",
                                        "1\u204416 in to 5½ in",
                                        "The front panel can be at most 5½ in, the width of the card.")));
        assertThatThrownBy(
                        () -> Planner.plan(closed("gatefold", "4 1/4", "5 1/2").with("left", in("4 1/4"))))
                .hasMessageContaining("or no right gate is left");
        assertThatThrownBy(() -> Planner.plan(closed("gatefold", "4 1/4", "5 1/2")
                        .with("gap", in("-1"))
                        .with("left", in("1/2"))))
                .hasMessageContaining("at least 1 in, or the right gate would be wider than the card");
        assertThatThrownBy(() -> Planner.plan(closed("z-fold", "1/2", "4 1/4")))
                .isInstanceOfSatisfying(
                        BriefException.class,
                        e -> assertThat(e.faults().get(0).field()).isEqualTo("basis.width"));
        assertThatThrownBy(() -> Planner.plan(closed("z-fold", null, "4 1/4"))).hasMessageContaining("must be given");
    }

    @ParameterizedTest
    @CsvSource({
        "z-fold,a2us,LANDSCAPE",
        "z-fold,c6,PORTRAIT",
        "gatefold,a7us,PORTRAIT",
        "gatefold,sq6,LANDSCAPE",
        "free-strip,c5,LANDSCAPE",
        "free-strip,dl,LANDSCAPE"
    })
    void theLargestCardForAnEnvelopeFitsAndOneMarkMoreDoesNot(String fold, String envelope, Orientation held) {
        Brief brief = forEnvelope(fold, envelope, held).withBasis(new Basis.ForEnvelope(held, true));
        Plan plan = Planner.plan(brief);
        Size size = plan.closed().size();
        assertThat(plan.fit().verdict()).isIn(EnvelopeFit.Verdict.FITS, EnvelopeFit.Verdict.LOOSE);
        assertThat(Orientation.of(size) == held || size.width().equals(size.height()))
                .isTrue();
        Length step = brief.tools().ruler().step();
        for (Size more : List.of(
                new Size(size.width().plus(step), size.height()),
                new Size(size.width(), size.height().plus(step)))) {
            if (!fold.equals("free-strip")) {
                Plan larger = Planner.plan(brief.withBasis(new Basis.ClosedSize(more.width(), more.height())));
                assertThat(larger.fit().verdict()).isIn(EnvelopeFit.Verdict.SNUG, EnvelopeFit.Verdict.TOO_SMALL);
            }
        }
    }

    /**
     * By hand: 4 1/4 in and three sheets of 0.375 mm and two mats of 0.2 mm across them are 4.321 in around where it is
     * highest, an envelope of 4 3/8 leaves 0.054; a mark more would be too much.
     */
    @Test
    void theLargestZFoldForAnA2EnvelopeCountsItsThicknessOnce() {
        Plan plan = Planner.plan(forEnvelope("z-fold", "a2us", Orientation.LANDSCAPE)
                .withBasis(new Basis.ForEnvelope(Orientation.LANDSCAPE, true)));
        assertThat(plan.closed().thickness()).isEqualTo(Length.parse("1.725 mm", UnitSystem.METRIC));
        assertThat(plan.closed().size().height()).isEqualTo(in("4 1/4"));
    }

    @Test
    void withoutAnEnvelopeTheSheetDecides() {
        Brief none = Briefs.of("z-fold", new Basis.ForEnvelope(Orientation.PORTRAIT, false));
        assertThat(none.envelope()).isNull();
        assertThat(Planner.plan(none).closed())
                .isEqualTo(Planner.plan(none.withBasis(new Basis.FromSheet(1, Orientation.PORTRAIT)))
                        .closed());
    }

    /** By hand: Letter, whole, portrait: 2W = 11, H = 8 1/2. Half a Letter sheet, landscape: 2W = 11, H = 4 1/4. */
    @ParameterizedTest
    @CsvSource({
        "z-fold,letter,1,PORTRAIT,5 1/2,8 1/2",
        "z-fold,letter,2,LANDSCAPE,5 1/2,4 1/4",
        "gatefold,letter,2,PORTRAIT,4 1/4,5 1/2",
        "gatefold,12x12,1,PORTRAIT,6,12",
        "z-fold,12x12,1,LANDSCAPE,6,6",
        "z-fold,8 x 4 in,1,LANDSCAPE,4,4"
    })
    void theLargestCardFromASheet(String fold, String sheet, int share, Orientation held, String width, String height) {
        Brief brief = Briefs.of(fold, new Basis.FromSheet(share, held)).withSheet(Sheet.named(sheet));
        assertThat(Planner.plan(brief).closed().size()).isEqualTo(in(width, height));
    }

    @Test
    void theSheetBasisKeepsChosenParameters() {
        Brief brief = Briefs.of("z-fold", new Basis.FromSheet(2, Orientation.LANDSCAPE))
                .withSheet(Sheet.named("letter"))
                .with("front", in("2"));
        Plan plan = Planner.plan(brief);
        assertThat(plan.closed().size()).isEqualTo(in("7", "4 1/4"));
        assertThat(flat(plan)).isEqualTo(in("11", "4 1/4"));
        assertThatThrownBy(() -> Planner.plan(brief.withSheet(Sheet.named("2 x 2 in"))))
                .isInstanceOfSatisfying(
                        BriefException.class,
                        e -> assertThat(e.faults().get(0).field()).isEqualTo("sheet"));
    }

    @ParameterizedTest
    @CsvSource({
        "z-fold,front,2 1/2,5",
        "z-fold,back,5 1/4,5 1/4",
        "gatefold,left gate,2 1/8,4 1/4",
        "gatefold,back,5,5",
        "free-strip,panel 1,2,6",
        "free-strip,panel 3,4 1/2,4 1/2"
    })
    void oneFixedPanelGivesTheCard(String fold, String panel, String width, String closedWidth) {
        Plan plan = Planner.plan(Briefs.of(fold, new Basis.FixedPanel(panel, in(width), in("4"))));
        assertThat(plan.structure().panel(panel).box().width()).isEqualTo(in(width));
        assertThat(plan.closed().size()).isEqualTo(in(closedWidth, "4"));
    }

    @Test
    void aFixedPanelThatCannotBeIsExplained() {
        Brief chosen = Briefs.of("z-fold", new Basis.FixedPanel("front", in("2 1/2"), in("4")))
                .with("front", in("2"));
        assertThatThrownBy(() -> Planner.plan(chosen)).hasMessageContaining("2 in wide whatever the card's size");
        assertThatThrownBy(() -> Planner.plan(Briefs.of("z-fold", new Basis.FixedPanel("lid", in("2"), in("4")))))
                .hasMessageContaining("Choose one of front, middle, back");
        assertThatThrownBy(() -> Planner.plan(Briefs.of("z-fold", new Basis.FixedPanel("front", in("2"), in("1/4")))))
                .hasMessageContaining("closed height must be at least 1 in");
        assertThatThrownBy(() ->
                        Planner.plan(Briefs.of("free-strip", new Basis.FixedPanel("panel 1", in("2 1/64"), in("4")))))
                .hasMessageContaining("exactly");
    }

    @Test
    void aFreeStripClosesAsItsPanelsSay() {
        Brief brief =
                closed("free-strip", null, "5").with("panels", PanelRows.parse("2 M 3 V 4 1/4 in", UnitSystem.INCH));
        Plan plan = Planner.plan(brief);
        assertThat(plan.closed().size()).isEqualTo(in("4 1/4", "5"));
        assertThat(flat(plan)).isEqualTo(in("9 1/4", "5"));
        assertThat(plan.handles()).extracting(h -> h.least()).containsExactly(in("1/16"), in("2 1/16"));
        assertThat(plan.handles()).extracting(h -> h.most()).containsExactly(in("4 15/16"), in("9 3/16"));
    }

    @Test
    void aFreeStripThatRunsThroughItselfStopsWithTheReason() {
        Brief roll = closed("free-strip", null, "5").with("panels", PanelRows.parse("5 V 1 V 5 in", UnitSystem.INCH));
        Plan plan = Planner.plan(roll);
        assertThat(plan.closed()).isNull();
        assertThat(plan.fit()).isNull();
        assertThat(plan.snags().get(0).severity()).isEqualTo(Severity.STOP);
        assertThat(plan.snags().get(0).text()).contains("pass through each other");
    }

    @Test
    void aScaledStripThatMissesItsWidthSaysSo() {
        Brief brief =
                closed("free-strip", "3 1/16", "5").with("panels", PanelRows.parse("1 M 2 V 3 in", UnitSystem.INCH));
        Plan exact = Planner.plan(brief);
        assertThat(exact.closed().size().width()).isEqualTo(in("3 1/16"));
        Brief odd =
                closed("free-strip", "3 1/32", "5").with("panels", PanelRows.parse("1 M 2 V 3 in", UnitSystem.INCH));
        Snag snag = only(Planner.plan(odd), Snag.Code.CLOSES_DIFFERENTLY);
        assertThat(snag.fixes()).isNotEmpty();
        Plan mended = Planner.plan(snag.fixes().get(0).brief());
        assertThat(codes(mended)).doesNotContain(Snag.Code.CLOSES_DIFFERENTLY);
    }

    @Test
    void aGrooveReachedFromTheOtherEndIsGoodEnough() {
        Brief brief =
                closed("gatefold", "4 1/4", "5 1/2").with("gap", in("1/16")).with("left", in("2 1/16"));
        assertThat(codes(Planner.plan(Briefs.board(brief, ToolGrid.EIGHTH_INCH))))
                .isEmpty();
        Brief missed = brief.with("left", in("2 3/32"));
        /* Both gates are told by one number. */
        assertThat(codes(Planner.plan(Briefs.board(missed, ToolGrid.EIGHTH_INCH))))
                .hasSize(1);
    }

    @Test
    void piecesBeyondTheSheetOrTheTrimmerAreSnags() {
        Plan plan = Planner.plan(closed("z-fold", "7", "5"));
        Snag sheet = only(plan, Snag.Code.LONGER_THAN_SHEET);
        assertThat(sheet.text()).contains("14 × 5 in").contains("12 × 12 in");
        assertThat(sheet.fixes())
                .extracting(Snag.Fix::label)
                .containsExactly("Make the largest card from 12 × 12 in", "Use a sheet of Legal");
        assertThat(only(plan, Snag.Code.LONGER_THAN_TRIMMER).severity()).isEqualTo(Severity.WARNING);
        assertThat(plan.fromSheet().bases()).isZero();
        assertThat(Planner.plan(closed("z-fold", "5 1/2", "4")).fromSheet().bases())
                .isEqualTo(3);
    }

    @Test
    void narrowPanelsAreSnagsWithAFix() {
        Plan plan = Planner.plan(closed("z-fold", "5 1/2", "4 1/4").with("front", in("3/16")));
        List<Snag> narrow = plan.snags().stream()
                .filter(s -> s.code() == Snag.Code.PANEL_TOO_NARROW)
                .toList();
        assertThat(narrow).extracting(s -> s.place().id()).containsExactly("front", "middle");
        assertThat(narrow.get(0).fixes()).extracting(Snag.Fix::label).contains("Make it ¼ in wide");
        assertThat(codes(plan)).contains(Snag.Code.MAT_DROPPED);
    }

    @Test
    void anEnvelopeThatIsTooSmallSaysByHowMuchAndWhatFits() {
        Plan plan = Planner.plan(closed("z-fold", "6", "4 1/4").withEnvelope(Envelope.named("a2us")));
        Snag snag = only(plan, Snag.Code.ENVELOPE_TOO_SMALL);
        assertThat(snag.severity()).isEqualTo(Severity.STOP);
        assertThat(snag.text()).contains("along its long side").contains("Around the card it is about 6 in");
        assertThat(snag.fixes())
                .extracting(Snag.Fix::label)
                .containsExactly("Make the largest card for A2 (US)", "Use envelope A6 (US)");
        assertThat(plan.closest()).allMatch(f -> f.verdict() != EnvelopeFit.Verdict.TOO_SMALL);
        Plan huge = Planner.plan(closed("z-fold", "20", "20").withEnvelope(Envelope.named("a2us")));
        assertThat(codes(huge)).contains(Snag.Code.NO_ENVELOPE);
    }

    @Test
    void unusualStockIsNoted() {
        assertThat(only(Planner.plan(closed("z-fold", "5", "4").withBase(Briefs.card(120))), Snag.Code.STOCK_WEIGHT)
                        .text())
                .contains("sags");
        assertThat(only(Planner.plan(closed("z-fold", "5", "4").withBase(Briefs.card(400))), Snag.Code.STOCK_WEIGHT)
                        .fixes())
                .hasSize(1);
    }

    /** By hand: 11 x 4.25 in at 300 gsm, and mats 2 of 2.5 x 4 and 1 of 5.25 x 4 in at 160 gsm. */
    @Test
    void weightIsTheSumOfAllPapers() {
        Plan plan = Planner.plan(closed("z-fold", "5 1/2", "4 1/4"));
        double grams = (11 * 4.25 * 300 + (2 * 2.5 * 4 + 5.25 * 4) * 160) * 25.4 * 25.4 / 1e6;
        assertThat(plan.closed().grams()).isCloseTo(grams, within(1e-9));
        assertThat(plan.closed().layers()).isEqualTo(6);
    }

    @Test
    void theClosedFrontIsCoveredOnceByWhatIsSeen() {
        Plan plan = Planner.plan(closed("z-fold", "5 1/2", "4 1/4"));
        double panels = plan.closed().front().stream()
                .filter(r -> r.layer() == 0)
                .mapToDouble(r -> r.outline().getArea())
                .sum();
        assertThat(panels).isEqualTo((double) in("5 1/2").count() * in("4 1/4").count());
        double bulk = plan.closed().bulk().stream()
                .mapToDouble(s -> s.outline().getArea())
                .sum();
        assertThat(bulk).isCloseTo(panels, within(1.0));
    }

    /** Random legal cards: flat and closed sizes against sums made here, and mats inside their panels, borders even. */
    @Property(tries = 150)
    void sizesFollowFromTheParameters(
            @ForAll @IntRange(min = 2 * 16, max = 12 * 16) int width,
            @ForAll @IntRange(min = 16, max = 12 * 16) int height,
            @ForAll @IntRange(min = 1, max = 999) int share,
            @ForAll @IntRange(min = 0, max = 16) int step) {
        Length w = Length.inches(width, 16);
        Length h = Length.inches(height, 16);
        Length front = Length.max(
                Length.inches(1, 16),
                ToolGrid.SIXTEENTH_INCH.floor(w.scaled(Length.ofCounts(share), Length.ofCounts(1000))));
        Matting matting =
                Briefs.matting(2, Length.inches(step, 32), ToolGrid.SIXTEENTH_INCH, Matting.Meeting.RUN_ON, Map.of());
        Brief z = Briefs.matted(Briefs.of("z-fold", new Basis.ClosedSize(w, h)).with("front", front), matting);
        Plan plan = Planner.plan(z);
        assertThat(flat(plan)).isEqualTo(new Size(w.plus(front.times(2)), h));
        assertThat(plan.closed().size()).isEqualTo(new Size(w, h));
        Plan gates = Planner.plan(Briefs.matted(Briefs.of("gatefold", new Basis.ClosedSize(w, h)), matting));
        assertThat(flat(gates)).isEqualTo(new Size(w.times(2), h));
        assertThat(gates.closed().size()).isEqualTo(new Size(w, h));
        for (Plan p : List.of(plan, gates)) {
            for (Mat mat : p.dressing().mats()) {
                assertThat(mat.face().panel().outline().covers(mat.outline())).isTrue();
                assertThat(mat.top().isWithin(Length.ofCounts(1), mat.bottom())).isTrue();
            }
            for (MatCut cut : p.dressing().cuts()) {
                assertThat(matting.grid().isOn(cut.size().width())).isTrue();
            }
        }
    }

    @Test
    void everyFoldNamesItselfAndItsParametersOnce() {
        assertThat(FoldCatalogue.all()).extracting(f -> f.id()).doesNotHaveDuplicates();
        assertThat(FoldCatalogue.all())
                .allSatisfy(f -> assertThat(f.parameters())
                        .extracting(p -> p.key())
                        .contains("width", "height")
                        .doesNotHaveDuplicates());
        assertThatThrownBy(() -> FoldCatalogue.named("swan"))
                .hasMessageContaining("(swan)")
                .hasMessageContainingAll(
                        FoldCatalogue.all().stream().map(f -> f.id()).toArray(String[]::new));
        assertThat(Planner.plan(closed("z-fold", "5", "4")).structure().panels())
                .extracting(Panel::name)
                .containsExactly("front", "middle", "back");
        assertThat(Planner.plan(closed("z-fold", "5", "4")).structure().scores())
                .extracting(ScoreLine::id)
                .containsExactly("score 1", "score 2");
    }
}
