package vantbreeze.measure;

import java.math.BigDecimal;

/**
 * Prints lengths as a maker reads them: whole inches and reduced fractions, or millimetres. What lies on the grid is
 * printed as it is; anything else goes to the nearest mark and is marked as rounded.
 */
public record Ruler(ToolGrid grid) {

    /**
     * Between a whole number and its fraction. It is white space when the text is read back, and no line breaks at it: a "1"
     * at its end would be read for itself.
     */
    private static final char NARROW_SPACE = '\u202f';

    private static final char FRACTION_SLASH = '\u2044';

    private static final Ruler INCH = new Ruler(ToolGrid.SIXTY_FOURTH_INCH);
    private static final Ruler METRIC = new Ruler(ToolGrid.HALF_MILLIMETRE);

    /** The ruler on the table: marks of 1/64 in or of 0.5 mm. */
    public static Ruler of(UnitSystem system) {
        return system == UnitSystem.INCH ? INCH : METRIC;
    }

    public Reading read(Length length) {
        boolean exact = grid.isOn(length);
        Length shown = grid.nearest(length);
        String number = grid.system() == UnitSystem.INCH ? inches(shown) : millimetres(shown);
        return new Reading((exact ? "" : "≈") + number + " " + grid.system().symbol(), exact);
    }

    public String text(Length length) {
        return read(length).text();
    }

    /**
     * What is only judged by, such as room to spare, as a person would say it: on everyday marks of 1/16 in or 1 mm, "about
     * 3/8 in". What is cut, scored or laid is never said so.
     */
    public String about(Length length) {
        ToolGrid everyday = everyday();
        Length shown = everyday.nearest(Length.max(length, length.negated()));
        if (shown.equals(Length.ZERO) && !length.equals(Length.ZERO)) {
            return "less than " + text(everyday.step());
        }
        return (everyday.isOn(length) ? "" : "about ") + text(length.isNegative() ? shown.negated() : shown);
    }

    /** Both sides of what is only judged by. */
    public String about(Size size) {
        ToolGrid everyday = everyday();
        Length width = everyday.nearest(size.width());
        Length height = everyday.nearest(size.height());
        if (!width.isPositive() || !height.isPositive()) {
            return text(size);
        }
        boolean exact = everyday.isOn(size.width()) && everyday.isOn(size.height());
        return (exact ? "" : "about ") + text(new Size(width, height));
    }

    /** The marks that a person reads at a glance. */
    public ToolGrid everyday() {
        return grid.system() == UnitSystem.INCH ? ToolGrid.SIXTEENTH_INCH : ToolGrid.MILLIMETRE;
    }

    /** How thick something is, in every unit as stock and foam are sold: "1.4 mm". */
    public static String thick(Length thickness) {
        return "%.1f mm".formatted(thickness.millimetres());
    }

    /** Width by height, the unit said once: "5½ × 4¼ in". */
    public String text(Size size) {
        String width = text(size.width());
        return width.substring(0, width.length() - grid.system().symbol().length() - 1) + " × " + text(size.height());
    }

    private static String millimetres(Length length) {
        BigDecimal mm = BigDecimal.valueOf(length.count()).divide(BigDecimal.valueOf(Length.COUNTS_PER_MILLIMETRE));
        return sign(length) + mm.abs().stripTrailingZeros().toPlainString();
    }

    private static String inches(Length length) {
        String plain = plainInches(length);
        int space = plain.indexOf(' ');
        boolean whole = !plain.contains("/");
        String fraction = plain.substring(space + 1);
        return whole
                ? sign(length) + plain
                : sign(length) + plain.substring(0, Math.max(0, space)) + set(fraction, space > 0);
    }

    /** Whole inches and a reduced fraction in plain characters, without a sign: "2 3/4". */
    static String plainInches(Length length) {
        long sixtyFourths =
                Math.abs(length.count()) / ToolGrid.SIXTY_FOURTH_INCH.step().count();
        long whole = sixtyFourths / 64;
        long numerator = sixtyFourths % 64;
        if (numerator == 0) {
            return Long.toString(whole);
        }
        long common = Long.lowestOneBit(numerator);
        return (whole == 0 ? "" : whole + " ") + numerator / common + "/" + 64 / common;
    }

    /** Halves and quarters have characters of their own; the others are set with the fraction slash. */
    private static String set(String fraction, boolean afterWhole) {
        return switch (fraction) {
            case "1/2" -> "½";
            case "1/4" -> "¼";
            case "3/4" -> "¾";
            default -> (afterWhole ? NARROW_SPACE : "") + fraction.replace('/', FRACTION_SLASH);
        };
    }

    private static String sign(Length length) {
        return length.isNegative() ? "−" : "";
    }
}
