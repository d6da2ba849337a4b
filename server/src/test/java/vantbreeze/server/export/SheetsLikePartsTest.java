package vantbreeze.server.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.make.GlueArea;
import vantbreeze.part.Part;
import vantbreeze.plan.Plan;
import vantbreeze.plan.Planner;
import vantbreeze.server.TestApplication;
import vantbreeze.server.TestBriefs;
import vantbreeze.server.cutting.CuttingJson;
import vantbreeze.server.cutting.KitPlanner;
import vantbreeze.server.paper.SheetService;
import vantbreeze.server.plan.BriefJson;

/** Nothing of a part gets lost when it is cut off a sheet: two ways of drawing the same lines, one against the other. */
class SheetsLikePartsTest extends TestApplication {

    private final JsonMapper json = JsonMapper.builder().build();

    @Autowired
    private KitPlanner planner;

    @Autowired
    private SheetService sheets;

    @Autowired
    private MockMvc http;

    /** So large that every base of the catalogue is cut from one. */
    @BeforeEach
    void aLargeSheetInTheDrawer() throws Exception {
        if (sheets.list().stream().noneMatch(s -> s.content().name().equals("large"))) {
            http.perform(
                    post("/api/papers").contentType(MediaType.APPLICATION_JSON).content("""
                    {"name": "large", "width": "30 in", "height": "40 in", "count": 9, "offcut": false, "kind": "PAPER",
                     "stock": "300 gsm", "colour": "#fbf8f0", "print": "PLAIN", "grain": null, "price": null}"""));
        }
    }

    static Stream<String> folds() {
        return FoldCatalogue.all().stream().map(FoldDesign::id).filter(id -> !id.startsWith("free"));
    }

    @ParameterizedTest
    @MethodSource("folds")
    void everyLineOfEveryPartIsOnItsSheet(String fold) throws Exception {
        String brief = TestBriefs.gatefold("4 1/4 in", "5 1/2 in")
                .replace("gatefold", fold)
                .replace("\"trimmer\": \"12 in\"", "\"trimmer\": \"40 in\"");
        Plan plan = Planner.plan(json.readValue(brief, BriefJson.class).read());
        List<String> alone = new ArrayList<>();
        int windows = 0;
        /* What is an offcut of another part is on no sheet of its own. */
        for (Part part :
                plan.parts().stream().filter(p -> p.offcutOf().isEmpty()).toList()) {
            String svg = CutSvg.of(part, GlueArea.pencilled(plan.structure(), part), CutSvg.Perforation.NONE);
            alone.add(svg);
            windows += part.piece().polygon().getNumInteriorRing();
        }
        List<CuttingJson.SheetCutJson> cut = planner.quickly("p", fold, plan).stream()
                .flatMap(p -> p.sheets().stream())
                .toList();
        List<String> together =
                cut.stream().map(s -> CutSvg.of(s, CutSvg.Perforation.NONE)).toList();
        assertThat(cut.stream()
                        .flatMap(s -> s.parts().stream())
                        .mapToInt(p -> p.windows().size())
                        .sum())
                .as("windows")
                .isEqualTo(windows);
        for (String layer : List.of("slit", "score-mountain", "score-valley", "draw")) {
            assertThat(length(together, layer)).as(layer).isCloseTo(length(alone, layer), within(0.5));
        }
    }

    private static double length(List<String> drawings, String layer) throws Exception {
        double all = 0;
        for (String drawing : drawings) {
            all += SvgReading.paths(drawing, layer).stream()
                    .mapToDouble(SvgReading::length)
                    .sum();
        }
        return all;
    }
}
