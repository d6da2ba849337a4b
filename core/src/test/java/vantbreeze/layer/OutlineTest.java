package vantbreeze.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;

class OutlineTest {

    private static Outline parsed(String text) {
        return Outline.parse(text, UnitSystem.INCH);
    }

    /** A square on its corner is as wide and as high as its diagonal, the square root of 2 times its side. */
    @Test
    void aTurnedSquareIsAsWideAsItsDiagonal() {
        Outline turned = parsed("turned square 1 3/4 in");
        assertThat(turned.size().width().inches()).isCloseTo(1.75 * Math.sqrt(2), within(0.001));
        assertThat(turned.size().height()).isEqualTo(turned.size().width());
        assertThat(turned.polygon().getArea() / Math.pow(Length.COUNTS_PER_INCH, 2))
                .isCloseTo(1.75 * 1.75, within(0.001));
    }

    @Test
    void anOutlineOfTheLibraryFillsItsSize() {
        Outline house = parsed("bird house 2 x 3 in");
        assertThat(house.size()).isEqualTo(new Size(Length.inches(2), Length.inches(3)));
        assertThat(house.polygon().isRectangle()).isFalse();
    }

    /** What lay left lies right, it is as large, and twice mirrored it is what it was. */
    @Test
    void aMirroredOutlineIsTurnedOverFromLeftToRight() {
        Outline plain = parsed("outline 2 in: 0,0 4,0 0,3");
        Outline mirrored = parsed("mirrored outline 2 in: 0,0 4,0 0,3");
        assertThat(mirrored.size()).isEqualTo(plain.size());
        assertThat(plain.polygon().getCentroid().getX()
                        + mirrored.polygon().getCentroid().getX())
                .isCloseTo(plain.size().width().count(), within(1.0));
        assertThat(parsed("mirrored mirrored outline 2 in: 0,0 4,0 0,3")
                        .polygon()
                        .equalsTopo(plain.polygon()))
                .isTrue();
        assertThat(mirrored.sized(l -> l.times(2), UnitSystem.INCH).text())
                .isEqualTo("mirrored outline 4 in: 0,0 4,0 0,3");
    }

    @Test
    void whatIsNoOutlineIsRefused() {
        assertThatThrownBy(() -> parsed("turned square")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> parsed("heart 2")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> parsed("turned square 20 in")).isInstanceOf(IllegalArgumentException.class);
    }
}
