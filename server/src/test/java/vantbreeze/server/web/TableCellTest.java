package vantbreeze.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** Characters that begin a formula: OWASP, CSV injection (from memory). */
class TableCellTest {

    @Test
    void noCellBeginsAFormula() {
        for (String text : new String[] {"=1+1", "+49", "-5", "@a", "\tx", "\rx", "=cmd|' /C calc'!A0"}) {
            assertThat(TableCell.written(text)).isEqualTo("'" + text);
        }
        assertThat(TableCell.written("300 gsm")).isEqualTo("300 gsm");
        assertThat(TableCell.written("it's")).isEqualTo("it's");
    }

    @Test
    void whatIsWrittenIsReadAgain() {
        Random chance = new Random(23);
        for (int i = 0; i < 2000; i++) {
            StringBuilder text = new StringBuilder();
            for (int k = chance.nextInt(5); k > 0; k--) {
                text.append("'=+-@a\t\r ".charAt(chance.nextInt(9)));
            }
            assertThat(TableCell.read(TableCell.written(text.toString()))).isEqualTo(text.toString());
        }
    }
}
