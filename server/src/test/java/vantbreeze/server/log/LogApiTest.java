package vantbreeze.server.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasItems;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.hand.Habit;
import vantbreeze.operation.Hand;
import vantbreeze.server.TestApplication;
import vantbreeze.server.TestBriefs;
import vantbreeze.server.photo.PhotoAlbum;

/** The logbook, the maker's hands, and the place at the table. */
class LogApiTest extends TestApplication {

    private static final String CONTENT = """
            {"project": null, "revision": 1, "card": "%s", "fold": "", "madeOn": "2026-11-29", "occasion": "open evening",
             "cards": 2, "minutes": 45, "recipients": ["%s"], "envelope": "A2", "postage": "1.10", "papers": ["1 × 12 × 12 in"],
             "changeNext": "wider border", "measured": [%s]}""";

    private final JsonMapper json = JsonMapper.builder().build();

    @Autowired
    private MockMvc http;

    @Autowired
    private PhotoAlbum album;

    @Autowired
    private JdbcTemplate database;

    private ResultActions send(MockHttpServletRequestBuilder request, String body) throws Exception {
        return http.perform(request.contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private JsonNode read(ResultActions answer) throws Exception {
        return json.readTree(answer.andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8));
    }

    private JsonNode written(String card, String recipient, String measured) throws Exception {
        String content = CONTENT.formatted(card, recipient, measured);
        String body = "{\"content\": %s, \"brief\": %s}".formatted(content, TestBriefs.gatefold("5 in", "7 in"));
        return read(send(post("/api/log"), body).andExpect(status().isCreated()));
    }

    @Test
    void anEntryIsFoundByItsWordsChangedTakenOutAndPutBack() throws Exception {
        JsonNode entry = written("Comet gate", "Orla", "");
        String id = entry.get("id").asString();
        assertThat(entry.get("content").get("fold").asString()).isEqualTo("gatefold");
        http.perform(get("/api/log").param("words", "ORLA border")).andExpect(jsonPath("$[*].id", contains(id)));
        http.perform(get("/api/log").param("words", "orla nowhere")).andExpect(jsonPath("$", hasSize(0)));
        String changed = "{\"version\": 0, \"content\": %s}".formatted(CONTENT.formatted("Comet gate II", "Orla", ""));
        send(put("/api/log/" + id), changed)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.content.card").value("Comet gate II"));
        send(put("/api/log/" + id), changed).andExpect(status().isConflict());
        http.perform(delete("/api/log/" + id).param("version", "1")).andExpect(status().isOk());
        http.perform(get("/api/log")).andExpect(jsonPath("$[*].id", not(hasItem(id))));
        http.perform(post("/api/log/" + id + "/undelete")).andExpect(status().isOk());
        http.perform(get("/api/log")).andExpect(jsonPath("$[*].id", hasItem(id)));
    }

    @Test
    void everyFaultIsNamedAndNothingIsKept() throws Exception {
        int before = read(http.perform(get("/api/log"))).size();
        String body = "{\"content\": %s, \"brief\": %s}".formatted("""
                        {"revision": -1, "card": " ", "madeOn": "29.11.2026", "cards": 0, "minutes": -5,
                         "measured": [{"hand": "CUT", "label": "w", "planned": "2 in", "value": "wide"}]}""", TestBriefs.gatefold("5 in", "7 in"));
        send(post("/api/log"), body)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath(
                        "$.fields[*].field",
                        hasItems("revision", "card", "madeOn", "cards", "minutes", "measured[0].value")));
        send(post("/api/log"), "{\"content\": null, \"brief\": %s}".formatted(TestBriefs.gatefold("5 in", "7 in")))
                .andExpect(status().isUnprocessableContent());
        send(post("/api/log"), "{}").andExpect(status().isUnprocessableContent());
        assertThat(read(http.perform(get("/api/log"))).size()).isEqualTo(before);
    }

    @Test
    void nobodyGetsTheSameCardTwiceWithoutBeingTold() throws Exception {
        written("Moon stage", "Ida Quill", "");
        send(post("/api/log/given"), "{\"card\": \" moon STAGE\", \"recipients\": [\"ida quill\", \"Tam\"]}")
                .andExpect(jsonPath("$[*].recipient", contains("Ida Quill")))
                .andExpect(jsonPath("$[0].madeOn").value("2026-11-29"));
        send(post("/api/log/given"), "{\"card\": \"Another\", \"recipients\": [\"Ida Quill\"]}")
                .andExpect(jsonPath("$", hasSize(0)));
    }

    @Test
    void aPhotographIsMadeAnewShownAndTakenOut() throws Exception {
        JsonNode entry = written("Photographed", "Tam", "");
        String id = entry.get("id").asString();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", png);
        String image = Base64.getEncoder().encodeToString(png.toByteArray());
        String change = "{\"version\": %d, \"content\": %s, \"photos\": [%s]}";
        String content = CONTENT.formatted("Pictured", "Tam", "");
        JsonNode shown = read(send(put("/api/log/" + id), change.formatted(0, content, "\"%s\"".formatted(image)))
                .andExpect(status().isOk()));
        String photo = shown.get("photos").get(0).asString();
        byte[] kept = http.perform(get("/api/photos/" + photo))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertThat(kept).startsWith(0xFF, 0xD8);
        String another = CONTENT.formatted("Never kept", "Tam", "");
        send(put("/api/log/" + id), change.formatted(1, another, "\"%s\", \"aGVsbG8=\"".formatted(image)))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("photos[1]"));
        String many = String.join(", ", Collections.nCopies(LogEntry.MOST_PHOTOS, "\"%s\"".formatted(image)));
        send(put("/api/log/" + id), change.formatted(1, another, many))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("photos"));
        String tooMany = "{\"content\": %s, \"brief\": %s, \"photos\": [%s, %s]}"
                .formatted(another, TestBriefs.gatefold("5 in", "7 in"), many, "\"%s\"".formatted(image));
        send(post("/api/log"), tooMany).andExpect(status().isUnprocessableContent());
        http.perform(get("/api/log").param("words", "never kept")).andExpect(jsonPath("$", hasSize(0)));
        http.perform(get("/api/log").param("words", "pictured tam")).andExpect(jsonPath("$[0].photos", hasSize(1)));
        http.perform(delete("/api/log/%s/photos/%s".formatted(id, photo)).param("version", "1"))
                .andExpect(jsonPath("$.photos", hasSize(0)));
    }

    /** What has changed on the disk without the application is found, and only that. */
    @Test
    void aPhotographThatIsNotAsItWasKeptIsFound() throws Exception {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", png);
        String image = Base64.getEncoder().encodeToString(png.toByteArray());
        String body = "{\"content\": %s, \"brief\": %s, \"photos\": [\"%s\", \"%s\"]}"
                .formatted(CONTENT.formatted("Two", "Tam", ""), TestBriefs.gatefold("5 in", "7 in"), image, image);
        String photo = read(send(post("/api/log"), body)).get("photos").get(1).asString();
        assertThat(album.damaged()).isEmpty();
        database.update("update photo set wide = wide + 1 where id = ?", photo);
        assertThat(album.damaged()).containsExactly("a photograph");
        database.update("update photo set wide = wide - 1 where id = ?", photo);
        assertThat(album.damaged()).isEmpty();
    }

    /** More than any other request may bring: noise, as a PNG, is the largest picture there is for its dots. */
    @Test
    void anEntryIsWrittenWithAllItsPhotographsAtOnce() throws Exception {
        BufferedImage noise = new BufferedImage(250, 250, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(7);
        for (int y = 0; y < noise.getHeight(); y++) {
            for (int x = 0; x < noise.getWidth(); x++) {
                noise.setRGB(x, y, random.nextInt(0x1000000));
            }
        }
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(noise, "png", png);
        String image = "\"%s\"".formatted(Base64.getEncoder().encodeToString(png.toByteArray()));
        String all = String.join(", ", Collections.nCopies(LogEntry.MOST_PHOTOS, image));
        assertThat(all.length()).isGreaterThan(2 * 1024 * 1024);
        String body = "{\"content\": %s, \"brief\": %s, \"photos\": [%s]}"
                .formatted(CONTENT.formatted("Album", "Tam", ""), TestBriefs.gatefold("5 in", "7 in"), all);
        send(post("/api/log"), body)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.photos", hasSize(LogEntry.MOST_PHOTOS)));
    }

    @Test
    void againBeginsANewCardAsItWasMade() throws Exception {
        JsonNode entry = written("Again and again", "Tam", "");
        JsonNode project = read(
                http.perform(post("/api/log/%s/again".formatted(entry.get("id").asString())))
                        .andExpect(status().isCreated()));
        assertThat(project.get("name").asString()).isEqualTo("Again and again");
        assertThat(project.get("brief").get("basis").get("width").asString()).isEqualTo("5 in");
    }

    /** What is offered comes from measurements; it is taken only when the maker says so. */
    @Test
    void handsAreOfferedAndNeverTakenSilently() throws Exception {
        StringBuilder measured = new StringBuilder();
        for (int i = 0; i < 12; i++) {
            measured.append(i == 0 ? "" : ",")
                    .append("{\"hand\": \"SCORE\", \"label\": \"s\", \"planned\": \"50 mm\", \"value\": \"%s mm\"}"
                            .formatted(i % 2 == 0 ? "50.4" : "50.6"));
        }
        JsonNode entry = written("Measured", "Tam", measured.toString());
        JsonNode hands = read(http.perform(get("/api/hands")));
        JsonNode score = hands.get("habits").get(1);
        assertThat(score.get("count").asInt()).isEqualTo(12);
        assertThat(score.get("bias").asDouble()).isCloseTo(0.5, within(0.002));
        assertThat(score.get("biased").asBoolean()).isTrue();
        assertThat(hands.get("chosen").get("score").asDouble()).isEqualTo(0.2);
        long version = hands.get("version").asLong();
        String chosen =
                "{\"version\": %d, \"chosen\": {\"cut\": 0.4, \"score\": %s, \"glue\": 0.4, \"cutAim\": 0, \"scoreAim\": -0.5}}";
        send(put("/api/hands"), chosen.formatted(version, "9")).andExpect(status().isUnprocessableContent());
        send(put("/api/hands"), chosen.formatted(version, "0.1"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.chosen.scoreAim").value(-0.5));
        send(put("/api/hands"), chosen.formatted(version, "0.2")).andExpect(status().isConflict());
        http.perform(delete("/api/log/" + entry.get("id").asString()).param("version", "0"));
    }

    /**
     * NIST StRD, univariate summary statistics, from memory: NumAcc1 is 10000001, 10000003, 10000002 with mean 10000002 and
     * standard deviation 1; here less 10000000 thousandths, since hands miss by little. NumAcc2 is 1.2 and a thousand values
     * 1.1 and 1.3 in turn, with mean 1.2 and standard deviation 0.1.
     */
    @Test
    void biasAndScatterAgreeWithReferenceData() {
        Habit first = Habit.of(Hand.CUT, List.of(0.001, 0.003, 0.002));
        assertThat(first.bias()).isCloseTo(0.002, within(1e-12));
        assertThat(first.scatter()).isCloseTo(0.001, within(1e-12));
        List<Double> second = new java.util.ArrayList<>(List.of(1.2));
        for (int i = 0; i < 500; i++) {
            second.addAll(List.of(1.1, 1.3));
        }
        Habit two = Habit.of(Hand.CUT, second);
        assertThat(two.bias()).isCloseTo(1.2, within(1e-12));
        assertThat(two.scatter()).isCloseTo(0.1, within(1e-12));
        assertThat(Habit.of(Hand.CUT, List.of(0.1, 12.7)).slips()).isEqualTo(1);
    }

    private JsonNode project() throws Exception {
        return read(send(
                post("/api/projects"),
                "{\"name\": \"At the table\", \"brief\": %s}".formatted(TestBriefs.gatefold("5 in", "7 in"))));
    }

    @Test
    void thePlaceAtTheTableIsKeptAndTwoWindowsDoNotOverwriteEachOther() throws Exception {
        String making = "/api/projects/%s/making".formatted(project().get("id").asString());
        http.perform(get(making))
                .andExpect(jsonPath("$.version").value(-1))
                .andExpect(jsonPath("$.state.cards").value(1));
        String state = """
                {"version": %d, "state": {"revision": 1, "cards": %d, "byCard": false, "mockUp": false, "at": "cut/piece/base",
                 "done": [{"task": "cut/piece/base", "cards": 3}], "measured": [{"key": "cut/piece/base/width", "value": "%s"}],
                 "timers": [], "seconds": 60}}""";
        send(put(making), state.formatted(-1, 12, "10 1/16 in"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.version").value(0));
        send(put(making), state.formatted(-1, 12, "10 in")).andExpect(status().isConflict());
        send(put(making), state.formatted(0, 0, "10 in")).andExpect(status().isUnprocessableContent());
        send(put(making), state.formatted(0, 12, "wide"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("state.measured[0].value"));
        http.perform(get(making))
                .andExpect(jsonPath("$.state.done[0].cards").value(3))
                .andExpect(jsonPath("$.state.measured[0].value").value("10 1/16 in"));
        http.perform(delete(making)).andExpect(jsonPath("$.version").value(-1));
        http.perform(get("/api/projects/nowhere/making")).andExpect(status().isNotFound());
    }

    @Test
    void tasksDrawingsForecastAndConsequenceGoOut() throws Exception {
        String brief = TestBriefs.gatefold("5 in", "7 in");
        JsonNode plan = read(send(post("/api/plans"), brief));
        JsonNode cut = plan.get("tasks").get(0);
        assertThat(cut.get("kind").asString()).isEqualTo("cut");
        assertThat(cut.get("measures").get(0).get("planned").get("shown").asString())
                .isEqualTo("10 in");
        send(post("/api/sketches"), brief)
                .andExpect(jsonPath("$[0].task").value(cut.get("id").asString()));
        send(
                        post("/api/forecasts"),
                        "{\"brief\": %s, \"scatter\": {\"cut\": 0.4, \"score\": 0.4, \"glue\": 0.4}}".formatted(brief))
                .andExpect(jsonPath("$.chances[*].kind", hasItems("STICKS_OUT", "MEETS")));
        send(
                        post("/api/forecasts"),
                        "{\"brief\": %s, \"scatter\": {\"cut\": 0, \"score\": 0.4, \"glue\": 0.4}}".formatted(brief))
                .andExpect(status().isUnprocessableContent());
        String key = cut.get("measures").get(0).get("key").asString();
        send(
                        post("/api/consequences"),
                        "{\"brief\": %s, \"measured\": [{\"key\": \"%s\", \"value\": \"10 1/2 in\"}]}"
                                .formatted(brief, key))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.faults[*].kind", hasItem("MEETS")));
        send(post("/api/foldings/pieces"), "{\"brief\": %s, \"piece\": \"base\"}".formatted(brief))
                .andExpect(jsonPath("$.motions", hasSize(1)));
        send(post("/api/foldings/pieces"), "{\"brief\": %s, \"piece\": \"roof\"}".formatted(brief))
                .andExpect(status().isUnprocessableContent());
    }

    @Test
    void ownStepsAreReadAndRefused() throws Exception {
        String brief = TestBriefs.gatefold("5 in", "7 in");
        String own = brief.substring(0, brief.lastIndexOf('}'))
                + ", \"ownSteps\": [{\"technique\": \"STAMP\", \"on\": \"face/back/face\", \"words\": \"%s\"}]}";
        send(post("/api/plans"), own.formatted("With care"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.tasks[*].kind", hasItem("own")))
                .andExpect(jsonPath("$.brief.ownSteps[0].words").value("With care"));
        send(post("/api/plans"), own.formatted("x".repeat(201))).andExpect(status().isUnprocessableContent());
    }
}
