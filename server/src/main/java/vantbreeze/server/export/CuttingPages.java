package vantbreeze.server.export;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import vantbreeze.measure.Length;
import vantbreeze.server.cutting.CuttingJson;
import vantbreeze.server.type.Typesetter;

/** Draws every sheet of a cutting plan to scale, its cuts numbered, beside it the settings of the fence; two on a page. */
final class CuttingPages {

    private static final double MARGIN_MM = 14;
    private static final double TITLE_MM = 4.2;
    private static final double SETTING_MM = 4;
    private static final double GAP_MM = 6;
    private static final double TYPE_MM = 3.4;
    private static final double LEADING = 1.4;
    private static final double DRAWING_MM = 104;
    private static final int ON_A_PAGE = 2;

    private final PDDocument document;
    private final Typesetter<PDFont> fonts;
    private final Paper paper;
    private PdfPage page;
    private int onPage;

    private CuttingPages(PDDocument document, Typesetter<PDFont> fonts, Paper paper) {
        this.document = document;
        this.fonts = fonts;
        this.paper = paper;
    }

    /** Adds pages to the document. */
    static void add(PDDocument document, Typesetter<PDFont> fonts, Paper paper, List<CuttingJson.PaperCutJson> papers) {
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
            add(document, PdfFonts.of(document), paper, papers);
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
        String title = "Sheet %d: %s%s, %s, for %s"
                .formatted(
                        sheet.number(),
                        sheet.together() > 1 ? sheet.together() + " together of " : "",
                        sheet.name(),
                        (of.name() == null ? "" : of.name() + ", ") + of.stock(),
                        of.use());
        double top = begin(title);
        double width = sheet.size().width().mm();
        double height = sheet.size().height().mm();
        double scale = Math.min(DRAWING_MM / width, (top - lowest()) / height);
        draw(sheet, MARGIN_MM, top - height * scale, scale);
        List<Line> lines = Line.of(sheet);
        int told = words(lines, 0, MARGIN_MM + DRAWING_MM + GAP_MM, top);
        while (told < lines.size()) {
            told = words(lines, told, MARGIN_MM, begin("Sheet %d, continued".formatted(sheet.number())));
        }
    }

    /** @return where there is room below the title, in the next half of a page */
    private double begin(String title) {
        if (page == null || onPage == ON_A_PAGE) {
            close();
            page = new PdfPage(document, fonts, paper);
            onPage = 0;
        }
        double y = paper.heightMm() - MARGIN_MM - onPage * high() - TITLE_MM;
        onPage++;
        for (String line : page.wrap(title, TITLE_MM, true, paper.widthMm() - 2 * MARGIN_MM)) {
            page.text(MARGIN_MM, y, TITLE_MM, true, line);
            y -= TITLE_MM * LEADING;
        }
        return y;
    }

    private double lowest() {
        return paper.heightMm() - MARGIN_MM - onPage * high() + GAP_MM;
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

    /**
     * A cut, or what is done once all are made.
     *
     * @param fence what the trimmer is set to; absent for what needs no fence
     */
    private record Line(String text, Optional<String> fence, boolean newSetting) {

        static List<Line> of(CuttingJson.SheetCutJson sheet) {
            List<Line> lines = new ArrayList<>();
            if (sheet.passes().isEmpty()) {
                lines.add(new Line("The whole sheet is one part.", Optional.empty(), false));
            }
            sheet.passes()
                    .forEach(p -> lines.add(new Line(
                            "%d  %s".formatted(p.number(), p.text()),
                            Optional.of("set the trimmer to " + p.fence().shown()),
                            p.newSetting())));
            sheet.shapes().forEach(s -> lines.add(new Line(s, Optional.empty(), false)));
            return lines;
        }
    }

    /**
     * What is set and cut, as far as there is room.
     *
     * @param first of the lines
     * @return the first of those that are still to be told
     */
    private int words(List<Line> told, int first, double x, double from) {
        double y = from - TYPE_MM;
        for (int i = first; i < told.size(); i++) {
            Line line = told.get(i);
            Optional<String> setting = line.newSetting() || i == first ? line.fence() : Optional.empty();
            List<String> lines = page.wrap(line.text(), TYPE_MM, false, paper.widthMm() - MARGIN_MM - x);
            double needed = (lines.size() - 1) * TYPE_MM * LEADING + (setting.isPresent() ? SETTING_MM * LEADING : 0);
            if (y - needed < lowest() && i > first) {
                return i;
            }
            if (setting.isPresent()) {
                page.text(x, y, SETTING_MM, true, setting.get());
                y -= SETTING_MM * LEADING;
            }
            for (String each : lines) {
                page.text(x, y, TYPE_MM, false, each);
                y -= TYPE_MM * LEADING;
            }
        }
        return told.size();
    }
}
