package vantbreeze.material;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;

/**
 * What a part is cut from, or a trimming is made of: a stock of a material, with a look.
 *
 * @param name the maker's own, such as "lamp yellow"; empty where it has none
 * @param colour of its ground, "#rrggbb", in small letters
 * @param back what its back looks like, where that is not as usual: white behind a pattern or a coat, else as its good side
 */
public record Paper(String name, Material material, Stock stock, String colour, Print print, Optional<Back> back) {

    /** What is on the back of a paper that is printed or coloured on both sides. */
    public record Back(String colour, Print print) {

        public Back {
            colour = hexadecimal(colour);
        }
    }

    /** Lighter is called paper. Common practice, no published source. */
    private static final int LIGHTEST_CARD = 180;

    /** Thicker film creases instead of bowing. Common practice, no published source. */
    public static final Length THICKEST_FILM_THAT_BOWS = Length.millimetres(0.2);

    private static final Pattern COLOUR = Pattern.compile("#[0-9a-fA-F]{6}");

    private static final String WHITE = "#ffffff";

    public static final int LONGEST_NAME = 60;

    /** Acetate as makers use it for bands that must bow: thin and floppy. Common practice, no published source. */
    public static final Paper USUAL_FILM = film(Length.millimetres(0.1));

    /** With its usual back. */
    public Paper(String name, Material material, Stock stock, String colour, Print print) {
        this(name, material, stock, colour, print, Optional.empty());
    }

    /** Of paper or card. */
    public Paper(String name, Stock stock, String colour, Print print) {
        this(name, Material.PAPER, stock, colour, print);
    }

    /** Without a name. */
    public Paper(Stock stock, String colour, Print print) {
        this("", Material.PAPER, stock, colour, print);
    }

    public Paper {
        name = name.strip();
        if (name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(
                    "The paper's name (%s) must have at most %d characters.".formatted(name, LONGEST_NAME));
        }
        material.require(stock);
        colour = hexadecimal(colour);
    }

    private static String hexadecimal(String text) {
        if (!COLOUR.matcher(text).matches()) {
            throw new IllegalArgumentException(
                    "The colour (%s) must be # and six hexadecimal digits, such as #f4efe3.".formatted(text));
        }
        return text.toLowerCase(Locale.ROOT);
    }

    /** Clear film. */
    public static Paper film(Length thickness) {
        Stock stock = new Stock(Material.FILM.grams(thickness), thickness, thickness.exactText(UnitSystem.METRIC));
        return new Paper("", Material.FILM, stock, WHITE, Print.PLAIN);
    }

    /** The same paper with nothing on it. */
    public Paper plain() {
        return new Paper("", material, stock, colour, Print.PLAIN);
    }

    public Paper with(Stock other) {
        return new Paper(name, material, other, colour, print, back);
    }

    /** Another paper than the one that is called so. */
    public Paper with(Print other) {
        return new Paper("", material, stock, colour, other, back);
    }

    /** As it is seen and written on from behind; itself where both sides are alike. */
    public Paper behind() {
        boolean faced = material.is(Material.Trait.FACED);
        Back good = new Back(colour, print);
        Back seen = back.orElseGet(() -> faced || print != Print.PLAIN ? new Back(WHITE, Print.PLAIN) : good);
        return seen.equals(good) && !faced
                ? this
                : new Paper(
                        name, faced ? Material.PAPER : material, stock, seen.colour(), seen.print(), Optional.of(good));
    }

    /** Its name, or what its colour, material and weight make of it: "dark blue card", "light grey vellum". */
    public String called() {
        if (!name.isEmpty()) {
            return name;
        }
        return switch (material) {
            case FILM -> colour.equals(WHITE) ? material.word() : ColourName.of(colour) + " film";
            case PAPER ->
                "%s %s"
                        .formatted(
                                ColourName.of(colour), stock.gramsPerSquareMetre() < LIGHTEST_CARD ? "paper" : "card");
            default -> "%s %s".formatted(ColourName.of(colour), material.word());
        };
    }

    /** Whether it may come off that sheet: a name that only one of them has does not part them. */
    public boolean isLike(Paper other) {
        return material == other.material
                && stock.equals(other.stock)
                && colour.equals(other.colour)
                && print == other.print
                && back.equals(other.back);
    }

    /** @throws IllegalArgumentException if nothing is cut from it: it comes off a spool, or ready */
    public void requireSheet() {
        if (!material.isSheet()) {
            throw new IllegalArgumentException(
                    "Pieces and mats cannot be cut from %s. Choose another material for them.".formatted(called()));
        }
    }

    /** Whether it is seen through as if it were not there. */
    public boolean isClear() {
        return material.is(Material.Trait.CLEAR);
    }

    /** Whether it bends round a curve instead of creasing. */
    public boolean bows() {
        return !stock.thickness().isMoreThan(THICKEST_FILM_THAT_BOWS);
    }

    /** Whether a pen writes on it and is read. */
    public boolean canBeWrittenOn() {
        return print == Print.PLAIN && material.takesInk();
    }

    public Length thickness() {
        return stock.thickness();
    }

    /** @return grams of a part of that many square millimetres */
    public double grams(double squareMillimetres) {
        return stock.grams(squareMillimetres);
    }

    /** Whether it matters which way it lies: a pattern with an up. */
    public boolean hasUp() {
        return print.hasUp();
    }
}
