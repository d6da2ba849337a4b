package vantbreeze.server.web;

import java.util.function.ToDoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Text as it is read: an emoji or a letter with its accents is one character, however it is stored. */
public final class Text {

    /** An extended grapheme cluster (Unicode Standard Annex 29). */
    private static final Pattern CHARACTER = Pattern.compile("\\X");

    private Text() {}

    /** @return the beginning of the text, at most that many units of UTF-16, never half a character */
    public static String upTo(int most, String text) {
        if (text.length() <= most) {
            return text;
        }
        int end = 0;
        Matcher character = CHARACTER.matcher(text);
        while (character.find() && character.end() <= most) {
            end = character.end();
        }
        return text.substring(0, end);
    }

    private static final String DOTS = " …";

    /** @return as much of the beginning of a text as goes into a width */
    public static String beginning(String text, ToDoubleFunction<String> width, double most) {
        String beginning = text;
        while (!beginning.isEmpty() && width.applyAsDouble(beginning) > most) {
            beginning = upTo(beginning.length() - 1, beginning);
        }
        return beginning;
    }

    /** @return the text, or as much of its beginning as goes into a width with dots after it */
    public static String fitting(String text, ToDoubleFunction<String> width, double most) {
        return width.applyAsDouble(text) <= most
                ? text
                : beginning(text, width, most - width.applyAsDouble(DOTS)).strip() + DOTS;
    }
}
