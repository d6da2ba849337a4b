package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.plan.Briefs.in;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.LayerStack;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Silhouette;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/** Folds that are cut to an outline: nested figures and the shaped gate. */
class FiguresTest {

    private static final double INCH = Length.COUNTS_PER_INCH;

    /**
     * Scales 1, 11/12, 5/6 and 2/3, joints right, left, right: 11.10 in long for 3 1/4, inside A4's 11.69; closed they lie from 0,
     * 0.271, 0.271 and 0.813 to 3.25, 3.25, 2.979 and 2.979 (common practice for the scales; sums by hand).
     */
    @Test
    void theUsualFiguresNestAsTheSumsSay() {
        Plan plan = Planner.plan(Briefs.closed("nested-figures", "3 1/4", "5 1/4"));
        Structure card = plan.structure();
        assertThat(card.pieces().get(0).size().width().inches()).isCloseTo(11.10, within(0.005));
        double[][] expected = {{0, 3.25}, {0.271, 3.25}, {0.271, 2.979}, {0.813, 2.979}};
        FlatStage closed = FlatFolder.closed(card);
        for (int i = 0; i < 4; i++) {
            Envelope box =
                    closed.placed(card.panel("figure " + (i + 1))).outline().getEnvelopeInternal();
            assertThat(box.getMinX() / INCH).isCloseTo(expected[i][0], within(0.002));
            assertThat(box.getMaxX() / INCH).isCloseTo(expected[i][1], within(0.002));
            assertThat(box.getMinY()).as("bottoms level").isZero();
        }
        assertThat(plan.closed().size()).isEqualTo(new Size(in("3 1/4"), in("5 1/4")));
        assertThat(plan.snags()).isEmpty();
    }

    /** Hinges are at least a quarter of the smaller figure's height, and the smallest lies on top. */
    @ParameterizedTest
    @ValueSource(strings = {"dome", "bell", "rocket", "fir", "jar", "lantern", "mitten"})
    void everyOutlineThatMayBeChosenNests(String shape) {
        Plan plan = Planner.plan(
                Briefs.closed("nested-figures", "3 1/4", "5 1/4").with("outline", Silhouette.parse(shape)));
        Structure card = plan.structure();
        LayerStack stack =
                LayerStack.of(card, card.closed(), FlatFolder.closed(card)).orElseThrow();
        assertThat(card.scores()).hasSize(3).allSatisfy(s -> {
            double hinge = Math.abs(s.to().y().minus(s.from().y()).inches());
            int smaller = Integer.parseInt(s.id().substring(6)) + 1;
            double height = card.panel("figure " + smaller).box().height().inches();
            assertThat(hinge).isGreaterThanOrEqualTo(0.249 * height);
        });
        assertThat(stack.spots().stream()
                        .filter(s -> s.bottomToTop().size() == 4)
                        .map(s -> s.top().panel().name()))
                .containsOnly("figure 4");
        assertThat(Folding.of(plan.brief()).crossing()).isEmpty();
    }

    /** Closed at an offset c, a copy on the hinge at s stands mirrored at 2s - c when its flap lies open. */
    @ParameterizedTest
    @CsvSource({"trimmed at the hinge, 0", "set off to the right, 1"})
    void theCopiesStandMirroredInTheirHinges(String lower, int offsetPerFlap) {
        Brief brief = Briefs.closed("shaped-gate", "5", "5").with("lower", lower);
        Structure card = Planner.plan(brief).structure();
        Polygon middle = card.pieces().get(0).polygon();
        double a = middle.getEnvelopeInternal().getWidth() / 2;
        double s = card.panel("right flap").outline().getEnvelopeInternal().getMinX() - a;
        double flap = a - s;
        FlatStage open = FlatFolder.fold(card, card.stage(Stage.FLAT));
        double right = open.placed(card.panel("right copy"))
                .outline()
                .getEnvelopeInternal()
                .getMinX();
        double left = open.placed(card.panel("left copy"))
                .outline()
                .getEnvelopeInternal()
                .centre()
                .x;
        double c = offsetPerFlap * flap;
        assertThat(right).isCloseTo(a + 2 * s - c - a, within(1.0));
        assertThat(left).isCloseTo(a - 2 * s, within(1.0));
        Size closed = FlatFolder.closed(card).size();
        assertThat(closed.width().count()).isCloseTo((long) Math.rint(2 * a + c), within(1L));
        assertThat(closed).isEqualTo(new Size(in("5"), in("5")));
    }

    /** Three whole copies on one middle have no order of layers. */
    @Test
    void threeWholeCopiesCannotClose() {
        Structure card = Planner.plan(Briefs.closed("shaped-gate", "5", "5")).structure();
        Piece whole = Piece.outline("right copy", card.piece("middle").polygon())
                .name("right copy", card.piece("left copy").names().get(0).inside())
                .build();
        Structure three = card.extended().replace(whole).build();
        FlatStage closed = FlatFolder.closed(three);
        assertThat(closed.faults()).isEmpty();
        assertThat(LayerStack.of(three, three.closed(), closed)).isEmpty();
        assertThat(LayerStack.of(card, card.closed(), FlatFolder.closed(card))).isPresent();
    }

    @Test
    void aShapedGateIsSaidByItsTemplateAndItsEdges() {
        Plan plan = Planner.plan(Briefs.closed("shaped-gate", "5", "5"));
        assertThat(plan.steps())
                .anySatisfy(s -> assertThat(s.text()).contains("Prick through the ends of left score and right score"))
                .anySatisfy(s -> assertThat(s.text())
                        .contains("with the left flap folded in, edge on edge with the outline of the middle"));
        assertThat(plan.messageRoom()).isNotEmpty();
        assertThat(Folding.of(plan.brief()).standing().orElseThrow().stands()).isTrue();
    }

    /** Wherever a drawn outline is scored, between its corners or at them, the copies have an order in which they lie. */
    @Test
    void aDrawnGateHasALayerOrderWhereverItIsScored() {
        Silhouette drawn = Silhouette.parse(
                "drawn 0,0 164,0 164,102 143,117 135,138 126,159 114,164 50,164 38,159 29,138 21,117 0,102");
        for (long flap = 6600; flap < 6700; flap++) {
            Structure card = Planner.withoutFixes(Briefs.of(
                                    "shaped-gate",
                                    new Basis.ClosedSize(Length.millimetres(61L), Length.millimetres(177L)))
                            .with("outline", drawn)
                            .with("flap", Length.ofCounts(flap)))
                    .structure();
            assertThat(LayerStack.of(card, card.closed(), FlatFolder.closed(card)))
                    .as("flap of %d counts", flap)
                    .isPresent();
        }
    }
}
