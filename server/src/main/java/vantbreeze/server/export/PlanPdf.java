package vantbreeze.server.export;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.make.ObliqueReading;
import vantbreeze.make.ScoreCard;
import vantbreeze.make.ScoreReading;
import vantbreeze.make.ScoreSetting;
import vantbreeze.make.SquareReading;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.operation.Step;
import vantbreeze.plan.Plan;
import vantbreeze.plan.Severity;
import vantbreeze.plan.Snag;
import vantbreeze.server.cutting.CuttingJson;
import vantbreeze.server.type.Typesetter;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;

/**
 * The plan to take to the table: drawings with measures to one scale, then score cards, parts, order of work and cautions as
 * text, then every sheet with its cuts. What does not fit takes another page; no type is set below 9 points but the digits of
 * fractions.
 */
final class PlanPdf {

    private static final double MARGIN_MM = 14;

    /** 9.6 points. */
    private static final double TYPE_MM = 3.4;

    private static final double LEADING = 1.42;

    /** Of the page's height, what the highest piece may take. */
    private static final double HIGHEST = 0.42;

    private static final double GAP_MM = 8;

    private final PDDocument document;
    private final Typesetter<PDFont> fonts;
    private final Plan plan;
    private final Paper paper;
    private final Ruler ruler;
    private final List<String> key = new ArrayList<>();
    private PdfPage page;
    private double x;
    private double y;
    private double rowHeight;

    private PlanPdf(PDDocument document, Plan plan, Paper paper) {
        this.document = document;
        this.fonts = PdfFonts.of(document);
        this.plan = plan;
        this.paper = paper;
        this.ruler = plan.brief().ruler();
    }

    /** @param cutting how it is cut; none where that is not known */
    static byte[] of(String name, Plan plan, List<CuttingJson.PaperCutJson> cutting, Paper paper) {
        return PdfFile.of(name, document -> {
            PlanPdf pdf = new PlanPdf(document, plan, paper);
            pdf.drawings(name);
            TextPages.add(document, pdf.fonts, pdf.text(), paper);
            CuttingPages.add(document, pdf.fonts, paper, cutting);
        });
    }

    private double width() {
        return paper.widthMm() - 2 * MARGIN_MM;
    }

    private void drawings(String name) {
        begin();
        page.text(MARGIN_MM, y, 6, true, page.fitting(name, 6, true, width()));
        y -= 7;
        for (String line : page.wrap(summary(), TYPE_MM, false, width())) {
            page.text(MARGIN_MM, y, TYPE_MM, false, line);
            y -= TYPE_MM * LEADING;
        }
        y -= 3;
        double scale = scale();
        plan.scoreCards().forEach(card -> pieceDrawing(card, scale));
        page.close();
    }

    private void begin() {
        page = new PdfPage(document, fonts, paper);
        x = MARGIN_MM;
        y = paper.heightMm() - MARGIN_MM - 4;
        rowHeight = 0;
    }

    private String summary() {
        StringBuilder line = new StringBuilder(plan.brief().fold().name());
        if (plan.closed() != null) {
            line.append(", closed %s, %.1f mm thick, %.0f g"
                    .formatted(
                            ruler.text(plan.closed().size()),
                            plan.closed().thickness().millimetres(),
                            plan.closed().grams()));
        }
        if (plan.fit() != null) {
            line.append(", envelope %s: %s"
                    .formatted(
                            plan.fit().envelope().name(),
                            plan.fit()
                                    .verdict()
                                    .name()
                                    .toLowerCase(java.util.Locale.ROOT)
                                    .replace('_', ' ')));
        }
        return line.toString();
    }

    /** One scale for all pieces of a card, so that they can be told apart by size; never larger than life. */
    private double scale() {
        double widest = 0;
        double highest = 0;
        for (ScoreCard card : plan.scoreCards()) {
            widest = Math.max(widest, card.piece().size().width().millimetres());
            highest = Math.max(highest, card.piece().size().height().millimetres());
        }
        return Math.min(1, Math.min(width() / widest, paper.heightMm() * HIGHEST / highest));
    }

    /** Beside the one before it where there is room, otherwise below, otherwise on another page. */
    private void pieceDrawing(ScoreCard card, double scale) {
        Piece piece = card.piece();
        Size size = piece.size();
        double drawnWidth = size.width().millimetres() * scale;
        double drawnHeight = size.height().millimetres() * scale;
        String caption = "%s %s".formatted(piece.name(), ruler.text(size));
        double wide = Math.min(width(), Math.max(drawnWidth, page.width(caption, TYPE_MM, true)));
        List<SquareReading> upright = card.lines().stream()
                .flatMap(r -> r instanceof SquareReading square ? Stream.of(square) : Stream.empty())
                .filter(r -> r.lie() == ScoreReading.Lie.UPRIGHT)
                .toList();
        Positions positions = positions(upright, scale);
        double high = positions.lines() * TYPE_MM * LEADING + drawnHeight + 2 * TYPE_MM * LEADING + GAP_MM;
        if (x + wide > MARGIN_MM + width() + 0.01) {
            x = MARGIN_MM;
            y -= rowHeight;
            rowHeight = 0;
        }
        if (y - high < MARGIN_MM && y < paper.heightMm() - MARGIN_MM - 30) {
            page.close();
            begin();
        }
        double left = x + (wide - drawnWidth) / 2;
        double top = y - positions.lines() * TYPE_MM * LEADING;
        positions.draw(left, top);
        PieceDrawing drawing = new PieceDrawing(page, scale, left, top - drawnHeight);
        drawing.draw(piece);
        for (Panel panel : plan.structure().panels()) {
            if (panel.piece().equals(piece.name())) {
                label(drawing, panel, size, scale);
            }
        }
        page.centred(x + wide / 2, top - drawnHeight - 1.3 * TYPE_MM, TYPE_MM, true, caption);
        x += wide + GAP_MM;
        rowHeight = Math.max(rowHeight, high);
    }

    /** Score positions over a piece: where two would touch, the next goes one line higher. */
    private final class Positions {

        private final List<Double> at = new ArrayList<>();
        private final List<Integer> line = new ArrayList<>();
        private final List<String> text = new ArrayList<>();
        private int lines;

        int lines() {
            return lines;
        }

        void draw(double left, double top) {
            for (int i = 0; i < at.size(); i++) {
                page.centred(
                        left + at.get(i), top + line.get(i) * TYPE_MM * LEADING + 1.2, TYPE_MM, false, text.get(i));
            }
        }
    }

    private Positions positions(List<SquareReading> scores, double scale) {
        Positions positions = new Positions();
        List<Double> taken = new ArrayList<>();
        for (Length position : scores.stream()
                .map(SquareReading::fromStart)
                .distinct()
                .sorted()
                .toList()) {
            String text = ruler.text(position);
            double at = position.millimetres() * scale;
            double half = page.width(text, TYPE_MM, false) / 2 + 0.5;
            int free = 0;
            while (free < taken.size() && taken.get(free) > at - half) {
                free++;
            }
            if (free == taken.size()) {
                taken.add(0.0);
            }
            taken.set(free, at + half);
            positions.at.add(at);
            positions.line.add(free);
            positions.text.add(text);
        }
        positions.lines = Math.max(1, taken.size());
        return positions;
    }

    /** Across the panel, or along it where it is narrow; where neither can be read, a number that the text explains. */
    private void label(PieceDrawing drawing, Panel panel, Size piece, double scale) {
        String measure = panel.box().height().equals(piece.height())
                ? ruler.text(panel.box().width())
                : ruler.text(panel.box());
        Coordinate inside = panel.outline().getInteriorPoint().getCoordinate();
        double cx = drawing.x(inside.x / Length.COUNTS_PER_MILLIMETRE);
        double cy = drawing.y(inside.y / Length.COUNTS_PER_MILLIMETRE);
        double wide = panel.box().width().millimetres() * scale;
        double high = panel.box().height().millimetres() * scale;
        double length = 1.05 * Math.max(page.width(panel.name(), TYPE_MM, true), page.width(measure, TYPE_MM, false));
        double thick = 2.5 * TYPE_MM;
        boolean along = length > wide && high > wide;
        if ((along ? high : wide) >= length && (along ? wide : high) >= thick) {
            page.turned(along ? 90 : 0, cx, cy, () -> {
                page.centred(0, 0.3 * TYPE_MM, TYPE_MM, true, panel.name());
                page.centred(0, -1.1 * TYPE_MM, TYPE_MM, false, measure);
            });
            return;
        }
        key.add("%s, %s: %s".formatted(panel.name(), panel.piece(), measure));
        String number = String.valueOf(key.size());
        if (Math.min(wide, high) > 0.9 * TYPE_MM) {
            page.centred(cx, cy - 0.35 * TYPE_MM, TYPE_MM, true, number);
        }
    }

    private Html text() {
        Html html = new Html(fonts);
        html.paragraph("Drawings are face side up, all to one scale; valleys dashed, mountains dash-dot.");
        if (!key.isEmpty()) {
            html.heading("Numbers in the drawings").list(true, key);
        }
        plan.scoreCards().forEach(card -> scoreCard(html, card));
        html.heading("Parts")
                .table(
                        List.of("how many", "", "width × height", "paper, and what it is for"),
                        plan.cutList().stream()
                                .map(p -> List.of(
                                        p.count() + " ×",
                                        p.name(),
                                        ruler.text(p.size()),
                                        Stream.of(p.paper(), p.goesOn(), p.note())
                                                .filter(t -> !t.isEmpty())
                                                .collect(Collectors.joining("; "))))
                                .toList());
        html.heading("Order of work")
                .list(
                        true,
                        plan.steps().stream()
                                .map(s -> s.title() + ": " + s.text())
                                .toList());
        Set<String> cautions = new LinkedHashSet<>();
        plan.steps().stream().map(Step::caution).filter(c -> !c.isEmpty()).forEach(cautions::add);
        if (!cautions.isEmpty()) {
            html.heading("Take care");
            cautions.stream()
                    .filter(c ->
                            cautions.stream().noneMatch(longer -> longer.length() > c.length() && longer.startsWith(c)))
                    .forEach(html::paragraph);
        }
        List<String> snags = plan.snags().stream()
                .filter(s -> s.severity() != Severity.NOTE)
                .map(Snag::text)
                .toList();
        if (!snags.isEmpty()) {
            html.heading("Mind before you cut").list(false, snags);
        }
        return html;
    }

    private void scoreCard(Html html, ScoreCard card) {
        if (card.settings().isEmpty()) {
            return;
        }
        boolean level = card.settings().stream().anyMatch(r -> r.lie() == ScoreReading.Lie.LEVEL);
        boolean upright = card.settings().stream().anyMatch(r -> r.lie() == ScoreReading.Lie.UPRIGHT);
        String oneEnd = !level ? "from the left" : upright ? "left or bottom" : "from the bottom";
        String otherEnd = !level ? "from the right" : upright ? "right or top" : "from the top";
        html.heading("Score card: " + card.piece().name())
                .table(
                        List.of("score", oneEnd, otherEnd, "score on", "fold"),
                        card.settings().stream().map(s -> setting(s, card)).toList());
        for (ScoreSetting s : card.settings()) {
            if (s.at() instanceof ObliqueReading oblique) {
                html.paragraph("%s: the ruler lies %s.".formatted(s.name(), oblique.along(ruler)));
            }
        }
        for (ScoreCard.BothEnds both : card.sameFromBothEnds()) {
            html.paragraph("From both ends, %s up: %s.".formatted(both.side().word(), both.text(ruler)));
        }
    }

    private List<String> setting(ScoreSetting s, ScoreCard card) {
        return List.of(
                s.name(),
                s.at() instanceof SquareReading square
                        ? ruler.text(square.fromStart())
                        : s.at() instanceof ObliqueReading ? "by ruler" : "by template",
                s.at() instanceof SquareReading square ? ruler.text(square.fromEnd()) : "",
                card.scoreOn(s).map(side -> side.word() + " side").orElse("see fold"),
                s.how(ruler));
    }
}
