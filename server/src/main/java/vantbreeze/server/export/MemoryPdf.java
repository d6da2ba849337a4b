package vantbreeze.server.export;

import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import vantbreeze.make.ScoreCard;
import vantbreeze.make.ScoreSetting;
import vantbreeze.make.SquareReading;
import vantbreeze.measure.Ruler;
import vantbreeze.plan.Plan;
import vantbreeze.server.type.Typesetter;

/**
 * A design on one small card for the box of designs: its drawing, sizes, scores and mats. A6 for A4 printers, 4 x 6 in for
 * Letter ones; what does not fit stands on its back.
 */
final class MemoryPdf {

    /** ISO 216. */
    private static final Paper A6 = new Paper("a6", 105, 148);

    private static final Paper FOUR_BY_SIX = new Paper("4x6", 101.6, 152.4);

    private static final double MARGIN_MM = 7;

    /** 9 points. */
    private static final double TYPE_MM = 3.2;

    private static final double LINE_MM = TYPE_MM * 1.32;
    private static final double TITLE_MM = 5;
    private static final double HIGHEST_SHARE = 0.34;

    private final PDDocument document;
    private final Typesetter<PDFont> fonts;
    private final Plan plan;
    private final Paper paper;
    private final Ruler ruler;
    private PdfPage page;
    private double y;

    private MemoryPdf(PDDocument document, Plan plan, Paper paper) {
        this.document = document;
        this.fonts = PdfFonts.of(document);
        this.plan = plan;
        this.paper = paper;
        this.ruler = plan.brief().ruler();
    }

    static byte[] of(String name, Plan plan, Paper printer) {
        return PdfFile.of(name, document -> {
            MemoryPdf pdf = new MemoryPdf(document, plan, printer.id().equals("letter") ? FOUR_BY_SIX : A6);
            pdf.draw(name);
        });
    }

    private double width() {
        return paper.widthMm() - 2 * MARGIN_MM;
    }

    private void begin() {
        page = new PdfPage(document, fonts, paper);
        y = paper.heightMm() - MARGIN_MM - TITLE_MM;
    }

    private void draw(String name) {
        begin();
        page.text(MARGIN_MM, y, TITLE_MM, true, page.fitting(name, TITLE_MM, true, width()));
        y -= TITLE_MM * 1.2;
        lines(summary(), false);
        base();
        plan.scoreCards().forEach(this::piece);
        List<String> mats = plan.cutList().stream()
                .filter(c -> c.isMat())
                .map(c -> "%d × %s (%s)".formatted(c.count(), ruler.text(c.size()), c.goesOn()))
                .toList();
        if (!mats.isEmpty()) {
            lines("Mats", true);
            mats.forEach(m -> lines(m, false));
        }
        page.close();
    }

    private String summary() {
        List<String> parts = new ArrayList<>(List.of(plan.brief().fold().name()));
        if (plan.closed() != null) {
            parts.add("closed " + ruler.text(plan.closed().size()));
        }
        if (plan.fit() != null && plan.fit().goesIn()) {
            parts.add("for " + plan.fit().envelope().name());
        }
        return String.join(", ", parts);
    }

    /** The first piece, as large as it goes. */
    private void base() {
        ScoreCard card = plan.scoreCards().get(0);
        double wide = card.piece().size().width().millimetres();
        double high = card.piece().size().height().millimetres();
        double scale = Math.min(1, Math.min(width() / wide, HIGHEST_SHARE * paper.heightMm() / high));
        y -= high * scale;
        new PieceDrawing(page, scale, MARGIN_MM + (width() - wide * scale) / 2, y + LINE_MM / 2).draw(card.piece());
        y -= LINE_MM;
    }

    private void piece(ScoreCard card) {
        lines("%s %s".formatted(card.piece().name(), ruler.text(card.piece().size())), true);
        List<String> scores = card.settings().stream().map(this::setting).toList();
        if (!scores.isEmpty()) {
            lines(String.join("; ", scores), false);
        }
    }

    private String setting(ScoreSetting s) {
        String at = s.at() instanceof SquareReading square
                ? "%s from the %s"
                        .formatted(
                                ruler.text(square.fromStart()),
                                square.lie() == vantbreeze.make.ScoreReading.Lie.UPRIGHT ? "left" : "bottom")
                : s.name();
        return "%s: %s".formatted(at, s.how(ruler));
    }

    private void lines(String text, boolean bold) {
        for (String line : page.wrap(text, TYPE_MM, false, width())) {
            if (y < MARGIN_MM) {
                page.close();
                begin();
            }
            page.text(MARGIN_MM, y, TYPE_MM, bold, line);
            y -= LINE_MM;
        }
    }
}
