package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.Preset;
import vantbreeze.layer.Matting;
import vantbreeze.material.Sheet;
import vantbreeze.material.Tools;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;

/** Usual sizes are no trap: each can be planned as it is. */
class PresetTest {

    static Stream<Preset> presets() {
        return FoldCatalogue.all().stream().flatMap(f -> Preset.of(f).stream());
    }

    @Test
    void everyFoldHasOneInInchesAndOneInMillimetres() {
        assertThat(FoldCatalogue.all())
                .allSatisfy(f -> assertThat(Preset.of(f))
                        .extracting(Preset::units)
                        .contains(UnitSystem.INCH, UnitSystem.METRIC));
    }

    @ParameterizedTest
    @MethodSource("presets")
    void everyPresetClosesToItsSize(Preset preset) {
        Brief brief = Briefs.of(preset.fold(), new Basis.ClosedSize(preset.width(), preset.height()))
                .withAll(preset.parameters())
                .withSheet(Sheet.named("20 x 24 in"));
        Plan plan = Planner.plan(brief);
        assertThat(plan.snags())
                .filteredOn(s -> s.severity() == Severity.STOP || s.code() == Snag.Code.STICKS_OUT)
                .isEmpty();
        if (preset.width() != null) {
            assertThat(plan.closed().size().width()).isEqualTo(preset.width());
        }
        assertThat(plan.closed().size().height()).isEqualTo(preset.height());
    }

    /** A usual size lies on the marks of the tools that makers of its units have. */
    @ParameterizedTest
    @MethodSource("presets")
    void aUsualSizeHasNoSnags(Preset preset) {
        boolean metric = preset.units() == UnitSystem.METRIC;
        ToolGrid grid = metric ? ToolGrid.MILLIMETRE : ToolGrid.SIXTEENTH_INCH;
        Brief usual = Briefs.of(preset.fold(), new Basis.ClosedSize(preset.width(), preset.height()))
                .withAll(preset.parameters())
                .withSheet(Sheet.named("20 x 24 in"));
        Brief brief = new Brief(
                usual.fold(),
                usual.basis(),
                usual.parameters(),
                usual.sheet(),
                usual.base(),
                Tools.of(grid, grid, Length.inches(24)),
                Briefs.matting(
                        1,
                        metric ? Length.millimetres(3L) : Length.inches(1, 8),
                        grid,
                        Matting.Meeting.RUN_ON,
                        Map.of()),
                usual.ornaments(),
                usual.closure(),
                null,
                preset.units());
        assertThat(Planner.withoutFixes(brief).snags())
                .filteredOn(s -> s.severity() != Severity.NOTE)
                .extracting(Snag::text)
                .isEmpty();
    }
}
