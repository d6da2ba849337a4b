package vantbreeze.server.tool;

import static org.hamcrest.Matchers.contains;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.List;
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
        long first = version("INCH");
        change(first, "9 in")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.tools.board").value("1/8 in"));
        change(first, "10 in")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.tools.trimmer").value("9 in"));
        change(version("INCH"), "1 in")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("tools.trimmer"));
        http.perform(get("/api/tools/own"))
                .andExpect(jsonPath("$[?(@.units == 'INCH')].tools.trimmer", contains("9 in")));
    }

    /** Another test of this class may have changed them. */
    private long version(String units) throws Exception {
        String sets =
                http.perform(get("/api/tools/own")).andReturn().getResponse().getContentAsString();
        return ((Number) JsonPath.<List<?>>read(sets, "$[?(@.units == '%s')].version".formatted(units))
                        .get(0))
                .longValue();
    }

    private ResultActions glue(long version, String adhesives) throws Exception {
        return http.perform(put("/api/tools/own/METRIC")
                .contentType(MediaType.APPLICATION_JSON)
                .content(
                        "{\"version\": %d, \"tools\": {\"ruler\": \"1 mm\", \"board\": \"1 mm\", \"trimmer\": \"310 mm\", \"adhesives\": [%s]}}"
                                .formatted(version, adhesives)));
    }

    private static String adhesive(String name, int minutes) {
        return "{\"key\": \"%1$s\", \"name\": \"%1$s\", \"uses\": [\"LINE_UP\"], \"gripSeconds\": 5, \"minutes\": %2$d, \"qualities\": [\"WET\", \"SHOWS\"]}"
                .formatted(name, minutes);
    }

    /** Whatever is measured in, the same things lie on the table. */
    @Test
    void adhesivesAreTheMakersInBothUnits() throws Exception {
        http.perform(get("/api/tools/own"))
                .andExpect(jsonPath("$[?(@.units == 'METRIC')].tools.adhesives[0].name", contains("wet glue")));
        glue(version("METRIC"), adhesive("paste", 40)).andExpect(status().isOk());
        http.perform(get("/api/tools/own"))
                .andExpect(jsonPath("$[*].tools.adhesives[*].name", contains("paste", "paste")));
        glue(version("METRIC"), "")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("tools.adhesives"));
        glue(version("METRIC"), adhesive("paste", 4000))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("tools.adhesives[0]"));
        glue(version("METRIC"), adhesive("paste", 40) + ", " + adhesive("paste", 40))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].text").value("Every adhesive needs its own name."));
    }
}
