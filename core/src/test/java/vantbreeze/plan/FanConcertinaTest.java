package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.plan.Briefs.in;

import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.layer.Mat;
import vantbreeze.measure.Length;
import vantbreeze.operation.CutParts;
import vantbreeze.operation.Step;
import vantbreeze.operation.Task;
import vantbreeze.operation.Trim;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;

/** The fan over its bar, against plane trigonometry and the trade's usual figures. */
class FanConcertinaTest {

    private static final double INCH = Length.COUNTS_PER_INCH;

    private static Brief brief(String wings, String under) {
        return Briefs.closed("fan-concertina", "7", "5")
                .with("under", in(under))
                .with("wings", wings);
    }

    private static Polygon closed(Structure card, String panel) {
        return FlatFolder.closed(card).placed(card.panel(panel)).outline();
    }

    /** Common practice: bar 7 x 8 scored every inch, fan from a strip of 4 x 10, its point on the bar's lower edge, its fold on top. */
    @Test
    void theFanStandsOnItsPointOverTheBar() {
        Plan plan = Planner.plan(brief("long side along the slant", "1/8"));
        Structure card = plan.structure();
        assertThat(card.piece("bar").size()).isEqualTo(Briefs.in("7", "8"));
        assertThat(card.piece("fan").size()).isEqualTo(Briefs.in("4", "10"));
        assertThat(plan.closed().size()).isEqualTo(Briefs.in("7", "5"));
        Envelope bar = closed(card, "panel 1").getEnvelopeInternal();
        for (String triangle : List.of("fan front", "fan back")) {
            Polygon fan = closed(card, triangle);
            Envelope box = fan.getEnvelopeInternal();
            assertThat(box.getMinY())
                    .as("point level with the bar's lower edge")
                    .isCloseTo(bar.getMinY(), within(1.0));
            assertThat(box.centre().x).isCloseTo(bar.centre().x, within(1.0));
            /* At half its height it is half as wide as at the fold, and the fold is on top. */
            assertThat(width(fan, 0.5)).isCloseTo(2 * INCH, within(2.0));
            assertThat(width(fan, 0.99)).isGreaterThan(3.9 * INCH);
        }
        assertThat(plan.closed().thickness()).as("thickest at the foot").isGreaterThan(Length.millimetres(3));
        assertThat(plan.closed().bulk().stream()
                        .filter(s -> s.outline().getEnvelopeInternal().getMinY() > in("1").count())
                        .map(s -> s.thickness())
                        .reduce(Length.ZERO, Length::max))
                .isLessThan(Length.millimetres(3));
    }

    private static double width(Polygon polygon, double share) {
        Envelope box = polygon.getEnvelopeInternal();
        double y = box.getMinY() + share * box.getHeight();
        return polygon.intersection(polygon.getFactory().createLineString(new Coordinate[] {
                    new Coordinate(box.getMinX() - 1, y), new Coordinate(box.getMaxX() + 1, y)
                }))
                .getLength();
    }

    /** How high the points lie above the edge is the maker's choice: the triangles are lower by as much. */
    @Test
    void thePointsMayLieAboveTheEdge() {
        Structure card = Planner.plan(brief("long side along the slant", "1/8").with("foot", in("1/4")))
                .structure();
        assertThat(closed(card, "fan front").getEnvelopeInternal().getMinY()
                        - closed(card, "panel 1").getEnvelopeInternal().getMinY())
                .isCloseTo(INCH / 4, within(1.0));
        assertThat(FlatFolder.closed(card).size()).isEqualTo(Briefs.in("7", "5"));
    }

    /**
     * Plane trigonometry: a wing's far corner lies at twice the half angle from the axis, less what lies under the slant. The first of
     * each pair is what o = 0 would give; so little holds no glue, so the least is taken and what it hides is added again.
     */
    @ParameterizedTest
    @CsvSource({
        "long side along the slant, 1/32, 6.90",
        "long side along the slant, 1/8, 6.90",
        "leg along the slant, 1/32, 7.43",
        "leg along the slant, 1/8, 7.43"
    })
    void theFanIsAsWideAsItsWingsReach(String wings, String under, double most) {
        Structure card =
                Planner.plan(brief(wings, under).with("triangle", in("4"))).structure();
        FlatStage closed = FlatFolder.closed(card);
        Envelope fan = new Envelope();
        closed.panels().stream()
                .filter(p -> p.panel().name().contains("wing"))
                .forEach(p -> fan.expandToInclude(p.outline().getEnvelopeInternal()));
        double theta = Math.atan(0.4);
        double width = most - 2 * in(under).inches() * Math.cos(theta);
        assertThat(fan.getWidth() / INCH).isCloseTo(width, within(0.006));
        assertThat(closed.size().width().inches())
                .as("the larger of bar and fan")
                .isCloseTo(Math.max(7, width), within(0.006));
        assertThat(closed.size().height()).isEqualTo(in("5"));
    }

    /** The page's own figures for an eighth under the slant: 6.67 and 7.20. */
    @Test
    void theUsualWidths() {
        double theta = Math.atan(0.4);
        assertThat(6.897 - 0.25 * Math.cos(theta)).isCloseTo(6.67, within(0.006));
        assertThat(2 * Math.hypot(5, 2) * Math.sin(2 * theta) - 0.25 * Math.cos(theta))
                .isCloseTo(7.20, within(0.006));
    }

    /** Wings lie behind their triangle by a strip as wide as asked for, mirror images of each other, nothing of them over the axis. */
    @ParameterizedTest
    @ValueSource(strings = {"long side along the slant", "leg along the slant"})
    void theWingsLieUnderTheSlants(String wings) {
        Structure card = Planner.plan(brief(wings, "1/8")).structure();
        for (String side : List.of("front", "back")) {
            Polygon fan = closed(card, "fan " + side);
            double axis = fan.getEnvelopeInternal().centre().x;
            Polygon right = closed(card, side + " right wing");
            Polygon left = closed(card, side + " left wing");
            Polygon mirrored = (Polygon) new AffineTransformation(-1, 0, 2 * axis, 0, 1, 0).transform(left);
            assertThat(mirrored.symDifference(right).getArea() / (INCH * INCH)).isLessThan(0.001);
            assertThat(right.intersection(left).getArea()).isZero();
            /* The strip under the slant: its area over its length is its width, but for the trimmed tip. */
            double strip = right.intersection(fan).getArea() / INCH / INCH;
            double length = wings.startsWith("long") ? Math.hypot(5, 2) : 5;
            assertThat(strip).isBetween(0.125 * (length - 0.5), 0.125 * length);
        }
        assertThat(closed(card, "front right wing")
                                .symDifference(closed(card, "back left wing"))
                                .getArea()
                        / (INCH * INCH))
                .as("right and left as each face is looked at")
                .isLessThan(0.001);
    }

    /** What falls off is a right triangle of h and b/2; nothing but its tip and what hangs over is trimmed. */
    @Test
    void theWingsAreTheOffcutsOfTheVeryCut() {
        Plan plan = Planner.plan(brief("long side along the slant", "1/8"));
        Structure card = plan.structure();
        Polygon strip = (Polygon) card.piece("fan").polygon().getEnvelope();
        Geometry off = strip.difference(card.piece("fan").polygon());
        assertThat(off.getNumGeometries()).isEqualTo(4);
        List<Piece> wings = card.offcuts(card.piece("fan"));
        assertThat(wings).hasSize(4).allSatisfy(w -> {
            Envelope box = w.polygon().getEnvelopeInternal();
            assertThat(box.getWidth() / INCH).isBetween(1.9, 2.001);
            assertThat(box.getHeight() / INCH).isBetween(4.6, 5.001);
            assertThat(off.getArea() / 4 - w.polygon().getArea()).isBetween(0.0, 0.06 * INCH * INCH);
        });
        assertThat(plan.parts())
                .filteredOn(p -> p.offcutOf().isPresent())
                .hasSize(4)
                .allSatisfy(p -> assertThat(p.offcutOf()).contains("piece/fan"));
        assertThat(plan.tasks())
                .noneMatch(t -> t.operation() instanceof CutParts cut
                        && cut.what().stream()
                                .anyMatch(a -> a.first().offcutOf().isPresent()));
    }

    /** Scored, folded, two cuts from the middle of the open edge through both layers; no template anywhere. */
    @Test
    void theStepsAreTheMakers() {
        Plan plan = Planner.plan(brief("long side along the slant", "1/8"));
        List<String> texts = plan.steps().stream().map(Step::text).toList();
        assertThat(texts).noneMatch(t -> t.contains("template"));
        assertThat(texts)
                .anyMatch(t -> t.startsWith(
                                "Fold it in half, face out, with the fold at the top. Cut through both layers"
                                        + " from the middle of the bottom edge to the top left corner, and from there to the top right corner")
                        && t.contains("Keep the 4 offcuts"));
        assertThat(texts)
                .filteredOn(t -> t.contains("slid 1⁄8 in under its slant"))
                .as("all four in one go")
                .singleElement()
                .satisfies(t -> assertThat(t)
                        .containsPattern("Lay (the (front|back) (right|left) wing on the back of the fan \\2(, )?){4}"
                                + ": each slid 1⁄8 in under its slant"));
        assertThat(plan.cutList()).noneMatch(c -> c.note().contains("template"));
        int trimmed = index(plan, t -> t.operation() instanceof Trim);
        int scored = index(plan, t -> t.id().equals("score/piece/fan/face"));
        int wings = index(plan, t -> t.operation().joints().size() == 4);
        int onBar = index(plan, t -> t.id().equals("glue/fan front on panel 1"));
        assertThat(List.of(scored, trimmed, wings, onBar)).isSorted();
    }

    private static int index(Plan plan, Predicate<Task> wanted) {
        return IntStream.range(0, plan.tasks().size())
                .filter(i -> wanted.test(plan.tasks().get(i)))
                .findFirst()
                .orElseThrow();
    }

    /**
     * An even border on all three sides: a triangle of 4 x 5 at 1/8 leaves 3.631 x 4.538 (offset by the inradius), cut by the ruler
     * as 3 5/8 x 4 1/2. A border that differs by 1/32 in is called even: common practice, no published source.
     */
    @Test
    void theTrianglesMatHasAnEvenBorder() {
        Mat mat = mat("fan front/face");
        assertThat(mat.size().width().inches()).isEqualTo(3.625);
        assertThat(mat.size().height().inches()).isEqualTo(4.5);
        double slant = Math.hypot(5, 2);
        double inradius = 4 * 5 / (4 + 2 * slant);
        assertThat(mat.size().height().inches() / 5).isCloseTo((inradius - 0.125) / inradius, within(0.01));
    }

    private static Mat mat(String face) {
        return Planner.plan(brief("long side along the slant", "1/8")).dressing().mats().stream()
                .filter(m -> m.face().key().equals(face))
                .findFirst()
                .orElseThrow();
    }

    /** The same strip of wing shows between slant and mat as along the wing's own edges. */
    @Test
    void theWingsMatsLeaveAnEvenStripBesideTheSlant() {
        Structure card = Planner.plan(brief("long side along the slant", "1/8")).structure();
        for (String wing : List.of("front right wing", "front left wing")) {
            Polygon lies = FlatFolder.closed(card)
                    .placed(card.panel(wing))
                    .motion()
                    .apply(mat(wing + "/face").outline());
            assertThat(lies.distance(closed(card, "fan front")) / INCH).isCloseTo(0.125, within(1.0 / 32));
            assertThat(lies.distance(closed(card, wing).getExteriorRing()) / INCH)
                    .isCloseTo(0.125, within(1.0 / 32));
        }
    }

    /** Both triangles lean alike, and the bar reaches from one to the other: (n - 2) s sin(inner) = 2 (H - s) sin(lean). */
    @ParameterizedTest
    @CsvSource({"4", "3", "2"})
    void itOpensLikeATrestle(int pairs) {
        Brief brief = brief("long side along the slant", "1/8").with("pairs", pairs);
        Folding folding = Folding.of(brief);
        assertThat(folding.motions()).extracting(m -> m.to()).containsExactly("displayed");
        assertThat(folding.motions()).allSatisfy(m -> assertThat(m.blocked()).isEmpty());
        assertThat(folding.crossing()).isEmpty();
        assertThat(folding.standing()).hasValueSatisfying(s -> {
            assertThat(s.stands()).isTrue();
            double lean = Math.asin(s.depth().inches() / 2 / 5);
            assertThat(s.height().inches()).isCloseTo(5 * Math.cos(lean), within(0.06));
        });
    }
}
