package vantbreeze.server.type;

import com.ibm.icu.text.ArabicShaping;
import com.ibm.icu.text.ArabicShapingException;
import com.ibm.icu.text.Bidi;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Finds the fonts for a text. A maker may call a card anything, in any script: what the product's own font lacks is set in
 * one that has it. Fonts are read when they are first asked for a character.
 *
 * @param <F> a font, as what is drawn on knows it
 */
public final class Typesetter<F> {

    private static final String PLAIN = "PlexSans-Regular";
    private static final String BOLD = "PlexSans-Bold";

    /** Most alphabets and signs; Chinese, Japanese and Korean; pictures. */
    private static final List<String> FURTHER = List.of("DejaVuSans", "DroidSansFallback", "NotoEmoji-Regular");

    /** An empty square, in DejaVu: what stands for a character that no font here has. */
    private static final String NOT_THERE = "\u25a1";

    /** They join or choose between pictures and have no look of their own. */
    private static final Set<Integer> UNSEEN = Set.of(0x200d, 0xfe0e, 0xfe0f);

    private final Function<String, F> reader;
    private final BiPredicate<F, String> has;
    private final Map<String, F> loaded = new HashMap<>();
    private final Map<String, Optional<F>> chosen = new HashMap<>();

    /**
     * @param reader reads a font of that name, see {@link #file}
     * @param has whether a font can draw a character
     */
    public Typesetter(Function<String, F> reader, BiPredicate<F, String> has) {
        this.reader = reader;
        this.has = has;
    }

    /** A font as a style sheet names it. */
    public record Family<F>(String name, boolean bold, F font) {}

    /** Our own, and those further ones that have been needed so far, in the order in which they are asked for a character. */
    public List<Family<F>> families() {
        return Stream.concat(
                        Stream.of(new Family<>(PLAIN, false, load(PLAIN)), new Family<>(PLAIN, true, load(BOLD))),
                        FURTHER.stream().filter(loaded::containsKey).map(n -> new Family<>(n, false, load(n))))
                .toList();
    }

    /** The text without what cannot be drawn. */
    public String drawable(String text) {
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
    public record Run<F>(String text, F font) {}

    /** @return the text from left to right as it is drawn; a narrow space, which not every font has, as a usual one */
    public List<Run<F>> runs(String text, boolean bold) {
        List<Run<F>> runs = new ArrayList<>();
        StringBuilder same = new StringBuilder();
        F font = null;
        for (int c : leftToRight(text.replace('\u202f', ' '))
                .codePoints()
                .filter(c -> !UNSEEN.contains(c))
                .toArray()) {
            String drawn = drawn(c, bold);
            F able = font(drawn, bold);
            if (able != font && !same.isEmpty()) {
                runs.add(new Run<>(same.toString(), font));
                same.setLength(0);
            }
            font = able;
            same.append(drawn);
        }
        if (!same.isEmpty()) {
            runs.add(new Run<>(same.toString(), font));
        }
        return runs;
    }

    /** The first that has it, or null. */
    private F font(String character, boolean bold) {
        return chosen.computeIfAbsent(
                        character + bold,
                        c -> Stream.concat(Stream.of(bold ? BOLD : PLAIN), FURTHER.stream())
                                .map(this::load)
                                .filter(f -> has.test(f, character))
                                .findFirst())
                .orElse(null);
    }

    private F load(String name) {
        return loaded.computeIfAbsent(name, reader);
    }

    /** @return the TrueType file of that font; the caller closes it */
    public static InputStream file(String name) {
        return Typesetter.class.getResourceAsStream("/fonts/%s.ttf".formatted(name));
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
