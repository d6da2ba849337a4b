package vantbreeze.server.export;

import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;
import vantbreeze.measure.Length;
import vantbreeze.server.cutting.CuttingJson;

/** Draws every sheet of a cutting plan to scale, its cuts numbered, beside it the settings of the fence; two on a page. */
final class CuttingPages {

    private static final double MARGIN_MM = 14;
    private static final double TYPE_MM = 3.4;
    private static final double LEADING = 1.4;
    private static final double DRAWING_MM = 104;
    private static final int ON_A_PAGE = 2;

    private final PDDocument document;
    private final PdfFonts fonts;
    private final Paper paper;
    private PdfPage page;
    private int onPage;

    private CuttingPages(PDDocument document, PdfFonts fonts, Paper paper) {
        this.document = document;
        this.fonts = fonts;
        this.paper = paper;
    }

    /** Adds pages to the document. */
    static void add(PDDocument document, PdfFonts fonts, Paper paper, List<CuttingJson.PaperCutJson> papers) {
        CuttingPages pages = new CuttingPages(document, fonts, paper);
        for (CuttingJson.PaperCutJson of : papers) {
            for (CuttingJson.SheetCutJson sheet : of.sheets()) {
                pages.sheet(of, sheet);
            }
        }
        pages.close();
    }

    /** A document of its own. */
    static byte[] of(String name, List<CuttingJson.PaperCutJson> papers, Paper paper) {
        return PdfFile.of(name + ": cutting", document -> {
            add(document, new PdfFonts(document), paper, papers);
        });
    }

    private void close() {
        if (page != null) {
            page.close();
            page = null;
        }
    }

    private double high() {
        return (paper.heightMm() - 2 * MARGIN_MM) / ON_A_PAGE;
    }

    private void sheet(CuttingJson.PaperCutJson of, CuttingJson.SheetCutJson sheet) {
        if (page == null || onPage == ON_A_PAGE) {
            close();
            page = new PdfPage(document, fonts, paper);
            onPage = 0;
        }
        double top = paper.heightMm() - MARGIN_MM - onPage * high();
        onPage++;
        String title = "Sheet %d: %s%s, %s, for %s"
                .formatted(
                        sheet.number(),
                        sheet.together() > 1 ? sheet.together() + " together of " : "",
                        sheet.name(),
                        of.film() ? "film " + of.stock() : of.stock(),
                        of.use());
        page.text(MARGIN_MM, top - 5, 4.2, true, page.fitting(title, 4.2, true, paper.widthMm() - 2 * MARGIN_MM));
        double width = sheet.size().width().mm();
        double height = sheet.size().height().mm();
        double scale = Math.min(DRAWING_MM / width, (high() - 16) / height);
        double left = MARGIN_MM;
        double bottom = top - 10 - height * scale;
        draw(sheet, left, bottom, scale);
        words(of, sheet, MARGIN_MM + DRAWING_MM + 6, top - 12, top - high() + 4);
    }

    private void draw(CuttingJson.SheetCutJson sheet, double left, double bottom, double scale) {
        double width = sheet.size().width().mm() * scale;
        double height = sheet.size().height().mm() * scale;
        page.stroke(0.35, 0);
        page.polygon(List.of(
                new double[] {left, bottom},
                new double[] {left + width, bottom},
                new double[] {left + width, bottom + height},
                new double[] {left, bottom + height}));
        for (CuttingJson.LaidJson part : sheet.parts()) {
            page.stroke(0.2, 0.45);
            Stream.concat(part.outlines().stream(), part.windows().stream())
                    .forEach(o -> page.region(o.polygon(), c -> new double[] {
                        left + c.x / Length.COUNTS_PER_MILLIMETRE * scale,
                        bottom + c.y / Length.COUNTS_PER_MILLIMETRE * scale
                    }));
            label(
                    left + (part.x() + part.width() / 2) * scale,
                    bottom + (part.y() + part.height() / 2) * scale,
                    part.width() * scale,
                    part.height() * scale,
                    part.card().isEmpty() ? part.label() : part.label() + " · " + part.card(),
                    part.size().shown());
        }
        for (CuttingJson.RestJson rest : sheet.rests()) {
            if (rest.kept()) {
                label(
                        left + (rest.x() + rest.size().width().mm() / 2) * scale,
                        bottom + (rest.y() + rest.size().height().mm() / 2) * scale,
                        rest.size().width().mm() * scale,
                        rest.size().height().mm() * scale,
                        "keep",
                        rest.size().shown());
            }
        }
        for (CuttingJson.PassJson pass : sheet.passes()) {
            page.stroke(0.3, 0);
            page.line(
                    left + pass.x1() * scale,
                    bottom + pass.y1() * scale,
                    left + pass.x2() * scale,
                    bottom + pass.y2() * scale);
            boolean upright = pass.x1() == pass.x2();
            page.text(
                    left + pass.x1() * scale + 0.6,
                    upright ? bottom + pass.y2() * scale - TYPE_MM : bottom + pass.y1() * scale + 0.6,
                    TYPE_MM,
                    true,
                    String.valueOf(pass.number()));
        }
    }

    /** Along the longer side; left out where it cannot be read, the list beside it names every cut. */
    private void label(double x, double y, double width, double height, String first, String second) {
        boolean along = height > width;
        double room = Math.max(width, height) - 2;
        double thick = Math.min(width, height);
        boolean two = thick > 2.6 * TYPE_MM;
        double needed = two
                ? Math.max(page.width(first, TYPE_MM, false), page.width(second, TYPE_MM, true))
                : page.width(second, TYPE_MM, true);
        if (needed > room || thick < 1.2 * TYPE_MM) {
            return;
        }
        page.turned(along ? 90 : 0, x, y, () -> {
            if (two) {
                page.centred(0, 0.25 * TYPE_MM, TYPE_MM, false, first);
                page.centred(0, -1.1 * TYPE_MM, TYPE_MM, true, second);
            } else {
                page.centred(0, -0.35 * TYPE_MM, TYPE_MM, true, second);
            }
        });
    }

    /** What is set and cut, as far as there is room; the rest is on the screen. */
    private void words(
            CuttingJson.PaperCutJson of, CuttingJson.SheetCutJson sheet, double x, double from, double lowest) {
        double y = from;
        double room = paper.widthMm() - MARGIN_MM - x;
        for (CuttingJson.PassJson pass : sheet.passes()) {
            String line = "%d  %s".formatted(pass.number(), pass.text());
            List<String> lines = page.wrap(line, TYPE_MM, room);
            if (y - (lines.size() + 1) * TYPE_MM * LEADING < lowest) {
                page.text(x, y, TYPE_MM, false, "and so on, see the screen");
                return;
            }
            if (pass.newSetting()) {
                page.text(x, y, 4, true, "fence at " + pass.fence().shown());
                y -= 4 * LEADING;
            }
            for (String each : lines) {
                page.text(x, y, TYPE_MM, false, each);
                y -= TYPE_MM * LEADING;
            }
        }
        if (sheet.passes().isEmpty()) {
            page.text(x, y, TYPE_MM, false, "The whole sheet is one part.");
        }
    }
}
