package vantbreeze.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;

/** How a face is dressed, and what closes a card, as makers write it. */
class FinishTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "0",
                "3",
                "ground",
                "ground + 2",
                "note",
                "1 + strip 3/4 in low",
                "2 + note + turned",
                "0 + turned",
                "2 + column + borders 0 in, 1/16 in"
            })
    void whatIsWrittenIsReadAgain(String text) {
        Finish finish = Finish.parse(text, UnitSystem.INCH);
        assertThat(finish.text(UnitSystem.INCH)).isEqualTo(text);
        assertThat(Finish.parse(finish.text(UnitSystem.METRIC), UnitSystem.METRIC))
                .isEqualTo(finish);
    }

    @Test
    void papersAreCountedFromThePanelUp() {
        assertThat(Finish.parse("ground + 2 + strip 1 in", UnitSystem.INCH).papers())
                .isEqualTo(4);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "4",
                "lace",
                "strip",
                "strip 0 in",
                "strip 13 in",
                "",
                "1 + borders",
                "1 + borders 2 in",
                "1 + borders 0 in, 0 in, 0 in, 0 in"
            })
    void whatIsNoFinishIsRefused(String text) {
        assertThatThrownBy(() -> Finish.parse(text, UnitSystem.INCH)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aClosureMayHaveItsWidth() {
        assertThat(Closure.parse("belt 1 1/2 in", UnitSystem.INCH).width()).contains(Length.inches(3, 2));
        assertThat(Closure.parse("ribbon", UnitSystem.INCH).text(UnitSystem.INCH))
                .isEqualTo("ribbon");
        assertThatThrownBy(() -> Closure.parse("belt 1/8 in", UnitSystem.INCH)).hasMessageContaining("belt 1/8 in");
        assertThatThrownBy(() -> Closure.parse("magnet", UnitSystem.INCH)).hasMessageContaining("magnet");
    }

    @Test
    void anOutlineIsScaledToItsWidth() {
        Outline kite = Outline.parse("outline 2 in: 0,0 4,0 2,3", UnitSystem.INCH);
        assertThat(kite.size().width()).isEqualTo(Length.inches(2));
        assertThat(kite.size().height()).isEqualTo(Length.inches(3, 2));
        assertThat(Outline.parse("circle 1 1/2 in", UnitSystem.INCH).size().height())
                .isEqualTo(Length.inches(3, 2));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "circle 0 in",
                "13 x 2 in",
                "outline 2 in: 0,0 4,0",
                "outline 2 in: 0,0 4,4 4,0 0,4",
                "outline 2 in: 0,0 0,1 0,2",
                "outline 2 in: 0,0 4,0 a,b",
                "star"
            })
    void whatIsNoOutlineIsRefused(String text) {
        assertThatThrownBy(() -> Outline.parse(text, UnitSystem.INCH)).isInstanceOf(IllegalArgumentException.class);
    }
}
