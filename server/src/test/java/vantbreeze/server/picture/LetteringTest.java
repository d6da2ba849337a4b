package vantbreeze.server.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LetteringTest {

    private static final Lettering.Style STYLE = new Lettering.Style(46, true);

    private static int[] drawn(String text) {
        BufferedImage image = new BufferedImage(600, 80, BufferedImage.TYPE_INT_ARGB);
        Graphics2D out = image.createGraphics();
        new Lettering(out).write(text, STYLE, 10, 60);
        out.dispose();
        return image.getRGB(0, 0, 600, 80, null, 0, 600);
    }

    private static double width(String text) {
        return new Lettering(new BufferedImage(1, 1, BufferedImage.TYPE_INT_ARGB).createGraphics()).width(text, STYLE);
    }

    /** The scripts in which the PDF is tested, and one letter of each that none may stand for: a missing one is the same box for all. */
    @ParameterizedTest
    @ValueSource(strings = {"Ĝg", "ΩΨ", "ЖФ", "彗星", "かな", "한글", "🌠🌟", "שם", "سل", "⅜⅝"})
    void everyScriptOfThePdfIsDrawn(String two) {
        int[] letters = two.codePoints().toArray();
        int[] one = drawn(Character.toString(letters[0]));
        assertThat(one).isNotEqualTo(drawn(Character.toString(letters[1])));
        assertThat(one).isNotEqualTo(drawn("\u25a1"));
        assertThat(Arrays.stream(one).filter(dot -> dot != 0).count()).isGreaterThan(50);
    }

    /** Unicode Standard Annex 9: the first letter of what runs from right to left is drawn last. */
    @Test
    void whatRunsFromRightToLeftIsTurnedRound() {
        assertThat(drawn("שם ")).isEqualTo(drawn("\u202dםש\u202c "));
        assertThat(width("\u0644\u0627")).isLessThan(width("\u0644") + width("\u0627"));
    }

    @Test
    void whatHasNoRoomIsCutShortAndSaysSo() {
        Lettering lettering = new Lettering(new BufferedImage(1, 1, BufferedImage.TYPE_INT_ARGB).createGraphics());
        String fits = lettering.fitting("W".repeat(80), STYLE, 400);
        assertThat(fits).startsWith("WWW").endsWith("…");
        assertThat(lettering.width(fits, STYLE)).isLessThanOrEqualTo(400);
        assertThat(lettering.fitting("short", STYLE, 400)).isEqualTo("short");
    }
}
