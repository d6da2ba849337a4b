package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.Preset;
import vantbreeze.material.Sheet;
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
}
