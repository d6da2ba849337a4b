package vantbreeze.server.export;

import java.util.List;
import java.util.stream.IntStream;
import org.apache.pdfbox.pdmodel.PDDocument;

/** Text that runs down the page, and on to another where there is no room: never in smaller type. */
final class Flow {

    private static final double MARGIN_MM = 14;

    /** 9.6 points. */
    private static final double TYPE_MM = 3.4;

    private static final double LINE_MM = TYPE_MM * 1.42;
    private static final double TITLE_MM = 4.4;
    private static final double GAP_MM = 4;
    private static final double INDENT_MM = 8;

    /** Of the page's width, what a column beside a wider one may take. */
    private static final double WIDEST_SHARE = 0.32;

    private final PDDocument document;
    private final PdfFonts fonts;
    private final Paper paper;
    private PdfPage page;
    private double y;

    Flow(PDDocument document, PdfFonts fonts, Paper paper) {
        this.document = document;
        this.fonts = fonts;
        this.paper = paper;
        begin();
    }

    private void begin() {
        page = new PdfPage(document, fonts, paper);
        y = paper.heightMm() - MARGIN_MM - TYPE_MM;
    }

    void end() {
        page.close();
    }

    private double width() {
        return paper.widthMm() - 2 * MARGIN_MM;
    }

    private void require(double high) {
        if (y - high < MARGIN_MM) {
            page.close();
            begin();
        }
    }

    Flow heading(String text) {
        require(GAP_MM + 4 * LINE_MM);
        y -= GAP_MM;
        page.text(MARGIN_MM, y, TITLE_MM, true, page.fitting(text, TITLE_MM, true, width()));
        y -= TITLE_MM * 1.5;
        return this;
    }

    Flow paragraph(String text) {
        lines(text, MARGIN_MM);
        return this;
    }

    private void lines(String text, double x) {
        for (String line : page.wrap(text, TYPE_MM, paper.widthMm() - MARGIN_MM - x)) {
            require(LINE_MM);
            page.text(x, y, TYPE_MM, false, line);
            y -= LINE_MM;
        }
        y -= 1;
    }

    /** @param numbered whether the items are counted */
    Flow list(boolean numbered, List<String> items) {
        for (int i = 0; i < items.size(); i++) {
            require(LINE_MM);
            page.text(MARGIN_MM, y, TYPE_MM, true, numbered ? (i + 1) + "." : "-");
            lines(items.get(i), MARGIN_MM + INDENT_MM);
        }
        return this;
    }

    Flow table(List<String> headings, List<List<String>> rows) {
        double[] wide = new double[headings.size()];
        for (int c = 0; c < wide.length; c++) {
            wide[c] = page.width(headings.get(c), TYPE_MM, true) + GAP_MM;
            for (List<String> row : rows) {
                wide[c] = Math.max(wide[c], page.width(row.get(c), TYPE_MM, true) + GAP_MM);
            }
        }
        double before = 0;
        for (int c = 0; c + 1 < wide.length; c++) {
            wide[c] = Math.min(wide[c], width() * WIDEST_SHARE);
            before += wide[c];
        }
        wide[wide.length - 1] = Math.max(width() / 5, width() - before);
        row(headings, wide, true);
        rows.forEach(r -> row(r, wide, false));
        return this;
    }

    private void row(List<String> cells, double[] wide, boolean bold) {
        List<List<String>> wrapped = IntStream.range(0, wide.length)
                .mapToObj(c -> page.wrap(cells.get(c), TYPE_MM, wide[c] - 2))
                .toList();
        int most = wrapped.stream().mapToInt(List::size).max().orElse(1);
        require(most * LINE_MM);
        double x = MARGIN_MM;
        for (int c = 0; c < wide.length; c++) {
            List<String> lines = wrapped.get(c);
            for (int i = 0; i < lines.size(); i++) {
                page.text(x, y - i * LINE_MM, TYPE_MM, bold, lines.get(i));
            }
            x += wide[c];
        }
        y -= most * LINE_MM;
        page.stroke(0.1, 0.6);
        page.line(MARGIN_MM, y + TYPE_MM * 0.85, MARGIN_MM + width(), y + TYPE_MM * 0.85);
    }
}
