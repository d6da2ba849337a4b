package vantbreeze.server.web;

import java.util.regex.Pattern;

/**
 * Text as it stands in a table of comma-separated values: what a table program would take for a formula has an apostrophe
 * before it, which such programs do not show, and which is taken off again when the table is read.
 */
public final class TableCell {

    private static final Pattern FORMULA = Pattern.compile("^'*[=+@\\-\t\r].*", Pattern.DOTALL);

    private TableCell() {}

    public static String written(String text) {
        return FORMULA.matcher(text).matches() ? "'" + text : text;
    }

    /** @param cell as {@link #written} gave it, or anybody else */
    public static String read(String cell) {
        return cell.startsWith("'") && FORMULA.matcher(cell).matches() ? cell.substring(1) : cell;
    }
}
