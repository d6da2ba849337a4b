package vantbreeze.server.paper;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a sheet costs.
 *
 * @param currency as the maker wrote it, or empty
 */
public record SheetPrice(BigDecimal amount, String currency) {

    /** An amount, and a currency in the maker's own words. */
    private static final Pattern TEXT = Pattern.compile("(\\d{1,6}(?:[.,]\\d{1,2})?)\\s*(\\p{L}{0,4}|[€$£¥])");

    /** @throws IllegalArgumentException if it is no amount */
    static SheetPrice parse(String text) {
        Matcher m = TEXT.matcher(text);
        if (!m.matches()) {
            throw new IllegalArgumentException("The price (%s) must be an amount such as 0.80.".formatted(text));
        }
        return new SheetPrice(new BigDecimal(m.group(1).replace(',', '.')), m.group(2));
    }

    public static Optional<SheetPrice> of(SheetJson.ContentJson sheet) {
        return Optional.ofNullable(sheet.price()).map(SheetPrice::parse);
    }

    public SheetPrice times(double share) {
        return new SheetPrice(amount.multiply(BigDecimal.valueOf(share)).setScale(4, RoundingMode.HALF_EVEN), currency);
    }
}
