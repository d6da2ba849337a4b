package vantbreeze.server.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.make.GlueArea;
import vantbreeze.make.SquareReading;
import vantbreeze.measure.Length;
import vantbreeze.part.Part;
import vantbreeze.plan.Plan;
import vantbreeze.plan.Planner;
import vantbreeze.server.TestApplication;
import vantbreeze.server.TestBriefs;
import vantbreeze.server.cutting.CuttingJson;
import vantbreeze.server.cutting.KitPlanner;
import vantbreeze.server.export.PdfReading.Line;
import vantbreeze.server.paper.SheetService;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.plan.PlanWriter;
import vantbreeze.structure.Curve;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Slit;

/**
 * All that leaves the product, of every design, in inches and in millimetres, plain and with toppers, read back by readers of
 * another hand.
 */
class EveryExportTest extends TestApplication {

    private static final String BED =
            "{\"width\": 800, \"height\": 1100, \"cutting\": 30, \"scoring\": 40, \"travel\": 200, \"lift\": 0.2, \"step\": 0.1}";

    /** Round, hollowed and pointed ones, as many of some as lie side by side. */
    private static final String[] TOPPERS = {
        "circle 1 in", "heart 1 1/4 x 1 1/4 in", "circle 3/4 in", "circle 3/4 in", "star 1 x 1 in", "heart 1 x 1 in"
    };

    private final JsonMapper json = JsonMapper.builder().build();

    @Autowired
    private KitPlanner planner;

    @Autowired
    private SheetService sheets;

    @Autowired
    private MockMvc http;

    static Stream<String> folds() {
        return FoldCatalogue.all().stream().map(FoldDesign::id).filter(id -> !id.startsWith("free"));
    }

    /** So large that every base of the catalogue is cut from one. */
    @BeforeEach
    void aLargeSheetInTheDrawer() throws Exception {
        if (sheets.list().stream().noneMatch(s -> s.content().name().equals("large"))) {
            http.perform(
                    post("/api/papers").contentType(MediaType.APPLICATION_JSON).content("""
                    {"name": "large", "width": "30 in", "height": "40 in", "count": 9, "offcut": false, "kind": "PAPER",
                     "stock": "300 gsm", "colour": "#fbf8f0", "print": "PLAIN", "grain": null, "price": null}"""));
        }
    }

    /**
     * @param what told where something is wrong
     * @param drawings a cut file for every sheet
     */
    private record Export(
            String what,
            String fold,
            ObjectNode brief,
            Plan plan,
            List<CuttingJson.PaperCutJson> cut,
            List<CuttingJson.SheetCutJson> sheets,
            List<String> drawings) {

        static Export of(String what, String fold, ObjectNode brief, Plan plan, List<CuttingJson.PaperCutJson> cut) {
            List<CuttingJson.SheetCutJson> sheets =
                    cut.stream().flatMap(p -> p.sheets().stream()).toList();
            List<String> drawings = sheets.stream()
                    .map(s -> CutSvg.of(s, CutSvg.Perforation.NONE))
                    .toList();
            return new Export(what, fold, brief, plan, cut, sheets, drawings);
        }
    }

    private ObjectNode brief(String fold, boolean metric) {
        String size = metric
                ? TestBriefs.gatefold("105 mm", "148 mm")
                        .replace("letter", "a4")
                        .replace("\"INCH\"", "\"METRIC\"")
                        .replace("1/16 in", "1 mm")
                        .replace("1/8 in", "3 mm")
                : TestBriefs.gatefold("4 1/4 in", "5 1/2 in");
        return (ObjectNode) json.readTree(
                size.replace("gatefold", fold).replace("\"trimmer\": \"12 in\"", "\"trimmer\": \"40 in\""));
    }

    private Plan plan(ObjectNode brief) {
        return Planner.plan(json.treeToValue(brief, BriefJson.class).read());
    }

    /** With toppers on the first face that there is, one upon another where they have no room: they are cut all the same. */
    private ObjectNode rich(ObjectNode brief) {
        JsonNode face = json.valueToTree(PlanWriter.write(plan(brief))).at("/faces/0/key");
        for (String outline : TOPPERS) {
            brief.withArray("ornaments").add(json.readTree("""
                            {"name": "topper %d", "face": %s, "outline": "%s", "x": "2 in", "y": "2 in", "lift": null,
                             "paper": {"stock": "200 gsm", "colour": "#112233", "print": "PLAIN"}, "glue": "WHOLE"}""".formatted(
                            brief.withArray("ornaments").size() + 1, face, outline)));
        }
        return brief;
    }

    @ParameterizedTest
    @MethodSource("folds")
    void everythingIsReadBackAsItIs(String fold, @TempDir Path patterns) throws Exception {
        for (boolean metric : new boolean[] {false, true}) {
            for (ObjectNode brief : List.of(brief(fold, metric), rich(brief(fold, metric)))) {
                Plan plan = plan(brief);
                String what = "%s, %s, %d toppers"
                        .formatted(
                                fold,
                                metric ? "mm" : "in",
                                plan.brief().ornaments().size());
                check(Export.of(what, fold, brief, plan, planner.quickly("p", fold, plan)), patterns);
            }
        }
        readByPackages(patterns);
    }

    private void check(Export export, Path patterns) throws Exception {
        String id = json.readTree(http.perform(post("/api/projects")
                                .contentType(MediaType.APPLICATION_JSON)
                                .content(json.createObjectNode()
                                        .put("name", export.fold())
                                        .set("brief", export.brief())
                                        .toString()))
                        .andExpect(status().isCreated())
                        .andReturn()
                        .getResponse()
                        .getContentAsString(StandardCharsets.UTF_8))
                .get("id")
                .asString();
        sheetsGoThroughTheCutter(export);
        partsAreDrawnWhole(export, id);
        sheetsHoldEveryLine(export);
        tableHoldsEveryPart(export, id);
        template(export, got(id, "template.pdf?paper=a4"));
        texts(export, id);
        picture(export, got(id, "share.png"));
        Files.write(patterns.resolve(export.what() + ".fold"), got(id, "pattern.fold"));
        assertThat(json.readTree(got(id, "project.json")).at("/brief/fold").asString())
                .isEqualTo(export.fold());
    }

    private byte[] got(String id, String what) throws Exception {
        return http.perform(get("/api/projects/%s/exports/%s".formatted(id, what)))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    private void sheetsGoThroughTheCutter(Export export) throws Exception {
        for (String drawing : export.drawings()) {
            JsonNode run = json.readTree(http.perform(post("/api/cutter")
                            .contentType(MediaType.APPLICATION_JSON)
                            .content(json.createObjectNode()
                                    .put("svg", drawing)
                                    .set("machine", json.readTree(BED))
                                    .toString()))
                    .andReturn()
                    .getResponse()
                    .getContentAsString(StandardCharsets.UTF_8));
            assertThat(run.path("refusals").isArray())
                    .as("%s: %s", export.what(), run)
                    .isTrue();
            assertThat(run.get("refusals")).as(export.what()).isEmpty();
        }
    }

    private static double mm(Polygon polygon) {
        return polygon.getLength() / Length.COUNTS_PER_MILLIMETRE;
    }

    private static double mm(vantbreeze.structure.Path path) {
        return path.legs().stream().mapToDouble(LineSegment::getLength).sum() / Length.COUNTS_PER_MILLIMETRE;
    }

    /** Around every part and its openings, along its scores and slits: what is drawn is as long as what the structure says. */
    private void partsAreDrawnWhole(Export export, String id) throws Exception {
        for (Part part : export.plan().parts()) {
            String svg = new String(got(id, "part.svg?part=" + part.id()), StandardCharsets.UTF_8);
            Piece piece = part.piece();
            String what = export.what() + ": " + part.id();
            double divided = part.division()
                    .map(d -> (d.alongWidth()
                                    ? piece.size().height()
                                    : piece.size().width())
                            .millimetres())
                    .orElse(0.0);
            double slits = piece.slits().stream()
                    .map(Slit::path)
                    .mapToDouble(EveryExportTest::mm)
                    .sum();
            /* Where an outline runs back along itself, that is cut once, as a slit. */
            double cutOnce = PathReading.length(SvgReading.paths(svg, "slit")) - slits;
            assertThat(cutOnce).as(what).isBetween(-0.05, 30.0);
            /* The chords of a curve are a little shorter than it. */
            assertThat(PathReading.length(SvgReading.paths(svg, "cut")) + 2 * cutOnce)
                    .as(what)
                    .isCloseTo(mm(piece.polygon()) + divided, within(0.05 + mm(piece.polygon()) * 0.002));
            double scores =
                    piece.scores().stream().mapToDouble(s -> mm(s.path())).sum();
            assertThat(PathReading.length(SvgReading.paths(svg, "score-valley"))
                            + PathReading.length(SvgReading.paths(svg, "score-mountain")))
                    .as(what)
                    .isCloseTo(scores, within(0.05 + scores * 0.002));
        }
    }

    /** What is an offcut of another part is on no sheet of its own. */
    private static void sheetsHoldEveryLine(Export export) throws Exception {
        List<String> alone = export.plan().parts().stream()
                .filter(p -> p.offcutOf().isEmpty())
                .map(p -> CutSvg.of(p, GlueArea.pencilled(export.plan().structure(), p), CutSvg.Perforation.NONE))
                .toList();
        for (String layer : List.of("slit", "score-mountain", "score-valley", "draw")) {
            assertThat(length(export.drawings(), layer))
                    .as(export.what() + ": " + layer)
                    .isCloseTo(length(alone, layer), within(0.5));
        }
        assertThat(export.sheets().stream()
                        .flatMap(s -> s.parts().stream())
                        .mapToInt(p -> p.windows().size())
                        .sum())
                .as(export.what() + ": openings")
                .isEqualTo(export.plan().parts().stream()
                        .filter(p -> p.offcutOf().isEmpty())
                        .mapToInt(p -> p.piece().polygon().getNumInteriorRing())
                        .sum());
    }

    private static double length(List<String> drawings, String layer) throws Exception {
        double all = 0;
        for (String drawing : drawings) {
            all += PathReading.length(SvgReading.paths(drawing, layer));
        }
        return all;
    }

    /** As Commons CSV reads it. */
    private void tableHoldsEveryPart(Export export, String id) throws Exception {
        String csv = new String(got(id, "parts.csv"), StandardCharsets.UTF_8);
        List<CSVRecord> rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(csv))
                .getRecords();
        List<Plan.CutPiece> wanted = export.plan().cutList();
        assertThat(rows).as(export.what()).hasSameSizeAs(wanted);
        for (int i = 0; i < rows.size(); i++) {
            assertThat(rows.get(i).get("part")).isEqualTo(wanted.get(i).name());
            assertThat(rows.get(i).get("paper")).isEqualTo(wanted.get(i).paper());
            assertThat(Integer.parseInt(rows.get(i).get("count")))
                    .isEqualTo(wanted.get(i).count());
            assertThat(Double.parseDouble(rows.get(i).get("width mm")))
                    .isEqualTo(wanted.get(i).size().width().millimetres());
            assertThat(Double.parseDouble(rows.get(i).get("height mm")))
                    .isEqualTo(wanted.get(i).size().height().millimetres());
        }
    }

    /** Every score and every straight edge of what is cut is on some page, as long as it is and lying as it lies. */
    private static void template(Export export, byte[] pdf) throws IOException {
        List<Line> drawn = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (PDPage page : document.getPages()) {
                drawn.addAll(OperatorReading.stroked(page));
            }
        }
        for (Part part : export.plan().parts()) {
            boolean isPrinted =
                    part.kind() == Part.Kind.PIECE && part.offcutOf().isEmpty() && TemplatePdf.isOfUse(part.piece());
            if (!isPrinted) {
                continue;
            }
            List<LineSegment> wanted = new ArrayList<>();
            part.piece().scores().forEach(s -> wanted.addAll(s.path().legs()));
            Curve.of(part.piece().polygon().getExteriorRing()).stream()
                    .filter(c -> c instanceof Curve.Straight)
                    .forEach(c -> wanted.add(new LineSegment(c.from(), c.to())));
            for (LineSegment line : wanted) {
                Line mm = new Line(
                        0,
                        0,
                        (line.p1.x - line.p0.x) / Length.COUNTS_PER_MILLIMETRE,
                        (line.p1.y - line.p0.y) / Length.COUNTS_PER_MILLIMETRE);
                assertThat(drawn.stream().map(l -> l.movedBy(-l.x1(), -l.y1())))
                        .as("%s: %s, %s", export.what(), part.id(), mm)
                        .anyMatch(l -> l.isWithin(0.1, mm) || l.isWithin(0.1, new Line(0, 0, -mm.x2(), -mm.y2())));
            }
        }
    }

    private static String plain(String text) {
        return text.replace('\u202f', ' ').replaceAll("[\\s\u00a0]+", " ");
    }

    /** @param tables whether it stands in columns */
    private static String read(byte[] pdf, boolean tables) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return tables ? PdfReading.text(document) : PdfReading.written(document);
        }
    }

    /** Every size, every setting, every step and every cut is in print, and nothing sends the maker back to a screen. */
    private void texts(Export export, String id) throws Exception {
        Plan plan = export.plan();
        List<String> titles = plan.steps().stream().map(s -> plain(s.title())).toList();
        List<String> sizes = plan.cutList().stream()
                .map(c -> plain(plan.brief().ruler().text(c.size())))
                .toList();
        List<String> settings = plan.scoreCards().stream()
                .flatMap(c -> c.settings().stream())
                .filter(s -> s.at() instanceof SquareReading)
                .map(s -> plain(plan.brief().ruler().text(((SquareReading) s.at()).fromStart())))
                .toList();
        List<String> cuts = export.sheets().stream()
                .flatMap(s -> s.passes().stream())
                .map(p -> plain(p.text()))
                .toList();
        String planned = read(got(id, "plan.pdf?paper=letter"), true);
        String cutting = read(CuttingPages.of(export.fold(), export.cut(), Paper.named("a4")), true);
        String booklet = read(got(id, "booklet.pdf"), false);
        String memory = read(got(id, "memory.pdf"), true);
        assertThat(Stream.of(titles, sizes, settings).flatMap(List::stream))
                .as(export.what())
                .allMatch(planned::contains);
        assertThat(titles).as(export.what()).isNotEmpty().allMatch(booklet::contains);
        assertThat(settings).as(export.what()).allMatch(memory::contains);
        assertThat(cuts).as(export.what()).isNotEmpty().allMatch(cutting::contains);
        assertThat(List.of(planned, cutting, booklet, memory))
                .as(export.what())
                .allSatisfy(text -> assertThat(text)
                        .doesNotContainIgnoringCase("see the screen")
                        .doesNotContain("and so on"));
    }

    private static void picture(Export export, byte[] png) throws IOException {
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(png));
        assertThat(List.of(image.getWidth(), image.getHeight())).containsExactly(1600, 900);
        int ground = image.getRGB(2, 2);
        long card = IntStream.range(0, 1600 * 500)
                .filter(i -> image.getRGB(i % 1600, 200 + i / 1600) != ground)
                .count();
        assertThat(card).as(export.what()).isGreaterThan(20_000);
    }

    /** The npm libraries "fold" and "rabbit-ear" read all of them; what they do not find as it is told comes back as text. */
    private static void readByPackages(Path patterns) throws Exception {
        Process node = new ProcessBuilder("node", "src/test/readPatterns.mjs", patterns.toString())
                .directory(Path.of("..", "web").toFile())
                .redirectErrorStream(true)
                .start();
        String said = new String(node.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(node.waitFor()).as(said).isZero();
        assertThat(said.strip()).matches("[1-9]\\d* patterns read");
    }
}
