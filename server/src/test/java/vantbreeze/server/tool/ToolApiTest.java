package vantbreeze.server.tool;

import static org.hamcrest.Matchers.contains;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import vantbreeze.server.TestApplication;

class ToolApiTest extends TestApplication {

    @Autowired
    private MockMvc http;

    private ResultActions change(long version, String trimmer) throws Exception {
        return http.perform(put("/api/tools/own/INCH")
                .contentType(MediaType.APPLICATION_JSON)
                .content(
                        "{\"version\": %d, \"tools\": {\"ruler\": \"1/16 in\", \"board\": \"1/8 in\", \"trimmer\": \"%s\"}}"
                                .formatted(version, trimmer)));
    }

    @Test
    void toolsAreTheUsualOnesUntilTheMakerSaysOtherwise() throws Exception {
        http.perform(get("/api/tools/own"))
                .andExpect(jsonPath("$[?(@.units == 'INCH')].tools.trimmer", contains("12 in")))
                .andExpect(jsonPath("$[?(@.units == 'METRIC')].tools.trimmer", contains("310 mm")));
        change(-1, "9 in")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.tools.board").value("1/8 in"));
        change(-1, "10 in")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.tools.trimmer").value("9 in"));
        change(0, "1 in")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("tools.trimmer"));
        http.perform(get("/api/tools/own"))
                .andExpect(jsonPath("$[?(@.units == 'INCH')].tools.trimmer", contains("9 in")));
    }
}
