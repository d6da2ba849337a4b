package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static vantbreeze.plan.Briefs.in;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.layer.Matting;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.structure.Mirror;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Side;

/** What is alike is dressed alike, and what runs on over a meeting line is one paper: common practice, no published source. */
class AlikeTest {

    private static List<Mat> on(Plan plan, Panel panel, Side side) {
        return plan.dressing().mats().stream()
                .filter(m -> m.face().panel().equals(panel) && m.face().side() == side)
                .toList();
    }

    private static boolean isBehindOnly(Plan plan, Panel panel, Side side) {
        return plan.faces().stream()
                .filter(f -> f.panel().equals(panel) && f.side() == side)
                .anyMatch(f -> f.seen().equals(Set.of(Face.Seen.BEHIND)));
    }

    private static void assertMirrored(Plan plan) {
        for (Map<Panel, Panel> mirror : Mirror.of(plan.structure())) {
            mirror.forEach((panel, image) -> {
                for (Side side : Side.values()) {
                    if (!isBehindOnly(plan, panel, side) && !isBehindOnly(plan, image, side)) {
                        assertThat(on(plan, panel, side).stream().map(Mat::size))
                                .as("%s %s is dressed as %s", panel.name(), side, image.name())
                                .containsExactlyInAnyOrderElementsOf(on(plan, image, side).stream()
                                        .map(Mat::size)
                                        .toList());
                    }
                }
            });
        }
    }

    private static Stream<FoldDesign> folds() {
        return FoldCatalogue.all().stream().filter(f -> !f.id().equals("free-strip"));
    }

    @ParameterizedTest
    @MethodSource("folds")
    void aCardThatEqualsItsMirrorImageIsDressedSo(FoldDesign fold) {
        for (String[] size : new String[][] {{"5", "7"}, {"7", "5"}, {"4 1/4", "5 1/2"}, {"5", "5"}}) {
            if (Briefs.allows(fold.id(), String.join(" x ", size))) {
                assertMirrored(Planner.withoutFixes(Briefs.closed(fold.id(), size[0], size[1])));
            }
        }
    }

    @Property(tries = 60)
    void aStageOfAnyMeasureIsDressedAlikeOnBothSides(
            @ForAll @IntRange(min = 8, max = 40) int wing,
            @ForAll @IntRange(min = 8, max = 40) int depth,
            @ForAll @IntRange(min = 0, max = 2) int inner) {
        assertMirrored(Planner.withoutFixes(Briefs.closed("stage", "7", "5")
                .with("wing", Length.inches(wing, 16))
                .with("depth", Length.inches(depth, 16))
                .with("inner", inner)));
    }

    @ParameterizedTest
    @CsvSource({"stage,left link,right link", "bridge,left link,right link", "double-gate,left gate,right gate"})
    void mirroredPanelsAreFound(String fold, String panel, String image) {
        Plan plan = Planner.withoutFixes(Briefs.closed(fold, "7", "5"));
        assertThat(Mirror.of(plan.structure()))
                .anyMatch(m -> m.get(plan.structure().panel(panel))
                        .equals(plan.structure().panel(image)));
    }

    /** Both seen sides of the panels that stand between base and book, three for each strut. */
    @Test
    void aFloatingBooksStrutsAreDressedBeforeAssembly() {
        Plan plan = Planner.plan(Briefs.closed("floating-book", "7", "5"));
        List<Mat> mats = plan.dressing().mats().stream()
                .filter(m -> m.face().panel().name().contains("strut"))
                .toList();
        assertThat(mats).hasSize(6).allMatch(m -> m.face().beforeAssembly());
        assertThat(mats).extracting(Mat::size).containsOnly(Briefs.in("1 1/4", "1 3/4"));
    }

    /** Open the cover, and the back of what is tucked is seen before anything else. */
    @Test
    void theBackOfATuckedPanelIsSeenAsTheCardOpens() {
        Plan plan = Planner.plan(Briefs.closed("tri-fold", "3 1/2", "5"));
        assertThat(on(plan, plan.structure().panel("tucked"), Side.BACK)).hasSize(1);
        assertThat(on(plan, plan.structure().panel("back"), Side.BACK)).isEmpty();
    }

    /** By hand: 105 less twice 3 is 99, split in the middle. */
    @Test
    void aMatOverTwoGatesIsCutAtTheSizeOfTheWhole() {
        Length step = Length.millimetres(3L);
        Plan plan = Planner.plan(Briefs.matted(
                Briefs.of("gatefold", new Basis.ClosedSize(Length.millimetres(105L), Length.millimetres(148L))),
                Briefs.matting(1, step, ToolGrid.MILLIMETRE, Matting.Meeting.RUN_ON, Map.of())));
        assertThat(plan.dressing().cuts())
                .filteredOn(c -> c.isSplit())
                .singleElement()
                .satisfies(c -> {
                    assertThat(c.size()).isEqualTo(new Size(Length.millimetres(99L), Length.millimetres(142L)));
                    assertThat(c.mats())
                            .extracting(m -> m.size().width().millimetres())
                            .containsExactly(49.5, 49.5);
                });
    }

    /** Where the whole is no multiple of the grid, what rounding took is shared between the two outer edges alone. */
    @Property(tries = 60)
    void nothingIsLostOnTheMeetingLine(
            @ForAll @IntRange(min = 160, max = 500) int widthTenths,
            @ForAll @IntRange(min = 0, max = 60) int stepTenths) {
        Length width = Length.millimetres(widthTenths / 2.0);
        Length step = Length.millimetres(stepTenths / 10.0);
        Plan plan = Planner.withoutFixes(Briefs.matted(
                Briefs.of("gatefold", new Basis.ClosedSize(width, in("5"))),
                Briefs.matting(2, step, ToolGrid.MILLIMETRE, Matting.Meeting.RUN_ON, Map.of())));
        plan.dressing().cuts().stream().filter(c -> c.isSplit()).forEach(c -> {
            assertThat(ToolGrid.MILLIMETRE.isOn(c.size().width())).isTrue();
            Mat left = c.mats().get(0);
            Mat right = c.mats().get(1);
            assertThat(left.right().equals(Length.ZERO) || left.left().equals(Length.ZERO))
                    .isTrue();
            assertThat(left.size().width().plus(right.size().width()))
                    .isEqualTo(c.size().width());
            assertThat(left.left().plus(left.right()))
                    .matches(b -> b.isWithin(Length.ofCounts(2), right.left().plus(right.right())));
        });
    }
}
