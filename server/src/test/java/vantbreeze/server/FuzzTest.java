package vantbreeze.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Five thousand damaged files: each is refused, or its damage does not matter; none is an error of the server or half taken. */
class FuzzTest extends TestApplication {

    private static final int OF_EACH_KIND = 1000;

    private final JsonMapper json = JsonMapper.builder().build();
    private final Random random = new Random(2026);

    @Autowired
    private MockMvc http;

    private MockHttpServletResponse send(String address, MediaType type, byte[] body) throws Exception {
        MockHttpServletResponse answer = http.perform(
                        post(address).contentType(type).content(body))
                .andReturn()
                .getResponse();
        assertThat(answer.getStatus())
                .as(new String(body, StandardCharsets.UTF_8))
                .isIn(200, 201, 400, 422);
        return answer;
    }

    private void sendJson(String address, String body) throws Exception {
        send(address, MediaType.APPLICATION_JSON, body.getBytes(StandardCharsets.UTF_8));
    }

    private String damaged(String good) {
        StringBuilder bad = new StringBuilder(good);
        int times = 1 + random.nextInt(4);
        for (int k = 0; k < times && bad.length() > 1; k++) {
            int at = random.nextInt(bad.length());
            switch (random.nextInt(5)) {
                case 0 -> bad.deleteCharAt(at);
                case 1 -> bad.setCharAt(at, (char) (32 + random.nextInt(95)));
                case 2 -> bad.insert(at, "[{\"9-e,<&\u0000\ud83d".charAt(random.nextInt(11)));
                case 3 -> bad.setLength(at + 1);
                default -> bad.insert(at, bad.substring(at, Math.min(bad.length(), at + random.nextInt(40))));
            }
        }
        return bad.toString();
    }

    private int counted(String address) throws Exception {
        return json.readTree(
                        http.perform(get(address)).andReturn().getResponse().getContentAsString())
                .size();
    }

    @Test
    void projectsAreTakenWholeOrNotAtAll() throws Exception {
        String good = Files.readString(Path.of("..", "web", "src", "test", "project.json"));
        int taken = counted("/api/projects");
        for (int i = 0; i < OF_EACH_KIND; i++) {
            byte[] bad = damaged(good).getBytes(StandardCharsets.UTF_8);
            taken += send("/api/projects/documents", MediaType.APPLICATION_JSON, bad)
                                    .getStatus()
                            == 201
                    ? 1
                    : 0;
        }
        assertThat(counted("/api/projects")).isEqualTo(taken);
    }

    @Test
    void drawings() throws Exception {
        String svg = """
                <svg xmlns='http://www.w3.org/2000/svg' width='2in' height='2in' viewBox='0 0 50.8 50.8'>
                 <circle cx='20' cy='20' r='5'/><g id='score' transform='translate(0 30)'><path d='M1 1 H11 A4 4 0 0 1 15 5'/></g>
                 <path d='M30 5 h10 v8 c-3 2 -6 2 -10 0 Z'/><polygon points='5,40 15,40 10,48'/></svg>""";
        for (int i = 0; i < OF_EACH_KIND; i++) {
            boolean asCut = i % 2 == 0;
            var asked = json.createObjectNode().put("svg", damaged(svg));
            if (!asCut) {
                asked.put("width", "2 in").put("units", "INCH");
            }
            sendJson(asCut ? "/api/cutter" : "/api/outlines", asked.toString());
        }
    }

    @Test
    void patterns() throws Exception {
        String good = Files.readString(Path.of("..", "web", "src", "test", "patterns", "tower.json"));
        for (int i = 0; i < OF_EACH_KIND; i++) {
            sendJson("/api/patterns", "{\"units\": \"METRIC\", \"fold\": %s}".formatted(damaged(good)));
        }
    }

    @Test
    void tablesOfPapers() throws Exception {
        String csv =
                http.perform(get("/api/papers/table")).andReturn().getResponse().getContentAsString();
        int lines = counted("/api/papers");
        for (int i = 0; i < OF_EACH_KIND; i++) {
            String asked = json.createObjectNode().put("csv", damaged(csv)).toString();
            MockHttpServletResponse answer =
                    send("/api/papers/table", MediaType.APPLICATION_JSON, asked.getBytes(StandardCharsets.UTF_8));
            JsonNode said = json.readTree(answer.getContentAsString());
            lines += answer.getStatus() < 300 ? said.size() : 0;
        }
        assertThat(counted("/api/papers")).isEqualTo(lines);
    }
}
