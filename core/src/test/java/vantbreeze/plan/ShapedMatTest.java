package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.plan.Briefs.in;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import vantbreeze.layer.Mat;
import vantbreeze.layer.Matting;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.structure.Panel;

/** Mats of panels that are no rectangles, against plane geometry. */
class ShapedMatTest {

    private static Plan interlocking(String shape, String ring, String rim, String step) {
        return Planner.plan(Briefs.matted(
                Briefs.closed("interlocking-gatefold", "6", "8")
                        .with("shape", shape)
                        .with("ring", in(ring))
                        .with("rim", in(rim))
                        .with("play", Length.ZERO),
                Briefs.matting(1, in(step), ToolGrid.SIXTEENTH_INCH, Matting.Meeting.RUN_ON, Map.of())));
    }

    private static List<Mat> mats(Plan plan, String panel) {
        return plan.dressing().mats().stream()
                .filter(m -> m.face().panel().name().equals(panel))
                .toList();
    }

    /** Moved inward by the step, a shape with an inscribed circle of radius r shrinks by (r - step) / r (plane geometry). */
    @Test
    void anInsetShrinksByTheInradius() {
        for (String shape : List.of("hexagon", "octagon")) {
            Plan plan = interlocking(shape, "4", "1/2", "1/8");
            Panel disc = plan.structure().panel("disc");
            double inradius =
                    disc.outline().getBoundary().distance(disc.outline().getCentroid());
            double scale = (inradius - in("1/8").count()) / inradius;
            assertThat(mats(plan, "disc")).isNotEmpty().allSatisfy(mat -> {
                assertThat(mat.outline().getArea())
                        .isCloseTo(
                                scale * scale * disc.outline().getArea(),
                                within(1e-4 * mat.outline().getArea()));
                assertThat(mat.outline().getNumPoints())
                        .isEqualTo(disc.outline().getNumPoints());
            });
        }
    }

    /** What straight cuts make is measured: a square on its point is a square of a side that the ruler has, its border even to 1/32 in. */
    @Test
    void aSquareOnItsPointIsCutByTheRuler() {
        Plan plan = interlocking("diamond", "4", "1/2", "1/8");
        Panel disc = plan.structure().panel("disc");
        assertThat(mats(plan, "disc")).isNotEmpty().allSatisfy(mat -> {
            Size side = plan.parts().stream()
                    .filter(p -> p.cutFor().contains(mat))
                    .findFirst()
                    .orElseThrow()
                    .size();
            assertThat(ToolGrid.SIXTEENTH_INCH.isOn(side.width())).isTrue();
            assertThat(side.height()).isEqualTo(side.width());
            assertThat(Math.sqrt(mat.outline().getArea()))
                    .isCloseTo(side.width().count(), within(3.0));
            double border = disc.outline().getBoundary().distance(mat.outline());
            assertThat(border / Length.COUNTS_PER_INCH).isBetween(0.125, 0.125 + 1.0 / 32);
        });
    }

    /** A ring's mat is a ring whose border is the step on both sides. */
    @Test
    void aRingGetsARing() {
        Plan plan = interlocking("circle", "4", "3/4", "1/8");
        assertThat(mats(plan, "ring")).isNotEmpty().allSatisfy(mat -> {
            assertThat(mat.outline().getNumInteriorRing()).isEqualTo(1);
            double rim = mat.outline().getExteriorRing().distance(mat.outline().getInteriorRingN(0));
            assertThat(rim / Length.COUNTS_PER_INCH).isCloseTo(0.5, within(0.002));
        });
    }

    @Test
    void aRimThatLeavesASliverGetsNoMatAndItIsSaid() {
        Plan plan = interlocking("circle", "4", "5/16", "1/8");
        assertThat(mats(plan, "ring")).isEmpty();
        assertThat(plan.snags()).anySatisfy(s -> {
            assertThat(s.code()).isEqualTo(Snag.Code.MAT_DROPPED);
            assertThat(s.text()).contains("ring");
        });
    }

    @Property(tries = 40)
    void aMatNeverLeavesItsPanelAndKeepsItsBorder(
            @ForAll @IntRange(min = 25, max = 32) int side, @ForAll @IntRange(min = 1, max = 4) int stepMm) {
        Matting matting =
                Briefs.matting(2, Length.millimetres(stepMm), ToolGrid.MILLIMETRE, Matting.Meeting.RUN_ON, Map.of());
        Plan plan = Planner.plan(Briefs.matted(
                Briefs.of("tower", new Basis.ClosedSize(Length.millimetres(130), Length.millimetres(170)))
                        .with("side", Length.millimetres(side)),
                matting));
        assertThat(plan.dressing().mats())
                .isNotEmpty()
                .filteredOn(m -> m.kind() == Mat.Kind.MAT)
                .allSatisfy(mat -> {
                    var panel = mat.face().panel().outline();
                    assertThat(panel.covers(mat.outline())).isTrue();
                    assertThat(panel.getBoundary().distance(mat.outline()))
                            .isGreaterThanOrEqualTo(matting.step(mat.face(), 1)
                                            .times(mat.layer())
                                            .count()
                                    - 1.0);
                });
    }

    private static List<String> sizes(Plan plan, String face) {
        return plan.dressing().mats().stream()
                .filter(m -> m.face().key().equals(face))
                .map(m -> plan.brief().ruler().text(m.size()))
                .toList();
    }

    /** Common practice, no published source: rows that come forward, ends, a strip to sign; walls and links stay bare. */
    @Test
    void aTowerIsDressedInStrips() {
        Plan plan = Planner.plan(Briefs.closed("tower", "4 1/4", "5 1/2"));
        assertThat(sizes(plan, "middle/face")).containsExactly("4 × ¾ in", "4 × 1¼ in", "4 × ¾ in");
        assertThat(sizes(plan, "left end/face")).containsExactly("¾ × 5¼ in");
        assertThat(sizes(plan, "right end/face")).containsExactly("¾ × 5¼ in");
        assertThat(sizes(plan, "middle/back")).containsExactly("2¼ × 5½ in");
        assertThat(plan.dressing().mats()).hasSize(6).allMatch(m -> m.outline().isRectangle());
        assertThat(plan.messageRoom()).anyMatch(r -> r.face().key().equals("middle/back"));
    }

    @Test
    void aFramesStripsCoverAllThreeSides() {
        Plan plan = Planner.plan(Briefs.closed("inverted-z", "5 1/2", "4 1/4"));
        assertThat(sizes(plan, "frame/face")).containsExactly("5¼ × ½ in", "½ × 2½ in", "5¼ × ½ in");
    }

    /** The middle of a tower is a cross of bars: on request it is dressed as one, and a template goes with it. */
    @Test
    void theMiddleOfATowerIsDressedInOneOnRequest() {
        Plan plan = Planner.plan(Briefs.finished(
                Briefs.closed("tower", "4 1/4", "5 1/2"),
                Map.of(
                        "middle/face",
                        vantbreeze.layer.Finish.parse("1 + shaped", vantbreeze.measure.UnitSystem.INCH),
                        "middle/back",
                        vantbreeze.layer.Finish.mats(0))));
        assertThat(mats(plan, "middle")).singleElement().satisfies(mat -> {
            assertThat(mat.outline().isRectangle()).isFalse();
            assertThat(plan.parts()).anySatisfy(p -> assertThat(p.size()).isEqualTo(mat.size()));
        });
        assertThat(plan.cutList()).anySatisfy(cut -> assertThat(cut.note()).isEqualTo("cut by the template"));
    }
}
