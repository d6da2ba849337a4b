package vantbreeze.server.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.server.TestApplication;
import vantbreeze.server.TestBriefs;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.plan.SavedBrief;
import vantbreeze.server.web.Text;

class ProjectApiTest extends TestApplication {

    private static final String WIDE = TestBriefs.zFold("5 1/2 in", "4 1/4 in");
    private static final String NARROW = TestBriefs.zFold("5 in", "4 1/4 in");
    private static final String IMPOSSIBLE = TestBriefs.zFold("0 in", "4 1/4 in");

    @Autowired
    private MockMvc http;

    @Autowired
    private ProjectService service;

    @Autowired
    private DataSource database;

    private final JsonMapper json = new JsonMapper();
    private JsonNode project;

    @BeforeEach
    void aProject() throws Exception {
        project = read(create("Comet night", WIDE).andExpect(status().isCreated()));
    }

    private JsonNode read(ResultActions answer) throws Exception {
        return json.readTree(answer.andReturn().getResponse().getContentAsString());
    }

    private ResultActions send(MockHttpServletRequestBuilder request, String body) throws Exception {
        return http.perform(request.contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private ResultActions create(String name, String brief) throws Exception {
        return send(
                post("/api/projects"), "{\"name\": %s, \"brief\": %s}".formatted(json.writeValueAsString(name), brief));
    }

    private ResultActions save(long version, String name, String brief) throws Exception {
        return send(
                put(address()),
                "{\"version\": %d, \"name\": %s, \"brief\": %s}"
                        .formatted(version, json.writeValueAsString(name), brief));
    }

    private String address() {
        return "/api/projects/" + project.get("id").asString();
    }

    private long version() {
        return project.get("version").asLong();
    }

    @Test
    void everySaveIsARevisionAndAnOlderOneCanBeRestored() throws Exception {
        project = read(save(version(), "Comet night", NARROW).andExpect(status().isOk()));
        http.perform(get(address() + "/revisions"))
                .andExpect(jsonPath("$[*].number", contains(2, 1)))
                .andExpect(jsonPath("$[*].closed", contains("5 × 4¼ in", "5½ × 4¼ in")));
        send(post(address() + "/revisions/1/restore"), "{\"version\": %d}".formatted(version()))
                .andExpect(jsonPath("$.revision").value(3))
                .andExpect(jsonPath("$.brief.basis.width").value("5 1/2 in"));
        http.perform(get(address() + "/revisions")).andExpect(jsonPath("$[*].number", contains(3, 2, 1)));
    }

    @Test
    void savingTheSameAgainMakesNoRevision() throws Exception {
        save(version(), "Comet night", WIDE)
                .andExpect(jsonPath("$.revision").value(1))
                .andExpect(jsonPath("$.version").value(version()));
    }

    @Test
    void aSaveOverAnothersSaveIsRefusedWithBothVersions() throws Exception {
        save(version(), "Comet night", NARROW).andExpect(status().isOk());
        save(version(), "Comet night, mine", WIDE)
                .andExpect(status().isConflict())
                .andExpect(content().contentType(MediaType.APPLICATION_PROBLEM_JSON))
                .andExpect(jsonPath("$.yours").value(version()))
                .andExpect(jsonPath("$.current.version").value(version() + 1))
                .andExpect(jsonPath("$.current.brief.basis.width").value("5 in"));
        http.perform(get(address())).andExpect(jsonPath("$.name").value("Comet night"));
    }

    @Test
    void nothingOfARefusedSaveIsKept() throws Exception {
        save(version(), "Renamed", IMPOSSIBLE).andExpect(status().isUnprocessableContent());
        save(version(), " ", NARROW)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("name"));
        save(version(), "x".repeat(81), NARROW).andExpect(status().isBadRequest());
        assertThat(read(http.perform(get(address())))).isEqualTo(project);
    }

    @Test
    void aDeletedProjectCanBeBroughtBack() throws Exception {
        String id = project.get("id").asString();
        http.perform(delete(address() + "?version=" + version())).andExpect(status().isOk());
        http.perform(get("/api/projects")).andExpect(jsonPath("$[*].id", not(hasItem(id))));
        http.perform(get(address())).andExpect(status().isNotFound());
        http.perform(post(address() + "/undelete")).andExpect(status().isOk());
        http.perform(get("/api/projects")).andExpect(jsonPath("$[*].id", hasItem(id)));
    }

    @Test
    void aCopyGoesItsOwnWay() throws Exception {
        JsonNode copy = read(http.perform(post(address() + "/copy"))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.name").value("Comet night (copy)")));
        assertThat(copy.get("brief")).isEqualTo(project.get("brief"));
        save(version(), "Comet night", NARROW).andExpect(status().isOk());
        http.perform(get("/api/projects/" + copy.get("id").asString()))
                .andExpect(jsonPath("$.brief.basis.width").value("5 1/2 in"));
    }

    @Test
    void namesAreDataNeverCode() throws Exception {
        String name = "'); drop table project; -- <script>alert(1)</script>";
        JsonNode hostile = read(create(name, WIDE));
        http.perform(get("/api/projects/" + hostile.get("id").asString()))
                .andExpect(jsonPath("$.name").value(name));
        http.perform(get("/api/projects/' or '1'='1")).andExpect(status().isNotFound());
        http.perform(get("/api/projects")).andExpect(jsonPath("$[*].name", hasItem(name)));
    }

    @Test
    void theListSaysWhatBecomesOfEachBrief() throws Exception {
        String id = project.get("id").asString();
        http.perform(get("/api/projects"))
                .andExpect(jsonPath("$[?(@.id == '%s')].closed".formatted(id), contains("5½ × 4¼ in")))
                .andExpect(jsonPath("$[?(@.id == '%s')].fold".formatted(id), contains("Z-fold")));
        http.perform(get("/api/projects/none"))
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail", containsString("none")));
    }

    /** However many save one version at once: one wins, every other learns what it is now. */
    @Test
    void ofSimultaneousSavesOneWinsAndTheOthersAreTold() throws Exception {
        long version = version();
        ExecutorService tabs = Executors.newFixedThreadPool(24);
        List<Callable<MockHttpServletResponse>> saves = new ArrayList<>();
        for (int tab = 0; tab < 48; tab++) {
            String brief = TestBriefs.zFold(60 + tab + " mm", "100 mm");
            saves.add(() -> save(version, "Comet night", brief).andReturn().getResponse());
        }
        int kept = 0;
        for (Future<MockHttpServletResponse> answer : tabs.invokeAll(saves)) {
            MockHttpServletResponse response = answer.get();
            if (response.getStatus() == 200) {
                kept++;
            } else {
                assertThat(response.getStatus()).isEqualTo(409);
                JsonNode problem = json.readTree(response.getContentAsString());
                assertThat(problem.at("/current/version").asLong()).isEqualTo(version + 1);
                assertThat(problem.at("/current/brief/fold").asString()).isEqualTo("z-fold");
            }
        }
        tabs.shutdown();
        assertThat(kept).isEqualTo(1);
        http.perform(get(address() + "/revisions")).andExpect(jsonPath("$[*].number", contains(2, 1)));
    }

    private void overwriteBrief(String brief) throws Exception {
        try (Connection connection = database.getConnection();
                PreparedStatement update = connection.prepareStatement(
                        "update revision set brief = ?, fold = null, snags = null, rules = null where project_id = ?")) {
            update.setString(1, brief);
            update.setString(2, project.get("id").asString());
            update.executeUpdate();
        }
    }

    /** Saved when the rules were others: it stays on the list with its reason, and opens to be mended. */
    @Test
    void aBriefThatNoLongerPlansStopsNothing() throws Exception {
        overwriteBrief(WIDE.replace("z-fold", "fold-of-the-past"));
        service.tidy();
        http.perform(get("/api/projects"))
                .andExpect(status().isOk())
                .andExpect(jsonPath(
                        "$[?(@.id == '%s')].reason".formatted(project.get("id").asString()),
                        contains(containsString("fold-of-the-past"))));
        http.perform(get(address())).andExpect(jsonPath("$.brief.fold").value("fold-of-the-past"));
        save(version(), "Mended", NARROW).andExpect(status().isOk());
    }

    @Test
    void aBriefThatIsNoneAnyMoreIsGivenAsItWasAndAnOlderOneCanBeRestored() throws Exception {
        project = read(save(version(), "Comet night", NARROW));
        overwriteBrief("{\"fold\": \"z-fo");
        service.tidy();
        http.perform(get("/api/projects"))
                .andExpect(jsonPath(
                        "$[?(@.id == '%s')].reason".formatted(project.get("id").asString()),
                        contains(containsString("cannot be read"))));
        http.perform(get(address()))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.saved").value("{\"fold\": \"z-fo"));
        assertThat(service.damaged()).contains("revision 1 of “Comet night”", "revision 2 of “Comet night”");
        http.perform(delete(address() + "?version=" + version())).andExpect(status().isOk());
    }

    /** Cuts between characters as a reader counts them (Unicode Standard Annex 29), never within one. */
    @Test
    void theNameOfACopyIsNeverCutWithinACharacter() throws Exception {
        String name = "🌠".repeat(40);
        project = read(create(name, WIDE).andExpect(status().isCreated()));
        http.perform(post(address() + "/copy")).andExpect(jsonPath("$.name").value("🌠".repeat(36) + " (copy)"));
        assertThat(Text.upTo(4, "ab👩‍🚀c")).isEqualTo("ab");
    }

    /** Briefs saved before stock had a colour and mats had steps of their own are still read as they were meant. */
    @Test
    void briefsOfEarlierMonthsAreReadAsTheyWereMeant() throws Exception {
        String old = """
                {"fold": "z-fold", "basis": {"kind": "CLOSED", "width": "5 1/2 in", "height": "4 1/4 in"},
                 "parameters": {}, "sheet": "letter", "envelope": "a2us", "baseGsm": 280, "matGsm": 120,
                 "tools": {"ruler": "1/16 in", "board": "1/16 in", "trimmer": "12 in"},
                 "matting": {"layers": 2, "step": "1/8 in", "grid": "1/16 in", "meeting": "RUN_ON",
                             "byFace": {"back/face": 1}},
                 "units": "INCH"}""";
        BriefJson brief = SavedBrief.read(json, old);
        assertThat(brief.base().stock()).isEqualTo("280 gsm");
        assertThat(brief.matting().steps()).containsExactly("1/8 in");
        assertThat(brief.matting().byFace()).containsEntry("back/face", "1");
        assertThat(brief.matting().papers())
                .extracting(BriefJson.PaperJson::stock)
                .containsOnly("120 gsm");
        assertThat(brief.read().matting().layers()).isEqualTo(2);
    }
}
