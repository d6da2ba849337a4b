package vantbreeze.server.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.plan.Plan;
import vantbreeze.plan.Planner;
import vantbreeze.server.TestApplication;
import vantbreeze.server.TestBriefs;
import vantbreeze.server.cutting.CuttingJson;
import vantbreeze.server.cutting.KitPlanner;
import vantbreeze.server.plan.BriefJson;

/** Every sheet of every design goes through the stand-in for a cutter without a refusal. */
class SheetsThroughTheCutterTest extends TestApplication {

    private static final String BED =
            "{\"width\": 700, \"height\": 1100, \"cutting\": 30, \"scoring\": 40, \"travel\": 200, \"lift\": 0.2, \"step\": 0.1}";

    /** Round, hollowed and pointed ones, as many of some as lie side by side. */
    private static final String[] TOPPERS = {
        "circle 1 in", "heart 1 1/4 x 1 1/4 in", "circle 3/4 in", "circle 3/4 in", "star 1 x 1 in", "heart 1 x 1 in"
    };

    private final JsonMapper json = JsonMapper.builder().build();

    @Autowired
    private KitPlanner planner;

    @Autowired
    private MockMvc http;

    static Stream<String> folds() {
        return FoldCatalogue.all().stream().map(FoldDesign::id).filter(id -> !id.startsWith("free"));
    }

    private ObjectNode brief(String fold, boolean metric) {
        String size = metric
                ? TestBriefs.gatefold("105 mm", "148 mm")
                        .replace("letter", "a4")
                        .replace("\"INCH\"", "\"METRIC\"")
                : TestBriefs.gatefold("4 1/4 in", "5 1/2 in");
        return (ObjectNode) json.readTree(
                size.replace("gatefold", fold).replace("\"trimmer\": \"12 in\"", "\"trimmer\": \"40 in\""));
    }

    private Plan plan(ObjectNode brief) {
        return Planner.plan(json.treeToValue(brief, BriefJson.class).read());
    }

    /** With toppers on the first face that there is, one upon another where they have no room: they are cut all the same. */
    private Plan rich(ObjectNode brief) {
        JsonNode face = json.readTree(json.writeValueAsString(vantbreeze.server.plan.PlanWriter.write(plan(brief))))
                .at("/faces/0/key");
        for (String outline : TOPPERS) {
            brief.withArray("ornaments").add(json.readTree("""
                            {"name": "topper %d", "face": %s, "outline": "%s", "x": "2 in", "y": "2 in", "lift": null,
                             "paper": {"stock": "200 gsm", "colour": "#112233", "print": "PLAIN"}, "glue": "WHOLE"}""".formatted(
                            brief.withArray("ornaments").size() + 1, face, outline)));
        }
        return plan(brief);
    }

    @ParameterizedTest
    @MethodSource("folds")
    void noSheetIsRefused(String fold) throws Exception {
        List<String> refused = new ArrayList<>();
        for (boolean metric : new boolean[] {false, true}) {
            for (Plan plan : List.of(plan(brief(fold, metric)), rich(brief(fold, metric)))) {
                List<CuttingJson.SheetCutJson> sheets = planner.quickly("p", fold, plan).stream()
                        .flatMap(p -> p.sheets().stream())
                        .toList();
                for (CuttingJson.SheetCutJson sheet : sheets) {
                    JsonNode run = json.readTree(http.perform(post("/api/cutter")
                                    .contentType(MediaType.APPLICATION_JSON)
                                    .content(json.createObjectNode()
                                            .put("svg", CutSvg.of(sheet, CutSvg.Perforation.NONE))
                                            .set("machine", json.readTree(BED))
                                            .toString()))
                            .andReturn()
                            .getResponse()
                            .getContentAsString(StandardCharsets.UTF_8));
                    if (!run.path("refusals").isArray() || !run.get("refusals").isEmpty()) {
                        refused.add("%s %s: %s"
                                .formatted(
                                        metric ? "mm" : "in",
                                        plan.brief().ornaments().size(),
                                        run.path("refusals").isMissingNode() ? run : run.get("refusals")));
                    }
                }
            }
        }
        assertThat(refused).isEmpty();
    }
}
