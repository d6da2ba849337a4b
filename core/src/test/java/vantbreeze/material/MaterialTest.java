package vantbreeze.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vantbreeze.material.Material.Trait;
import vantbreeze.measure.Length;

class MaterialTest {

    private static Paper of(Material material, String stock, String colour) {
        return new Paper("", material, Stock.parse(stock, material), colour, Print.PLAIN);
    }

    /** Cellulose acetate: 1.3 g/cm3 (from memory). A sheet of 0.1 mm and a square metre is 100 cm3. */
    @Test
    void filmWeighsMoreThanPaperOfItsThickness() {
        assertThat(Stock.parse("0.1 mm", Material.FILM).gramsPerSquareMetre()).isEqualTo(130);
        assertThat(Stock.parse("0.1 mm", Material.PAPER).gramsPerSquareMetre()).isEqualTo(80);
        assertThat(Paper.USUAL_FILM.grams(1e6)).isCloseTo(130, within(1e-9));
    }

    /** Patterned paper is white behind, card of one colour through, a coat on the good side alone. Common practice, no source. */
    @Test
    void theBackOfAPaperIsItsOwn() {
        Paper card = of(Material.PAPER, "300 gsm", "#3a5f8a");
        assertThat(card.behind().colour()).isEqualTo("#3a5f8a");
        Paper pattern = card.with(Print.SCATTERED);
        assertThat(pattern.canBeWrittenOn()).isFalse();
        assertThat(pattern.behind().colour()).isEqualTo("#ffffff");
        assertThat(pattern.behind().canBeWrittenOn()).isTrue();
        Paper glitter = of(Material.GLITTER, "250 gsm", "#c0a040");
        assertThat(glitter.canBeWrittenOn()).isFalse();
        assertThat(glitter.behind().canBeWrittenOn()).isTrue();
        Paper both = new Paper(
                "two sides",
                Material.PAPER,
                pattern.stock(),
                pattern.colour(),
                Print.SCATTERED,
                Optional.of(new Paper.Back("#E8C547", Print.UPRIGHT)));
        assertThat(both.behind().canBeWrittenOn()).isFalse();
        assertThat(both.behind().colour()).isEqualTo("#e8c547");
        assertThat(both.behind().behind()).isEqualTo(both);
        assertThat(both.isLike(pattern)).isFalse();
    }

    /** What the one estimates from the other gives it back, whatever the material. */
    @ParameterizedTest
    @EnumSource
    void weightAndThicknessAreEstimatedByOneBulk(Material material) {
        assumeThat(material.isSheet())
                .as("nobody weighs a square metre of buttons")
                .isTrue();
        for (int grams = Stock.LIGHTEST + 10; grams <= Stock.HEAVIEST - 10; grams += 7) {
            Length thickness = material.thickness(grams);
            assertThat(material.grams(thickness)).as("%d gsm", grams).isCloseTo(grams, within(1));
        }
    }

    @Test
    void aPaperWithoutANameIsCalledByItsMaterial() {
        assertThat(of(Material.PAPER, "300 gsm", "#ffffff").called()).isEqualTo("white card");
        assertThat(of(Material.VELLUM, "112 gsm", "#ffffff").called()).isEqualTo("white vellum");
        assertThat(of(Material.GLITTER, "250 gsm", "#1d2b6b").called()).isEqualTo("dark blue glitter card");
        assertThat(Paper.USUAL_FILM.called()).isEqualTo("clear film");
        assertThat(of(Material.FILM, "0.1 mm", "#ffff00").called()).isEqualTo("yellow film");
    }

    /** Of one weight and colour, but not off one sheet. */
    @Test
    void anotherMaterialIsAnotherPaper() {
        Paper paper = of(Material.PAPER, "112 gsm, 0.1 mm", "#ffffff");
        Paper vellum = of(Material.VELLUM, "112 gsm, 0.1 mm", "#ffffff");
        assertThat(paper.stock()).isEqualTo(vellum.stock());
        assertThat(paper.isLike(vellum)).isFalse();
        assertThat(paper.canBeWrittenOn()).isTrue();
        assertThat(vellum.canBeWrittenOn()).isFalse();
    }

    /** Film is sold thinner and lighter than any paper; common practice, no published source. */
    @Test
    void everyMaterialHasItsRange() {
        assertThat(of(Material.FILM, "0.03 mm", "#ffffff").stock().gramsPerSquareMetre())
                .isLessThan(Stock.LIGHTEST);
        assertThatThrownBy(() -> of(Material.FILM, "1.2 mm", "#ffffff")).hasMessageContaining("0.03 to 1.00 mm");
        assertThatThrownBy(() -> of(Material.VELLUM, "30 gsm", "#ffffff")).hasMessageContaining("40 to 600 gsm");
        assertThatThrownBy(() -> new Paper("", Material.FOIL, new Stock(700), "#ffffff", Print.PLAIN))
                .hasMessageContaining("foil card (700 gsm)");
    }

    @Test
    void nothingThatFoldsIsCutFromFilm() {
        assertThatThrownBy(() -> PiecePapers.of(Paper.USUAL_FILM)).hasMessageContaining("clear film");
        Paper card = of(Material.PAPER, "300 gsm", "#ffffff");
        assertThatThrownBy(() -> PiecePapers.of(card).with("bar", Paper.USUAL_FILM))
                .hasMessageContaining("clear film");
        assertThat(PiecePapers.of(card).of("window", true)).isEqualTo(Paper.USUAL_FILM);
    }

    /** What everybody at the table knows: common practice, no published source. */
    @Test
    void materialsBringWhatFollows() {
        assertThat(Material.VELLUM.is(Trait.TRANSLUCENT)).isTrue();
        assertThat(Material.VELLUM.is(Trait.CLEAR)).isFalse();
        assertThat(Material.FOIL.is(Trait.SLICK)).isTrue();
        assertThat(Material.GLITTER.is(Trait.ROUGH)).isTrue();
        assertThat(Material.PAPER.advice()).isEmpty();
    }
}
