package vantbreeze.server.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.layer.Anchor;
import vantbreeze.layer.Matting;
import vantbreeze.material.Material;
import vantbreeze.material.Paper;
import vantbreeze.material.Print;
import vantbreeze.material.Stock;
import vantbreeze.operation.OwnStep;
import vantbreeze.operation.Technique;
import vantbreeze.plan.Brief;
import vantbreeze.server.TestBriefs;
import vantbreeze.server.web.Unreadable;
import vantbreeze.structure.Silhouette;

/** Briefs as they were saved at different times; each text is one that a version of its day wrote. */
class SavedBriefTest {

    private static final String FIRST = """
            {"fold": "z-fold", "basis": {"kind": "CLOSED", "width": "5 1/2 in", "height": "4 1/4 in"},
             "parameters": {}, "sheet": "letter", "envelope": "a2us", "baseGsm": 280, "matGsm": 120,
             "tools": {"ruler": "1/16 in", "board": "1/16 in", "trimmer": "12 in"},
             "matting": {"layers": 1, "step": "1/8 in", "grid": "1/16 in", "meeting": "RUN_ON",
              "byFace": {"front/face": 2}}, "units": "INCH"}""";

    private final JsonMapper json = new JsonMapper();

    private Brief read(String saved) {
        return SavedBrief.read(json, saved).read();
    }

    @Test
    void theFirstFormatHadGramsAndOneStep() {
        Brief brief = read(FIRST);
        assertThat(brief.base().stock().gramsPerSquareMetre()).isEqualTo(280);
        assertThat(brief.matting().papers())
                .hasSize(Matting.USUAL_PAPERS.size())
                .allSatisfy(p -> assertThat(p.stock().gramsPerSquareMetre()).isEqualTo(120));
        assertThat(brief.matting().steps()).hasSize(1);
        assertThat(brief.matting().byFace()).containsOnlyKeys("front/face");
        assertThat(brief.papers().film()).isEqualTo(Paper.USUAL_FILM);
    }

    @Test
    void theSecondFormatHadPapersButNeitherFilmNorPlace() {
        Brief brief = read(TestBriefs.zFold("5 1/2 in", "4 1/4 in"));
        assertThat(brief.papers().film()).isEqualTo(Paper.USUAL_FILM);
        assertThat(brief.baseAt()).isEmpty();
        assertThat(brief.matting().papersByFace()).isEmpty();
    }

    @Test
    void theFourthFormatHadOutlinesAmongShapes() {
        String card = TestBriefs.zFold("3 1/4 in", "5 1/4 in");
        String saved =
                card.replace("z-fold", "nested-figures").replaceFirst("\\{", "{\"format\": 4, \"ownSteps\": [], ");
        String shaped = saved.replaceAll("\"parameters\": *\\{[^}]*}", "\"parameters\": {\"shape\": \"bell\"}");
        assertThat(read(shaped).parameters())
                .containsEntry("outline", Silhouette.parse("bell"))
                .doesNotContainKey("shape");
        assertThat(read(shaped.replace("nested-figures", "interlocking-gatefold")
                                .replace("bell", "circle"))
                        .parameters())
                .containsEntry("shape", "circle");
    }

    @Test
    void aDrawnOutlineIsSavedAndReadBack() {
        Brief brief = read(TestBriefs.zFold("3 1/4 in", "5 1/4 in").replace("z-fold", "nested-figures"))
                .with("outline", Silhouette.parse("drawn 0,0 40,0 40,30 20,60 0,30"));
        BriefJson json = BriefJson.of(brief);
        assertThat(SavedBrief.read(this.json, SavedBrief.write(this.json, json))
                        .read()
                        .parameters())
                .isEqualTo(brief.parameters());
    }

    /** Papers of single pieces, their names, and where an own step stands. */
    @Test
    void papersOfPiecesAndPlacesOfStepsAreSavedAndReadBack() {
        Brief plain = read(TestBriefs.zFold("3 1/4 in", "5 1/4 in").replace("z-fold", "double-z"));
        Brief brief = plain.withPapers(plain.papers()
                        .with(
                                "band",
                                new Paper(
                                        "lamp yellow",
                                        Material.PAPER,
                                        new Stock(160),
                                        "#e8c547",
                                        Print.PLAIN,
                                        Optional.of(new Paper.Back("#7e93a8", Print.UPRIGHT)))))
                .withGluedWith(Map.of("panels/band left", "tape", "mat/front/face/1", "wet"))
                .withOwnSteps(List.of(new OwnStep(
                        Technique.STAMP,
                        "face/front/face",
                        "A star",
                        Optional.of(new OwnStep.Beside(OwnStep.Beside.Order.AFTER, "cut/piece/base")))));
        Brief back = SavedBrief.read(json, SavedBrief.write(json, BriefJson.of(brief)))
                .read();
        assertThat(back.papers()).isEqualTo(brief.papers());
        assertThat(back.ownSteps()).isEqualTo(brief.ownSteps());
        assertThat(back.gluedWith()).isEqualTo(brief.gluedWith());
    }

    /** What is laid by others, cut to a part of its face, trimmed, and of another material. */
    @Test
    void anchorsPartsAndMaterialsAreSavedAndReadBack() {
        String paper =
                "{\"stock\": \"112 gsm\", \"colour\": \"#d8e4ee\", \"print\": \"PLAIN\", \"name\": \"mist\", \"material\": \"VELLUM\"}";
        String topper =
                "{\"name\": \"%s\", \"face\": \"front/face\", \"outline\": \"%s\", \"x\": \"1/4 in\", \"y\": \"0 in\", \"paper\": %s, \"glue\": \"WHOLE\"%s}";
        String saved = TestBriefs.zFold("5 1/2 in", "4 1/4 in")
                .replace(
                        "\"ornaments\": []",
                        "\"ornaments\": ["
                                + topper.formatted("sea", "lower half, border 1/8 in", paper, "")
                                + ", "
                                + topper.formatted(
                                        "plate",
                                        "2 x 2 in",
                                        paper,
                                        ", \"across\": {\"from\": \"FAR\"}, \"trimmed\": true")
                                + ", "
                                + topper.formatted(
                                        "words",
                                        "1 x 1/2 in",
                                        paper,
                                        ", \"up\": {\"from\": \"MIDDLE\", \"of\": \"plate\"}")
                                + "]");
        Brief brief = read(saved);
        assertThat(brief.ornaments()).hasSize(3);
        assertThat(brief.ornaments().get(0).paper().material()).isEqualTo(Material.VELLUM);
        assertThat(brief.ornaments().get(1).x().from()).isEqualTo(Anchor.From.FAR);
        assertThat(brief.ornaments().get(1).trimmed()).isTrue();
        assertThat(brief.ornaments().get(2).y().of()).contains("plate");
        assertThat(read(SavedBrief.write(json, BriefJson.of(brief)))).isEqualTo(brief);
    }

    @Test
    void whatIsWrittenTodayIsReadAsItIs() {
        BriefJson brief = BriefJson.of(read(FIRST));
        String saved = SavedBrief.write(json, brief);
        assertThat(json.readTree(saved).get("format").asInt()).isEqualTo(SavedBrief.NEWEST);
        assertThat(SavedBrief.read(json, saved)).isEqualTo(brief);
        assertThat(SavedBrief.saysTheSame(json, saved, json.writeValueAsString(brief)))
                .isTrue();
        assertThat(SavedBrief.saysTheSame(json, saved, FIRST.replace("280", "300")))
                .isFalse();
    }

    @Test
    void aLaterFormatAndWhatIsNoneAreRefused() {
        assertThatThrownBy(() -> read("{\"format\": 99}"))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("format 99");
        for (String saved : new String[] {"[]", "{", "{\"format\": \"x\"}", "{\"baseGsm\": 280}"}) {
            assertThatThrownBy(() -> read(saved)).as(saved).isInstanceOf(Unreadable.class);
        }
    }
}
