package vantbreeze.measure;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads every spelling of inches and metric that makers write. */
final class LengthParser {

    /** Longer texts are not measures; the bound keeps hostile input cheap. */
    private static final int LONGEST_TEXT = 40;

    private static final Map<String, Fraction> COUNTS_BY_UNIT = Map.ofEntries(
            unit("in", Length.COUNTS_PER_INCH),
            unit("in.", Length.COUNTS_PER_INCH),
            unit("ins", Length.COUNTS_PER_INCH),
            unit("inch", Length.COUNTS_PER_INCH),
            unit("inches", Length.COUNTS_PER_INCH),
            unit("\"", Length.COUNTS_PER_INCH),
            unit("''", Length.COUNTS_PER_INCH),
            unit("mm", Length.COUNTS_PER_MILLIMETRE),
            unit("mm.", Length.COUNTS_PER_MILLIMETRE),
            unit("millimetre", Length.COUNTS_PER_MILLIMETRE),
            unit("millimetres", Length.COUNTS_PER_MILLIMETRE),
            unit("millimeter", Length.COUNTS_PER_MILLIMETRE),
            unit("millimeters", Length.COUNTS_PER_MILLIMETRE),
            unit("cm", 10 * Length.COUNTS_PER_MILLIMETRE),
            unit("cm.", 10 * Length.COUNTS_PER_MILLIMETRE),
            unit("centimetre", 10 * Length.COUNTS_PER_MILLIMETRE),
            unit("centimetres", 10 * Length.COUNTS_PER_MILLIMETRE),
            unit("centimeter", 10 * Length.COUNTS_PER_MILLIMETRE),
            unit("centimeters", 10 * Length.COUNTS_PER_MILLIMETRE));

    private static final Pattern NUMBER = Pattern.compile("""
            (?<sign>[-+])?\\s*
            (?:(?<top>\\d+)\\s*/\\s*(?<bottom>\\d+)
              |(?<whole>\\d+)(?:(?:\\s*(?:-|&|\\+|and)\\s*|\\s+)(?<num>\\d+)\\s*/\\s*(?<den>\\d+))?
              |(?<before>\\d*)[.,](?<after>\\d+)
              |(?<only>\\d+)[.,]
            )\\s*(?<unit>[a-z.'"]*)""", Pattern.COMMENTS);

    private LengthParser() {}

    private static Map.Entry<String, Fraction> unit(String name, long counts) {
        return Map.entry(name, Fraction.of(counts, 1));
    }

    static Length parse(String text, UnitSystem bareUnit) {
        if (text == null || text.isBlank()) {
            throw new LengthFormatException(text == null ? "" : text, "nothing is written");
        }
        if (text.length() > LONGEST_TEXT) {
            throw new LengthFormatException(text.substring(0, LONGEST_TEXT) + "…", "it is too long");
        }
        Matcher m = NUMBER.matcher(plain(text));
        if (!m.matches()) {
            throw new LengthFormatException(text, "the number or its unit is not known");
        }
        String unit = m.group("unit");
        Fraction countsPerUnit = unit.isEmpty() ? Fraction.of(bareUnit.countsPerUnit(), 1) : COUNTS_BY_UNIT.get(unit);
        if (countsPerUnit == null) {
            throw new LengthFormatException(text, "the unit (%s) is not known".formatted(unit));
        }
        try {
            Fraction number = number(m);
            return ("-".equals(m.group("sign")) ? number.negated() : number)
                    .times(countsPerUnit.numerator().longValue());
        } catch (IllegalArgumentException e) {
            throw new LengthFormatException(text, e.getMessage());
        }
    }

    static Optional<UnitSystem> written(String text) {
        Matcher m = NUMBER.matcher(plain(text));
        return m.matches() && COUNTS_BY_UNIT.containsKey(m.group("unit"))
                ? Optional.of(m.group("unit").contains("m") ? UnitSystem.METRIC : UnitSystem.INCH)
                : Optional.empty();
    }

    private static Fraction number(Matcher m) {
        if (m.group("top") != null) {
            return fraction(m.group("top"), m.group("bottom"));
        }
        if (m.group("only") != null) {
            return whole(m.group("only"));
        }
        if (m.group("after") != null) {
            Fraction whole = whole(m.group("before").isEmpty() ? "0" : m.group("before"));
            return whole.plus(
                    fraction(m.group("after"), "1" + "0".repeat(m.group("after").length())));
        }
        Fraction whole = whole(m.group("whole"));
        return m.group("num") == null ? whole : whole.plus(fraction(m.group("num"), m.group("den")));
    }

    private static Fraction whole(String digits) {
        return fraction(digits, "1");
    }

    private static Fraction fraction(String numerator, String denominator) {
        return new Fraction(new java.math.BigInteger(numerator), new java.math.BigInteger(denominator));
    }

    /** One spelling for all quotes, spaces, dashes and ready-made fractions: NFKC turns ¾ into 3⁄4. */
    private static String plain(String text) {
        String spaced = text.replaceAll("(?<=[0-9])(?=[¼½¾⅐-⅞⅒])", " ");
        return Normalizer.normalize(spaced.replaceAll("[″”“]|′′|’’", "\""), Normalizer.Form.NFKC)
                .toLowerCase(Locale.ROOT)
                .replace('\u2044', '/')
                .replaceAll("[‐-―−]", "-")
                .replaceAll("[\\s\\u200a\\u2009\\u202f]+", " ")
                .strip();
    }
}
