package vantbreeze.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.time.Instant;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.server.TestApplication;
import vantbreeze.server.TestBriefs;

/** Everything out as one file and in again. */
class BackupApiTest extends TestApplication {

    private static final MediaType ZIP = MediaType.parseMediaType("application/zip");

    private final JsonMapper json = JsonMapper.builder().build();

    @Autowired
    private MockMvc http;

    private ResultActions send(MockHttpServletRequestBuilder request, String body) throws Exception {
        return http.perform(request.contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private JsonNode read(ResultActions answer) throws Exception {
        return json.readTree(answer.andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8));
    }

    private JsonNode project(String name) throws Exception {
        return read(send(
                post("/api/projects"),
                "{\"name\": \"%s\", \"brief\": %s}".formatted(name, TestBriefs.gatefold("5 in", "7 in"))));
    }

    private byte[] backup() throws Exception {
        return http.perform(get("/api/backup"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    private ResultActions restore(byte[] zip) throws Exception {
        return http.perform(post("/api/backup").contentType(ZIP).content(zip));
    }

    /** Read by the JDK's own reader, summed up by its own digest. */
    private static Map<String, byte[]> entries(byte[] zip) throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                entries.put(entry.getName(), in.readAllBytes());
            }
        }
        return entries;
    }

    @Test
    void theManifestHasTheSumOfEveryEntry() throws Exception {
        project("Summed up");
        Map<String, byte[]> entries = entries(backup());
        JsonNode listed = json.readTree(entries.get("manifest.json")).get("entries");
        assertThat(listed.size()).isEqualTo(entries.size() - 1);
        for (JsonNode entry : listed) {
            byte[] sum = MessageDigest.getInstance("SHA-256")
                    .digest(entries.get(entry.get("name").asString()));
            assertThat(HexFormat.of().formatHex(sum))
                    .isEqualTo(entry.get("sha256").asString());
        }
        assertThat(new String(entries.get("tables/project.json"), StandardCharsets.UTF_8))
                .contains("Summed up");
    }

    @Test
    void whatIsThereAlreadyIsLeftAlone() throws Exception {
        project("Left alone");
        byte[] zip = backup();
        restore(zip)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.added").value(0))
                .andExpect(jsonPath("$.changed").value(0));
        assertThat(entries(backup()).get("tables/project.json"))
                .isEqualTo(entries(zip).get("tables/project.json"));
    }

    /** What was deleted since comes back; what was changed since stays as it is now, with both its revisions. */
    @Test
    void nothingIsLost() throws Exception {
        String gone = project("Gone and back").get("id").asString();
        JsonNode changed = project("Changed since");
        byte[] zip = backup();
        http.perform(delete("/api/projects/" + gone).param("version", "0"));
        String id = changed.get("id").asString();
        send(
                        put("/api/projects/" + id),
                        "{\"version\": 0, \"name\": \"Changed to this\", \"brief\": %s}"
                                .formatted(TestBriefs.gatefold("6 in", "7 in")))
                .andExpect(status().isOk());
        http.perform(get("/api/projects")).andExpect(jsonPath("$[*].id", not(hasItem(gone))));
        restore(zip).andExpect(status().isOk()).andExpect(jsonPath("$.changed").value(1));
        http.perform(get("/api/projects")).andExpect(jsonPath("$[*].id", hasItem(gone)));
        http.perform(get("/api/projects/" + id))
                .andExpect(jsonPath("$.name").value("Changed to this"))
                .andExpect(jsonPath("$.revision").value(2));
    }

    /** Two machines that went on with the same card: revisions of both stand in the order of their saving. */
    @Test
    void revisionsOfBothSidesStandInOrder() throws Exception {
        String id = project("Went two ways").get("id").asString();
        Map<String, byte[]> there = entries(backup());
        JsonNode rows = json.readTree(there.get("tables/revision.json"));
        var other = (tools.jackson.databind.node.ObjectNode)
                java.util.stream.StreamSupport.stream(rows.spliterator(), false)
                        .filter(r -> r.get("project_id").asString().equals(id))
                        .findFirst()
                        .orElseThrow()
                        .deepCopy();
        other.put("id", "00000000-0000-0000-0000-00000000beef")
                .put("saved_at", "2020-01-01T00:00Z")
                .remove("digest");
        ((tools.jackson.databind.node.ArrayNode) rows).add(other);
        there.put("tables/revision.json", json.writeValueAsBytes(rows));
        there.remove("manifest.json");
        restore(BackupZip.write(there, Instant.EPOCH))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.added").value(1));
        http.perform(get("/api/projects/%s/revisions".formatted(id)))
                .andExpect(jsonPath("$.length()").value(2))
                .andExpect(jsonPath("$[?(@.number == 1)].savedAt", hasItem(containsString("2020-01-01"))));
    }

    @Test
    void theEntryAtFaultIsNamedAndNothingIsChanged() throws Exception {
        project("Untouched");
        Map<String, byte[]> good = entries(backup());
        good.remove("manifest.json");
        String before = new String(good.get("tables/project.json"), StandardCharsets.UTF_8);
        for (String[] fault : new String[][] {
            {"tables/project.json", "[{\"id\": \"x\"}]"},
            {"tables/project.json", "{}"},
            {"tables/revision.json", "nonsense"},
            {"tables/tool_set.json", "[{\"units\": \"INCH\", \"wings\": 2}]"},
            {
                "tables/revision.json",
                "[{\"id\": \"r\", \"project_id\": \"nobody\", \"number\": 1, \"brief\": \"{}\", \"saved_at\": \"2020-01-01T00:00Z\"}]"
            },
        }) {
            Map<String, byte[]> bad = new LinkedHashMap<>(good);
            bad.put(fault[0], fault[1].getBytes(StandardCharsets.UTF_8));
            restore(BackupZip.write(bad, Instant.EPOCH))
                    .andExpect(status().isUnprocessableContent())
                    .andExpect(jsonPath("$.fields[0].value").value(fault[0]));
        }
        assertThat(new String(entries(backup()).get("tables/project.json"), StandardCharsets.UTF_8))
                .isEqualTo(before);
        http.perform(post("/api/backup").contentType(MediaType.APPLICATION_JSON).content("{}"))
                .andExpect(status().is4xxClientError());
        restore(new byte[] {1, 2, 3}).andExpect(status().isUnprocessableContent());
    }

    /** Damaged anywhere it is refused, or the damage is where it does not matter; nothing is half taken. */
    @Test
    void aDamagedZipIsRefused() throws Exception {
        project("Damaged on the way");
        byte[] zip = backup();
        Map<String, byte[]> before = entries(zip);
        Random random = new Random(13);
        for (int i = 0; i < 60; i++) {
            byte[] bad = zip.clone();
            int flips = 1 + random.nextInt(4);
            for (int k = 0; k < flips; k++) {
                bad[random.nextInt(bad.length)] ^= (byte) (1 + random.nextInt(255));
            }
            byte[] cut = random.nextInt(4) == 0 ? java.util.Arrays.copyOf(bad, random.nextInt(bad.length)) : bad;
            int status = restore(cut).andReturn().getResponse().getStatus();
            assertThat(status).isIn(200, 422);
        }
        Map<String, byte[]> after = entries(backup());
        before.remove("manifest.json");
        before.forEach((name, bytes) -> assertThat(after.get(name)).as(name).isEqualTo(bytes));
    }
}
