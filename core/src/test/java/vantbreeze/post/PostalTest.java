package vantbreeze.post;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;

/**
 * Letter limits. The figures are the posts' own tables, from memory: US letter 3 1/2 x 5 to 6 1/8 x 11 1/2 in, 1/4 in, 3.5 oz,
 * aspect 1.3 to 2.5; UK letter 240 x 165 x 5 mm, 100 g; German standard letter 235 x 125 x 5 mm, 20 g, compact 10 mm, 50 g.
 */
class PostalTest {

    /** The maker may keep the table in any order. */
    private static final List<PostalClass> LARGEST_FIRST = reversed(PostalClass.table());

    private static List<PostalClass> reversed(List<PostalClass> table) {
        List<PostalClass> other = new ArrayList<>(table);
        Collections.reverse(other);
        return other;
    }

    private static PostalVerdict verdict(String service, String size, double thicknessMm, double grams) {
        Size envelope = Size.parse(size, UnitSystem.METRIC);
        Letter letter = new Letter(envelope, Length.millimetres(thicknessMm), grams);
        return PostalVerdict.of(letter, LARGEST_FIRST).stream()
                .filter(v -> v.service().equals(service))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "United Kingdom, 240 x 165 mm, 5, 100, letter, ",
        "United Kingdom, 162 x 114 mm, 5.1, 60, large letter, THICKNESS",
        "United Kingdom, 241 x 165 mm, 2, 60, large letter, LONG_SIDE",
        "Germany, 162 x 114 mm, 2, 20, standard letter, WEIGHT",
        "Germany, 162 x 114 mm, 2, 21, compact letter, SHORT_SIDE",
        "Germany, 162 x 114 mm, 10, 30, compact letter, THICKNESS",
        "Canada, 162 x 114 mm, 4, 50, standard letter, WEIGHT",
        "United States, 184.15 x 133.35 mm, 6.35, 60, letter, THICKNESS"
    })
    void theSmallestClassThatTakesIt(
            String service, String size, double thicknessMm, double grams, String taken, String decides) {
        PostalVerdict verdict = verdict(service, size, thicknessMm, grams);
        assertThat(verdict.taken().map(PostalClass::name)).contains(taken);
        if (decides != null && !verdict.taken().orElseThrow().name().startsWith("large")) {
            assertThat(verdict.decides().name()).isEqualTo(decides);
        }
    }

    @Test
    void whatNoClassTakesNamesTheLimit() {
        PostalVerdict verdict = verdict("Australia", "162 x 114 mm", 5.5, 60);
        assertThat(verdict.taken()).isEmpty();
        assertThat(verdict.decides()).isEqualTo(PostalVerdict.Limit.THICKNESS);
        assertThat(verdict.share()).isCloseTo(1.1, within(1e-9));
    }

    /** A square envelope is machined by hand in the US, so it is dearer; an A7 is 1.38 long over short and is not. */
    @Test
    void aSquareIsDearer() {
        assertThat(verdict("United States", "152.4 x 152.4 mm", 2, 30).dearer()).isTrue();
        assertThat(verdict("United States", "184.15 x 133.35 mm", 2, 30).dearer())
                .isFalse();
        assertThat(verdict("Germany", "120 x 120 mm", 2, 20).dearer()).isFalse();
    }

    @Test
    void anEnvelopeCanBeTooSmall() {
        PostalVerdict verdict = verdict("United States", "100 x 80 mm", 2, 10);
        assertThat(verdict.decides()).isNotEqualTo(PostalVerdict.Limit.WEIGHT);
        assertThat(verdict.taken().map(PostalClass::name)).contains("large envelope");
    }

    /** Two walls of 0.125 mm and two and a half faces of 100 gsm paper, reckoned by hand for a C6. */
    @Test
    void aLetterIsTheCardAndItsEnvelope() {
        Letter letter = Letter.of(Envelope.named("c6"), Length.millimetres(2), 20);
        assertThat(letter.thickness()).isEqualTo(Length.millimetres(2.25));
        assertThat(letter.grams()).isCloseTo(20 + 0.162 * 0.114 * 2.5 * 100, within(1e-6));
    }
}
