package vantbreeze.material;

import java.util.Locale;
import java.util.regex.Pattern;
import vantbreeze.measure.Length;

/**
 * A stock with a look.
 *
 * @param colour of its ground, "#rrggbb", in small letters
 */
public record Paper(Stock stock, String colour, Print print) implements Stuff {

    private static final Pattern COLOUR = Pattern.compile("#[0-9a-fA-F]{6}");

    public Paper {
        if (!COLOUR.matcher(colour).matches()) {
            throw new IllegalArgumentException(
                    "The colour (%s) must be # and six hexadecimal digits, such as #f4efe3.".formatted(colour));
        }
        colour = colour.toLowerCase(Locale.ROOT);
    }

    /** The same paper with nothing on it. */
    public Paper plain() {
        return new Paper(stock, colour, Print.PLAIN);
    }

    @Override
    public Length thickness() {
        return stock.thickness();
    }

    @Override
    public double grams(double squareMillimetres) {
        return stock.grams(squareMillimetres);
    }

    @Override
    public boolean hasUp() {
        return print.hasUp();
    }
}
