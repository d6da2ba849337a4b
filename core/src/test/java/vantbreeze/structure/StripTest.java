package vantbreeze.structure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import vantbreeze.measure.Length;

/** The short way for strips finds what the general arrangement finds. */
class StripTest {

    @Property(tries = 100)
    void aStripIsArrangedLikeAnyOtherPiece(
            @ForAll @Size(min = 1, max = 9) List<@IntRange(min = 2, max = 90) Integer> widthsMm,
            @ForAll boolean downwards) {
        PieceBuilder builder = Piece.rectangle(
                "strip",
                Length.millimetres(widthsMm.stream().mapToInt(Integer::intValue).sum()),
                Length.millimetres(50));
        int x = 0;
        for (int i = 0; i + 1 < widthsMm.size(); i++) {
            x += widthsMm.get(i);
            Point low = Point.ofMillimetres(x, 0);
            Point high = Point.ofMillimetres(x, 50);
            builder.mountain("score " + i, downwards ? high : low, downwards ? low : high);
        }
        Piece piece = builder.build();
        assertThat(Strip.of(piece)).isPresent();
        Arrangement quick = Arrangement.of(piece);
        Arrangement general = Arrangement.general(piece);
        assertThat(quick.panels()).hasSameSizeAs(general.panels());
        for (int i = 0; i < quick.panels().size(); i++) {
            assertThat(quick.panels().get(i).name())
                    .isEqualTo(general.panels().get(i).name());
            assertThat(quick.panels()
                            .get(i)
                            .outline()
                            .equalsTopo(general.panels().get(i).outline()))
                    .isTrue();
        }
        assertThat(quick.hinges()).hasSameSizeAs(general.hinges());
        for (int i = 0; i < quick.hinges().size(); i++) {
            Hinge one = quick.hinges().get(i);
            Hinge other = general.hinges().get(i);
            assertThat(one.first().name()).isEqualTo(other.first().name());
            assertThat(one.second().name()).isEqualTo(other.second().name());
            assertThat(one.line()).isEqualTo(other.line());
        }
        assertThat(quick.vertices()).isEmpty();
        assertThat(general.vertices()).isEmpty();
    }

    @Test
    void whatIsNoStripIsLeftToTheGeneralWay() {
        PieceBuilder slit = Piece.rectangle("sheet", Length.millimetres(100), Length.millimetres(50))
                .slit("slit 1", Point.ofMillimetres(10, 25), Point.ofMillimetres(90, 25));
        assertThat(Strip.of(slit.build())).isEmpty();
        PieceBuilder twice = Piece.rectangle("sheet", Length.millimetres(100), Length.millimetres(50))
                .mountain("a", Point.ofMillimetres(10, 0), Point.ofMillimetres(10, 50))
                .valley("b", Point.ofMillimetres(10, 0), Point.ofMillimetres(10, 50));
        assertThat(Strip.of(twice.build())).isEmpty();
    }
}
