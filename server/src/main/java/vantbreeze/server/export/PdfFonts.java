package vantbreeze.server.export;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import vantbreeze.server.type.Typesetter;

/** The fonts of one document: only what is used of them is put into it, where it is needed. */
final class PdfFonts {

    private PdfFonts() {}

    static Typesetter<PDFont> of(PDDocument document) {
        return new Typesetter<>(
                name -> {
                    try (InputStream in = Typesetter.file(name)) {
                        TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(in));
                        /* A letter for a letter: a joined "fi" is printed, but cannot be searched, copied or read out. */
                        font.setEnableGsub(false);
                        return PDType0Font.load(document, font, true);
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                },
                PdfFonts::has);
    }

    private static boolean has(PDFont font, String character) {
        try {
            font.encode(character);
            return true;
        } catch (IllegalArgumentException | IOException notInTheFont) {
            return false;
        }
    }
}
