package vantbreeze.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Picks what is wanted out of an answer. */
final class Answers {

    private Answers() {}

    /** @return the first group of the first match; there has to be one */
    static String value(String text, String pattern) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        assertThat(matcher.find()).as(text).isTrue();
        return matcher.group(1);
    }
}
