package vantbreeze.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.server.TestApplication;
import vantbreeze.server.TestBriefs;

/** Saved means saved, on a disk that fails in every way a disk does. */
class StoreTest extends TestApplication {

    private static final int SAVES = 40;

    @Autowired
    private MockMvc http;

    @Autowired
    private Database database;

    @Autowired
    private Store store;

    @Autowired
    private JdbcTemplate tables;

    private final JsonMapper json = new JsonMapper();

    @AfterEach
    void makeRoom() {
        FaultyDisk.makeRoom();
    }

    private ResultActions create(String name) throws Exception {
        return http.perform(post("/api/projects")
                .contentType(MediaType.APPLICATION_JSON)
                .content(
                        "{\"name\": \"%s\", \"brief\": %s}".formatted(name, TestBriefs.zFold("5 1/2 in", "4 1/4 in"))));
    }

    private ResultActions save(JsonNode project, int width) throws Exception {
        return http.perform(put("/api/projects/" + project.get("id").asString())
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"version\": %d, \"name\": \"Card\", \"brief\": %s}"
                        .formatted(project.get("version").asLong(), TestBriefs.zFold(width + " mm", "100 mm"))));
    }

    private JsonNode read(ResultActions answer) throws Exception {
        return json.readTree(answer.andExpect(status().is2xxSuccessful())
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    @Test
    void everySaveIsSyncedBeforeItIsAnswered() throws Exception {
        JsonNode project = read(create("Card"));
        for (int width = 50; width < 50 + SAVES; width++) {
            int before = FaultyDisk.SYNCS.get();
            project = read(save(project, width));
            assertThat(FaultyDisk.SYNCS.get()).isGreaterThan(before);
        }
        int before = FaultyDisk.SYNCS.get();
        http.perform(get("/api/projects")).andExpect(status().isOk());
        assertThat(FaultyDisk.SYNCS.get()).as("reading needs no sync").isEqualTo(before);
    }

    /** Whatever of the writes since the last sync reached the disk, in whatever order, everything acknowledged is there. */
    @Test
    void aPowerCutLosesNothingAcknowledged(@TempDir Path after) throws Exception {
        JsonNode project = read(create("Card"));
        for (int width = 50; width < 50 + SAVES; width++) {
            project = read(save(project, width));
            Path found = after.resolve("found%d.mv.db".formatted(width));
            FaultyDisk.cutPower(DATA.resolve("vantbreeze.mv.db"), found, new Random(width));
            DataFolder folder = new DataFolder(Files.createDirectory(after.resolve("after" + width)));
            Files.move(found, folder.database());
            Files.copy(new DataFolder(DATA).seal(), folder.seal());
            try (Database reopened = new Database(folder, "file");
                    Connection connection = reopened.getConnection();
                    Statement statement = connection.createStatement();
                    ResultSet newest = statement.executeQuery(
                            "select brief from revision order by saved_at desc, number desc limit 1")) {
                assertThat(newest.next()).isTrue();
                assertThat(newest.getString(1)).contains("\"width\":\"%d mm\"".formatted(width));
            }
        }
    }

    @Test
    void aFullDiskIsToldAndEverythingWorksAgainWhenThereIsRoom() throws Exception {
        JsonNode project = read(create("Card"));
        project = read(save(project, 60));
        FaultyDisk.fill();
        save(project, 61)
                .andExpect(status().is(507))
                .andExpect(content().contentType(MediaType.APPLICATION_PROBLEM_JSON))
                .andExpect(jsonPath("$.detail").value(org.hamcrest.Matchers.startsWith("The disk is full")));
        save(project, 62).andExpect(status().is(507));
        http.perform(get("/api/store"))
                .andExpect(jsonPath("$.works").value(false))
                .andExpect(jsonPath("$.trouble[0]").value(org.hamcrest.Matchers.startsWith("The disk is full")));
        http.perform(get("/actuator/health")).andExpect(status().isServiceUnavailable());
        http.perform(get("/api/projects/" + project.get("id").asString()))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.name").value("Card"));
        FaultyDisk.makeRoom();
        http.perform(get("/actuator/health")).andExpect(status().isOk());
        JsonNode kept =
                read(http.perform(get("/api/projects/" + project.get("id").asString())));
        assertThat(kept.at("/brief/basis/width").asString()).isIn("60 mm", "61 mm");
        read(save(kept, 63));
        http.perform(get("/api/store"))
                .andExpect(jsonPath("$.works").value(true))
                .andExpect(jsonPath("$.trouble").isEmpty());
    }

    @Test
    void packingMakesTheFileSmallAndLosesNothing() throws Exception {
        JsonNode project = read(create("Card"));
        for (int width = 50; width < 50 + SAVES; width++) {
            project = read(save(project, width));
        }
        long before = Files.size(DATA.resolve("vantbreeze.mv.db"));
        database.pack();
        assertThat(Files.size(DATA.resolve("vantbreeze.mv.db"))).isLessThan(before / 2);
        http.perform(get("/api/projects/" + project.get("id").asString() + "/revisions"))
                .andExpect(jsonPath("$.length()").value(SAVES + 1));
        read(save(project, 150));
    }

    /** A row that the tables refuse is no failure of the database: it stays open, and what was written with the row is undone. */
    @Test
    void aRowThatTheTablesRefuseLeavesTheDatabaseOpen() throws Exception {
        String id = read(create("Card")).get("id").asString();
        assertThatThrownBy(() -> store.write(() -> {
                    tables.update("update project set name = 'Half kept' where id = ?", id);
                    return tables.update("update project set name = ? where id = ?", "x".repeat(100_000), id);
                }))
                .isInstanceOf(DataIntegrityViolationException.class);
        assertThat(database.failure()).isNull();
        http.perform(get("/api/projects/" + id)).andExpect(jsonPath("$.name").value("Card"));
        http.perform(get("/api/store")).andExpect(jsonPath("$.works").value(true));
    }
}
