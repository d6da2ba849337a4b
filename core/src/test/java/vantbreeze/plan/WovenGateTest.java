package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.plan.Briefs.in;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.catalogue.TradeOff;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.Standing;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

class WovenGateTest {

    private static Brief brief(String anchor) {
        return Briefs.closed("woven-gate", "3", "6").with("anchor", in(anchor));
    }

    /**
     * Two panels of q leaning by phi and a strip of reach L from the anchor to the middle: cos² phi = (L² - e²) / 4 q (q - e)
     * (plane trigonometry). For q 3 and L 5 1/2 it opens to 11.48, 11.73 and 12.
     */
    @ParameterizedTest
    @CsvSource({"1/4, 11.48", "3/8, 11.73", "1/2, 12"})
    void theAnchorDecidesHowFarItOpens(String anchor, double width) {
        Plan plan = Planner.plan(brief(anchor));
        TradeOff trade = plan.tradeOff().orElseThrow();
        TradeOff.Step step = trade.steps().stream()
                .filter(s -> s.chosen().equals(in(anchor)))
                .findFirst()
                .orElseThrow();
        assertThat(step.lengths().get(0).inches()).isCloseTo(width, within(0.005));
        double phi = Math.acos(Math.min(1, width / 12));
        assertThat(step.lengths().get(1).inches()).isCloseTo(3 * Math.sin(phi), within(0.02));
        if (width < 11.6) {
            Standing standing = Folding.of(plan.brief()).standing().orElseThrow();
            assertThat(standing.width().inches()).as("as the solver stands it").isCloseTo(width, within(0.005));
            assertThat(standing.depth().inches()).isCloseTo(3 * Math.sin(phi), within(0.02));
            assertThat(standing.stands()).isTrue();
        }
    }

    /** Bases, windows and scores as they are said; the frames are scored on their borders alone. */
    @Test
    void theUsualCardHasTheUsualPieces() {
        Structure card = Planner.plan(brief("1/4")).structure();
        assertThat(card.piece("right half").size()).isEqualTo(new Size(in("6"), in("6")));
        assertThat(Piece.outline(
                                "window",
                                card.piece("right half").holes().get(0).toArray(new vantbreeze.structure.Point[0]))
                        .build()
                        .size())
                .isEqualTo(new Size(in("5"), in("5")));
        assertThat(card.piece("right half").scores()).hasSize(2).allSatisfy(s -> {
            assertThat(s.from().x()).isEqualTo(in("3"));
            assertThat(Math.abs(s.to().y().minus(s.from().y()).inches())).isEqualTo(0.5);
        });
        assertThat(Planner.plan(brief("1/4")).closed().size()).isEqualTo(new Size(in("3"), in("6")));
        assertThat(Folding.of(brief("1/4")).crossing()).isEmpty();
    }

    /** A strip that copies its base, anchored at e with a fold at q - e, lies flat with the card and closes flush. */
    @Test
    void onlyAStripThatCopiesTheBaseOpensFlat() {
        Structure copies = Planner.plan(brief("1/2")).structure();
        assertThat(FlatFolder.fold(copies, copies.stage(Stage.FLAT)).faults()).isEmpty();
        Structure shorter = Planner.plan(brief("1/4")).structure();
        assertThat(FlatFolder.fold(shorter, shorter.stage(Stage.FLAT)).faults()).isNotEmpty();
    }

    /** Sums by hand: a first fold nearer to the anchor leaves L - e - 2r to stand out beyond the middle bar. */
    @Test
    void aFirstFoldNearTheAnchorSticksOutClosed() {
        Plan plan = Planner.plan(brief("1/4").with("run", in("2 3/8")));
        double out = 5.5 - 0.25 - 2 * 2.375;
        assertThat(plan.closed().size().width().inches()).isCloseTo(3 + out, within(0.001));
        assertThat(plan.snags()).anyMatch(s -> s.code() == Snag.Code.STICKS_OUT);
        assertThat(plan.tradeOff().orElseThrow().steps().get(0).lengths().get(2).inches())
                .isCloseTo(out, within(0.001));
    }

    /** Behind the middle bar a strip has to pass round its edge: with a longer first run no order of layers is possible. */
    @Test
    void aStripBehindTheBarMustReachRoundIt() {
        assertThatThrownBy(() -> Planner.plan(brief("1/4").with("run", in("2 3/4"))))
                .isInstanceOf(BriefException.class)
                .hasMessageContaining("pass round the middle bar");
        Structure card = Planner.plan(brief("1/4")).structure();
        assertThat(orderWithDipBehindTheBar(card)).isTrue();
        Structure short1 = withRun(card, Length.inches(1, 8));
        assertThat(orderWithDipBehindTheBar(short1)).isFalse();
    }

    /** Whether it can close with the strips outside the fold of the middle bar, as they lie when it is open. */
    private static boolean orderWithDipBehindTheBar(Structure card) {
        Structure behind = card.extended()
                .lay("strip 1, left dip", "left inner")
                .lay("right inner", "strip 1, right dip")
                .build();
        FlatStage closed = FlatFolder.closed(behind);
        assertThat(closed.faults()).isEmpty();
        return LayerStack.of(behind, behind.closed(), closed).isPresent();
    }

    /** The same with the first folds of its first strip farther from the anchors and the middle as much nearer. */
    private static Structure withRun(Structure card, Length farther) {
        Piece strip = card.piece("strip 1");
        Piece other = new Piece(
                strip.name(),
                strip.material(),
                strip.corners(),
                strip.holes(),
                strip.scores().stream()
                        .map(s -> {
                            boolean left = s.id().endsWith("2") || s.id().endsWith("3");
                            boolean right = s.id().endsWith("5") || s.id().endsWith("6");
                            Length by = left ? farther : right ? farther.negated() : Length.ZERO;
                            return new vantbreeze.structure.ScoreLine(
                                    s.id(),
                                    new vantbreeze.structure.Point(
                                            s.from().x().plus(by), s.from().y()),
                                    new vantbreeze.structure.Point(s.to().x().plus(by), s.to().y()),
                                    s.fold());
                        })
                        .toList(),
                strip.slits(),
                strip.names(),
                false);
        return card.extended().replace(other).build();
    }

    /** What the curve says is what comes when its point is picked. */
    @Test
    void aPickedPointKeepsWhatTheCurveSaid() {
        TradeOff trade = Planner.plan(brief("1/4")).tradeOff().orElseThrow();
        Length reach = Planner.plan(brief("1/4")).parameters().stream()
                .filter(p -> p.parameter().key().equals("reach"))
                .map(p -> (Length) p.value())
                .findFirst()
                .orElseThrow();
        for (TradeOff.Step step : trade.steps()) {
            Plan picked = Planner.withoutFixes(brief("1/4").with("reach", reach).with("anchor", step.chosen()));
            assertThat(picked.closed().size().width().inches())
                    .isCloseTo(3 + step.lengths().get(2).inches(), within(0.001));
            double width = step.lengths().get(0).inches();
            if (width < 11.8) {
                assertThat(Folding.of(picked.brief())
                                .standing()
                                .orElseThrow()
                                .width()
                                .inches())
                        .isCloseTo(width, within(0.01));
            }
        }
    }

    @Test
    void stripsAreFreeBehindTheMiddleBar() {
        Structure card = Planner.plan(brief("1/4")).structure();
        assertThat(card.bonds()).extracting(Bond::onto).containsOnly("tab", "left outer", "right outer");
    }
}
