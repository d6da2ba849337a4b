package vantbreeze.server.outline;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.w3c.dom.Element;
import vantbreeze.server.web.Text;

/** A length as SVG attributes hold it: a number of the drawing's own units, or one with a unit, 96 of the former to the inch (CSS). */
public final class SvgLength {

    private static final int IN_INCH = 96;
    private static final int SHOWN = 40;
    private static final Pattern LENGTH = Pattern.compile(
            "\\s*([+-]?(?:\\d{1,20}\\.?\\d{0,20}|\\.\\d{1,20})(?:[eE][+-]?\\d{1,3})?)\\s*(mm|cm|in|pt|pc|px|q|Q|%|)\\s*");

    private static final Map<String, Double> UNITS = Map.of(
            "", 1.0,
            "px", 1.0,
            "in", (double) IN_INCH,
            "cm", IN_INCH / 2.54,
            "mm", IN_INCH / 25.4,
            "q", IN_INCH / 101.6,
            "pt", IN_INCH / 72.0,
            "pc", IN_INCH / 6.0);

    /** Of one of the drawing's units where nothing says how large they are. */
    public static final double MM = 25.4 / IN_INCH;

    private SvgLength() {}

    /**
     * @param whole what a percentage is of
     * @param otherwise where the attribute is absent or "auto"
     * @throws IllegalArgumentException if it is no length
     */
    public static double of(Element element, String attribute, double whole, double otherwise) {
        String text = element.getAttribute(attribute);
        if (text.isBlank() || text.strip().equals("auto")) {
            return otherwise;
        }
        Matcher m = LENGTH.matcher(text);
        double value = m.matches() ? Double.parseDouble(m.group(1)) : Double.NaN;
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException("The %s (%s) of a %s must be a number or a length, such as 20mm."
                    .formatted(attribute, Text.upTo(SHOWN, text), element.getLocalName()));
        }
        String unit = m.group(2);
        return unit.equals("%") ? value / 100 * whole : value * UNITS.get(unit.toLowerCase(java.util.Locale.ROOT));
    }
}
