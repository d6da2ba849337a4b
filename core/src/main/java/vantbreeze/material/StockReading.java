package vantbreeze.material;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;

/** Reads a stock as it is written on its wrapper. */
final class StockReading {

    private static final Pattern GRAMS = Pattern.compile("(\\d{1,4}(?:\\.\\d+)?)\\s*(?:gsm|g/m2|g/m²|g)?");
    private static final Pattern POUNDS = Pattern.compile("(\\d{1,3}(?:\\.\\d+)?)\\s*(?:lbs?|#)\\s*([a-z]*)");

    /** A point of caliper is a thousandth of an inch, as on the wrappers of card. */
    private static final Pattern POINTS = Pattern.compile("(\\d{1,3}(?:\\.\\d+)?)\\s*(?:pt|pts|mil)");

    private static final double POINTS_PER_INCH = 1000;
    private static final double MILLIMETRES_PER_INCH = 25.4;

    private StockReading() {}

    /** The text it keeps is written one way, however it was said: what is the same is called the same. */
    static Stock of(String text, Material material) {
        Integer grams = null;
        Length thickness = null;
        List<String> said = new ArrayList<>();
        for (String part : text.strip().split(",")) {
            String one = part.strip().toLowerCase(Locale.ROOT);
            Matcher gsm = GRAMS.matcher(one);
            Matcher pounds = POUNDS.matcher(one);
            Matcher points = POINTS.matcher(one);
            if (gsm.matches()) {
                double weight = Double.parseDouble(gsm.group(1));
                grams = grams(text, grams, weight);
                said.add(number(weight) + " gsm");
            } else if (pounds.matches()) {
                double weight = Double.parseDouble(pounds.group(1));
                BasisWeight grade = grade(weight, pounds.group(2));
                grams = grams(text, grams, grade.grams(weight));
                said.add("%s lb %s".formatted(number(weight), grade.grade()));
            } else if (points.matches()) {
                double caliper = Double.parseDouble(points.group(1));
                thickness = thickness(
                        text, thickness, Length.millimetres(caliper / POINTS_PER_INCH * MILLIMETRES_PER_INCH));
                said.add(number(caliper) + " pt");
            } else if (one.endsWith("mm") || one.endsWith("in")) {
                thickness = thickness(text, thickness, Length.parse(one, UnitSystem.METRIC));
                said.add(thickness.exactText(one.endsWith("in") ? UnitSystem.INCH : UnitSystem.METRIC));
            } else {
                throw unread(text);
            }
        }
        if (grams == null && thickness == null) {
            throw unread(text);
        }
        Stock stock = new Stock(
                grams == null ? material.grams(thickness) : grams,
                thickness == null ? material.thickness(grams) : thickness,
                String.join(", ", said));
        material.require(stock);
        return stock;
    }

    private static IllegalArgumentException unread(String text) {
        return new IllegalArgumentException(
                "The stock (%s) must be a weight such as 300 gsm or 110 lb index, a thickness such as 0.4 mm or 14 pt, or both."
                        .formatted(text));
    }

    private static Integer grams(String text, Integer before, double found) {
        requireOnce(text, before);
        return (int) Math.round(found);
    }

    private static Length thickness(String text, Length before, Length found) {
        requireOnce(text, before);
        return found;
    }

    private static void requireOnce(String text, Object before) {
        if (before != null) {
            throw new IllegalArgumentException(
                    "The stock (%s) must say its weight once and its thickness once.".formatted(text));
        }
    }

    private static BasisWeight grade(double pounds, String grade) {
        List<BasisWeight> table = BasisWeight.table();
        return table.stream()
                .filter(b -> b.grade().equals(grade))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "The basis weight (%s lb) says nothing without its grade: it is %s. Write the grade as well, such as \"%s lb cover\"."
                                .formatted(
                                        number(pounds),
                                        String.join(
                                                ", ",
                                                table.stream()
                                                        .map(b ->
                                                                "%.0f gsm as %s".formatted(b.grams(pounds), b.grade()))
                                                        .toList()),
                                        number(pounds))));
    }

    private static String number(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }
}
