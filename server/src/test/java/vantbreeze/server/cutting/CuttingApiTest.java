package vantbreeze.server.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.TestApplication;
import vantbreeze.server.TestBriefs;

/** Cards cut out of sheets, and what is left in the drawer. */
class CuttingApiTest extends TestApplication {

    private final JsonMapper json = JsonMapper.builder().build();

    @Autowired
    private MockMvc http;

    private ResultActions send(String address, String body) throws Exception {
        return http.perform(
                post(address).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private JsonNode read(ResultActions answer) throws Exception {
        return json.readTree(answer.andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8));
    }

    /** A Z-fold of 5 1/2 x 4 1/4: a base, and mats on two of its faces, in a blue of its own. */
    private String project(String blue) throws Exception {
        String brief = TestBriefs.zFold("5 1/2 in", "4 1/4 in").replace("#7e93a8", blue);
        return read(send("/api/projects", "{\"name\": \"kit %s\", \"brief\": %s}".formatted(blue, brief)))
                .get("id")
                .asString();
    }

    private String sheet(String blue, int count) throws Exception {
        return read(send("/api/papers", """
                {"name": "blue", "width": "12 in", "height": "12 in", "count": %d, "offcut": false, "kind": "PAPER",
                 "stock": "160 gsm", "colour": "%s", "print": "PLAIN", "grain": null, "price": "1.20 EUR"}""".formatted(count, blue))).get("id").asString();
    }

    private ResultActions ask(String project, int count, String more) throws Exception {
        return send(
                "/api/cuttings",
                "{\"cards\": [{\"project\": \"%s\", \"count\": %d}], \"keepsGrain\": false, \"twoAtOnce\": false, \"seconds\": 1, \"pins\": []%s}"
                        .formatted(project, count, more));
    }

    private JsonNode planned(String project, int count) throws Exception {
        JsonNode plan = read(ask(project, count, "").andExpect(status().isCreated()));
        while (plan.get("running").asBoolean()) {
            plan = read(http.perform(get("/api/cuttings/" + plan.get("id").asString())));
        }
        return plan;
    }

    private JsonNode inDrawer(String id) throws Exception {
        for (JsonNode sheet : read(http.perform(get("/api/papers")))) {
            if (sheet.get("id").asString().equals(id)) {
                return sheet;
            }
        }
        throw new AssertionError("not in the drawer");
    }

    private List<JsonNode> offcuts(String blue) throws Exception {
        List<JsonNode> offcuts = new ArrayList<>();
        for (JsonNode sheet : read(http.perform(get("/api/papers")))) {
            if (sheet.get("content").get("colour").asString().equals(blue)
                    && sheet.get("content").get("offcut").asBoolean()) {
                offcuts.add(sheet);
            }
        }
        return offcuts;
    }

    private static JsonNode paper(JsonNode plan, String colour) {
        for (JsonNode paper : plan.get("papers")) {
            if (paper.get("colour").asString().equals(colour)) {
                return paper;
            }
        }
        throw new AssertionError("no such paper");
    }

    @Test
    void aKitIsCutFromTheDrawerAndItsRestsGoBack() throws Exception {
        String blue = "#10203a";
        String project = project(blue);
        String sheet = sheet(blue, 3);
        JsonNode plan = planned(project, 2);
        String id = plan.get("id").asString();
        JsonNode mats = paper(plan, blue);
        assertThat(mats.get("proven").asBoolean()).isTrue();
        assertThat(mats.get("sheetCount").asInt()).isEqualTo(1);
        JsonNode first = mats.get("sheets").get(0);
        assertThat(first.get("sheet").asString()).isEqualTo(sheet);
        assertThat(plan.get("paid").get(0).asString()).endsWith("EUR");
        int number = first.get("number").asInt();
        String cut = "/api/cuttings/%s/sheets/%d/cut".formatted(id, number);
        send(cut, "{}").andExpect(status().isOk());
        assertThat(inDrawer(sheet).get("content").get("count").asInt()).isEqualTo(2);
        double kept = 0;
        for (JsonNode rest : first.get("rests")) {
            kept += rest.get("kept").asBoolean() ? 1 : 0;
        }
        assertThat(offcuts(blue)).hasSize((int) kept).isNotEmpty();
        send(cut, "{}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("already")));
        assertThat(inDrawer(sheet).get("content").get("count").asInt()).isEqualTo(2);
        http.perform(get("/api/cuttings/" + id))
                .andExpect(jsonPath("$.papers[?(@.colour == '%s')].sheets[0].cut".formatted(blue))
                        .value(true));

        send("/api/cuttings/%s/sheets/%d/uncut".formatted(id, number), "{}")
                .andExpect(jsonPath("$.papers[*].sheets[?(@.cut == true)]").isEmpty());
        assertThat(inDrawer(sheet).get("content").get("count").asInt()).isEqualTo(3);
        assertThat(offcuts(blue)).isEmpty();
    }

    /** Two tabs, one sheet: one of them gets it. */
    @Test
    void theSameSheetIsNeverTakenTwice() throws Exception {
        String blue = "#10203b";
        String project = project(blue);
        String sheet = sheet(blue, 1);
        List<JsonNode> plans = List.of(planned(project, 1), planned(project, 1));
        ExecutorService tabs = Executors.newFixedThreadPool(4);
        List<Callable<Integer>> clicks = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            JsonNode plan = plans.get(i % 2);
            int number = paper(plan, blue).get("sheets").get(0).get("number").asInt();
            String address =
                    "/api/cuttings/%s/sheets/%d/cut".formatted(plan.get("id").asString(), number);
            clicks.add(() -> send(address, "{}").andReturn().getResponse().getStatus());
        }
        int done = 0;
        for (Future<Integer> click : tabs.invokeAll(clicks)) {
            done += click.get() == 200 ? 1 : 0;
        }
        tabs.shutdown();
        assertThat(done).isEqualTo(1);
        assertThat(inDrawer(sheet).get("content").get("count").asInt()).isZero();
    }

    @Test
    void offcutsThatWereUsedSinceAreNotPutBack() throws Exception {
        String blue = "#10203c";
        String project = project(blue);
        String sheet = sheet(blue, 1);
        JsonNode plan = planned(project, 1);
        int number = paper(plan, blue).get("sheets").get(0).get("number").asInt();
        String address = "/api/cuttings/%s/sheets/%d/".formatted(plan.get("id").asString(), number);
        send(address + "cut", "{}").andExpect(status().isOk());
        JsonNode rest = offcuts(blue).get(0);
        http.perform(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete(
                                "/api/papers/" + rest.get("id").asString())
                        .param("version", "0"))
                .andExpect(status().isOk());
        send(address + "uncut", "{}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("offcut")));
        assertThat(inDrawer(sheet).get("content").get("count").asInt()).isZero();
    }

    @Test
    void aPinnedMatStays() throws Exception {
        String blue = "#10203d";
        String project = project(blue);
        String sheet = sheet(blue, 1);
        JsonNode part = paper(planned(project, 1), blue)
                .get("sheets")
                .get(0)
                .get("parts")
                .get(0);
        String pin =
                ", \"pins\": [{\"blank\": \"%s\", \"sheet\": \"%s\", \"number\": 0, \"x\": 50.8, \"y\": 76.2, \"laying\": 0}]"
                        .formatted(part.get("blank").asString(), sheet);
        JsonNode plan = read(send(
                "/api/cuttings",
                "{\"cards\": [{\"project\": \"%s\", \"count\": 1}], \"keepsGrain\": true, \"twoAtOnce\": false, \"seconds\": 1%s}"
                        .formatted(project, pin)));
        boolean stays = false;
        for (JsonNode laid : paper(plan, blue).get("sheets").get(0).get("parts")) {
            stays |= laid.get("pinned").asBoolean()
                    && laid.get("x").asDouble() == 50.8
                    && laid.get("y").asDouble() == 76.2;
        }
        assertThat(stays).isTrue();
        send(
                        "/api/cuttings",
                        "{\"cards\": [{\"project\": \"%s\", \"count\": 1}], \"keepsGrain\": true, \"twoAtOnce\": false, \"seconds\": 1%s}"
                                .formatted(project, pin.replace("50.8", "290")))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("outside")));
    }

    private static String bare(String text) {
        return text.replaceAll("[^\\p{L}\\p{Nd}]", "");
    }

    /** Read back with Apache PDFBox: every sheet, and every cut of each below the other, however many there are. */
    @ParameterizedTest
    @ValueSource(ints = {2, 16})
    void theSheetsArePrinted(int cards) throws Exception {
        String project = project("#10203f");
        JsonNode plan = planned(project, cards);
        byte[] pdf = http.perform(get("/api/projects/%s/exports/cutting.pdf".formatted(project))
                        .param("plan", plan.get("id").asString()))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setSortByPosition(true);
            String text = stripper.getText(document);
            String read = bare(text);
            int cuts = 0;
            int from = 0;
            for (JsonNode paper : plan.get("papers")) {
                for (JsonNode sheet : paper.get("sheets")) {
                    String title =
                            bare("Sheet %d: ".formatted(sheet.get("number").asInt()));
                    from = read.indexOf(title, from);
                    assertThat(from).as(title).isNotNegative();
                    for (JsonNode pass : sheet.get("passes")) {
                        String cut = bare(
                                pass.get("number").asInt() + pass.get("text").asString());
                        assertThat(read.indexOf(cut, from)).as(cut).isPositive();
                        cuts++;
                    }
                }
            }
            assertThat(cuts).isGreaterThan(cards);
            assertThat(text).contains("set the trimmer to").contains("base").doesNotContain("and so on");
        }
    }

    /** A fan's edges come of straight cuts, a ring does not: on the screen's sheets and on the printed ones. */
    @ParameterizedTest
    @CsvSource({"fan-concertina, straight cut, by the template", "interlocking-gatefold, by the template, straight cut"
    })
    void howShapedPartsGetTheirShapeIsSaid(String fold, String said, String never) throws Exception {
        String brief = TestBriefs.gatefold("5 1/2 in", "6 in").replace("\"gatefold\"", "\"" + fold + "\"");
        String project = read(send("/api/projects", "{\"name\": \"%s\", \"brief\": %s}".formatted(fold, brief)))
                .get("id")
                .asString();
        JsonNode plan = planned(project, 1);
        byte[] pdf = http.perform(get("/api/projects/%s/exports/cutting.pdf".formatted(project))
                        .param("plan", plan.get("id").asString()))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        String printed;
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFTextStripper stripper = new PDFTextStripper();
            printed = bare(stripper.getText(document));
        }
        int shaped = 0;
        for (JsonNode paper : plan.get("papers")) {
            for (JsonNode sheet : paper.get("sheets")) {
                String shapes = sheet.get("shapes").toString();
                boolean some = false;
                for (JsonNode part : sheet.get("parts")) {
                    some |= !part.get("outlines").isEmpty();
                }
                assertThat(!sheet.get("shapes").isEmpty()).isEqualTo(some);
                for (JsonNode sentence : sheet.get("shapes")) {
                    shaped++;
                    assertThat(shapes).contains(said).doesNotContain(never);
                    assertThat(printed).contains(bare(sentence.asString()));
                }
            }
        }
        assertThat(shaped).isPositive();
    }

    @Test
    void whatCannotBeIsRefused() throws Exception {
        String project = project("#10203e");
        ask(project, 0, "")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("cards[0].count"));
        ask("nobody", 1, "").andExpect(status().isNotFound());
        for (String cards : new String[] {"[null]", "[{\"project\": null, \"count\": 1}]", "null"}) {
            send(
                            "/api/cuttings",
                            "{\"cards\": %s, \"keepsGrain\": true, \"twoAtOnce\": false, \"seconds\": 1}"
                                    .formatted(cards))
                    .andExpect(status().isUnprocessableContent());
        }

        send(
                        "/api/cuttings",
                        "{\"cards\": [{\"project\": \"%s\", \"count\": 2}], \"keepsGrain\": true, \"twoAtOnce\": true, \"seconds\": 1}"
                                .formatted(project))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.papers[*].sheets[?(@.together == 2)]").isNotEmpty());
        http.perform(get("/api/cuttings/none")).andExpect(status().isNotFound());
    }

    private String filmed(String film) throws Exception {
        String brief = TestBriefs.zFold("4 1/4 in", "5 1/2 in")
                .replace("z-fold", "floating-book")
                .replace("letter", "12x12")
                .replace(
                        "\"parameters\": {}", "\"parameters\": {\"film\": \"with\"}, \"film\": \"%s\"".formatted(film));
        return read(send("/api/projects", "{\"name\": \"film %s\", \"brief\": %s}".formatted(film, brief))
                        .andExpect(status().isCreated()))
                .get("id")
                .asString();
    }

    /** A film keeps its thickness to the last count, and its sheets are ticked off. */
    @ParameterizedTest
    @ValueSource(strings = {"0.04", "0.25", "0.1"})
    void aFilmKeepsItsThickness(String millimetres) throws Exception {
        String sheet =
                read(send("/api/papers", """
                {"name": "film %1$s", "width": "12 in", "height": "12 in", "count": 1, "offcut": false, "kind": "FILM",
                 "stock": "%1$s mm", "colour": "#ffffff", "print": "PLAIN", "grain": null, "price": null}""".formatted(millimetres))).get("id").asString();
        JsonNode plan = planned(filmed(millimetres + " mm"), 1);
        JsonNode film = null;
        for (JsonNode paper : plan.get("papers")) {
            film = paper.get("material").asString().equals("FILM") ? paper : film;
        }
        assertThat(film).isNotNull();
        assertThat(Length.parse(film.get("stock").asString(), UnitSystem.METRIC))
                .isEqualTo(Length.parse(millimetres + " mm", UnitSystem.METRIC));
        JsonNode first = film.get("sheets").get(0);
        send(
                        "/api/cuttings/%s/sheets/%d/cut"
                                .formatted(
                                        plan.get("id").asString(),
                                        first.get("number").asInt()),
                        "{}")
                .andExpect(status().isOk());
        assertThat(inDrawer(sheet).get("content").get("count").asInt()).isZero();
        for (JsonNode other : read(http.perform(get("/api/papers")))) {
            JsonNode content = other.get("content");
            if (content.get("offcut").asBoolean()
                    && content.get("kind").asString().equals("FILM")) {
                assertThat(Length.parse(content.get("stock").asString(), UnitSystem.METRIC)
                                .millimetres())
                        .isIn(
                                0.1,
                                0.25,
                                Length.parse("0.04 mm", UnitSystem.METRIC).millimetres());
            }
        }
    }

    /** Two cards that word one paper differently are cut from one sheet of the drawer. */
    @Test
    void onePaperIsPlannedOnceHoweverItIsWorded() throws Exception {
        String blue = "#10203f";
        String sheet = sheet(blue, 1);
        List<String> cards = new ArrayList<>();
        for (String[] worded : new String[][] {{"160 gsm", blue}, {"160gsm", blue.toUpperCase(Locale.ROOT)}}) {
            String brief = TestBriefs.zFold("5 1/2 in", "4 1/4 in")
                    .replace("#7e93a8", worded[1])
                    .replace("160 gsm", worded[0]);
            cards.add(read(send("/api/projects", "{\"name\": \"%s\", \"brief\": %s}".formatted(worded[0], brief)))
                    .get("id")
                    .asString());
        }
        JsonNode plan = read(
                send("/api/cuttings", """
                {"cards": [{"project": "%s", "count": 1}, {"project": "%s", "count": 1}], "keepsGrain": false, "twoAtOnce": false,
                 "seconds": 1, "pins": []}""".formatted(cards.get(0), cards.get(1))).andExpect(status().isCreated()));
        while (plan.get("running").asBoolean()) {
            plan = read(http.perform(get("/api/cuttings/" + plan.get("id").asString())));
        }
        List<String> colours = new ArrayList<>();
        plan.get("papers").forEach(p -> colours.add(p.get("colour").asString()));
        assertThat(colours).doesNotHaveDuplicates().contains(blue);
        JsonNode paper = paper(plan, blue);
        assertThat(paper.get("sheets")).hasSize(1);
        send(
                        "/api/cuttings/%s/sheets/%d/cut"
                                .formatted(
                                        plan.get("id").asString(),
                                        paper.get("sheets").get(0).get("number").asInt()),
                        "{}")
                .andExpect(status().isOk());
        assertThat(inDrawer(sheet).get("content").get("count").asInt()).isZero();
    }
}
