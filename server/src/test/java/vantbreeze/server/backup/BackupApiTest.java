package vantbreeze.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
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

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
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
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
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
        JsonNode job = ended(read(http.perform(post("/api/backup/written")).andExpect(status().isAccepted())));
        assertThat(job.get("state").asString()).as(job.toString()).isEqualTo("DONE");
        assertThat(job.get("done").asLong()).isPositive();
        return http.perform(
                        get("/api/backup/jobs/%s/file".formatted(job.get("id").asString())))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    /** @return the job when it no longer runs */
    private JsonNode ended(JsonNode job) throws Exception {
        JsonNode now = job;
        while (now.get("state").asString().equals("RUNNING")) {
            Thread.sleep(5);
            now = read(http.perform(get("/api/backup/jobs/" + job.get("id").asString())));
        }
        return now;
    }

    private JsonNode restored(byte[] zip) throws Exception {
        return ended(
                read(http.perform(post("/api/backup/restored").contentType(ZIP).content(zip))
                        .andExpect(status().isAccepted())));
    }

    private void restore(byte[] zip, int added, int changed) throws Exception {
        assertThat(restored(zip).get("says").asString())
                .contains(": %,d of them were not here, %,d were older or deleted here".formatted(added, changed));
    }

    /** @return why nothing of it was taken */
    private String refused(Map<String, byte[]> entries) throws Exception {
        JsonNode job = restored(zip(entries));
        assertThat(job.get("state").asString()).as(job.toString()).isEqualTo("FAILED");
        return job.get("says").asString();
    }

    private static byte[] zip(Map<String, byte[]> entries) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ArchiveWriter archive = new ArchiveWriter(out, Instant.EPOCH)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                if (!entry.getKey().equals("manifest.json")) {
                    archive.add(entry.getKey(), to -> to.write(entry.getValue()));
                }
            }
            archive.finish();
        }
        return out.toByteArray();
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
        restore(zip, 0, 0);
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
        restore(zip, 0, 1);
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
        restore(zip(there), 1, 0);
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
            assertThat(refused(bad))
                    .contains("damaged at (%s)".formatted(fault[0]))
                    .endsWith("Nothing was changed.");
        }
        assertThat(new String(entries(backup()).get("tables/project.json"), StandardCharsets.UTF_8))
                .isEqualTo(before);
        http.perform(post("/api/backup/restored")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{}"))
                .andExpect(status().isUnsupportedMediaType());
        assertThat(restored(new byte[] {1, 2, 3}).get("says").asString()).contains("it is no zip");
    }

    /** Damaged anywhere it is refused, or the damage is where it does not matter; nothing is half taken. */
    @Test
    void aDamagedZipIsRefused() throws Exception {
        project("Damaged on the way");
        byte[] zip = backup();
        Map<String, byte[]> before = entries(zip);
        Random random = new Random(13);
        for (int i = 0; i < 1000; i++) {
            byte[] bad = zip.clone();
            int flips = 1 + random.nextInt(4);
            for (int k = 0; k < flips; k++) {
                bad[random.nextInt(bad.length)] ^= (byte) (1 + random.nextInt(255));
            }
            byte[] cut = random.nextInt(4) == 0 ? java.util.Arrays.copyOf(bad, random.nextInt(bad.length)) : bad;
            assertThat(restored(cut).get("state").asString()).isIn("DONE", "FAILED");
        }
        Map<String, byte[]> after = entries(backup());
        before.remove("manifest.json");
        before.forEach((name, bytes) -> assertThat(after.get(name)).as(name).isEqualTo(bytes));
    }

    /** What stands in an archive from somebody else is looked through before anything of it is kept. */
    @Test
    void rowsThatNobodyCouldReadAreRefused() throws Exception {
        project("Read by nobody");
        Map<String, byte[]> good = entries(backup());
        Map<String, String> faults = Map.of(
                "tables/log_entry.json",
                """
                [{"id": "l", "version": 0, "content": "no json", "brief": "{}", "photos": "", "made_on": "2026-11-29",
                  "created_at": "2026-11-29T00:00Z"}]""",
                "tables/project.json",
                """
                [{"id": "p", "version": 0, "name": "Empty", "created_at": "2026-11-29T00:00Z",
                  "updated_at": "2026-11-29T00:00Z"}]""",
                "tables/tool_set.json",
                """
                [{"units": "FATHOM", "version": 0, "ruler": "1 mm", "board": "1 mm", "trimmer": "300 mm"}]""",
                "tables/own_fold.json",
                """
                [{"id": "o", "name": "Mine", "parameters": "[1]", "created_at": "2026-11-29T00:00Z"}]""");
        for (Map.Entry<String, String> fault : faults.entrySet()) {
            Map<String, byte[]> bad = new LinkedHashMap<>(good);
            if (fault.getKey().equals("tables/project.json")) {
                bad.put("tables/revision.json", "[]".getBytes(StandardCharsets.UTF_8));
            }
            bad.put(fault.getKey(), fault.getValue().getBytes(StandardCharsets.UTF_8));
            assertThat(refused(bad)).contains("damaged at (%s)".formatted(fault.getKey()));
        }
        Map<String, byte[]> after = entries(backup());
        good.remove("manifest.json");
        good.forEach((name, bytes) -> assertThat(after.get(name)).as(name).isEqualTo(bytes));
    }

    /** 40 MB of empty rows in a zip of 40 kB: it ends at the first of them. */
    @Test
    void manyEmptyRowsEndAtTheFirst() throws Exception {
        Map<String, byte[]> many = entries(backup());
        many.put("tables/project.json", ("[" + "{},".repeat(14_000_000) + "{}]").getBytes(StandardCharsets.UTF_8));
        assertThat(zip(many)).hasSizeLessThan(1_000_000);
        assertThat(refused(many)).contains("tables/project.json", "is missing");
    }

    /** A row is a list of single values: what lies deeper is not even read. */
    @Test
    void deepRowsAreNotRead() throws Exception {
        Map<String, byte[]> deep = entries(backup());
        deep.put("tables/project.json", ("[{\"id\": " + "[".repeat(900)).getBytes(StandardCharsets.UTF_8));
        assertThat(refused(deep)).contains("id is no single value");
    }

    @Test
    void onlyWholeFormatsThatAreKnownAreRead() throws Exception {
        byte[] good = backup();
        for (String format : new String[] {"\"1\"", "1.5", "0", "3", "null", "[1]", "true"}) {
            Map<String, byte[]> entries = entries(good);
            String manifest = new String(entries.get("manifest.json"), StandardCharsets.UTF_8)
                    .replaceFirst("\"format\":2", "\"format\":" + format);
            entries.put("manifest.json", manifest.getBytes(StandardCharsets.UTF_8));
            JsonNode job = restored(plainZip(entries));
            assertThat(job.get("state").asString()).as(format).isEqualTo("FAILED");
            assertThat(job.get("says").asString()).contains("manifest.json", "its format is");
        }
    }

    private static byte[] plainZip(Map<String, byte[]> entries) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
            }
        }
        return out.toByteArray();
    }

    /** Whatever an archive calls a photograph, only pictures come out again, made here. */
    @Test
    void photographsAreMadeAnew() throws Exception {
        BufferedImage picture = new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", png);
        Map<String, byte[]> entries = entries(backup());
        entries.put("files/photo/x", png.toByteArray());
        entries.put("tables/photo.json", photo("text/html", "files/photo/x"));
        restore(zip(entries), 1, 0);
        byte[] shown = http.perform(get("/api/photos/x"))
                .andExpect(status().isOk())
                .andExpect(content().contentType(MediaType.IMAGE_JPEG))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertThat(ImageIO.read(new ByteArrayInputStream(shown)).getWidth()).isEqualTo(40);
        entries.put("files/photo/x", "<script>alert(1)</script>".getBytes(StandardCharsets.UTF_8));
        entries.put("tables/photo.json", photo("text/html", "files/photo/x").clone());
        assertThat(refused(entries)).contains("tables/photo.json", "must be a PNG or a JPEG");
        Map<String, byte[]> again = entries(backup());
        assertThat(again.get("files/photo/x")).isEqualTo(shown);
        restore(zip(again), 0, 0);
    }

    private static byte[] photo(String type, String file) {
        return """
                [{"id": "x", "type": "%s", "wide": 1, "high": 1, "bytes": "%s", "created_at": "2026-11-29T00:00Z"}]""".formatted(type, file).getBytes(StandardCharsets.UTF_8);
    }

    /** Rows of versions that kept no sums get them; one that says another than it has is refused. */
    @Test
    void rowsWithoutASumGetOne() throws Exception {
        String id = project("Without a sum").get("id").asString();
        Map<String, byte[]> entries = entries(backup());
        for (String table : new String[] {"project", "revision"}) {
            String name = "tables/%s.json".formatted(table);
            ArrayNode rows = json.createArrayNode();
            for (JsonNode row : json.readTree(entries.get(name))) {
                if (row.get(table.equals("project") ? "id" : "project_id")
                        .asString()
                        .equals(id)) {
                    ObjectNode other = (ObjectNode) row.deepCopy();
                    other.put("id", "00000000-0000-0000-0000-0000000000a" + (table.equals("project") ? "1" : "2"));
                    if (table.equals("revision")) {
                        other.put("project_id", "00000000-0000-0000-0000-0000000000a1");
                    }
                    rows.add(other);
                }
            }
            entries.put(name, json.writeValueAsBytes(rows));
        }
        assertThat(refused(entries)).contains("tables/project.json", "not as it was written");
        for (String name : new String[] {"tables/project.json", "tables/revision.json"}) {
            JsonNode rows = json.readTree(entries.get(name));
            rows.forEach(row -> ((ObjectNode) row).remove("digest"));
            entries.put(name, json.writeValueAsBytes(rows));
        }
        restore(zip(entries), 2, 0);
        assertThat(new String(entries(backup()).get("tables/revision.json"), StandardCharsets.UTF_8))
                .doesNotContain("\"digest\" : null");
        assertThat(json.readTree(entries(backup()).get("tables/revision.json"))).allMatch(row -> row.has("digest"));
    }

    /** A revision that is here already belongs to its card: another card cannot be brought in with it. */
    @Test
    void aCardDoesNotComeWithAnothersRevisions() throws Exception {
        String id = project("Of one card").get("id").asString();
        Map<String, byte[]> entries = entries(backup());
        for (String name : new String[] {"tables/project.json", "tables/revision.json"}) {
            String rows = new String(entries.get(name), StandardCharsets.UTF_8);
            entries.put(
                    name,
                    rows.replace(id, "00000000-0000-0000-0000-0000000000aa")
                            .replaceAll(",\\s+\"digest\" : \"[0-9a-f]+\"", "")
                            .getBytes(StandardCharsets.UTF_8));
        }
        assertThat(refused(entries)).contains("tables/project.json", "has no revision");
    }

    @Test
    void aJobThatIsNotThereIsNotFound() throws Exception {
        http.perform(get("/api/backup/jobs/x")).andExpect(status().isNotFound());
        http.perform(delete("/api/backup/jobs/x")).andExpect(status().isNotFound());
        http.perform(get("/api/backup/jobs/x/file")).andExpect(status().isNotFound());
    }
}
