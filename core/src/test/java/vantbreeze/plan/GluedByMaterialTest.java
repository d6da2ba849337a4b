package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import vantbreeze.layer.Matting;
import vantbreeze.material.Material;
import vantbreeze.material.Paper;
import vantbreeze.material.Print;
import vantbreeze.material.Stock;

/** What papers are made of decides what they are glued with: common practice, no published source. */
class GluedByMaterialTest {

    private static final Brief CARD = Briefs.closed("z-fold", "4 1/4", "5 1/2");

    private static Paper of(Material material) {
        String stock = material == Material.FILM ? "0.1 mm" : "160 gsm";
        return new Paper("", material, Stock.parse(stock, material), "#d8c8a8", Print.PLAIN);
    }

    private static String steps(Material material) {
        Matting mats = CARD.matting().withEach(paper -> of(material));
        return Planner.withoutFixes(CARD.withMatting(mats)).steps().stream()
                .map(step -> step.text())
                .collect(Collectors.joining("\n"));
    }

    @Test
    void vellumAndFilmGetDotsBehindWhatIsSolid() {
        for (Material material : List.of(Material.VELLUM, Material.FILM)) {
            assertThat(steps(material))
                    .as("%s", material)
                    .contains("use glue dots: only behind something solid")
                    .doesNotContain("use wet glue");
        }
    }

    @Test
    void slickAndPorousMatsAreNotGluedWet() {
        assertThat(steps(Material.FOIL)).contains("quick-tack glue: wet glue does not hold on foil card");
        assertThat(steps(Material.FABRIC)).contains("double-sided tape: wet glue soaks through fabric");
    }

    @Test
    void nobodyWritesOnFilm() {
        Matting plain = CARD.matting().withEach(paper -> of(Material.PAPER));
        Matting film = CARD.matting().withEach(paper -> of(Material.FILM));
        Plan written = Planner.withoutFixes(CARD.withMatting(plain));
        Plan clear = Planner.withoutFixes(CARD.withMatting(film));
        assertThat(written.dressing().mats()).isNotEmpty();
        assertThat(clear.messageRoom())
                .allSatisfy(room -> assertThat(clear.dressing().mats())
                        .noneMatch(m -> m.face().equals(room.face())));
        assertThat(clear.messageRoom().size()).isLessThan(written.messageRoom().size());
    }
}
