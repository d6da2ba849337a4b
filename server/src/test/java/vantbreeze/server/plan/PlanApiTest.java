package vantbreeze.server.plan;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsInAnyOrder;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import vantbreeze.server.TestApplication;
import vantbreeze.server.TestBriefs;

class PlanApiTest extends TestApplication {

    @Autowired
    private MockMvc http;

    private ResultActions plan(String brief) throws Exception {
        return http.perform(
                post("/api/plans").contentType(MediaType.APPLICATION_JSON).content(brief));
    }

    /** Check value of the Z-fold: common practice, no published source. 2 3/4 in is 69.85 mm at 25.4 mm to the inch. */
    @Test
    void theZFoldComesOutWithTextAndMillimetres() throws Exception {
        plan(TestBriefs.zFold("5 1/2 in", "4 1/4 in"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.pieces[0].size.shown").value("11 × 4¼ in"))
                .andExpect(jsonPath("$.pieces[0].scores[*].fromStart.text", contains("2 3/4 in", "5 1/2 in")))
                .andExpect(jsonPath("$.pieces[0].scores[0].fromStart.mm", closeTo(69.85, 1e-9)))
                .andExpect(jsonPath("$.pieces[0].scores[*].fold", contains("MOUNTAIN", "VALLEY")))
                .andExpect(jsonPath("$.closed.size.shown").value("5½ × 4¼ in"))
                .andExpect(
                        jsonPath("$.parameters[2].limits")
                                .value(
                                        "At least 1\u204416 in, the least that can be cut; at most 5½ in, the width of the card."));
    }

    @Test
    void fixesComeAsWholeBriefsThatCanBePlanned() throws Exception {
        String narrow = TestBriefs.zFold("5 1/2 in", "4 1/4 in")
                .replace("\"parameters\": {}", "\"parameters\": {\"front\": \"1/8 in\"}");
        plan(narrow)
                .andExpect(jsonPath("$.snags[*].code", hasItem("PANEL_TOO_NARROW")))
                .andExpect(jsonPath(
                        "$.snags[?(@.code == 'PANEL_TOO_NARROW')].fixes[0].brief.parameters.front", hasItem("1/4 in")));
    }

    @Test
    void everyFaultOfABriefIsNamedAtOnceWithFieldValueAndRange() throws Exception {
        String brief = TestBriefs.zFold("five", "4 1/4 in")
                .replace("300 gsm", "9000 gsm")
                .replace("\"1/16 in\"", "\"1/3 in\"");
        plan(brief)
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().contentType(MediaType.APPLICATION_PROBLEM_JSON))
                .andExpect(jsonPath(
                        "$.fields[*].field",
                        containsInAnyOrder("basis.width", "base.stock", "tools.ruler", "tools.board", "matting.grid")))
                .andExpect(jsonPath("$.fields[?(@.field == 'base.stock')].value", contains("9000 gsm")))
                .andExpect(jsonPath(
                        "$.fields[?(@.field == 'base.stock')].allowed", contains("40 to 600 gsm, or 0.03 to 1.5 mm")))
                .andExpect(jsonPath("$.fields[*].text", everyItem(not(containsString("null")))));
    }

    @Test
    void aParameterBeyondItsRangeSaysTheLimitAndWhy() throws Exception {
        plan(TestBriefs.zFold("5 1/2 in", "4 1/4 in")
                        .replace("\"parameters\": {}", "\"parameters\": {\"front\": \"6 in\"}"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("parameters.front"))
                .andExpect(jsonPath("$.fields[0].value").value("6 in"))
                .andExpect(jsonPath("$.fields[0].allowed").value("1\u204416 in to 5½ in"))
                .andExpect(jsonPath("$.fields[0].text")
                        .value("The front panel can be at most 5½ in, the width of the card."));
    }

    @Test
    void whatIsNoBriefIsRefused() throws Exception {
        plan("{")
                .andExpect(status().isBadRequest())
                .andExpect(content().contentType(MediaType.APPLICATION_PROBLEM_JSON));
        plan(TestBriefs.zFold("5 in", "4 in").replace("\"units\"", "\"colour\": \"blue\", \"units\""))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("colour"));
        plan("{}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[*].field", hasItem("fold")))
                .andExpect(jsonPath("$.fields[*].field", hasItem("base")));
        plan("{\"matting\": {\"layers\": \"many\"}}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("matting.layers"));
    }

    @Test
    void theTablesAreServed() throws Exception {
        http.perform(get("/api/folds"))
                .andExpect(jsonPath("$[*].id", hasItem("z-fold")))
                .andExpect(jsonPath("$[*].id", hasItem("gatefold")));
        http.perform(get("/api/envelopes")).andExpect(jsonPath("$[?(@.id == 'c6')].size.width.mm", contains(162.0)));
        http.perform(get("/api/sheets")).andExpect(jsonPath("$[?(@.id == 'a4')].size.height.mm", contains(297.0)));
        http.perform(get("/api/tools")).andExpect(jsonPath("$.grids.length()", greaterThan(8)));
    }
}
