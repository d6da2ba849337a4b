package vantbreeze.server.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
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
import tools.jackson.databind.node.ObjectNode;
import vantbreeze.server.TestApplication;
import vantbreeze.server.TestBriefs;

/** FOLD files come in as free strips, or as free patterns. */
class PatternApiTest extends TestApplication {

    private final JsonMapper json = JsonMapper.builder().build();

    @Autowired
    private MockMvc http;

    private ResultActions send(String address, Object body) throws Exception {
        return http.perform(
                post(address).contentType(MediaType.APPLICATION_JSON).content(body.toString()));
    }

    private JsonNode read(ResultActions answer) throws Exception {
        return json.readTree(answer.andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8));
    }

    private ObjectNode asked(JsonNode fold) {
        return json.createObjectNode().put("units", "INCH").set("fold", fold);
    }

    private JsonNode plan(String brief) throws Exception {
        return read(send("/api/plans", brief).andExpect(status().isOk()));
    }

    private JsonNode exported(String fold, String width, String height) throws Exception {
        String brief = TestBriefs.zFold(width, height).replace("z-fold", fold).replace("letter", "12x12");
        JsonNode project = read(
                send("/api/projects", json.createObjectNode().put("name", fold).set("brief", json.readTree(brief))));
        return read(http.perform(get("/api/projects/" + project.get("id").asString() + "/exports/pattern.fold")));
    }

    /** Out as a pattern and in again: the same flat piece, and it closes to the same size. */
    @ParameterizedTest
    @CsvSource({
        "z-fold, 5 1/2 in, 4 1/4 in",
        "gatefold, 4 1/4 in, 5 1/2 in",
        "concertina, 2 in, 5 in",
        "tri-fold, 4 in, 6 in",
        "fold-back-gate, 3 in, 5 in"
    })
    void aPatternComesBackAsAFreeStrip(String fold, String width, String height) throws Exception {
        JsonNode strip =
                read(send("/api/patterns", asked(exported(fold, width, height))).andExpect(status().isOk()));
        ObjectNode brief = (ObjectNode) json.readTree(TestBriefs.zFold(width, height));
        brief.put("fold", "free-strip").put("sheet", "12x12").set("parameters", strip.get("parameters"));
        ((ObjectNode) brief.get("basis"))
                .put("height", strip.get("height").asString())
                .putNull("width");
        JsonNode first =
                plan(TestBriefs.zFold(width, height).replace("z-fold", fold).replace("letter", "12x12"));
        JsonNode again = plan(brief.toString());
        assertThat(again.get("closed").get("size").get("shown"))
                .isEqualTo(first.get("closed").get("size").get("shown"));
        assertThat(again.get("pieces").get(0).get("size").get("shown"))
                .isEqualTo(first.get("pieces").get(0).get("size").get("shown"));
    }

    /** A tower's scores lie flat beside its slits when it is closed: it comes back as a pattern, every score there, and closes alike. */
    @Test
    void scoresThatLieFlatComeBack() throws Exception {
        JsonNode file = exported("tower", "4 1/4 in", "5 1/2 in");
        JsonNode again = taken(file);
        String written = again.get("parameters").get("pattern").asString();
        assertThat(written).contains(" flat ");
        assertThat(again.get("leftOut")).isEmpty();
        JsonNode first = plan(TestBriefs.zFold("4 1/4 in", "5 1/2 in")
                .replace("z-fold", "tower")
                .replace("letter", "12x12"));
        JsonNode plan = plan(brief(written).toString());
        assertThat(plan.get("closed").get("size")).isEqualTo(first.get("closed").get("size"));
        assertThat(plan.get("pieces").get(0).get("size"))
                .isEqualTo(first.get("pieces").get(0).get("size"));
    }

    /** What is not taken from a file is said. */
    @Test
    void whatIsLeftOutIsListed() throws Exception {
        ObjectNode file = pattern().put("frame_unit", "in");
        file.set("edges_vertices", json.readTree("[[0,1],[1,2],[2,3],[3,4],[4,5],[5,0],[1,4],[0,3]]"));
        file.set("edges_assignment", json.readTree("[\"B\",\"B\",\"B\",\"B\",\"B\",\"B\",\"V\",\"U\"]"));
        ObjectNode other = pattern().put("frame_title", "the lining");
        file.set("file_frames", json.createArrayNode().add(other));
        assertThat(taken(file).get("leftOut").toString())
                .contains("not the lining")
                .contains("left out: 1");
        assertThat(taken(pattern().put("frame_unit", "in")).get("leftOut")).isEmpty();
    }

    /** A square of 2 by 1 units, scored in the middle. */
    private ObjectNode pattern() {
        return (ObjectNode) json.readTree("""
                {"file_spec": 1.1, "vertices_coords": [[0,0],[1,0],[2,0],[2,1],[1,1],[0,1]],
                 "edges_vertices": [[0,1],[1,2],[2,3],[3,4],[4,5],[5,0],[1,4]],
                 "edges_assignment": ["B","B","B","B","B","B","V"]}""");
    }

    @Test
    void aFileWithoutUnitsIsAskedFor() throws Exception {
        send("/api/patterns", asked(pattern()))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("unit"))
                .andExpect(jsonPath("$.fields[0].allowed").value("MM, CM, IN"));
        JsonNode strip =
                read(send("/api/patterns", asked(pattern()).put("unit", "IN")).andExpect(status().isOk()));
        assertThat(strip.get("parameters").get("panels").asString()).isEqualTo("1 in V 1 in");
        assertThat(strip.get("height").asString()).isEqualTo("1 in");
        JsonNode said = read(send("/api/patterns", asked(pattern().put("frame_unit", "cm"))));
        assertThat(said.get("height").asString()).isEqualTo("10 mm");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\"vertices_coords\": 3 | fold.vertices_coords",
                "\"vertices_coords\": [[0,0],[1,\"x\"]] | fold.vertices_coords[1]",
                "\"edges_vertices\": [[0,99]] | fold.edges_vertices[0]",
                "\"edges_assignment\": [\"B\",\"B\",\"B\",\"B\",\"B\",\"B\",\"Q\"] | fold.edges_assignment[6]",
                "\"edges_vertices\": [[0,1],[1,2],[2,4],[3,4],[4,5],[5,0],[1,4]] | fold.edges_vertices[2]",
                "\"vertices_coords\": [[0,0],[1,0],[100,0],[100,1],[1,1],[0,1]] | fold",
                "\"vertices_coords\": [[0,0],[1,0],[2e9,0],[2e9,1],[1,1],[0,1]] | fold.vertices_coords",
                "\"edges_assignment\": [\"B\",\"B\",\"B\",\"B\",\"B\",\"B\",\"F\"] | fold.edges_assignment",
                "\"frame_classes\": [\"foldedForm\"] | fold.frame_classes",
                "\"edges_foldAngle\": [0,0,0,0,0,0,90] | fold.edges_foldAngle[6]",
                "\"edges_foldAngle\": [0,0,0,0,0,0,-180] | fold.edges_foldAngle[6]",
                "\"edges_foldAngle\": [0,0,0,0,0,0,\"180\"] | fold.edges_foldAngle[6]",
                "\"edges_vertices\": [[0,1],[1,2],[2,3],[3,4],[4,5],[4,5],[1,4]] | fold.edges_vertices[3]",
                "\"vertices_coords\": [[0,0],[1,0],[2,1],[2,0],[1,1],[0,1]] | fold.edges_vertices",
                "\"vertices_coords\": [[0,0],[1,0],[1,1],[3,0],[4,0],[4,1]], \"edges_vertices\": [[0,1],[1,2],[2,0],[3,4],[4,5],[5,3],[1,4]] | fold.edges_assignment"
            })
    void whatIsNoPatternIsRefusedWithItsPlace(String change) throws Exception {
        String[] parts = change.split(" \\| ");
        ObjectNode bad = pattern().put("frame_unit", "in");
        json.readTree("{" + parts[0] + "}").properties().forEach(e -> bad.set(e.getKey(), e.getValue()));
        send("/api/patterns", asked(bad))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value(parts[1]));
    }

    private JsonNode taken(JsonNode fold) throws Exception {
        return read(send("/api/patterns", asked(fold)).andExpect(status().isOk()));
    }

    private ObjectNode brief(String written) {
        ObjectNode brief = (ObjectNode) json.readTree(TestBriefs.zFold("4 in", "5 in"));
        brief.put("fold", "free-pattern").put("sheet", "12x12");
        ((ObjectNode) brief.get("parameters")).put("pattern", written);
        ((ObjectNode) brief.get("basis")).putNull("width").putNull("height");
        return brief;
    }

    private JsonNode fileOf(ObjectNode brief) throws Exception {
        JsonNode project = read(send(
                "/api/projects", json.createObjectNode().put("name", "pattern").set("brief", brief)));
        return read(http.perform(get("/api/projects/" + project.get("id").asString() + "/exports/pattern.fold")));
    }

    /** The format has straight edges only: a curved slit is one bent line again, as many windows and slits as there were. */
    @Test
    void curvedSlitsComeBackAsOneLineEach() throws Exception {
        String again = taken(fileOf(brief(TestBriefs.TONGUE)))
                .get("parameters")
                .get("pattern")
                .asString();
        assertThat(again.split("slit")).hasSize(3);
        assertThat(again.split("valley")).hasSize(2);
    }

    /** Zigzags out of this application: each comes back as one line that bends, and the card closes alike. */
    @Test
    void aPatternWithBentScoresComesBackAsItWas() throws Exception {
        ObjectNode brief = brief(TestBriefs.ZIGZAGS);
        JsonNode again = taken(fileOf(brief));
        assertThat(again.get("fold").asString()).isEqualTo("free-pattern");
        assertThat(again.get("parameters").get("pattern").asString())
                .contains("mountain 3.25,0 2.75,3 3.25,6;")
                .contains("valley 6.25,0 5.75,3 6.25,6");
        JsonNode first = plan(brief.toString());
        brief.set("parameters", again.get("parameters"));
        assertThat(plan(brief.toString()).get("closed").get("size"))
                .isEqualTo(first.get("closed").get("size"));
    }

    /** A square on its corner with a window, cut in the file as a ring of cuts, and a cut that bends. */
    @Test
    void anyOutlineWindowsAndBentCutsComeIn() throws Exception {
        ObjectNode diamond = (ObjectNode) json.readTree("""
                {"file_spec": 1.1, "frame_unit": "in",
                 "vertices_coords": [[4,0],[8,4],[4,8],[0,4],[2,5],[3,5],[3,5.5],[2,5.5],[5,4.5],[5.5,5],[5,5.5]],
                 "edges_vertices": [[0,1],[1,2],[2,3],[3,0],[3,1],[4,5],[5,6],[6,7],[7,4],[8,9],[9,10]],
                 "edges_assignment": ["B","B","B","B","V","C","C","C","C","C","C"]}""");
        String pattern = taken(diamond).get("parameters").get("pattern").asString();
        assertThat(pattern)
                .contains("outline 4,0 8,4 4,8 0,4")
                .contains("window 3,5 2,5 2,5.5 3,5.5")
                .contains("valley 0,4 8,4")
                .contains("slit 5,4.5 5.5,5 5,5.5");
    }

    /** What a score must do is told in the words of the bench. */
    @Test
    void aScoreThatEndsNowhereIsRefused() throws Exception {
        ObjectNode loose = pattern().put("frame_unit", "in");
        loose.set("vertices_coords", json.readTree("[[0,0],[1,0],[2,0],[2,1],[1,0.5],[0,1]]"));
        loose.set("edges_vertices", json.readTree("[[0,1],[1,2],[2,3],[3,5],[5,0],[1,4]]"));
        loose.set("edges_assignment", json.readTree("[\"B\",\"B\",\"B\",\"B\",\"B\",\"V\"]"));
        send("/api/patterns", asked(loose))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("fold"))
                .andExpect(jsonPath("$.fields[0].text").value(org.hamcrest.Matchers.containsString("ends inside")));
    }
}
