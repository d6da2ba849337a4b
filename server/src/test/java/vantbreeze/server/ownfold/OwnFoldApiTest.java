package vantbreeze.server.ownfold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.server.TestApplication;
import vantbreeze.server.TestBriefs;

/** Folds that the maker typed and keeps. */
class OwnFoldApiTest extends TestApplication {

    private static final String ROWS = "1 V 1 M 4 1/4 M 1 V 1 / 2 V 1 M 2 1/4 M 1 V 2 in";

    @Autowired
    private MockMvc http;

    private static String strip(String panels) {
        return TestBriefs.zFold("", "5 in")
                .replace("z-fold", "free-strip")
                .replace("\"width\": \"\", ", "")
                .replace("\"parameters\": {}", "\"parameters\": {\"panels\": \"%s\"}".formatted(panels));
    }

    private ResultActions keep(String name, String brief) throws Exception {
        return http.perform(post("/api/own-folds")
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"name\": \"%s\", \"brief\": %s}".formatted(name, brief)));
    }

    private ResultActions shelf() throws Exception {
        return http.perform(post("/api/shelf")
                .contentType(MediaType.APPLICATION_JSON)
                .content(TestBriefs.zFold("5 in", "4 in").replace("letter", "12x12")));
    }

    @Test
    void aKeptFoldIsListedAndStandsOnTheShelf() throws Exception {
        String answer = keep("Dome shutters", strip(ROWS))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.fold").value("free-strip"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String id = new JsonMapper().readTree(answer).get("id").asString();
        shelf().andExpect(jsonPath("$[?(@.name == 'Dome shutters')].brief.parameters.panels")
                .value(hasItem(containsString(" / "))));
        http.perform(delete("/api/own-folds/" + id)).andExpect(status().isOk());
        http.perform(get("/api/own-folds")).andExpect(jsonPath("$[*].name", not(hasItem("Dome shutters"))));
        http.perform(post("/api/own-folds/" + id + "/undelete")).andExpect(status().isOk());
        http.perform(get("/api/own-folds")).andExpect(jsonPath("$[*].name", hasItem("Dome shutters")));
        http.perform(delete("/api/own-folds/" + id)).andExpect(status().isOk());
    }

    @Test
    void onlyWhatWasTypedAndCanBePlannedIsKept() throws Exception {
        keep("A Z", TestBriefs.zFold("5 in", "4 in"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("brief.fold"));
        keep("Uneven", strip("1 V 2 / 1 V 3 in"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("parameters.panels"));
        keep("", strip(ROWS)).andExpect(status().isBadRequest());
        http.perform(delete("/api/own-folds/none")).andExpect(status().isNotFound());
    }

    @Test
    void theSameFoldIsKeptOnceAndTheShelfHasAnEnd() throws Exception {
        List<String> kept = new ArrayList<>();
        for (int i = 0; i <= OwnFoldService.MOST; i++) {
            String answer = keep("Shutter " + Math.max(1, i), strip(ROWS))
                    .andExpect(status().isCreated())
                    .andReturn()
                    .getResponse()
                    .getContentAsString();
            kept.add(new JsonMapper().readTree(answer).get("id").asString());
        }
        assertThat(new HashSet<>(kept)).hasSize(OwnFoldService.MOST);
        keep("One more", strip(ROWS))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].allowed").value("at most 60 folds"));
        for (String id : new HashSet<>(kept)) {
            http.perform(delete("/api/own-folds/" + id)).andExpect(status().isOk());
        }
    }
}
