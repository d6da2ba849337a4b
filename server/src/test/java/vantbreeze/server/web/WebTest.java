package vantbreeze.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.handler;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.server.TestApplication;

class WebTest extends TestApplication {

    private static final Path COMMITTED = Path.of("..", "web", "openapi.json");

    @Autowired
    private MockMvc http;

    @Test
    void noScriptButTheApplicationsOwnRuns() throws Exception {
        http.perform(get("/api/folds"))
                .andExpect(header().string(
                                "Content-Security-Policy",
                                allOf(
                                        containsString("script-src 'self';"),
                                        containsString("object-src 'none'"),
                                        not(containsString("unsafe-")))))
                .andExpect(header().string("X-Content-Type-Options", "nosniff"));
    }

    @Test
    void namesThatAreNotThisMachineAreRefused() throws Exception {
        http.perform(get("http://cards.example/api/folds")).andExpect(status().is(421));
    }

    @Test
    void theApplicationsAddressesLeadToItsOnePage() throws Exception {
        for (String address : new String[] {"/", "/projects", "/bench/some-id"}) {
            http.perform(get(address)).andExpect(handler().handlerType(IndexPage.class));
        }
        http.perform(get("/api/nothing")).andExpect(status().isNotFound());
    }

    /** Run with -Ddocs.write=true after a change of the API; the front end's types are made from the file. */
    @Test
    void theFrontEndsTypesAreMadeFromTheServedDocument() throws Exception {
        String served = http.perform(get("/api/openapi"))
                .andExpect(content().contentTypeCompatibleWith("application/json"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        JsonMapper json =
                JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
        if (Boolean.getBoolean("docs.write")) {
            Files.writeString(COMMITTED, json.writeValueAsString(json.readTree(served)) + "\n");
        }
        assertThat(json.readTree(served)).isEqualTo(json.readTree(Files.readString(COMMITTED)));
    }
}
