package vantbreeze.server.export;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import vantbreeze.make.ShapeReading;
import vantbreeze.measure.Size;
import vantbreeze.part.Part;
import vantbreeze.plan.Plan;
import vantbreeze.server.type.Typesetter;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Slit;

/**
 * The pieces at life size, small ones together on a page and large ones tiled over as many as they need, with a bar to check the
 * printer by.
 */
final class TemplatePdf {

    /** No common printer prints closer to the edge. */
    private static final double TITLE_MM = 3.4;

    private static final double NAME_MM = 2.8;
    private static final double NAME_BELOW_MM = 3.6;

    private static final double MARGIN_MM = 12;

    /** Neighbouring pages repeat this much, so that they can be laid over each other. */
    private static final double OVERLAP_MM = 10;

    /** Room at the foot for the test bar and the words. */
    private static final double FOOT_MM = 20;

    private static final double MARK_MM = 4;
    private static final double BAR_MM = 100;
    private static final double BAR_INCHES_MM = 4 * 25.4;

    private TemplatePdf() {}

    /** What a size does not say: shapes that no straight cuts make, and whatever has scores or openings; those alike once, offcuts never. */
    static byte[] of(String name, Plan plan, Paper paper) {
        Map<List<Object>, List<Piece>> alike = new LinkedHashMap<>();
        plan.parts().stream()
                .filter(p -> p.offcutOf().isEmpty())
                .map(Part::piece)
                .filter(TemplatePdf::isOfUse)
                .forEach(p ->
                        alike.computeIfAbsent(lines(p), k -> new ArrayList<>()).add(p));
        return of(name, alike.values().stream().map(Template::of).toList(), paper);
    }

    /** Everything that is drawn of a piece. */
    private static List<Object> lines(Piece piece) {
        return List.of(
                Part.atOrigin(piece.polygon()).norm(),
                piece.scores().stream().map(s -> List.of(s.path(), s.fold())).toList(),
                piece.slits().stream().map(Slit::path).toList());
    }

    /** @param name of all pieces that it is for */
    record Template(String name, Piece piece) {

        static Template of(List<Piece> alike) {
            return new Template(
                    alike.stream().map(Piece::name).distinct().collect(Collectors.joining(", ")), alike.get(0));
        }
    }

    static boolean isOfUse(Piece piece) {
        boolean isCut = piece.polygon().isRectangle() || ShapeReading.of(piece).isPresent();
        return !isCut || !piece.scores().isEmpty() || !piece.slits().isEmpty();
    }

    static byte[] of(String name, List<Template> pieces, Paper paper) {
        List<Template> small = pieces.stream()
                .filter(p -> fewestPages(p.piece().size(), paper).count() == 1)
                .toList();
        return PdfFile.of(name + ": 1:1 template", document -> {
            Typesetter<PDFont> fonts = PdfFonts.of(document);
            packed(small, paper).forEach(page -> page.draw(document, fonts, name));
            pieces.stream()
                    .filter(p -> !small.contains(p))
                    .forEach(p -> pages(
                            document, fonts, name, p, fewestPages(p.piece().size(), paper)));
        });
    }

    /** Mostly upright or mostly lying, whichever needs fewer pages. */
    private static List<Packed> packed(List<Template> pieces, Paper paper) {
        List<Packed> upright = packed(pieces, paper, paper.turned());
        List<Packed> lying = packed(pieces, paper.turned(), paper);
        return lying.size() < upright.size() ? lying : upright;
    }

    private static List<Packed> packed(List<Template> pieces, Paper mostly, Paper otherwise) {
        List<Template> here = pieces.stream()
                .filter(p -> Tiling.of(p.piece().size(), mostly).count() == 1)
                .toList();
        List<Template> rest = pieces.stream().filter(p -> !here.contains(p)).toList();
        return Stream.concat(on(mostly, here), on(otherwise, rest)).toList();
    }

    private static Stream<Packed> on(Paper paper, List<Template> pieces) {
        return Shelves.of(pieces, paper.widthMm() - 2 * MARGIN_MM, paper.heightMm() - 2 * MARGIN_MM - FOOT_MM).stream()
                .map(places -> new Packed(paper, places));
    }

    /** A page of whole pieces. */
    private record Packed(Paper paper, List<Shelves.Place> places) {

        void draw(PDDocument document, Typesetter<PDFont> fonts, String name) {
            try (PdfPage page = new PdfPage(document, fonts, paper)) {
                for (Shelves.Place place : places) {
                    double left = MARGIN_MM + place.x();
                    double bottom = MARGIN_MM + FOOT_MM + place.y();
                    Point corner = place.template().piece().lowerLeft();
                    new PieceDrawing(
                                    page,
                                    1,
                                    left - corner.x().millimetres(),
                                    bottom - corner.y().millimetres())
                            .draw(place.template().piece());
                    if (places.size() > 1) {
                        double room = place.template().piece().size().width().millimetres() + Shelves.GAP_MM - 1;
                        String called = page.fitting(place.template().name(), NAME_MM, true, room);
                        page.text(left, bottom - NAME_BELOW_MM, NAME_MM, true, called);
                    }
                }
                String names = places.stream().map(p -> p.template().name()).collect(Collectors.joining(", "));
                titled(page, paper, name, names, false);
            }
        }
    }

    /** Upright or lying, whichever needs fewer pages. */
    private static Tiling fewestPages(Size piece, Paper paper) {
        Tiling upright = Tiling.of(piece, paper);
        Tiling lying = Tiling.of(piece, paper.turned());
        return lying.count() < upright.count() ? lying : upright;
    }

    /** @param stepX how far the window moves from one page to the next, mm */
    private record Tiling(Paper paper, int columns, int rows, double stepX, double stepY) {

        static Tiling of(Size piece, Paper paper) {
            double width = paper.widthMm() - 2 * MARGIN_MM;
            double height = paper.heightMm() - 2 * MARGIN_MM - FOOT_MM;
            return new Tiling(
                    paper,
                    pages(piece.width().millimetres(), width),
                    pages(piece.height().millimetres(), height),
                    width - OVERLAP_MM,
                    height - OVERLAP_MM);
        }

        private static int pages(double length, double window) {
            return length <= window ? 1 : (int) Math.ceil((length - OVERLAP_MM) / (window - OVERLAP_MM));
        }

        int count() {
            return columns * rows;
        }
    }

    private static void pages(
            PDDocument document, Typesetter<PDFont> fonts, String name, Template template, Tiling tiling) {
        for (int row = 0; row < tiling.rows(); row++) {
            for (int column = 0; column < tiling.columns(); column++) {
                try (PdfPage page = new PdfPage(document, fonts, tiling.paper())) {
                    draw(page, template.piece(), tiling, column, row);
                    String place = tiling.count() == 1
                            ? ""
                            : ", page %d across, %d up of %d by %d"
                                    .formatted(column + 1, row + 1, tiling.columns(), tiling.rows());
                    titled(page, tiling.paper(), name, template.name() + place, true);
                }
            }
        }
    }

    private static void draw(PdfPage page, Piece piece, Tiling tiling, int column, int row) {
        double width = tiling.paper().widthMm() - 2 * MARGIN_MM;
        double height = tiling.paper().heightMm() - 2 * MARGIN_MM - FOOT_MM;
        double bottom = MARGIN_MM + FOOT_MM;
        page.clip(MARGIN_MM - 0.5, bottom - 0.5, width + 1, height + 1);
        Point corner = piece.lowerLeft();
        new PieceDrawing(
                        page,
                        1,
                        MARGIN_MM - column * tiling.stepX() - corner.x().millimetres(),
                        bottom - row * tiling.stepY() - corner.y().millimetres())
                .draw(piece);
        page.unclip();
        page.stroke(0.1, 0.5);
        if (column > 0) {
            overlapMarks(page, MARGIN_MM + OVERLAP_MM, bottom, MARGIN_MM + OVERLAP_MM, bottom + height);
        }
        if (column < tiling.columns() - 1) {
            overlapMarks(page, MARGIN_MM + width, bottom, MARGIN_MM + width, bottom + height);
        }
        if (row > 0) {
            overlapMarks(page, MARGIN_MM, bottom + OVERLAP_MM, MARGIN_MM + width, bottom + OVERLAP_MM);
        }
        if (row < tiling.rows() - 1) {
            overlapMarks(page, MARGIN_MM, bottom + height, MARGIN_MM + width, bottom + height);
        }
    }

    /** A cross at both ends of the line on which the next page's same line is laid. */
    private static void overlapMarks(PdfPage page, double x1, double y1, double x2, double y2) {
        for (double[] at : new double[][] {{x1, y1}, {x2, y2}}) {
            page.line(at[0] - MARK_MM, at[1], at[0] + MARK_MM, at[1]);
            page.line(at[0], at[1] - MARK_MM, at[0], at[1] + MARK_MM);
        }
    }

    private static void titled(PdfPage page, Paper paper, String name, String what, boolean tiled) {
        double width = paper.widthMm() - 2 * MARGIN_MM;
        String rest = page.fitting(": " + what, TITLE_MM, true, width / 2);
        foot(page, page.fitting(name, TITLE_MM, true, width - page.width(rest, TITLE_MM, true)) + rest, tiled);
    }

    private static void foot(PdfPage page, String title, boolean tiled) {
        bar(page, MARGIN_MM + 4, BAR_MM, "100 mm");
        bar(page, MARGIN_MM - 4, BAR_INCHES_MM, "4 in");
        double x = MARGIN_MM + BAR_INCHES_MM + 16;
        page.text(x, MARGIN_MM + 5, 2.8, false, "Print at 100 %, then measure both bars.");
        page.text(x, MARGIN_MM + 1, 2.8, false, "Valleys dashed, mountains dash-dot.");
        if (tiled) {
            page.text(x, MARGIN_MM - 3, 2.8, false, "Lay the crosses on each other.");
        }
        page.text(MARGIN_MM, MARGIN_MM + 10, TITLE_MM, true, title);
    }

    private static void bar(PdfPage page, double y, double length, String label) {
        page.stroke(0.25, 0);
        page.line(MARGIN_MM, y, MARGIN_MM + length, y);
        page.line(MARGIN_MM, y - 1.2, MARGIN_MM, y + 1.2);
        page.line(MARGIN_MM + length, y - 1.2, MARGIN_MM + length, y + 1.2);
        page.text(MARGIN_MM + length + 2, y - 1, 2.8, false, label);
    }
}
