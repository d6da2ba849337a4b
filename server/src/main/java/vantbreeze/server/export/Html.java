package vantbreeze.server.export;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.springframework.web.util.HtmlUtils;
import vantbreeze.server.type.Typesetter;

/** Writes well-formed XHTML: everything is escaped, fractions are set apart from the whole numbers before them. */
final class Html {

    private static final Pattern FRACTION = Pattern.compile("(\\d+)\u2044(\\d+)");

    /** What stands between a number and its unit, or between the numbers of a size. */
    private static final Pattern WITHIN_A_MEASURE =
            Pattern.compile("(?<=[0-9\u00bc-\u00be]) (?=(?:mm|in)\\b)| (?=×)|(?<=×) ");

    private static final Pattern SIZE = Pattern.compile("[^×;,]{1,12} × [^×;,]{1,16}");

    private final Typesetter<PDFont> fonts;
    private final StringBuilder written = new StringBuilder();

    Html(Typesetter<PDFont> fonts) {
        this.fonts = fonts;
    }

    Html heading(String text) {
        return element("h2", text);
    }

    Html paragraph(String text) {
        return element("p", text);
    }

    private Html element(String name, String text) {
        written.append('<')
                .append(name)
                .append('>')
                .append(escaped(text))
                .append("</")
                .append(name)
                .append('>');
        return this;
    }

    /** @param numbered whether the items are counted */
    Html list(boolean numbered, List<String> items) {
        String name = numbered ? "ol" : "ul";
        written.append('<').append(name).append('>');
        items.forEach(i -> element("li", i));
        written.append("</").append(name).append('>');
        return this;
    }

    Html table(List<String> headings, List<List<String>> rows) {
        written.append("<table><thead><tr>");
        headings.forEach(h -> element("th", h));
        written.append("</tr></thead><tbody>");
        for (List<String> row : rows) {
            written.append("<tr>");
            row.forEach(this::cell);
            written.append("</tr>");
        }
        written.append("</tbody></table>");
        return this;
    }

    /** A size stays in one line, whatever stands beside it. */
    private void cell(String text) {
        boolean isSize = SIZE.matcher(text).matches();
        written.append(isSize ? "<td class=\"size\">" : "<td>")
                .append(escaped(text))
                .append("</td>");
    }

    String body() {
        return written.toString();
    }

    private String escaped(String text) {
        String plain = HtmlUtils.htmlEscape(fonts.drawable(text), "UTF-8").replace('\u202f', '\u00a0');
        Matcher fraction = FRACTION.matcher(WITHIN_A_MEASURE.matcher(plain).replaceAll("\u00a0"));
        return fraction.replaceAll("<span class=\"n\">$1</span>\u2044<span class=\"d\">$2</span>");
    }
}
