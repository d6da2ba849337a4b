package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.plan.Briefs.in;

import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.LayerStack;
import vantbreeze.layer.Mat;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Structure;

class BurstGateTest {

    private static final double INCH = Length.COUNTS_PER_INCH;

    private static Brief brief(String width, String height) {
        return Briefs.closed("burst-gate", width, height);
    }

    /** Common practice, no published source: two sheets 11 x 5 1/2, scores 2 3/4 from both ends. */
    @Test
    void theUsualCardIsTwoSheetsScoredAtTheSamePlaces() {
        Plan plan = Planner.plan(brief("5 1/2", "5 1/2"));
        assertThat(plan.structure().pieces()).extracting(p -> p.size()).containsOnly(new Size(in("11"), in("5 1/2")));
        assertThat(plan.structure().scores())
                .filteredOn(s -> s.isUpright())
                .extracting(s -> s.from().x())
                .containsExactly(in("2 3/4"), in("8 1/4"), in("2 3/4"), in("8 1/4"));
        assertThat(plan.closed().size()).isEqualTo(new Size(in("5 1/2"), in("5 1/2")));
        assertThat(plan.snags()).isEmpty();
        assertThat(plan.steps())
                .anySatisfy(
                        s -> assertThat(s.text())
                                .contains(
                                        "from the bottom right corner to the tick 5½ in from the top right corner on the top edge; then from"));
    }

    /** The diagonals of a rhombus halve each other at right angles: its sides are √(W² + H²)/2 (Pythagoras). */
    @ParameterizedTest
    @CsvSource({"5 1/2, 5 1/2", "5, 6", "7, 5"})
    void theMessageLiesOnARhombus(String width, String height) {
        Plan plan = Planner.plan(Briefs.matted(
                brief(width, height),
                Briefs.matting(
                        0,
                        in("1/8"),
                        vantbreeze.measure.ToolGrid.SIXTEENTH_INCH,
                        vantbreeze.layer.Matting.Meeting.BORDER,
                        java.util.Map.of())));
        Polygon rhombus = plan.structure().panel("message").outline();
        double side = Math.hypot(in(width).count(), in(height).count()) / 2;
        assertThat(rhombus.getNumPoints()).isEqualTo(5);
        assertThat(rhombus.getLength()).isCloseTo(4 * side, within(2.0));
        /* The largest upright rectangle in a rhombus is half as large, its corners at the middles of the sides. */
        assertThat(plan.messageRoom())
                .filteredOn(r -> r.face().key().equals("message/face"))
                .singleElement()
                .satisfies(r -> {
                    assertThat(r.size().width().inches()).isCloseTo(in(width).inches() / 2, within(0.001));
                    assertThat(r.size().height().inches()).isCloseTo(in(height).inches() / 2, within(0.001));
                });
    }

    /**
     * An even border b leaves a rhombus whose inradius is less by b; a rhombus' inradius is area / (2 sides). A square is rounded
     * down to the ruler's marks, by less than 1/16 in across.
     */
    @Test
    void theMessageMatHasAnEvenBorder() {
        Brief brief = brief("5 1/2", "5 1/2");
        Plan plan = Planner.plan(brief);
        Mat mat = plan.dressing().mats().stream()
                .filter(m -> m.face().key().equals("message/face"))
                .findFirst()
                .orElseThrow();
        Polygon rhombus = plan.structure().panel("message").outline();
        double border = (inradius(rhombus) - inradius(mat.outline())) / INCH;
        assertThat(border).isBetween(0.125, 0.125 + 1.0 / 32);
    }

    private static double inradius(Polygon rhombus) {
        return rhombus.getArea() / (rhombus.getLength() / 2);
    }

    /** The tips pass the meeting line by W (H² - W²) / 2(W² + H²) each: 0.54 for 4 1/4 x 5 1/2. */
    @ParameterizedTest
    @CsvSource({"4 1/4, 5 1/2, 0.54", "3, 5, 0.71", "5 1/2, 5 1/2, 0"})
    void tipsOfATallCardPassTheMiddle(String width, String height, double past) {
        Structure structure = Planner.plan(brief(width, height)).structure();
        double middle = FlatFolder.closed(structure).box().centre().x;
        double farthest = FlatFolder.closed(structure).panels().stream()
                .filter(p -> p.panel().name().matches("(lower|upper) burst [12]"))
                .mapToDouble(p -> p.outline().getEnvelopeInternal().getMaxX() - middle)
                .max()
                .orElseThrow();
        assertThat(farthest / INCH).isCloseTo(past, within(0.005));
        assertThat(Planner.plan(brief(width, height)).snags().stream()
                        .anyMatch(s -> s.code() == Snag.Code.OF_THIS_FOLD))
                .isEqualTo(past > 0);
    }

    /** With √3 times as wide as high the flaps just lie beside each other; wider, no order of layers is possible. */
    @Test
    void aCardThatCannotLieFlatIsRefused() {
        assertThatThrownBy(() -> Planner.plan(brief("5", "2 7/8")))
                .isInstanceOf(BriefException.class)
                .hasMessageContaining("1.73 times");
        Plan widest = Planner.plan(brief("5", "2 57/64"));
        assertThat(widest.closed()).isNotNull();
        Structure tooWide = stretched(Planner.plan(brief("5", "5")).structure(), 0.55);
        Structure wide = stretched(Planner.plan(brief("5", "5")).structure(), 0.6);
        assertThat(LayerStack.of(wide, wide.closed(), FlatFolder.closed(wide)))
                .as("within the limit")
                .isPresent();
        Structure tooTall = stretched(Planner.plan(brief("5", "5")).structure(), 1.8);
        assertThat(LayerStack.of(tooTall, tooTall.closed(), FlatFolder.closed(tooTall)))
                .as("too tall")
                .isEmpty();
        assertThat(LayerStack.of(tooWide, tooWide.closed(), FlatFolder.closed(tooWide)))
                .as("no layer order")
                .isEmpty();
    }

    /** The same card, lower than any that may be asked for. */
    private static Structure stretched(Structure card, double by) {
        UnaryOperator<Point> low = p -> new Point(p.x(), Length.nearestTo(by * p.y().count()));
        Piece[] pieces = card.pieces().stream()
                .map(piece -> new Piece(
                        piece.name(),
                        piece.isClear(),
                        piece.corners().stream().map(low).toList(),
                        List.of(),
                        piece.scores().stream()
                                .map(s -> new ScoreLine(s.id(), low.apply(s.from()), low.apply(s.to()), s.fold()))
                                .toList(),
                        List.of(),
                        piece.names().stream()
                                .map(n -> new Piece.PanelName(n.name(), low.apply(n.inside())))
                                .toList(),
                        false,
                        Length.ZERO))
                .toArray(Piece[]::new);
        Structure.Builder builder = Structure.of(pieces);
        card.bonds().forEach(builder::bond);
        return builder.anchoredAt("back");
    }

    /** The eight triangles and the scores between them are free; the rest holds. */
    @Test
    void onlyTheMiddleAndTheEndsAreGlued() {
        Structure structure = Planner.plan(brief("5 1/2", "5 1/2")).structure();
        assertThat(structure.bonds())
                .extracting(b -> b.panel())
                .containsExactlyInAnyOrder("message", "left end", "right end");
        assertThat(structure.panels())
                .filteredOn(p -> p.name().contains("burst"))
                .hasSize(8)
                .extracting(Panel::piece)
                .containsOnly("lining");
    }

    /** A tall card's tips would meet: one side closes, then the other. */
    @Test
    void aTallCardClosesInTurn() {
        assertThat(Folding.of(brief("4 1/4", "5 1/2")).crossing()).isEmpty();
        assertThat(Folding.of(brief("5 1/2", "5 1/2")).crossing()).isEmpty();
    }
}
