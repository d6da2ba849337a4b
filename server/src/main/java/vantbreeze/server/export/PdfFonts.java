package vantbreeze.server.export;

import com.ibm.icu.text.ArabicShaping;
import com.ibm.icu.text.ArabicShapingException;
import com.ibm.icu.text.Bidi;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/**
 * The fonts of one document. A maker may call a card anything, in any script: what the product's own font lacks is set in
 * one that has it. Those are only read, and only what is used of them is put into the document, where they are needed.
 */
final class PdfFonts {

    private static final String PLAIN = "PlexSans-Regular";
    private static final String BOLD = "PlexSans-Bold";

    /** Most alphabets and signs; Chinese, Japanese and Korean; pictures. */
    private static final List<String> FURTHER = List.of("DejaVuSans", "DroidSansFallback", "NotoEmoji-Regular");

    /** An empty square, in DejaVu: what stands for a character that no font here has. */
    private static final String NOT_THERE = "\u25a1";

    /** They join or choose between pictures and have no look of their own. */
    private static final Set<Integer> UNSEEN = Set.of(0x200d, 0xfe0e, 0xfe0f);

    private final PDDocument document;
    private final Map<String, PDFont> loaded = new HashMap<>();
    private final Map<String, Optional<PDFont>> chosen = new HashMap<>();

    PdfFonts(PDDocument document) {
        this.document = document;
    }

    /** A font as a style sheet names it. */
    record Family(String name, boolean bold, PDFont font) {}

    /** Our own, and those further ones that have been needed so far, in the order in which they are asked for a character. */
    List<Family> families() {
        return Stream.concat(
                        Stream.of(new Family(PLAIN, false, load(PLAIN)), new Family(PLAIN, true, load(BOLD))),
                        FURTHER.stream().filter(loaded::containsKey).map(name -> new Family(name, false, load(name))))
                .toList();
    }

    /** The text without what cannot be drawn. */
    String drawable(String text) {
        return text.codePoints()
                .filter(c -> !UNSEEN.contains(c))
                .mapToObj(c -> drawn(c, false))
                .collect(Collectors.joining());
    }

    /** What stands for a character. */
    private String drawn(int character, boolean bold) {
        String drawn = Character.isISOControl(character) ? " " : Character.toString(character);
        return font(drawn, bold) == null ? NOT_THERE : drawn;
    }

    /** A stretch of text that one font can draw. */
    record Stretch(String text, PDFont font) {}

    /** @return the text from left to right as it is drawn */
    List<Stretch> stretches(String text, boolean bold) {
        List<Stretch> stretches = new ArrayList<>();
        StringBuilder same = new StringBuilder();
        PDFont font = null;
        for (int c :
                leftToRight(text).codePoints().filter(c -> !UNSEEN.contains(c)).toArray()) {
            String drawn = drawn(c, bold);
            PDFont able = font(drawn, bold);
            if (able != font && !same.isEmpty()) {
                stretches.add(new Stretch(same.toString(), font));
                same.setLength(0);
            }
            font = able;
            same.append(drawn);
        }
        if (!same.isEmpty()) {
            stretches.add(new Stretch(same.toString(), font));
        }
        return stretches;
    }

    /** The first that has it, or null. */
    private PDFont font(String character, boolean bold) {
        return chosen.computeIfAbsent(character + bold, c -> Optional.ofNullable(find(character, bold)))
                .orElse(null);
    }

    private PDFont find(String character, boolean bold) {
        return Stream.concat(Stream.of(bold ? BOLD : PLAIN), FURTHER.stream())
                .map(this::load)
                .filter(f -> has(f, character))
                .findFirst()
                .orElse(null);
    }

    private static boolean has(PDFont font, String character) {
        try {
            font.encode(character);
            return true;
        } catch (IllegalArgumentException | IOException notInTheFont) {
            return false;
        }
    }

    private PDFont load(String name) {
        return loaded.computeIfAbsent(name, n -> {
            try (InputStream in = PdfFonts.class.getResourceAsStream("/fonts/%s.ttf".formatted(n))) {
                return PDType0Font.load(document, in);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }

    /** Letters of scripts that run the other way are joined and turned round (Unicode Standard Annex 9). */
    private static String leftToRight(String text) {
        if (!Bidi.requiresBidi(text.toCharArray(), 0, text.length())) {
            return text;
        }
        try {
            String joined = new ArabicShaping(ArabicShaping.LETTERS_SHAPE).shape(text);
            return new Bidi(joined, Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT)
                    .writeReordered(Bidi.DO_MIRRORING | Bidi.KEEP_BASE_COMBINING);
        } catch (ArabicShapingException e) {
            return text;
        }
    }
}
