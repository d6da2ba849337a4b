package vantbreeze.server.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.plan.Plan;
import vantbreeze.plan.Planner;
import vantbreeze.server.TestApplication;
import vantbreeze.server.TestBriefs;
import vantbreeze.server.plan.BriefJson;

/** Crease patterns of every design, out as FOLD 1.1 files and in again: every line is there as it was, and no other. */
class FoldRoundTripTest extends TestApplication {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** What drawing programs round away, and a little. */
    private static final double NEAR_MM = 0.05;

    @Autowired
    private MockMvc http;

    private JsonNode send(String address, JsonNode body) throws Exception {
        return JSON.readTree(http.perform(
                        post(address).contentType(MediaType.APPLICATION_JSON).content(body.toString()))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8));
    }

    /** @return the pattern of the free strip or free pattern as which it came in */
    private JsonNode throughAndOut(ObjectNode frame) throws Exception {
        JsonNode taken = send(
                "/api/patterns", JSON.createObjectNode().put("units", "INCH").set("fold", frame));
        assertThat(taken.has("fold")).as(taken.toString()).isTrue();
        ObjectNode brief = (ObjectNode) JSON.readTree(TestBriefs.zFold("4 in", "5 in"));
        brief.put("fold", taken.get("fold").asString()).put("sheet", "a3").set("parameters", taken.get("parameters"));
        ((ObjectNode) brief.get("basis")).set("height", taken.get("height"));
        ((ObjectNode) brief.get("basis")).putNull("width");
        Plan plan = Planner.plan(JSON.treeToValue(brief, BriefJson.class).read());
        return JSON.readTree(JSON.writeValueAsString(FoldFile.of("back", plan)));
    }

    /** A line of a pattern, from its lower left corner. */
    private record Drawn(String letter, LineSegment line) {}

    private static Stream<Plan> plans() {
        return FoldCatalogue.all().stream()
                .filter(fold -> !fold.id().startsWith("free-"))
                .map(fold -> TestBriefs.zFold("4 1/4 in", "5 1/2 in")
                        .replace("z-fold", fold.id())
                        .replace("letter", "12x12"))
                .map(brief ->
                        Planner.plan(JSON.readValue(brief, BriefJson.class).read()));
    }

    private static List<ObjectNode> frames(Plan plan) {
        JsonNode file = JSON.readTree(JSON.writeValueAsString(FoldFile.of("all", plan)));
        List<ObjectNode> frames = new ArrayList<>();
        ObjectNode first = ((ObjectNode) file).deepCopy();
        first.remove("file_frames");
        frames.add(first);
        for (JsonNode frame : file.path("file_frames")) {
            if (frame.has("edges_vertices")) {
                frames.add((ObjectNode) frame.deepCopy());
            }
        }
        return frames;
    }

    private static List<Drawn> drawn(JsonNode frame) {
        List<Coordinate> points = new ArrayList<>();
        frame.get("vertices_coords")
                .forEach(v ->
                        points.add(new Coordinate(v.get(0).asDouble(), v.get(1).asDouble())));
        List<Drawn> drawn = new ArrayList<>();
        for (int i = 0; i < frame.get("edges_vertices").size(); i++) {
            String letter = frame.get("edges_assignment").get(i).asString();
            JsonNode ends = frame.get("edges_vertices").get(i);
            drawn.add(new Drawn(
                    letter,
                    new LineSegment(
                            points.get(ends.get(0).asInt()),
                            points.get(ends.get(1).asInt()))));
        }
        double left = drawn.stream()
                .filter(d -> d.letter().equals("B"))
                .mapToDouble(d -> Math.min(d.line().p0.x, d.line().p1.x))
                .min()
                .orElseThrow();
        double low = drawn.stream()
                .filter(d -> d.letter().equals("B"))
                .mapToDouble(d -> Math.min(d.line().p0.y, d.line().p1.y))
                .min()
                .orElseThrow();
        return drawn.stream()
                .map(d -> new Drawn(
                        d.letter(),
                        new LineSegment(
                                d.line().p0.x - left, d.line().p0.y - low, d.line().p1.x - left, d.line().p1.y - low)))
                .toList();
    }

    private static Map<String, Double> lengths(List<Drawn> drawn) {
        Map<String, Double> lengths = new TreeMap<>();
        drawn.stream()
                .filter(d -> !d.letter().equals("F"))
                .forEach(d -> lengths.merge(d.letter(), d.line().getLength(), Double::sum));
        return lengths;
    }

    /** Each tenth of each line of the one lies on a line of the same letter of the other. */
    private static List<String> missing(List<Drawn> from, List<Drawn> in) {
        List<String> missing = new ArrayList<>();
        for (Drawn one : from) {
            for (int tenth = 0; tenth <= 10 && !one.letter().equals("F"); tenth++) {
                Coordinate at = one.line().pointAlong(tenth / 10.0);
                boolean there = in.stream()
                        .anyMatch(
                                d -> d.letter().equals(one.letter()) && d.line().distance(at) <= NEAR_MM);
                if (!there) {
                    missing.add("%s %s".formatted(one.letter(), at));
                }
            }
        }
        return missing;
    }

    @Test
    void everyLineOfEveryDesignComesBack() {
        Map<String, String> wrong = new LinkedHashMap<>();
        int[] seen = {0};
        plans().forEach(plan -> {
            for (ObjectNode frame : frames(plan)) {
                List<Drawn> out = drawn(frame);
                if (out.stream()
                        .noneMatch(d -> d.letter().equals("M") || d.letter().equals("V"))) {
                    continue;
                }
                String name = plan.brief().fold().id() + ", "
                        + frame.path("frame_title").asString();
                try {
                    List<Drawn> back = drawn(throughAndOut(frame));
                    seen[0]++;
                    List<String> missing = new ArrayList<>(missing(out, back));
                    missing.addAll(missing(back, out));
                    if (!missing.isEmpty()) {
                        wrong.put(name, missing.size() + " " + missing.get(0));
                    }
                    lengths(out).forEach((letter, length) -> {
                        if (Math.abs(length - lengths(back).getOrDefault(letter, 0.0)) > 0.001 * length + NEAR_MM) {
                            wrong.put(name + " length " + letter, length + " " + lengths(back));
                        }
                    });
                } catch (Exception | AssertionError refused) {
                    /* A strip of a card may be too narrow to be a card by itself; that is said. */
                    if (!String.valueOf(refused.getMessage()).contains("at least 1 in, to be handled")) {
                        wrong.put(name, String.valueOf(refused.getMessage()));
                    }
                }
            }
        });
        assertThat(wrong).isEmpty();
        assertThat(seen[0]).isGreaterThan(30);
    }

    /** FOLD 1.1: a valley's angle is positive, a mountain's negative, of other edges it is zero; null says nothing. */
    @Test
    void anglesAgreeWithTheirLetters() {
        plans().forEach(plan -> frames(plan).forEach(frame -> {
            for (int i = 0; i < frame.get("edges_assignment").size(); i++) {
                String letter = frame.get("edges_assignment").get(i).asString();
                JsonNode angle = frame.get("edges_foldAngle").get(i);
                double sign = angle.isNull() ? 0 : Math.signum(angle.asDouble());
                switch (letter) {
                    case "V" ->
                        assertThat(angle.isNull() || sign > 0)
                                .as(plan.brief().fold().id())
                                .isTrue();
                    case "M" ->
                        assertThat(angle.isNull() || sign < 0)
                                .as(plan.brief().fold().id())
                                .isTrue();
                    default -> assertThat(sign).isZero();
                }
            }
        }));
    }
}
