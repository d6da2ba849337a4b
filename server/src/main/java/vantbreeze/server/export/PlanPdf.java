package vantbreeze.server.export;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.make.ObliqueReading;
import vantbreeze.make.ScoreCard;
import vantbreeze.make.ScoreReading;
import vantbreeze.make.ScoreSetting;
import vantbreeze.make.SquareReading;
import vantbreeze.make.Step;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.plan.Plan;
import vantbreeze.plan.Severity;
import vantbreeze.plan.Snag;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;

/** The plan on one page: drawing with measures, score card, pieces and mats, steps and cautions. */
final class PlanPdf {

    private static final double MARGIN_MM = 14;
    private static final double TEXT_MM = 3.2;
    private static final double SMALL_MM = 2.7;
    private static final double LEADING = 1.42;

    /** The drawings take this much of the page's height before the type is set smaller, and what is left over. */
    private static final double LEAST_DRAWING_MM = 62;

    /** Smaller type is not read. */
    private static final double SMALLEST_MM = 1.4;

    /** Long plans are set smaller, step by step, until they fit their page. */
    private static final double[] SIZES = {1, 0.9, 0.8, 0.7, 0.6, 0.5};

    private final String name;
    private final Plan plan;
    private final Paper paper;
    private final Ruler ruler;
    private final double zoom;
    private final double drawingMm;
    private PdfPage page;
    private double y;

    private PlanPdf(String name, Plan plan, Paper paper, double zoom, double drawingMm) {
        this.name = name;
        this.plan = plan;
        this.paper = paper;
        this.ruler = plan.brief().ruler();
        this.zoom = zoom;
        this.drawingMm = drawingMm;
    }

    static byte[] of(String name, Plan plan, Paper paper) {
        PlanPdf pdf = null;
        byte[] drawn = null;
        for (double zoom : SIZES) {
            pdf = new PlanPdf(name, plan, paper, zoom, LEAST_DRAWING_MM * zoom);
            drawn = pdf.draw();
            if (pdf.y >= MARGIN_MM) {
                break;
            }
        }
        double left = pdf.y - MARGIN_MM;
        return left > 0 ? new PlanPdf(name, plan, paper, pdf.zoom, pdf.drawingMm + left).draw() : drawn;
    }

    private byte[] draw() {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            try (PdfPage drawn = new PdfPage(document, new PdfFonts(document), paper)) {
                page = drawn;
                y = paper.heightMm() - MARGIN_MM - 4;
                heading();
                plan.scoreCards().forEach(this::pieceDrawing);
                plan.scoreCards().forEach(this::scoreCard);
                cutList();
                steps();
                snags();
            }
            document.getDocumentInformation().setTitle(name);
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private double width() {
        return paper.widthMm() - 2 * MARGIN_MM;
    }

    private void heading() {
        page.text(MARGIN_MM, y, 6 * zoom, true, page.fitting(name, 6 * zoom, true, paper.widthMm() - 2 * MARGIN_MM));
        y -= 7 * zoom;
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
        row(line.toString(), TEXT_MM);
        y -= 2 * zoom;
    }

    /** One scale for all pieces of a card, so that they can be told apart by size. */
    private double scale() {
        double widest = 0;
        double height = 0;
        for (ScoreCard card : plan.scoreCards()) {
            widest = Math.max(widest, card.piece().size().width().millimetres());
            height += card.piece().size().height().millimetres();
        }
        return Math.min(width() / widest, drawingMm / height);
    }

    private void pieceDrawing(ScoreCard card) {
        Piece piece = card.piece();
        Size size = piece.size();
        double scale = scale();
        double drawnHeight = size.height().millimetres() * scale;
        double left = MARGIN_MM + (width() - size.width().millimetres() * scale) / 2;
        List<SquareReading> upright = card.lines().stream()
                .flatMap(r -> r instanceof SquareReading square ? Stream.of(square) : Stream.empty())
                .filter(r -> r.lie() == ScoreReading.Lie.UPRIGHT)
                .toList();
        y -= scorePositions(upright, left, scale, y);
        double top = y;
        PieceDrawing drawing = new PieceDrawing(page, scale, left, top - drawnHeight);
        drawing.draw(piece);
        for (Panel panel : plan.structure().panels()) {
            if (panel.piece().equals(piece.name())) {
                label(drawing, panel, size, scale);
            }
        }
        page.centred(
                MARGIN_MM + width() / 2,
                top - drawnHeight - 4 * zoom,
                SMALL_MM * zoom,
                false,
                "%s %s, face side up; valleys dashed, mountains dash-dot; not to scale"
                        .formatted(piece.name(), ruler.text(size)));
        y = top - drawnHeight - 9 * zoom;
    }

    /** Each position once, over its score; where two would touch, the next goes one line higher. @return the height taken */
    private double scorePositions(List<SquareReading> scores, double left, double scale, double from) {
        double line = SMALL_MM * LEADING * zoom;
        List<Length> positions = scores.stream()
                .map(SquareReading::fromStart)
                .distinct()
                .sorted()
                .toList();
        List<Double> taken = new ArrayList<>();
        List<Integer> lines = new ArrayList<>();
        for (Length position : positions) {
            double x = left + position.millimetres() * scale;
            double half = page.width(ruler.text(position), SMALL_MM * zoom, false) / 2 + zoom / 2;
            int free = 0;
            while (free < taken.size() && taken.get(free) > x - half) {
                free++;
            }
            if (free == taken.size()) {
                taken.add(0.0);
            }
            taken.set(free, x + half);
            lines.add(free);
        }
        double height = Math.max(1, taken.size()) * line;
        for (int i = 0; i < positions.size(); i++) {
            page.centred(
                    left + positions.get(i).millimetres() * scale,
                    from - height + lines.get(i) * line + 1.2 * zoom,
                    SMALL_MM * zoom,
                    false,
                    ruler.text(positions.get(i)));
        }
        return height;
    }

    /** Across the panel, or along it where it is narrow; smaller where it must be, down to what can be read. */
    private void label(PieceDrawing drawing, Panel panel, Size piece, double scale) {
        String measure = panel.box().height().equals(piece.height())
                ? ruler.text(panel.box().width())
                : ruler.text(panel.box());
        Coordinate inside = panel.outline().getInteriorPoint().getCoordinate();
        double cx = drawing.x(inside.x / Length.COUNTS_PER_MILLIMETRE);
        double cy = drawing.y(inside.y / Length.COUNTS_PER_MILLIMETRE);
        double wide = panel.box().width().millimetres() * scale;
        double high = panel.box().height().millimetres() * scale;
        double type = SMALL_MM * zoom;
        double length = 1.1 * Math.max(page.width(panel.name(), type, true), page.width(measure, type, false));
        double thick = 2.6 * type;
        boolean along = length > wide && high > wide;
        double shrunk = Math.min(1, Math.min((along ? high : wide) / length, (along ? wide : high) / thick));
        if (shrunk * type < SMALLEST_MM) {
            return;
        }
        double small = shrunk * type;
        page.turned(along ? 90 : 0, cx, cy, () -> {
            page.centred(0, 0.3 * small, small, true, panel.name());
            page.centred(0, -1.1 * small, small, false, measure);
        });
    }

    private void title(String text) {
        y -= 1.5 * zoom;
        page.text(MARGIN_MM, y, 4 * zoom, true, text);
        y -= 5.2 * zoom;
    }

    private void row(String text, double size) {
        for (String line : page.wrap(text, size * zoom, width())) {
            page.text(MARGIN_MM, y, size * zoom, false, line);
            y -= size * LEADING * zoom;
        }
    }

    private void columns(double[] at, boolean bold, String... cells) {
        for (int i = 0; i < cells.length; i++) {
            page.text(MARGIN_MM + at[i], y, TEXT_MM * zoom, bold, cells[i]);
        }
        y -= TEXT_MM * LEADING * zoom;
    }

    private void scoreCard(ScoreCard card) {
        if (card.settings().isEmpty()) {
            return;
        }
        title("Score card: " + card.piece().name());
        double[] at = {0, 40, 70, 100, 122};
        boolean level = card.settings().stream().anyMatch(r -> r.lie() == ScoreReading.Lie.LEVEL);
        boolean upright = card.settings().stream().anyMatch(r -> r.lie() == ScoreReading.Lie.UPRIGHT);
        String oneEnd = !level ? "from the left" : upright ? "left or bottom" : "from the bottom";
        String otherEnd = !level ? "from the right" : upright ? "right or top" : "from the top";
        columns(at, true, "score", oneEnd, otherEnd, "score on", "fold");
        for (ScoreSetting s : card.settings()) {
            columns(
                    at,
                    false,
                    s.name(),
                    s.at() instanceof SquareReading square
                            ? ruler.text(square.fromStart())
                            : s.at() instanceof ObliqueReading ? "by ruler" : "by template",
                    s.at() instanceof SquareReading square ? ruler.text(square.fromEnd()) : "",
                    s.scoreOn().map(side -> side.word() + " side").orElse("see fold"),
                    s.how(ruler));
        }
        for (ScoreSetting s : card.settings()) {
            if (s.at() instanceof ObliqueReading oblique) {
                row("%s: the ruler lies %s.".formatted(s.name(), oblique.along(ruler)), TEXT_MM);
            }
        }
        for (ScoreCard.BothEnds both : card.sameFromBothEnds()) {
            row("From both ends, %s up: %s.".formatted(both.side().word(), both.text(ruler)), TEXT_MM);
        }
    }

    private void cutList() {
        title("Pieces");
        double[] at = {0, 12, 50, 92};
        columns(at, true, "how many", "", "width × height", "for");
        for (Plan.CutPiece piece : plan.cutList()) {
            String use = piece.note().isEmpty() ? piece.goesOn() : piece.goesOn() + "; " + piece.note();
            page.text(MARGIN_MM + at[0], y, TEXT_MM * zoom, false, piece.count() + " ×");
            page.text(MARGIN_MM + at[1], y, TEXT_MM * zoom, false, piece.name());
            page.text(MARGIN_MM + at[2], y, TEXT_MM * zoom, true, ruler.text(piece.size()));
            for (String line : page.wrap(use, TEXT_MM * zoom, width() - at[3])) {
                page.text(MARGIN_MM + at[3], y, TEXT_MM * zoom, false, line);
                y -= TEXT_MM * LEADING * zoom;
            }
        }
    }

    private void steps() {
        title("Order of work");
        int number = 1;
        Set<String> cautions = new LinkedHashSet<>();
        for (Step step : plan.steps()) {
            row("%d. %s: %s".formatted(number++, step.title(), step.text()), TEXT_MM);
            if (!step.caution().isEmpty()) {
                cautions.add(step.caution());
            }
        }
        if (!cautions.isEmpty()) {
            title("Take care");
            cautions.stream()
                    .filter(c ->
                            cautions.stream().noneMatch(longer -> longer.length() > c.length() && longer.startsWith(c)))
                    .forEach(c -> row(c, TEXT_MM));
        }
    }

    private void snags() {
        if (plan.snags().stream().allMatch(s -> s.severity() == Severity.NOTE)) {
            return;
        }
        title("Mind before you cut");
        for (Snag snag : plan.snags()) {
            if (snag.severity() != Severity.NOTE) {
                row("! " + snag.text(), TEXT_MM);
            }
        }
    }
}
