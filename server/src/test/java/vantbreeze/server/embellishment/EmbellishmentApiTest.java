package vantbreeze.server.embellishment;

import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.server.TestApplication;
import vantbreeze.server.TestBriefs;

/** A focal piece kept from one card and taken onto another one. */
class EmbellishmentApiTest extends TestApplication {

    private static final String PAPER = "{\"stock\": \"160 gsm\", \"colour\": \"#ffffff\", \"print\": \"PLAIN\"}";
    private static final String BY =
            "\"across\": {\"from\": \"MIDDLE\", \"of\": \"plate\"}, \"up\": {\"from\": \"MIDDLE\", \"of\": \"plate\"}";

    /** A plate with a disc on it and a ribbon around it, and a heart elsewhere. */
    private static final String DRESSED =
            TestBriefs.zFold("4 1/4 in", "5 1/2 in").replace("\"ornaments\": []", """
                    "ornaments": [
                      {"name": "plate", "face": "back/face", "outline": "2 x 1", "x": "1/2 in", "y": "1/2 in", "paper": %1$s, "glue": "OWN_PANEL"},
                      {"name": "heart", "face": "front/face", "outline": "heart 1 x 1 in", "x": "1/2 in", "y": "1/2 in", "paper": %1$s, "glue": "OWN_PANEL"},
                      {"name": "disc", "face": "back/face", "outline": "circle 3/4 in", "x": "0 in", "y": "0 in", %2$s, "paper": %1$s, "glue": "OWN_PANEL"},
                      {"name": "ribbon", "face": "back/face", "outline": "band 1/4 in wide, 1/8 in from lower, border 0 in", "x": "0 in", "y": "0 in", %2$s,
                       "paper": {"stock": "0.3 mm", "material": "RIBBON", "colour": "#ffffff", "print": "PLAIN"}, "glue": "OWN_PANEL",
                       "fixing": "around the ornament, taped"}]""".formatted(PAPER, BY));

    @Autowired
    private MockMvc http;

    private ResultActions keep(String name, String brief, String ornament) throws Exception {
        return post("", "{\"name\": \"%s\", \"brief\": %s, \"ornament\": \"%s\"}".formatted(name, brief, ornament));
    }

    private ResultActions post(String where, String content) throws Exception {
        return http.perform(
                org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post("/api/embellishments" + where)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(content));
    }

    private ResultActions take(String id, String brief, int percent) throws Exception {
        return post(
                "/" + id + "/taken",
                "{\"brief\": %s, \"face\": \"back/face\", \"percent\": %d}".formatted(brief, percent));
    }

    private static String id(ResultActions answer) throws Exception {
        return new JsonMapper()
                .readTree(answer.andReturn().getResponse().getContentAsString())
                .get("id")
                .asString();
    }

    @Test
    void itIsKeptWithAllThatIsLaidByItAndTakenAtAnySize() throws Exception {
        ResultActions kept = keep("Focal", DRESSED, "plate")
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.layers.length()").value(3))
                .andExpect(jsonPath("$.width").value(50.8))
                .andExpect(jsonPath("$.height").value(25.4));
        String id = id(kept);
        take(id, TestBriefs.zFold("4 1/4 in", "5 1/2 in"), 100)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.ornaments.length()").value(3))
                .andExpect(jsonPath("$.ornaments[0].across.from").value("MIDDLE"))
                .andExpect(jsonPath("$.ornaments[2].fixing").value("around the ornament, taped"));
        take(id, DRESSED, 150)
                .andExpect(jsonPath("$.ornaments.length()").value(7))
                .andExpect(jsonPath("$.ornaments[4].name").value("plate 2"))
                .andExpect(jsonPath("$.ornaments[4].outline").value("3 in x 1 1/2 in"))
                .andExpect(jsonPath("$.ornaments[5].outline").value("circle 1 1/8 in"))
                .andExpect(jsonPath("$.ornaments[5].across.of").value("plate 2"))
                .andExpect(
                        jsonPath("$.ornaments[6].outline").value("band 3/8 in wide, 3/16 in from lower, border 0 in"));
        http.perform(delete("/api/embellishments/" + id)).andExpect(status().isOk());
        http.perform(get("/api/embellishments")).andExpect(jsonPath("$[*].id", not(hasItem(id))));
        post("/" + id + "/undelete", "").andExpect(status().isOk());
        http.perform(get("/api/embellishments")).andExpect(jsonPath("$[*].id", hasItem(id)));
    }

    /** What was said in inches without a unit is as large on a card that counts in mm. */
    @Test
    void unitsAreKept() throws Exception {
        String id = id(keep("Plate", DRESSED, "plate"));
        String metric = TestBriefs.zFold("105 mm", "148 mm").replace("\"INCH\"", "\"METRIC\"");
        take(id, metric, 100).andExpect(jsonPath("$.ornaments[0].outline").value("2 in x 1 in"));
    }

    @Test
    void whatCannotBeKeptOrTakenIsRefused() throws Exception {
        keep("Nothing", DRESSED, "no such")
                .andExpect(jsonPath("$.fields[0].field").value("ornament"));
        keep("Half", DRESSED.replace("heart 1 x 1 in", "lower half, border 1/8 in"), "heart")
                .andExpect(jsonPath("$.fields[0].field").value("ornament"));
        keep("", DRESSED, "plate").andExpect(status().isBadRequest());
        String id = id(keep("Focal again", DRESSED, "plate"));
        take(id, DRESSED, 5).andExpect(jsonPath("$.fields[0].field").value("percent"));
        take("none", DRESSED, 100).andExpect(status().isNotFound());
    }
}
