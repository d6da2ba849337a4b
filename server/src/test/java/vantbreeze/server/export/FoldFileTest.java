package vantbreeze.server.export;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.plan.Plan;
import vantbreeze.plan.Planner;
import vantbreeze.server.TestBriefs;
import vantbreeze.server.plan.BriefJson;

/**
 * Crease patterns in the FOLD 1.1 format (its public specification). The files of some folds lie with the front end's
 * tests, where the npm library "fold" reads them; -Ddocs.write=true writes them anew.
 */
class FoldFileTest {

    private static final Path PATTERNS = Path.of("..", "web", "src", "test", "patterns");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static Plan plan(String fold) {
        String brief = TestBriefs.zFold("4 1/4 in", "5 1/2 in").replace("z-fold", fold);
        if (fold.equals("free-pattern")) {
            brief = brief.replace(
                    "\"parameters\": {}", "\"parameters\": {\"pattern\": \"%s\"}".formatted(TestBriefs.ZIGZAGS));
        }
        return Planner.plan(JSON.readValue(brief, BriefJson.class).read());
    }

    private static JsonNode file(String fold) {
        return JSON.readTree(JSON.writeValueAsString(FoldFile.of(fold, plan(fold))));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "latch-gate",
                "side-step",
                "tower",
                "burst-gate",
                "peaked-house",
                "corner-flip",
                "pocket-card",
                "free-pattern"
            })
    void theSampleFilesAreWhatIsExported(String fold) throws IOException {
        Path sample = PATTERNS.resolve(fold + ".json");
        if (Boolean.getBoolean("docs.write")) {
            Files.createDirectories(PATTERNS);
            Files.writeString(sample, JSON.writeValueAsString(file(fold)) + "\n");
        }
        assertThat(JSON.readTree(Files.readString(sample))).isEqualTo(file(fold));
    }

    /** The plane's vertices, edges and faces obey Euler: V - E + F = 1 for a sheet without the outside. */
    @ParameterizedTest
    @ValueSource(strings = {"z-fold", "latch-gate", "tower", "free-strip", "free-pattern"})
    void itsCountsObeyEuler(String fold) {
        JsonNode file = file(fold);
        int vertices = file.get("vertices_coords").size();
        int edges = file.get("edges_vertices").size();
        int faces = file.get("faces_vertices").size();
        assertThat(vertices - edges + faces).isEqualTo(1);
    }

    @Test
    void foldsAndAnglesAreThoseOfTheClosedCard() {
        JsonNode file = file("z-fold");
        assertThat(file.get("file_spec").asDouble()).isEqualTo(1.1);
        List<String> kinds = file.get("edges_assignment")
                .valueStream()
                .map(JsonNode::asString)
                .toList();
        List<Double> angles = file.get("edges_foldAngle")
                .valueStream()
                .map(JsonNode::asDouble)
                .toList();
        assertThat(kinds).containsOnlyOnce("M", "V").doesNotContain("C");
        assertThat(angles.get(kinds.indexOf("M"))).isEqualTo(-180);
        assertThat(angles.get(kinds.indexOf("V"))).isEqualTo(180);
    }

    /** The shoelace formula over each face, in along the flat edge and out again, gives the paper that is left. */
    @Test
    void openingsStayOpen() {
        String brief = TestBriefs.zFold("4 1/4 in", "5 1/2 in")
                .replace("z-fold", "book")
                .replace(
                        "\"parameters\": {}",
                        "\"parameters\": {\"window\": \"front\", \"windowWidth\": \"2 in\", \"windowHeight\": \"3 in\"}");
        Plan plan = Planner.plan(JSON.readValue(brief, BriefJson.class).read());
        JsonNode file = JSON.readTree(JSON.writeValueAsString(FoldFile.of("window", plan)));
        double area = 0;
        for (JsonNode face : file.get("faces_vertices")) {
            for (int i = 0; i < face.size(); i++) {
                JsonNode a = file.get("vertices_coords").get(face.get(i).asInt());
                JsonNode b = file.get("vertices_coords")
                        .get(face.get((i + 1) % face.size()).asInt());
                area += (a.get(0).asDouble() * b.get(1).asDouble()
                                - b.get(0).asDouble() * a.get(1).asDouble())
                        / 2;
            }
        }
        assertThat(area).isCloseTo((8.5 * 5.5 - 2 * 3) * 25.4 * 25.4, org.assertj.core.api.Assertions.within(0.1));
        assertThat(file.get("edges_assignment")
                        .valueStream()
                        .filter(k -> k.asString().equals("F")))
                .hasSize(1);
        /* A sheet with one opening: V - E + F is one less. */
        assertThat(file.get("vertices_coords").size()
                        - file.get("edges_vertices").size()
                        + file.get("faces_vertices").size())
                .isZero();
    }

    @Test
    void furtherPiecesAreFurtherFrames() {
        JsonNode file = file("double-z");
        assertThat(file.get("frame_title").asString()).isEqualTo("base");
        assertThat(file.get("file_frames")
                        .valueStream()
                        .map(f -> f.get("frame_title").asString()))
                .containsExactly("band", "closed");
    }
}
