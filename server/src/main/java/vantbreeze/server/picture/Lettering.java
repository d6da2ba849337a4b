package vantbreeze.server.picture;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Graphics2D;
import java.awt.font.GlyphVector;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import vantbreeze.server.type.Typesetter;
import vantbreeze.server.web.Text;

/** Text on one picture, as a printed page would set it. */
final class Lettering {

    /** Each font is read once: reading puts it into a file of the machine's. */
    private static final Map<String, Font> READ = new ConcurrentHashMap<>();

    private final Graphics2D out;
    private final Typesetter<Font> type = new Typesetter<>(
            name -> READ.computeIfAbsent(name, Lettering::font),
            (font, character) -> font.canDisplayUpTo(character) < 0);

    Lettering(Graphics2D out) {
        this.out = out;
    }

    private static Font font(String name) {
        try (InputStream in = Typesetter.file(name)) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (FontFormatException e) {
            throw new IllegalStateException(e);
        }
    }

    /** How it is written: so large, in dots. */
    record Style(float size, boolean bold) {}

    /** The runs one after another, each letter where its font puts it: their order is that in which they are seen. */
    private double set(String text, Style style, double x, double y, boolean isDrawn) {
        double at = x;
        for (Typesetter.Run<Font> run : type.runs(text, style.bold())) {
            GlyphVector letters =
                    run.font().deriveFont(style.size()).createGlyphVector(out.getFontRenderContext(), run.text());
            if (isDrawn) {
                out.drawGlyphVector(letters, (float) at, (float) y);
            }
            at += letters.getLogicalBounds().getWidth();
        }
        return at - x;
    }

    double width(String text, Style style) {
        return set(text, style, 0, 0, false);
    }

    void write(String text, Style style, double x, double y) {
        set(text, style, x, y, true);
    }

    void centred(String text, Style style, double x, double y) {
        write(text, style, x - width(text, style) / 2, y);
    }

    /** As much of it as goes into the width, in dots. */
    String fitting(String text, Style style, double width) {
        return Text.fitting(text, t -> width(t, style), width);
    }
}
