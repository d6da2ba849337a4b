package vantbreeze.server.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.server.TestApplication;

/** Every address is on docs/api.md, and the worked example there is what the server answers. Run with -Ddocs.write=true to write it anew. */
class ApiPageTest extends TestApplication {

    private static final Path PAGE = Path.of("..", "docs", "api.md");

    @Autowired
    private MockMvc http;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping addresses;

    @Test
    void everyAddressIsOnThePage() throws IOException {
        String page = Files.readString(PAGE);
        assertThat(addresses.getHandlerMethods().keySet().stream()
                        .flatMap(mapping -> mapping.getPatternValues().stream())
                        .filter(address -> address.startsWith("/api"))
                        .distinct())
                .isNotEmpty()
                .allSatisfy(address -> assertThat(Pattern.compile("[` ]" + Pattern.quote(address) + "`")
                                .matcher(page)
                                .find())
                        .as(address)
                        .isTrue());
    }

    private static String block(String page, String kind) {
        Matcher m = Pattern.compile("```json " + kind + "\n(.*?)\n```", Pattern.DOTALL)
                .matcher(page);
        assertThat(m.find()).isTrue();
        return m.group(1);
    }

    @Test
    void theWorkedExampleIsTrue() throws Exception {
        String page = Files.readString(PAGE);
        String answer = http.perform(post("/api/plans")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(block(page, "brief")))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        JsonMapper json = JsonMapper.builder().build();
        if (Boolean.getBoolean("docs.write")) {
            page = write(page, answer);
        }
        assertThat(json.readTree(answer)).isEqualTo(json.readTree(block(page, "plan")));
    }

    private static String write(String page, String answer) throws IOException {
        JsonMapper json =
                JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
        String written = page.replace(block(page, "plan"), json.writeValueAsString(json.readTree(answer)));
        Files.writeString(PAGE, written);
        return written;
    }
}
