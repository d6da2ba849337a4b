package vantbreeze.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Stock as it is written on wrappers. */
class StockTest {

    /**
     * gsm = lb x 1406.5 / square inches of the basic sheet, bond 17x22, cover 20x26, bristol 22 1/2 x 28 1/2, index
     * 25 1/2 x 30 1/2, text 25x38 (TAPPI T 410, from memory). Its constant is rounded: 0.03 % above the exact one.
     */
    @ParameterizedTest
    @CsvSource({"20,bond,374", "80,cover,520", "67,bristol,641.25", "110,index,777.75", "70,text,950"})
    void basisWeightsFollowTheTappiFormula(double pounds, String grade, double squareInches) {
        Stock stock = Stock.parse("%s lb %s".formatted(pounds, grade), Material.PAPER);
        assertThat((double) stock.gramsPerSquareMetre()).isCloseTo(pounds * 1406.5 / squareInches, within(0.6));
    }

    /** 90 lb is 243 gsm as cover and 163 as index (common practice, no published source). */
    @Test
    void aBasisWeightSaysNothingWithoutItsGrade() {
        assertThat(Stock.parse("90 lb cover", Material.PAPER).gramsPerSquareMetre())
                .isEqualTo(243);
        assertThat(Stock.parse("90# index", Material.PAPER).gramsPerSquareMetre())
                .isEqualTo(163);
        assertThatThrownBy(() -> Stock.parse("90 lb", Material.PAPER))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("90 lb")
                .hasMessageContaining("243 gsm as cover")
                .hasMessageContaining("163 gsm as index");
        assertThatThrownBy(() -> Stock.parse("90 lb velvet", Material.PAPER)).hasMessageContaining("without its grade");
    }

    /** A point of caliper is a thousandth of an inch: 14 pt is 0.3556 mm (from memory). */
    @Test
    void aMeasuredThicknessIsTakenAsItIs() {
        assertThat(Stock.parse("14 pt", Material.PAPER).thickness().millimetres())
                .isCloseTo(0.3556, within(0.001));
        assertThat(Stock.parse("300 gsm, 0.4 mm", Material.PAPER).thickness().millimetres())
                .isEqualTo(0.4);
        assertThat(Stock.parse("300 gsm, 0.4 mm", Material.PAPER).gramsPerSquareMetre())
                .isEqualTo(300);
    }

    /** 300 gsm is about 0.37 mm at a bulk of 1.25 cm3/g (from memory; ISO 534 defines the quantity). */
    @Test
    void whatIsNotSaidIsEstimatedFromTheOther() {
        assertThat(Stock.parse("300", Material.PAPER).thickness().millimetres()).isCloseTo(0.37, within(0.006));
        assertThat(Stock.parse("300", Material.PAPER).text()).isEqualTo("300 gsm");
        assertThat(Stock.parse("0.375 mm", Material.PAPER).gramsPerSquareMetre())
                .isEqualTo(300);
    }

    @ParameterizedTest
    @CsvSource({"heavy", "'300 gsm, 110 lb index'", "'0.3 mm, 12 pt'", "30 gsm", "700 gsm", "5 mm", "''"})
    void whatIsNoStockIsRefused(String text) {
        assertThatThrownBy(() -> Stock.parse(text, Material.PAPER)).isInstanceOf(IllegalArgumentException.class);
    }

    /** One paper however it is written; what differs in weight or measured thickness is another. */
    @Test
    void onePaperIsOneStockHoweverItIsWritten() {
        Stock stock = Stock.parse("300 gsm", Material.PAPER);
        assertThat(List.of("300gsm", "300", "300 g/m2", "300 GSM"))
                .allSatisfy(text -> assertThat(Stock.parse(text, Material.PAPER))
                        .isEqualTo(stock)
                        .hasSameHashCodeAs(stock));
        assertThat(Stock.parse("300 gsm, 0.4 mm", Material.PAPER)).isNotEqualTo(stock);
        assertThat(Stock.parse("301 gsm", Material.PAPER)).isNotEqualTo(stock);
        assertThat(new Paper(stock, "#AABBCC", Print.PLAIN))
                .isEqualTo(new Paper(Stock.parse("300gsm", Material.PAPER), "#aabbcc", Print.PLAIN));
    }

    @ParameterizedTest
    @CsvSource({"','", "', ,'", "' '"})
    void whatSaysNothingIsRefusedWithWhatToSay(String text) {
        assertThatThrownBy(() -> Stock.parse(text, Material.PAPER))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("gsm");
    }
}
