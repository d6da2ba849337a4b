package vantbreeze.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.Fold;

class PanelListTest {

    @ParameterizedTest
    @ValueSource(
            strings = {"2 3/4 M 2 3/4 V 5 1/2", "2¾m2¾v5½ in", "2 3/4 in M 69.85 mm V 5 1/2\"", "2.75M 2.75 V 5.5in"})
    void panelsAreReadAsTyped(String text) {
        PanelList panels = PanelList.parse(text, UnitSystem.INCH);
        assertThat(panels.widths()).containsExactly(Length.inches(11, 4), Length.inches(11, 4), Length.inches(11, 2));
        assertThat(panels.folds()).containsExactly(Fold.MOUNTAIN, Fold.VALLEY);
        assertThat(panels.total()).isEqualTo(Length.inches(11));
    }

    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void exactTextReadsBack(UnitSystem unit) {
        PanelList panels = PanelList.parse("70 M 70.3 V 140 mm", UnitSystem.METRIC);
        assertThat(PanelList.parse(panels.exactText(unit), UnitSystem.INCH)).isEqualTo(panels);
    }

    @Test
    void whatIsNoListIsRefusedWithTheReason() {
        assertThatThrownBy(() -> PanelList.parse("5 in", UnitSystem.INCH))
                .hasMessageContaining("2 to 24 panels, not 1");
        assertThatThrownBy(() -> PanelList.parse("5 M M 3 in", UnitSystem.INCH))
                .hasMessageContaining("is not a length");
        assertThatThrownBy(() -> PanelList.parse("5 X 3 in", UnitSystem.INCH)).hasMessageContaining("(5 X 3 in)");
        assertThatThrownBy(() -> PanelList.parse("5 M 0 in", UnitSystem.INCH)).hasMessageContaining("Panel 2 (0 mm)");
        assertThatThrownBy(() -> PanelList.parse("1" + " M 1".repeat(24) + " in", UnitSystem.INCH))
                .hasMessageContaining("not 25");
    }
}
