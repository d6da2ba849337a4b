package vantbreeze.server.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.algorithm.MinimumBoundingCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.fold.Girth;
import vantbreeze.make.SquareReading;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.plan.Plan;
import vantbreeze.plan.Planner;
import vantbreeze.post.MadeEnvelope;
import vantbreeze.server.TestBriefs;
import vantbreeze.server.export.PdfReading.Line;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.type.Typesetter;
import vantbreeze.structure.Piece;
import vantbreeze.structure.ScoreLine;

/** Prints are read back with Apache PDFBox and measured. */
class PdfTest {

    private static final double TOLERANCE_MM = 0.1;

    private static Plan plan(String brief) {
        return Planner.plan(new JsonMapper().readValue(brief, BriefJson.class).read());
    }

    /** Outline and scores in mm from the piece's lower left corner. */
    private static List<Line> linesOf(Piece piece) {
        double w = piece.size().width().millimetres();
        double h = piece.size().height().millimetres();
        List<Line> lines = new ArrayList<>(
                List.of(new Line(0, 0, w, 0), new Line(w, 0, w, h), new Line(w, h, 0, h), new Line(0, h, 0, 0)));
        for (ScoreLine s : piece.scores()) {
            lines.add(new Line(
                    s.from().x().millimetres(),
                    s.from().y().millimetres(),
                    s.to().x().millimetres(),
                    s.to().y().millimetres()));
        }
        return lines;
    }

    /** The drawn lines from the corner of the piece, which is where its longest upright and level lines meet. */
    private static List<Line> fromCorner(List<Line> drawn, Piece piece) {
        Line bottom = drawn.stream()
                .filter(l ->
                        Math.abs(l.length() - piece.size().width().millimetres()) < TOLERANCE_MM && l.y1() == l.y2())
                .min(Comparator.comparingDouble(Line::y1))
                .orElseThrow();
        return drawn.stream()
                .map(l -> l.movedBy(-Math.min(bottom.x1(), bottom.x2()), -bottom.y1()))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({"a4, 4 in, 5 1/2 in", "letter, 4 in, 5 1/2 in", "letter, 100 mm, 123.5 mm"})
    void theTemplateIsLifeSize(String paper, String width, String height) throws IOException {
        Plan plan = plan(TestBriefs.zFold(width, height));
        Piece base = plan.structure().pieces().get(0);
        try (PDDocument pdf = Loader.loadPDF(TemplatePdf.of("Test", plan, Paper.named(paper)))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            List<Line> drawn = fromCorner(PdfReading.lines(pdf.getPage(0)), base);
            for (Line wanted : linesOf(base)) {
                assertThat(drawn).anyMatch(l -> l.isWithin(TOLERANCE_MM, wanted));
            }
        }
    }

    /** Arcs stay arcs: a round hole is a few curves (the operator "c" of ISO 32000-1, 8.5.2), each of whose ends lies on its circle. */
    @Test
    void aRoundHoleIsDrawnAsCurves() throws IOException {
        Plan plan = plan(TestBriefs.zFold("4 in", "6 in").replace("z-fold", "interlocking-gatefold"));
        Piece ring = plan.structure().piece("ring");
        double radius = ring.size().width().millimetres() / 2;
        List<List<Coordinate>> rings = new ArrayList<>();
        try (PDDocument pdf = Loader.loadPDF(TemplatePdf.of("Test", plan, Paper.named("a4")))) {
            for (PDPage page : pdf.getPages()) {
                List<Object> tokens = new PDFStreamParser(page).parse();
                for (int i = 0; i < tokens.size(); i++) {
                    if (tokens.get(i) instanceof Operator operator
                            && List.of("m", "c").contains(operator.getName())) {
                        if (operator.getName().equals("m")) {
                            rings.add(new ArrayList<>());
                        }
                        rings.get(rings.size() - 1)
                                .add(new Coordinate(
                                        ((COSNumber) tokens.get(i - 2)).floatValue() * 25.4 / 72,
                                        ((COSNumber) tokens.get(i - 1)).floatValue() * 25.4 / 72));
                    }
                }
            }
        }
        rings.removeIf(r -> r.size() < 3);
        assertThat(rings)
                .as("ring, hole and disc at least")
                .hasSizeGreaterThanOrEqualTo(3)
                .allSatisfy(r -> assertThat(r).hasSizeLessThan(20));
        assertThat(rings)
                .anySatisfy(r -> assertThat(new MinimumBoundingCircle(
                                        new GeometryFactory().createMultiPointFromCoords(r.toArray(new Coordinate[0])))
                                .getRadius())
                        .isCloseTo(radius, within(TOLERANCE_MM)));
    }

    /** An envelope that is made by its template is as large as the template draws it. */
    @ParameterizedTest
    @EnumSource(MadeEnvelope.Style.class)
    void aMadeEnvelopeIsDrawnInLifeSize(MadeEnvelope.Style style) throws IOException {
        Plan plan = plan(TestBriefs.zFold("3 in", "2 1/2 in"));
        Piece blank = ExportController.envelope(plan, style).piece();
        try (PDDocument pdf = Loader.loadPDF(
                TemplatePdf.of("Test", List.of(TemplatePdf.Template.of(List.of(blank))), Paper.named("a4")))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            List<Double> lengths =
                    PdfReading.lines(pdf.getPage(0)).stream().map(Line::length).toList();
            assertThat(blank.scores()).hasSizeGreaterThanOrEqualTo(4).allSatisfy(s -> {
                double mm = Math.hypot(
                        s.to().x().minus(s.from().x()).millimetres(),
                        s.to().y().minus(s.from().y()).millimetres());
                assertThat(lengths).anySatisfy(l -> assertThat(l).isCloseTo(mm, within(TOLERANCE_MM)));
            });
        }
    }

    /** Small templates lie together: those of a fan fill no more pages than its strips are long. */
    @Test
    void smallTemplatesShareAPage() throws IOException {
        Plan plan = plan(TestBriefs.zFold("4 1/4 in", "5 1/2 in").replace("z-fold", "fan-concertina"));
        try (PDDocument pdf = Loader.loadPDF(TemplatePdf.of("Test", plan, Paper.named("letter")))) {
            assertThat(pdf.getNumberOfPages()).isLessThanOrEqualTo(3);
        }
    }

    /** No piece lies over another, over an edge, or over another one's name. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 5, 12, 25})
    void piecesOnAPageKeepApart(int number) {
        Random random = new Random(number);
        List<Integer> sides = random.ints(number, 5, 180).boxed().toList();
        List<TemplatePdf.Template> pieces = IntStream.range(0, sides.size())
                .mapToObj(i -> TemplatePdf.Template.of(List.of(Piece.rectangle(
                                "piece " + i,
                                Length.millimetres(sides.get(i)),
                                Length.millimetres(sides.get((i + 1) % sides.size())))
                        .build())))
                .toList();
        List<List<Shelves.Place>> pages = Shelves.of(pieces, 186, 253);
        assertThat(pages.stream().flatMap(List::stream).map(Shelves.Place::template))
                .containsExactlyInAnyOrderElementsOf(pieces);
        for (List<Shelves.Place> page : pages) {
            List<Envelope> boxes = page.stream()
                    .map(p -> new Envelope(
                            p.x(),
                            p.x() + p.template().piece().size().width().millimetres(),
                            p.y() - (page.size() > 1 && p.y() > 0 ? Shelves.GAP_MM : 0) + 0.001,
                            p.y() + p.template().piece().size().height().millimetres()))
                    .toList();
            for (int i = 0; i < boxes.size(); i++) {
                assertThat(new Envelope(-0.001, 186.001, -0.001, 253.001).contains(boxes.get(i)))
                        .isTrue();
                for (int j = 0; j < i; j++) {
                    assertThat(boxes.get(i).intersects(boxes.get(j))).isFalse();
                }
            }
        }
    }

    /** A drawn ornament and the pieces of a closure are cut by the template too. */
    @Test
    void shapedOrnamentsAndClosuresAreInTheTemplate() throws IOException {
        Plan plan = plan(TestBriefs.gatefold("5 1/2 in", "4 in")
                .replace("\"closure\": null", "\"closure\": \"ring\"")
                .replace("\"ornaments\": []", """
                        "ornaments": [{"name": "tag", "face": "back/face", "outline": "outline 1 in: 0,0 4,0 2,3 2,1",
                          "x": "1/2 in", "y": "1 in", "lift": null, "glue": "OWN_PANEL",
                          "paper": {"stock": "200 gsm", "colour": "#c0504d", "print": "PLAIN"}}]"""));
        try (PDDocument pdf = Loader.loadPDF(TemplatePdf.of("Test", plan, Paper.named("a4")))) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text).contains("tag", "ring", "disc");
        }
    }

    /** 100 mm, and 4 in of 25.4 mm each. */
    @Test
    void everyTemplatePageHasItsTestBars() throws IOException {
        Plan plan = plan(TestBriefs.gatefold("5 1/2 in", "8 in"));
        try (PDDocument pdf = Loader.loadPDF(TemplatePdf.of("Test", plan, Paper.named("a4")))) {
            assertThat(pdf.getNumberOfPages()).isGreaterThan(1);
            for (PDPage page : pdf.getPages()) {
                List<Double> lengths =
                        PdfReading.lines(page).stream().map(Line::length).toList();
                assertThat(lengths).anySatisfy(l -> assertThat(l).isCloseTo(100, within(TOLERANCE_MM)));
                assertThat(lengths).anySatisfy(l -> assertThat(l).isCloseTo(101.6, within(TOLERANCE_MM)));
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"a4, 5 1/2 in, 8 in", "letter, 10 in, 16 in"})
    void tilesShowTheWholePieceAndTheirCrossesMeet(String paper, String width, String height) throws IOException {
        Plan plan = plan(TestBriefs.gatefold(width, height));
        Piece base = plan.structure().pieces().get(0);
        try (PDDocument pdf = Loader.loadPDF(TemplatePdf.of("Test", plan, Paper.named(paper)))) {
            List<Line> windows = new ArrayList<>();
            List<List<Line>> crosses = new ArrayList<>();
            for (PDPage page : pdf.getPages()) {
                List<Line> drawn = PdfReading.lines(page);
                List<Line> placed = fromCorner(drawn, base);
                Line moved = placed.get(0);
                Line asDrawn = drawn.get(0);
                Line window = PdfReading.clips(page).get(0);
                windows.add(window.movedBy(moved.x1() - asDrawn.x1(), moved.y1() - asDrawn.y1()));
                crosses.add(placed.stream()
                        .filter(l -> Math.abs(l.length() - 8) < TOLERANCE_MM)
                        .toList());
            }
            assertThat(windows.size()).isGreaterThan(1);
            for (Line line : linesOf(base)) {
                for (double t = 0; t <= 1; t += 0.01) {
                    double x = line.x1() + t * (line.x2() - line.x1());
                    double y = line.y1() + t * (line.y2() - line.y1());
                    assertThat(windows).anyMatch(w -> x >= w.x1() && x <= w.x2() && y >= w.y1() && y <= w.y2());
                }
            }
            for (List<Line> mine : crosses) {
                List<Line> others = crosses.stream()
                        .filter(c -> c != mine)
                        .flatMap(List::stream)
                        .toList();
                assertThat(mine).isNotEmpty();
                assertThat(mine).allMatch(c -> others.stream().anyMatch(o -> o.isWithin(TOLERANCE_MM, c)));
            }
        }
    }

    /** Fractions are set small and apart: 9 15/16 must never read as 915/16. */
    @ParameterizedTest
    @CsvSource({"a4", "letter"})
    void thePlanHasEveryNumberOnIt(String paper) throws IOException {
        String brief = TestBriefs.gatefold("5 1/16 in", "7 3/16 in")
                .replace("\"parameters\": {}", "\"parameters\": {\"left\": \"3 1/4 in\", \"gap\": \"1/16 in\"}");
        Plan plan = plan(brief);
        try (PDDocument pdf = Loader.loadPDF(PlanPdf.of("Raffle <b>& co</b> 望", plan, List.of(), Paper.named(paper)))) {
            assertThat(pdf.getNumberOfPages()).isBetween(2, 4);
            PDRectangle box = pdf.getPage(0).getMediaBox();
            PDRectangle sheet = paper.equals("a4") ? PDRectangle.A4 : PDRectangle.LETTER;
            assertThat(box.getWidth()).isCloseTo(sheet.getWidth(), within(0.3f));
            assertThat(box.getHeight()).isCloseTo(sheet.getHeight(), within(0.3f));
            String text = PdfReading.text(pdf);
            assertThat(text).contains("Raffle <b>& co</b> 望");
            numbers(plan).forEach(n -> assertThat(text).contains(n));
            plan.steps().forEach(s -> assertThat(text).contains(plain(s.title())));
            assertThat(text).contains("Blades are sharp");
        }
    }

    /** Every step with its number in its order, every number of the design on its card; nothing smaller than 9 points but fractions. */
    @ParameterizedTest
    @CsvSource({"a4, 105, 148", "letter, 101.6, 152.4"})
    void theBookletHasEveryStepAndTheCardForTheBoxEveryNumber(String paper, float width, float height)
            throws IOException {
        Plan plan = plan(TestBriefs.gatefold("5 1/16 in", "7 3/16 in"));
        try (PDDocument pdf = Loader.loadPDF(BookletPdf.of("Raffle", plan, Paper.named(paper)))) {
            String text = PdfReading.text(pdf);
            int from = 0;
            for (int i = 0; i < plan.steps().size(); i++) {
                int at = text.indexOf(
                        "%d. %s".formatted(i + 1, plain(plan.steps().get(i).title())), from);
                assertThat(at).as("step %d".formatted(i + 1)).isGreaterThanOrEqualTo(from);
                from = at;
            }
            assertThat(text.split("Blades are sharp", -1)).hasSize(2);
        }
        try (PDDocument pdf = Loader.loadPDF(MemoryPdf.of("Raffle", plan, Paper.named(paper)))) {
            assertThat(pdf.getNumberOfPages()).isBetween(1, 2);
            PDRectangle box = pdf.getPage(0).getMediaBox();
            assertThat(box.getWidth() * 25.4f / 72).isCloseTo(width, within(0.1f));
            assertThat(box.getHeight() * 25.4f / 72).isCloseTo(height, within(0.1f));
            String text = PdfReading.text(pdf).replaceAll("\\s+", " ");
            plan.scoreCards().stream()
                    .flatMap(c -> c.settings().stream())
                    .map(s -> ((SquareReading) s.at()).fromStart())
                    .forEach(l ->
                            assertThat(text).contains(plain(plan.brief().ruler().text(l))));
            plan.cutList()
                    .forEach(c ->
                            assertThat(text).contains(plain(plan.brief().ruler().text(c.size()))));
        }
    }

    private static Stream<String> numbers(Plan plan) {
        Stream<String> scores = plan.scoreCards().stream()
                .flatMap(c -> c.readings().stream())
                .filter(r -> r instanceof SquareReading)
                .map(SquareReading.class::cast)
                .flatMap(r -> Stream.of(r.fromStart(), r.fromEnd()))
                .map(plan.brief().ruler()::text);
        Stream<String> pieces =
                plan.cutList().stream().map(p -> plan.brief().ruler().text(p.size()));
        return Stream.concat(scores, pieces).map(PdfTest::plain);
    }

    private static String plain(String text) {
        return text.replace('\u202f', ' ').replace("≈", "~");
    }

    /** Whatever is written in a table's narrow columns, the pages come to an end and hold all of it. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "m",
                "5\u00bd\u00a0in ",
                "\u6f22\u5b57 ",
                "\u05e9\u05dc\u05d5\u05dd ",
                "1\u202f3\u20448 \u00d7 ",
                "<&>"
            })
    void endlessWordsInNarrowColumnsAreSet(String piece) throws IOException {
        List<String> row = List.of(piece.repeat(150), "1", piece.repeat(3), piece, piece.repeat(60));
        try (PDDocument document = new PDDocument()) {
            Typesetter<PDFont> fonts = PdfFonts.of(document);
            Html html = new Html(fonts)
                    .heading(piece.repeat(90))
                    .table(row, List.of(row, row, row))
                    .list(true, row)
                    .paragraph("the end");
            assertTimeoutPreemptively(
                    Duration.ofMinutes(5), () -> TextPages.add(document, fonts, html, Paper.named("a4")));
            try (PDDocument read = Loader.loadPDF(saved(document))) {
                assertThat(PdfReading.text(read)).endsWith("the end");
                assertThat(read.getDocumentCatalog().getMetadata()).isNull();
            }
        }
    }

    private static byte[] saved(PDDocument document) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        document.save(out);
        return out.toByteArray();
    }

    /** Trimmed outlines need not begin at the corner of their box: whatever the size, first and last page hold their ends. */
    @Test
    void noMadeEnvelopeLeavesItsPages() throws IOException {
        for (int width = 5; width <= 16; width += 2) {
            for (int height = 6; height <= 16; height += 2) {
                Length thick = Length.millimetres(1.2);
                Girth card = Girth.ofSlab(new Size(Length.inches(width, 2), Length.inches(height, 2)), thick);
                for (MadeEnvelope made : MadeEnvelope.of(card, thick, ToolGrid.SIXTEENTH_INCH)) {
                    for (String name : List.of("a4", "letter")) {
                        Paper paper = Paper.named(name);
                        try (PDDocument pdf = Loader.loadPDF(
                                TemplatePdf.of("e", List.of(TemplatePdf.Template.of(List.of(made.piece()))), paper))) {
                            PDPage first = pdf.getPage(0);
                            PDPage last = pdf.getPage(pdf.getNumberOfPages() - 1);
                            double wide = first.getMediaBox().getWidth() * 25.4 / 72;
                            double high = first.getMediaBox().getHeight() * 25.4 / 72;
                            assertThat(PdfReading.lines(first))
                                    .as("%s for %d/2 x %d/2 in on %s", made.style(), width, height, name)
                                    .allMatch(l -> Math.min(l.x1(), l.x2()) > 0 && Math.min(l.y1(), l.y2()) > 0);
                            assertThat(PdfReading.lines(last))
                                    .as("%s for %d/2 x %d/2 in on %s", made.style(), width, height, name)
                                    .allMatch(l -> Math.max(l.x1(), l.x2()) < wide && Math.max(l.y1(), l.y2()) < high);
                        }
                    }
                }
            }
        }
    }

    /** Names in any script: Latin, Greek, Cyrillic, Hebrew, Arabic, Chinese, Japanese, Korean, emoji; never a question mark. */
    @Test
    void namesArePrintedInEveryScript() throws IOException {
        String name = "Ĝoja Ωmega Жук 彗星 かな 한글 🌠";
        Plan plan = plan(TestBriefs.zFold("4 in", "5 1/2 in"));
        for (byte[] pdf : List.of(
                PlanPdf.of(name, plan, List.of(), Paper.named("a4")), TemplatePdf.of(name, plan, Paper.named("a4")))) {
            try (PDDocument document = Loader.loadPDF(pdf)) {
                String text = PdfReading.text(document).replace(" ", "").replace("\n", "");
                assertThat(text).contains(name.replace(" ", "")).doesNotContain("?");
            }
        }
    }

    /**
     * What runs from right to left is drawn from its end, and Arabic letters in the forms that join (Unicode Standard Annex 9;
     * lam and alef become one sign, U+FEFB).
     */
    @Test
    void whatRunsFromRightToLeftIsTurnedRound() throws IOException {
        try (PDDocument document = new PDDocument()) {
            Typesetter<PDFont> fonts = PdfFonts.of(document);
            assertThat(fonts.runs("שלום", false))
                    .singleElement()
                    .satisfies(s -> assertThat(s.text()).isEqualTo("םולש"));
            assertThat(fonts.runs("\u0644\u0627", false))
                    .singleElement()
                    .satisfies(s -> assertThat(s.text().strip()).isEqualTo("\ufefb"));
            assertThat(fonts.runs("A5 \ud800\udc00", false))
                    .extracting(Typesetter.Run::text)
                    .containsExactly("A5 ", "\u25a1");
        }
    }

    @Test
    void longNamesAndWordsStayOnThePage() throws IOException {
        Plan plan = plan(TestBriefs.zFold("4 in", "5 1/2 in"));
        String name = "W".repeat(80);
        try (PDDocument document = Loader.loadPDF(PlanPdf.of(name, plan, List.of(), Paper.named("a4")))) {
            assertThat(PdfReading.text(document)).contains("WWW").contains("…");
        }
        try (PDDocument document = new PDDocument()) {
            PdfPage page = new PdfPage(document, PdfFonts.of(document), Paper.named("a4"));
            assertThat(page.wrap("a " + name + " b", 4, false, 50))
                    .hasSizeGreaterThan(3)
                    .allSatisfy(line -> assertThat(page.width(line, 4, false)).isLessThanOrEqualTo(50));
            page.close();
        }
    }

    /** Nine points are the least that is read at arm's length (common practice, no published source); digits of fractions are smaller. */
    @ParameterizedTest
    @MethodSource("shelf")
    void noTypeOfThePlanIsTooSmall(String fold) throws IOException {
        Plan plan =
                plan(TestBriefs.zFold("5 in", "5 in").replace("z-fold", fold).replace("letter", "12x12"));
        try (PDDocument pdf = Loader.loadPDF(PlanPdf.of("Plan", plan, List.of(), Paper.named("a4")))) {
            List<String> small = new ArrayList<>();
            new PDFTextStripper() {
                @Override
                protected void writeString(String string, List<TextPosition> positions) {
                    positions.stream()
                            .filter(p -> p.getFontSizeInPt() < 8.99
                                    && !p.getUnicode().matches("[0-9\\s]*"))
                            .forEach(p -> small.add(p.getUnicode() + " in " + string));
                }
            }.getText(pdf);
            assertThat(small).isEmpty();
        }
    }

    static Stream<String> shelf() {
        return Stream.of("z-fold", "tower", "fan-concertina", "never-ending-card", "woven-gate", "nested-figures");
    }
}
