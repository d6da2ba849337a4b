package vantbreeze.server.post;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsInAnyOrder;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.server.TestApplication;
import vantbreeze.server.TestBriefs;

/** A card on its way, the drawer and the postal table. */
class PostApiTest extends TestApplication {

    private static final String A2_CARD = TestBriefs.zFold("5 1/2 in", "4 1/4 in");

    private final JsonMapper json = JsonMapper.builder().build();

    @Autowired
    private MockMvc http;

    private ResultActions send(MockHttpServletRequestBuilder request, String body) throws Exception {
        return http.perform(request.contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private ResultActions posting(String brief) throws Exception {
        return send(post("/api/posting"), brief);
    }

    private JsonNode read(ResultActions answer) throws Exception {
        return json.readTree(answer.andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8));
    }

    private JsonNode row(String service, String name) throws Exception {
        for (JsonNode row : read(http.perform(get("/api/postal-classes")))) {
            JsonNode content = row.get("content");
            if (content.get("service").asString().equals(service)
                    && content.get("name").asString().equals(name)) {
                return row;
            }
        }
        throw new AssertionError("no such row");
    }

    /** A2 is 4 3/8 by 5 3/4 in: US announcement sizes, common practice, no published source. */
    @Test
    void aCardIsTriedInEveryEnvelopeAndJudgedByEveryService() throws Exception {
        posting(A2_CARD)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.chosen.envelope").value("a2us"))
                .andExpect(jsonPath("$.fits[*].envelope", hasItem("c6")))
                .andExpect(jsonPath("$.fits[?(@.envelope == 'c7')].verdict", contains("TOO_SMALL")))
                .andExpect(jsonPath("$.letter.name").value("A2 (US)"))
                .andExpect(jsonPath("$.made[*].style", contains("STRAIGHT", "DIAGONAL", "BOX")))
                .andExpect(jsonPath("$.made[*].piece.panels[*].name", hasItem("front")))
                .andExpect(jsonPath("$.verdicts[*].origin", everyItem(containsString("from memory"))))
                .andExpect(jsonPath("$.verdicts[?(@.service == 'United States')].taken", contains("letter")))
                .andExpect(jsonPath("$.closure").doesNotExist());
    }

    @Test
    void aBeltComesAsAPieceWithItsSize() throws Exception {
        posting(A2_CARD.replace("\"closure\": null", "\"closure\": \"belt 1 1/4 in\""))
                .andExpect(jsonPath("$.closure.pieces[0].name").value("belt"))
                .andExpect(jsonPath("$.closure.pieces[0].size.height.text").value("1 1/4 in"))
                .andExpect(jsonPath("$.closure.adds.mm").isNumber());
    }

    @Test
    void anEnvelopeOfTheDrawerIsTriedToo() throws Exception {
        JsonNode kept = read(
                send(post("/api/drawer"), "{\"name\": \"lined\", \"size\": \"115 x 150 mm\", \"units\": \"METRIC\"}")
                        .andExpect(status().isCreated()));
        String envelope = kept.get("envelope").asString();
        posting(A2_CARD).andExpect(jsonPath("$.fits[?(@.name == 'lined')].envelope", contains(envelope)));
        posting(A2_CARD.replace("a2us", envelope))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.letter.name").value("lined"));
        String address = "/api/drawer/" + kept.get("id").asString();
        http.perform(delete(address)).andExpect(status().isOk());
        posting(A2_CARD).andExpect(jsonPath("$.fits[*].name", not(hasItem("lined"))));
        http.perform(post(address + "/undelete")).andExpect(status().isOk());
        http.perform(get("/api/drawer")).andExpect(jsonPath("$[*].name", hasItem("lined")));
        http.perform(delete(address)).andExpect(status().isOk());
    }

    @Test
    void theDrawerTakesNoEnvelopeWithoutNameOrOfNoSuchSize() throws Exception {
        send(post("/api/drawer"), "{\"name\": \" \", \"size\": \"100 x 3 in\", \"units\": \"INCH\"}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[*].field", containsInAnyOrder("name", "size")))
                .andExpect(jsonPath("$.fields[?(@.field == 'size')].text", hasItem(containsString("24 in"))));
        http.perform(delete("/api/drawer/none")).andExpect(status().isNotFound());
    }

    @Test
    void aPricePaidIsShownWithTheClassThatTakesTheCard() throws Exception {
        JsonNode row = row("United Kingdom", "letter");
        String address = "/api/postal-classes/" + row.get("id").asString();
        String priced = json.writeValueAsString(row)
                .replace("\"price\":null", "\"price\":\"1.35 paid on 3 Nov\"")
                .replaceFirst("\"id\":\"[^\"]*\",", "");
        JsonNode changed = read(send(put(address), priced).andExpect(status().isOk()));
        posting(A2_CARD)
                .andExpect(
                        jsonPath("$.verdicts[?(@.service == 'United Kingdom')].price", contains("1.35 paid on 3 Nov")));
        send(put(address), priced)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.version")
                        .value(changed.get("version").asInt()));
        send(
                        put(address),
                        json.writeValueAsString(changed)
                                .replace("\"price\":\"1.35 paid on 3 Nov\"", "\"price\":null")
                                .replaceFirst("\"id\":\"[^\"]*\",", ""))
                .andExpect(status().isOk());
    }

    /** A limit that is made smaller is the one that counts: 2 mm for a card of 9 layers of about 0.37 mm. */
    @Test
    void verdictsFollowTheMakersTable() throws Exception {
        String narrow = """
                {"service": "Quillmere pigeons", "name": "%s", "mostLong": "300 mm", "mostShort": "200 mm",
                 "thickness": "%s", "grams": 500, "origin": "the pigeon master", "asOf": "2026-11-20"}""";
        JsonNode small = read(send(post("/api/postal-classes"), narrow.formatted("thin", "0.5 mm"))
                .andExpect(status().isCreated()));
        posting(A2_CARD)
                .andExpect(jsonPath("$.verdicts[?(@.service == 'Quillmere pigeons')].taken", contains((Object) null)))
                .andExpect(jsonPath(
                        "$.verdicts[?(@.service == 'Quillmere pigeons')].text",
                        contains(containsString("too much for a thin: at most 0.5 mm thick"))));
        JsonNode large = read(send(post("/api/postal-classes"), narrow.formatted("thick", "30 mm")));
        posting(A2_CARD)
                .andExpect(jsonPath("$.verdicts[?(@.service == 'Quillmere pigeons')].taken", contains("thick")))
                .andExpect(jsonPath("$.verdicts[?(@.service == 'Quillmere pigeons')].asOf", contains("2026-11-20")));
        send(post("/api/postal-classes"), narrow.formatted("thin", "9 mm"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("name"));
        for (JsonNode row : new JsonNode[] {small, large}) {
            http.perform(delete("/api/postal-classes/%s?version=%d"
                            .formatted(
                                    row.get("id").asString(), row.get("version").asInt())))
                    .andExpect(status().isOk());
        }
        posting(A2_CARD).andExpect(jsonPath("$.verdicts[*].service", not(hasItem("Quillmere pigeons"))));
        String address = "/api/postal-classes/" + small.get("id").asString();
        http.perform(post(address + "/undelete")).andExpect(status().isOk());
        http.perform(get("/api/postal-classes")).andExpect(jsonPath("$[*].content.name", hasItem("thin")));
        JsonNode back = row("Quillmere pigeons", "thin");
        http.perform(delete(address + "?version=" + back.get("version").asInt()))
                .andExpect(status().isOk());
    }

    @Test
    void everyFaultOfAPostalRowIsNamedAtOnce() throws Exception {
        String row = """
                {"service": "", "name": "letter", "mostLong": "10 mm", "mostShort": "far", "thickness": "5",
                 "grams": 20, "aspectLeast": 2, "aspectMost": 1.3, "origin": "x", "asOf": null}""";
        send(post("/api/postal-classes"), row)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath(
                        "$.fields[*].field", containsInAnyOrder("service", "asOf", "mostShort", "aspectLeast")));
        assertThat(read(http.perform(get("/api/postal-classes"))).toString()).doesNotContain("\"name\":\"\"");
    }

    @Test
    void aCardThatDoesNotCloseIsNotPosted() throws Exception {
        String open = TestBriefs.zFold("", "5 in")
                .replace("z-fold", "free-strip")
                .replace("\"width\": \"\", ", "")
                .replace("\"parameters\": {}", "\"parameters\": {\"panels\": \"1 V 3 V 1 V 3 in\"}");
        posting(open).andExpect(status().isUnprocessableContent());
    }

    /** Blanks around a name once made every card's posting fail. */
    @Test
    void rowsAreKeptWithoutTheBlanksAroundTheirWords() throws Exception {
        String row = """
                {"service": " Moon ", "name": "letter  ", "leastLong": "%s", "leastShort": null, "mostLong": "235 mm",
                 "mostShort": "125 mm", "thickness": "5 mm", "grams": 20, "aspectLeast": null, "aspectMost": null,
                 "price": "%s", "origin": "invented ", "asOf": "2026-11-01"}""";
        String blanks = " ".repeat(500);
        JsonNode kept = read(send(post("/api/postal-classes"), row.formatted(blanks, blanks))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.content.name").value("letter"))
                .andExpect(jsonPath("$.content.price").doesNotExist()));
        posting(A2_CARD).andExpect(status().isOk());
        send(post("/api/postal-classes"), row.formatted("", ""))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("name"));
        for (String number : new String[] {"\"NaN\"", "1e999", "-1"}) {
            send(
                            post("/api/postal-classes"),
                            row.formatted("", "").replace("20,", number + ",").replace("letter", "other"))
                    .andExpect(status().is4xxClientError());
        }
        String address = "/api/postal-classes/" + kept.get("id").asString();
        send(put(address), "{\"version\": %d}".formatted(kept.get("version").asLong()))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("content"));
        http.perform(delete(address + "?version=" + kept.get("version").asLong()))
                .andExpect(status().isOk());
    }

    @Test
    void anEnvelopeThatLiesInTheDrawerIsNotLaidThereTwice() throws Exception {
        String lined = "{\"name\": \"grey\", \"size\": \"117 x 152 mm\", \"units\": \"METRIC\"}";
        JsonNode first = read(send(post("/api/drawer"), lined).andExpect(status().isCreated()));
        assertThat(read(send(post("/api/drawer"), lined))).isEqualTo(first);
        http.perform(delete("/api/drawer/" + first.get("id").asString())).andExpect(status().isOk());
    }
}
