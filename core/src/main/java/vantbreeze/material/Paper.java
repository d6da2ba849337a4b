package vantbreeze.material;

import java.util.Locale;
import java.util.regex.Pattern;
import vantbreeze.measure.Length;

/**
 * A stock with a look.
 *
 * @param name the maker's own, such as "lamp yellow"; empty where it has none
 * @param colour of its ground, "#rrggbb", in small letters
 */
public record Paper(String name, Stock stock, String colour, Print print) implements Stuff {

    /** Lighter is called paper. Common practice, no published source. */
    private static final int LIGHTEST_CARD = 180;

    private static final Pattern COLOUR = Pattern.compile("#[0-9a-fA-F]{6}");

    public static final int LONGEST_NAME = 60;

    /** Without a name. */
    public Paper(Stock stock, String colour, Print print) {
        this("", stock, colour, print);
    }

    public Paper {
        name = name.strip();
        if (name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(
                    "The paper's name (%s) must have at most %d characters.".formatted(name, LONGEST_NAME));
        }
        if (!COLOUR.matcher(colour).matches()) {
            throw new IllegalArgumentException(
                    "The colour (%s) must be # and six hexadecimal digits, such as #f4efe3.".formatted(colour));
        }
        colour = colour.toLowerCase(Locale.ROOT);
    }

    /** The same paper with nothing on it. */
    public Paper plain() {
        return new Paper("", stock, colour, Print.PLAIN);
    }

    /** Its name, or what its colour and weight make of it: "dark blue card". */
    @Override
    public String called() {
        return name.isEmpty()
                ? "%s %s"
                        .formatted(
                                ColourName.of(colour), stock.gramsPerSquareMetre() < LIGHTEST_CARD ? "paper" : "card")
                : name;
    }

    /** Whether it may come off that sheet: a name that only one of them has does not part them. */
    @Override
    public boolean isLike(Stuff other) {
        return other instanceof Paper paper
                && stock.equals(paper.stock)
                && colour.equals(paper.colour)
                && print == paper.print;
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
