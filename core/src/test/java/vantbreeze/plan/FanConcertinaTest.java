package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.plan.Briefs.in;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.layer.Mat;
import vantbreeze.measure.Length;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

class FanConcertinaTest {

    private static final double INCH = Length.COUNTS_PER_INCH;

    private static Brief brief(String wings, String gap) {
        return Briefs.closed("fan-concertina", "7", "5")
                .with("triangle", in("4"))
                .with("gap", in(gap))
                .with("wings", wings);
    }

    /** Plane trigonometry: a wing's far corner lies at twice the half angle from the axis, see the design. */
    @ParameterizedTest
    @CsvSource({
        "long side along the slant, 0, 6.90",
        "long side along the slant, 1/8, 7.13",
        "leg along the slant, 0, 7.43",
        "leg along the slant, 1/8, 7.66"
    })
    void theFanIsAsWideAsItsWingsReach(String wings, String gap, double width) {
        Structure card = Planner.plan(brief(wings, gap)).structure();
        FlatStage closed = FlatFolder.closed(card);
        Envelope fan = new Envelope();
        closed.panels().stream()
                .filter(p -> p.panel().name().contains("wing"))
                .forEach(p -> fan.expandToInclude(p.outline().getEnvelopeInternal()));
        assertThat(fan.getWidth() / INCH).isCloseTo(width, within(0.005));
        assertThat(closed.size().width().inches())
                .as("the larger of bar and fan")
                .isCloseTo(Math.max(7, width), within(0.005));
        assertThat(closed.size().height()).isEqualTo(in("5"));
    }

    /** Left and right, front and back are mirror images; the wing's point lies level with the triangle's. */
    @ParameterizedTest
    @ValueSource(strings = {"long side along the slant", "leg along the slant"})
    void theWingsAreMirroredInPairs(String wings) {
        Structure card = Planner.plan(brief(wings, "1/8")).structure();
        FlatStage closed = FlatFolder.closed(card);
        double axis =
                closed.placed(card.panel("fan front")).outline().getCentroid().getX();
        Polygon right = closed.placed(card.panel("front right wing")).outline();
        Polygon left = closed.placed(card.panel("front left wing")).outline();
        Envelope r = right.getEnvelopeInternal();
        Envelope l = left.getEnvelopeInternal();
        assertThat(r.getMaxX() - axis).isCloseTo(axis - l.getMinX(), within(2.0));
        assertThat(r.getMinY()).isCloseTo(l.getMinY(), within(2.0));
        double point = closed.placed(card.panel("fan front"))
                .outline()
                .getEnvelopeInternal()
                .getMinY();
        assertThat(r.getMinY()).isCloseTo(point, within(2.0));
        assertThat(closed.placed(card.panel("back right wing"))
                                .outline()
                                .symDifference(right)
                                .getArea()
                        / (INCH * INCH))
                .as("front and back on each other")
                .isLessThan(0.001);
        assertThat(closed.placed(card.panel("back right wing")).upSide()).isEqualTo(Side.BACK);
        List<Plan.CutPiece> mats = Planner.plan(brief(wings, "1/8")).cutList().stream()
                .filter(c -> c.isMat() && c.goesOn().contains("wing"))
                .toList();
        assertThat(mats).hasSize(2).allSatisfy(c -> {
            assertThat(c.count()).isEqualTo(2);
            assertThat(c.note()).contains("one of a mirrored pair");
        });
    }

    /** The gap is even along the slant, and the wings are the very offcuts: their legs are h and b/2 but for what is trimmed. */
    @Test
    void theWingsAreTheOffcutsOfTheTriangle() {
        Structure card = Planner.plan(brief("long side along the slant", "0")).structure();
        double offcut = 5 * 2 / 2.0;
        card.pieces().stream()
                .filter(p -> p.name().contains("wing"))
                .forEach(p -> assertThat(p.squareMillimetres() / (25.4 * 25.4)).isCloseTo(offcut, within(0.001)));
        Structure apart =
                Planner.plan(brief("long side along the slant", "1/8")).structure();
        FlatStage closed = FlatFolder.closed(apart);
        assertThat(closed.placed(apart.panel("fan front"))
                                .outline()
                                .distance(closed.placed(apart.panel("front right wing"))
                                        .outline())
                        / INCH)
                .isCloseTo(0.125, within(0.001));
    }

    /** An even border on all three sides: a triangle of 4 x 5 at 1/8 leaves 3.631 x 4.538 (offset by the inradius). */
    @Test
    void theTrianglesMatHasAnEvenBorder() {
        Mat mat = Planner.plan(brief("long side along the slant", "1/8")).dressing().mats().stream()
                .filter(m -> m.face().key().equals("fan front/face"))
                .findFirst()
                .orElseThrow();
        assertThat(mat.size().width().inches()).isCloseTo(3.631, within(0.002));
        assertThat(mat.size().height().inches()).isCloseTo(4.538, within(0.002));
        double slant = Math.hypot(5, 2);
        double inradius = 4 * 5 / (4 + 2 * slant);
        assertThat(mat.size().height().inches() / 5).isCloseTo((inradius - 0.125) / inradius, within(0.001));
    }

    @ParameterizedTest
    @ValueSource(strings = {"down, hanging from the bar", "up, standing on its fold"})
    void itOpensEitherWayUp(String point) {
        Folding folding = Folding.of(brief("long side along the slant", "1/8").with("point", point));
        assertThat(folding.motions()).allSatisfy(m -> assertThat(m.blocked()).isEmpty());
        assertThat(folding.motions()).extracting(m -> m.to()).containsExactly("displayed", "fan lifted", "bar opened");
        /* As it leans nothing is in the way; when the bar opens, the wings on its back give, and the screen says so. */
        assertThat(folding.crossing().stream())
                .allSatisfy(c -> assertThat(c.from()).isEqualTo("fan lifted"));
    }

    /** Eight layers of 300 gsm card, which is taken to be 0.375 mm thick. */
    @ParameterizedTest
    @CsvSource({"4, 3.0 mm", "2, 1.5 mm"})
    void theFoldOverTheBarIsScoredAsWideAsTheBarIsThick(int pairs, String apart) {
        assertThat(Planner.plan(brief("leg along the slant", "0").with("pairs", pairs))
                        .snags())
                .filteredOn(s -> s.code() == Snag.Code.OF_THIS_FOLD)
                .anySatisfy(s -> assertThat(s.text()).contains("score its fold twice, " + apart + " apart"));
    }
}
