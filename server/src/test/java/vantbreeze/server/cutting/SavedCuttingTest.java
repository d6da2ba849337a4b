package vantbreeze.server.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.material.Material;

class SavedCuttingTest {

    private final JsonMapper json = new JsonMapper();

    /** Until December 2026 there was film, and everything else was paper. */
    @Test
    void aPlanOfAnEarlierVersionSaysOnlyWhatIsFilm() {
        String paper =
                "{\"use\": \"base\", \"stock\": \"%s\", \"colour\": \"#ffffff\", \"print\": \"PLAIN\", \"film\": %s, \"sheetCount\": 0, \"fewest\": 0, \"proven\": true, \"sheets\": [], \"unplaced\": []}";
        CuttingJson plan = SavedCutting.read(
                json,
                "{\"id\": \"a\", \"running\": false, \"papers\": [%s, %s]}"
                        .formatted(paper.formatted("300 gsm", false), paper.formatted("0.1 mm", true)));
        assertThat(plan.papers())
                .extracting(CuttingJson.PaperCutJson::material)
                .containsExactly(Material.PAPER, Material.FILM);
        CuttingJson again = SavedCutting.read(json, json.writeValueAsString(plan));
        assertThat(again).isEqualTo(plan);
    }
}
