package vantbreeze.server.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import vantbreeze.server.TestApplication;
import vantbreeze.server.TestBriefs;
import vantbreeze.server.cutting.CuttingJson;
import vantbreeze.server.plan.SavedBrief;

/** What goes out and comes in by open formats. */
class FormatApiTest extends TestApplication {

    private static final Path SCHEMA = Path.of("..", "web", "public", "project.schema.json");
    private static final Path EXAMPLE = Path.of("..", "web", "src", "test", "project.json");
    private static final Path API = Path.of("..", "web", "openapi.json");

    private final JsonMapper json = JsonMapper.builder().build();

    @Autowired
    private MockMvc http;

    private ResultActions send(MockHttpServletRequestBuilder request, String body) throws Exception {
        return http.perform(request.contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private JsonNode read(ResultActions answer) throws Exception {
        return json.readTree(answer.andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8));
    }

    private String project(String name, String brief) throws Exception {
        return read(send(post("/api/projects"), "{\"name\": \"%s\", \"brief\": %s}".formatted(name, brief)))
                .get("id")
                .asString();
    }

    private String got(String id, String what) throws Exception {
        return http.perform(get("/api/projects/%s/exports/%s".formatted(id, what)))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    private JsonNode cutting(String id, int count) throws Exception {
        return read(send(
                        post("/api/cuttings"),
                        "{\"cards\": [{\"project\": \"%s\", \"count\": %d}], \"keepsGrain\": true, \"twoAtOnce\": false, \"seconds\": 1, \"pins\": []}"
                                .formatted(id, count))
                .andExpect(status().isCreated()));
    }

    /** The cut file of every sheet of a plan. */
    private List<String> sheets(String id, JsonNode cutting) throws Exception {
        List<String> all = new ArrayList<>();
        for (JsonNode sheet : cutting.findParents("ordinal")) {
            all.add(got(
                    id,
                    "sheet.svg?sheet=%d&plan=%s"
                            .formatted(
                                    sheet.get("number").asInt(),
                                    cutting.get("id").asString())));
        }
        return all;
    }

    /** @return what the corners enclose */
    private static double shoelace(JsonNode corners) {
        double twice = 0;
        for (int i = 0; i < corners.size(); i++) {
            JsonNode a = corners.get(i);
            JsonNode b = corners.get((i + 1) % corners.size());
            twice += a.get(0).asDouble() * b.get(1).asDouble()
                    - b.get(0).asDouble() * a.get(1).asDouble();
        }
        return Math.abs(twice) / 2;
    }

    /** Lengths as an independent SVG library reads them; a base of 10 x 7 in is 34 in around, its scores 7 in each. */
    @Test
    void aPartIsDrawnInRealMillimetres() throws Exception {
        String id = project("Cut by machine", TestBriefs.gatefold("5 in", "7 in"));
        String svg = got(id, "part.svg?part=piece/base");
        assertThat(svg).contains("width=\"254mm\" height=\"177.8mm\" viewBox=\"0 0 254 177.8\"");
        assertThat(SvgReading.paths(svg, "cut"))
                .singleElement()
                .satisfies(
                        d -> assertThat(SvgReading.length(d + " L0 177.8")).isCloseTo(2 * (254 + 177.8), within(0.5)));
        assertThat(svg.indexOf("id=\"score-valley\""))
                .as("scores come before cuts")
                .isBetween(0, svg.indexOf("id=\"cut\""));
        assertThat(SvgReading.paths(svg, "score-valley"))
                .hasSize(2)
                .allSatisfy(d -> assertThat(SvgReading.length(d)).isCloseTo(177.8, within(0.01)));
        String dashed = got(id, "part.svg?part=piece/base&dash=3&gap=2");
        double cut = SvgReading.paths(dashed, "score-valley").stream()
                .mapToDouble(SvgReading::length)
                .sum();
        assertThat(cut / (2 * 177.8)).isCloseTo(3.0 / 5, within(0.02));
        http.perform(get("/api/projects/%s/exports/part.svg".formatted(id))
                        .param("part", "piece/base")
                        .param("dash", "0.01"))
                .andExpect(status().isUnprocessableContent());
        http.perform(get("/api/projects/%s/exports/part.svg".formatted(id)).param("part", "piece/wing"))
                .andExpect(status().isNotFound());
    }

    /** A round topper is four arcs or fewer, as long as its circumference. */
    @Test
    void aRoundTopperIsArcs() throws Exception {
        String brief = TestBriefs.gatefold("5 in", "7 in").replace("\"ornaments\": []", """
                "ornaments": [{"name": "moon", "face": "left gate/face", "outline": "circle 1 1/2 in", "x": "1/4 in",
                 "y": "1 in", "lift": null, "paper": {"stock": "160 gsm", "colour": "#ffffff", "print": "PLAIN"},
                 "glue": "OWN_PANEL"}]""");
        String svg = got(project("Round", brief), "part.svg?part=topper/moon");
        assertThat(SvgReading.paths(svg, "cut")).singleElement().satisfies(d -> {
            assertThat(d.split("A")).hasSizeBetween(3, 5);
            assertThat(SvgReading.length(d)).isCloseTo(Math.PI * 38.1, within(0.2));
        });
    }

    /** What goes out for a machine is taken by the stand-in for one: parts with scores, and a sheet whose parts touch. */
    @Test
    void ownCutFilesAreTakenByTheCutter() throws Exception {
        String id = project("By machine", TestBriefs.gatefold("5 in", "4 in"));
        JsonNode plan = cutting(id, 2);
        for (String what : List.of(
                "part.svg?part=piece/base",
                "part.svg?part=piece/base&dash=2&gap=1",
                "sheet.svg?sheet=1&plan=" + plan.get("id").asString())) {
            ObjectNode asked = json.createObjectNode().put("svg", got(id, what));
            asked.putObject("machine")
                    .put("width", 310)
                    .put("height", 610)
                    .put("cutting", 40)
                    .put("scoring", 80)
                    .put("travel", 200)
                    .put("lift", 0.25)
                    .put("step", 0.1);
            JsonNode run = read(send(post("/api/cutter"), asked.toString()).andExpect(status().isOk()));
            assertThat(run.get("refusals").size())
                    .as(what + run.get("refusals"))
                    .isZero();
            assertThat(run.get("seconds").asDouble()).isPositive();
            double wide = 0;
            for (JsonNode stroke : run.get("strokes")) {
                for (JsonNode point : stroke.get("points")) {
                    wide = Math.max(wide, point.get(0).asDouble());
                }
            }
            assertThat(wide)
                    .isCloseTo(run.get("width").asDouble(), within(60.0))
                    .isLessThanOrEqualTo(run.get("width").asDouble() + 0.01);
        }
    }

    /** A woven strip is glued behind its frames by the face of its two tabs: a pen marks both, within the strip. */
    @Test
    void gluePlacesAreDrawnWithThePen() throws Exception {
        String brief = TestBriefs.gatefold("3 in", "6 in").replace("gatefold", "woven-gate");
        String id = project("Pen marks", brief);
        String svg = got(id, "part.svg?part=piece/strip 1");
        double cut = SvgReading.length(SvgReading.paths(svg, "cut").get(0));
        assertThat(SvgReading.paths(svg, "draw"))
                .hasSize(2)
                .allSatisfy(d -> assertThat(SvgReading.length(d)).isBetween(1.0, cut / 2));
        int drawn = 0;
        for (String cutFile : sheets(id, cutting(id, 1))) {
            drawn += SvgReading.paths(cutFile, "draw").size();
            JsonNode run = read(send(
                    post("/api/cutter"),
                    json.createObjectNode().put("svg", cutFile).toString()));
            assertThat(run.get("refusals").size()).as("%s", run.get("refusals")).isZero();
        }
        assertThat(drawn).as("four tabs, each in one go").isEqualTo(4);
    }

    /** A curved slit is one line of arcs wherever it goes: half a circle with a radius of 1/2 in is 39.9 mm long, cut off a sheet as well. */
    @Test
    void aCurvedSlitIsCutInArcs() throws Exception {
        String brief = TestBriefs.pattern(TestBriefs.TONGUE);
        String id = project("Tongue", brief);
        JsonNode plan = cutting(id, 1);
        for (String what : List.of(
                "part.svg?part=piece/sheet",
                "sheet.svg?sheet=1&plan=" + plan.get("id").asString())) {
            List<String> slits = SvgReading.paths(got(id, what), "slit");
            assertThat(slits).as(what).hasSize(2);
            assertThat(slits.get(0)).matches("M[^A-Z]+( A[^A-Z]+)+");
            assertThat(SvgReading.length(slits.get(0))).isCloseTo(Math.PI * 12.7, within(0.01));
            assertThat(slits.get(1)).matches("M[^A-Z]+( C[^A-Z]+)+");
        }
        JsonNode piece = read(send(post("/api/plans"), brief)).get("pieces").get(0);
        assertThat(SvgReading.length(piece.get("slits").get(0).get("path").asString()))
                .isCloseTo(Math.PI * 12.7, within(0.01));
    }

    /** A window of 2 x 3 in is cut out of a base that is a rectangle, the hole out of a round ring: off the sheet as out of the part. */
    @ParameterizedTest
    @CsvSource({"book, 254.0, piece/base", "interlocking-gatefold, , piece/ring"})
    void whatIsCutOutIsCutOffTheSheetToo(String fold, Double around, String part) throws Exception {
        String brief = TestBriefs.gatefold("4 in", "6 in").replace("gatefold", fold);
        if (around != null) {
            brief = brief.replace(
                    "\"parameters\": {}",
                    "\"parameters\": {\"window\": \"front\", \"windowWidth\": \"2 in\", \"windowHeight\": \"3 in\"}");
        }
        String id = project("Cut out of " + fold, brief);
        List<String> alone = SvgReading.paths(got(id, "part.svg?part=" + part), "cut");
        assertThat(alone).hasSizeGreaterThan(1);
        double wanted = SvgReading.length(closed(alone.get(0)));
        assertThat(wanted)
                .as("a window is cut before its part comes loose")
                .isLessThan(SvgReading.length(closed(alone.get(alone.size() - 1))));
        if (around != null) {
            assertThat(wanted).isCloseTo(around, within(0.01));
        }
        JsonNode plan = cutting(id, 1);
        List<String> cuts = new ArrayList<>();
        for (String sheet : sheets(id, plan)) {
            cuts.addAll(SvgReading.paths(sheet, "cut"));
        }
        assertThat(cuts)
                .anySatisfy(d -> assertThat(SvgReading.length(closed(d))).isCloseTo(wanted, within(0.01)));
        assertThat(plan.findValues("windows")).anyMatch(w -> !w.isEmpty());
    }

    /** Its last straight stretch written out, for the parser's length leaves it to "Z". */
    private static String closed(String path) {
        return path.replaceAll("M(\\S+ \\S+)(.*) Z", "M$1$2 L$1");
    }

    /** A plan that was kept before its outlines had paths is still read: its corners give them. */
    @Test
    void outlinesOfEarlierPlansAreRead() {
        CuttingJson.OutlineJson old = json.readValue("[[0, 0], [10, 0], [10, 20]]", CuttingJson.OutlineJson.class);
        assertThat(old.path()).isEqualTo("M0 0 L10 0 L10 -20 L0 0 Z");
        assertThat(json.readValue(json.writeValueAsString(old), CuttingJson.OutlineJson.class)
                        .path())
                .isEqualTo(old.path());
    }

    /** A round head, a round topper and a round window: whatever is drawn of them is arcs, and encloses what its corners do. */
    @Test
    void everyDrawingKeepsItsArcs() throws Exception {
        String brief = TestBriefs.pattern(
                        TestBriefs.TONGUE.replace(" in", "; window 2,3 arc 2.5,3.5 3,3 arc 2.5,2.5 2,3 in"))
                .replace("\"ornaments\": []", """
                        "ornaments": [{"name": "moon", "face": "panel 1/face", "outline": "circle 1 in", "x": "1/2 in", "y": "1 in",
                         "lift": null, "paper": {"stock": "160 gsm", "colour": "#ffffff", "print": "PLAIN"},
                         "glue": "OWN_PANEL"}]""");
        JsonNode plan = read(send(post("/api/plans"), brief));
        JsonNode cutting = cutting(project("Rounds", brief), 1);
        JsonNode looks = read(send(post("/api/looks"), brief));
        JsonNode sketches = read(send(post("/api/sketches"), brief));
        for (JsonNode drawn : List.of(
                plan.get("pieces").get(0).get("panels"),
                plan.get("mats"),
                plan.get("ornaments"),
                plan.get("closed").get("front"),
                plan.get("closed").get("bulk"),
                looks,
                sketches,
                cutting)) {
            List<JsonNode> paths = drawn.findParents("path");
            assertThat(paths)
                    .isNotEmpty()
                    .anyMatch(p -> p.get("path").asString().contains("A"));
            for (JsonNode area : paths) {
                if (area.has("points") && area.get("points").size() > 2) {
                    assertThat(SvgReading.area(area.get("path").asString()))
                            .as("%s", area)
                            .isCloseTo(shoelace(area.get("points")), within(0.02 * 400));
                    assertThat(area.get("path").asString().split("[LC]"))
                            .as("only edges that are straight are drawn so: %s", area)
                            .hasSizeLessThan(12);
                }
            }
        }
        assertThat(SvgReading.length(plan.get("ornaments").get(0).get("path").asString()))
                .isCloseTo(Math.PI * 25.4, within(0.01));
    }
    /** Any drawing of straight lines, arcs and curves, in any unit: a circle of 10 mm is 31.4 mm around. */
    @Test
    void foreignDrawingsAreReadInTheirUnits() throws Exception {
        String svg = """
                <svg xmlns='http://www.w3.org/2000/svg' width='2in' height='2in' viewBox='0 0 50.8 50.8'>
                 <circle cx='20' cy='20' r='5'/><g id='score' transform='translate(0 30)'><line x1='1' y1='1' x2='11' y2='1'/></g>
                 <rect x='30' y='5' width='10' height='8'/><polygon points='5,40 15,40 10,48'/></svg>""";
        JsonNode run = read(send(
                post("/api/cutter"), json.createObjectNode().put("svg", svg).toString()));
        assertThat(run.get("refusals").size()).isZero();
        assertThat(run.get("strokes").size()).isEqualTo(4);
        assertThat(run.get("legs").get(1).get("seconds").asDouble()).isCloseTo(0.5 + 10.0 / 80, within(1e-6));
        send(post("/api/cutter"), "{\"svg\": \"<svg\"}").andExpect(status().isUnprocessableContent());
        send(post("/api/cutter"), "{\"svg\": null}").andExpect(status().isUnprocessableContent());
    }

    @Test
    void theCutListIsATable() throws Exception {
        String csv = got(project("=SUM(1)", TestBriefs.gatefold("5 in", "7 in")), "parts.csv");
        String[] lines = csv.split("\r\n");
        assertThat(lines[0]).isEqualTo("count,part,size,width mm,height mm,paper,goes on,note");
        assertThat(lines[1]).startsWith("1,base,10 × 7 in,254.0,177.8,off-white card,");
        String named = TestBriefs.gatefold("5 in", "7 in")
                .replace("\"colour\": \"#fbf8f0\"", "\"name\": \"lamp yellow\", \"colour\": \"#f4d03f\"");
        assertThat(got(project("Lamp", named), "parts.csv")).contains("254.0,177.8,lamp yellow,");
    }

    @ParameterizedTest
    @CsvSource({"a/b:c, 'a b c'", "CON, card CON", "..hidden., hidden", "'Moon  \"gate\"', Moon gate"})
    void fileNamesAreTakenByEverySystem(String name, String safe) {
        assertThat(FileNames.safe(name)).isEqualTo(safe);
    }

    /** A project goes out and comes back as the same brief; an older format is brought up to date. */
    @Test
    void aProjectGoesOutAndComesBack() throws Exception {
        String id = project("There and back", TestBriefs.gatefold("5 in", "7 in"));
        String document = got(id, "project.json");
        JsonNode back = read(send(post("/api/projects/documents"), document).andExpect(status().isCreated()));
        assertThat(back.get("name").asString()).isEqualTo("There and back");
        assertThat(back.get("brief"))
                .isEqualTo(read(http.perform(get("/api/projects/" + id))).get("brief"));
        ObjectNode older = (ObjectNode) json.readTree(document);
        older.put("format", 3);
        ((ObjectNode) older.get("brief")).remove("ownSteps");
        send(post("/api/projects/documents"), older.toString()).andExpect(status().isCreated());
        http.perform(get("/api/projects/%s/exports/project.json".formatted(id)))
                .andExpect(header().string("Content-Disposition", containsString("There")));
        if (Boolean.getBoolean("docs.write")) {
            Files.writeString(EXAMPLE, document + "\n");
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{} | vantbreeze",
                "{\"vantbreeze\": \"project\", \"format\": 99} | format",
                "{\"vantbreeze\": \"project\", \"format\": 4} | name",
                "{\"vantbreeze\": \"project\", \"format\": 4, \"name\": \"x\", \"brief\": []} | brief",
                "{\"vantbreeze\": \"project\", \"format\": 4, \"name\": \"x\", \"brief\": {\"units\": \"ELLS\"}} | brief.units"
            })
    void aFaultIsNamedByItsPath(String document, String path) throws Exception {
        send(post("/api/projects/documents"), document)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value(path));
    }

    /** The published schema is made from what the interface says a brief is. Run with -Ddocs.write=true to write it anew. */
    @Test
    void theSchemaIsMadeFromTheInterface() throws Exception {
        JsonNode schemas =
                json.readTree(Files.readString(API)).get("components").get("schemas");
        ObjectNode schema = json.createObjectNode()
                .put("$schema", "http://json-schema.org/draft-07/schema#")
                .put("$id", "urn:vantbreeze:project:" + SavedBrief.NEWEST)
                .put("title", "A card of Vantbreeze")
                .put("type", "object");
        schema.putArray("required").add("vantbreeze").add("format").add("name").add("brief");
        ObjectNode properties = schema.putObject("properties");
        properties.putObject("vantbreeze").put("const", "project");
        properties.putObject("format").put("const", SavedBrief.NEWEST);
        properties.putObject("name").put("type", "string").put("minLength", 1).put("maxLength", 80);
        properties.putObject("brief").put("$ref", "#/definitions/Brief");
        ObjectNode definitions = schema.putObject("definitions");
        Set<String> wanted = new LinkedHashSet<>(List.of("Brief"));
        for (boolean more = true; more; ) {
            more = false;
            for (String name : List.copyOf(wanted)) {
                if (!definitions.has(name)) {
                    String text = schemas.get(name).toString().replace("#/components/schemas/", "#/definitions/");
                    definitions.set(name, nullable(json.readTree(text)));
                    Matcher refs = Pattern.compile("#/definitions/(\\w+)").matcher(text);
                    while (refs.find()) {
                        wanted.add(refs.group(1));
                    }
                    more = true;
                }
            }
        }
        String written = schema.toPrettyString() + "\n";
        if (Boolean.getBoolean("docs.write")) {
            Files.writeString(SCHEMA, written);
        }
        assertThat(json.readTree(Files.readString(SCHEMA))).isEqualTo(schema);
    }

    /** What may be null may be null whatever else it may be. */
    private JsonNode nullable(JsonNode node) {
        if (node instanceof ObjectNode object) {
            object.properties().forEach(e -> nullable(e.getValue()));
            object.remove("example");
            if (object.get("enum") instanceof ArrayNode values
                    && object.get("type") instanceof ArrayNode types
                    && types.toString().contains("null")) {
                values.addNull();
            }
        } else if (node instanceof ArrayNode array) {
            array.forEach(this::nullable);
        }
        return node;
    }
}
