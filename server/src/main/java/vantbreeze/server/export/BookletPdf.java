package vantbreeze.server.export;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import vantbreeze.operation.Hazard;
import vantbreeze.operation.Sketch;
import vantbreeze.operation.Step;
import vantbreeze.operation.Task;
import vantbreeze.plan.Plan;
import vantbreeze.server.type.Typesetter;

/** The order of work as a booklet: a few steps a page, each with its drawing and a box to tick. */
final class BookletPdf {

    private static final double MARGIN_MM = 14;
    private static final double TYPE_MM = 4;
    private static final double LINE_MM = TYPE_MM * 1.38;
    private static final double TITLE_MM = 6;
    private static final double BOX_MM = 5;
    private static final double DRAWING_SHARE = 0.45;
    private static final double LOWEST_DRAWING_MM = 62;
    private static final double GAP_MM = 7;

    private final PDDocument document;
    private final Typesetter<PDFont> fonts;
    private final Plan plan;
    private final Paper paper;
    private final Set<List<Hazard>> said = new HashSet<>();
    private PdfPage page;
    private double y;

    private BookletPdf(PDDocument document, Plan plan, Paper paper) {
        this.document = document;
        this.fonts = PdfFonts.of(document);
        this.plan = plan;
        this.paper = paper;
    }

    static byte[] of(String name, Plan plan, Paper paper) {
        return PdfFile.of(name, document -> {
            BookletPdf pdf = new BookletPdf(document, plan, paper);
            pdf.begin();
            pdf.page.text(
                    MARGIN_MM, pdf.y, TITLE_MM + 1, true, pdf.page.fitting(name, TITLE_MM + 1, true, pdf.width()));
            pdf.y -= GAP_MM + TITLE_MM;
            for (int i = 0; i < plan.tasks().size(); i++) {
                pdf.step(i + 1, plan.tasks().get(i));
            }
            pdf.page.close();
        });
    }

    private void begin() {
        page = new PdfPage(document, fonts, paper);
        y = paper.heightMm() - MARGIN_MM - TITLE_MM;
    }

    private double width() {
        return paper.widthMm() - 2 * MARGIN_MM;
    }

    private void step(int number, Task task) {
        Step words = task.step(plan.brief().ruler());
        Sketch sketch = task.sketch(plan.structure(), plan.brief().ruler());
        double drawing = sketch.isEmpty() ? 0 : DRAWING_SHARE * width();
        double textLeft = MARGIN_MM + drawing + (sketch.isEmpty() ? 0 : GAP_MM);
        double textWidth = paper.widthMm() - MARGIN_MM - textLeft;
        List<String> lines = page.wrap(words.text(), TYPE_MM, false, textWidth);
        List<String> caution = caution(task).isEmpty() ? List.of() : page.wrap(caution(task), TYPE_MM, true, textWidth);
        List<String> title =
                page.wrap("%d. %s".formatted(number, words.title()), TITLE_MM, true, textWidth - BOX_MM - 2);
        double high = Math.max(
                sketch.isEmpty() ? 0 : LOWEST_DRAWING_MM,
                title.size() * TITLE_MM * 1.5 + (lines.size() + caution.size()) * LINE_MM + 2);
        if (y + TITLE_MM - high < MARGIN_MM) {
            page.close();
            begin();
        }
        if (!sketch.isEmpty()) {
            double bottom = y + TITLE_MM - LOWEST_DRAWING_MM;
            new SketchDrawing(page, sketch, MARGIN_MM, bottom, drawing, LOWEST_DRAWING_MM).draw(sketch);
        }
        double at = y;
        page.stroke(0.3, 0);
        page.polygon(List.of(
                new double[] {textLeft, at - 0.6},
                new double[] {textLeft + BOX_MM, at - 0.6},
                new double[] {textLeft + BOX_MM, at + BOX_MM - 0.6},
                new double[] {textLeft, at + BOX_MM - 0.6}));
        for (String line : title) {
            page.text(textLeft + BOX_MM + 2, at, TITLE_MM, true, line);
            at -= TITLE_MM * 1.5;
        }
        for (String line : lines) {
            page.text(textLeft, at, TYPE_MM, false, line);
            at -= LINE_MM;
        }
        at -= 1;
        for (String line : caution) {
            page.text(textLeft, at, TYPE_MM, true, line);
            at -= LINE_MM;
        }
        said.add(task.operation().hazards());
        y -= high + GAP_MM;
    }

    /** In full the first time, then in a few words. */
    private String caution(Task task) {
        boolean known = said.contains(task.operation().hazards());
        return task.operation().hazards().stream()
                .map(h -> known ? h.shortly() : h.text())
                .collect(Collectors.joining(" "));
    }
}
