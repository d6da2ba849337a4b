package vantbreeze.material;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import vantbreeze.material.Adhesive.Quality;
import vantbreeze.material.Adhesive.Use;

/** Common practice at the table, no published source, where no other is named. */
class AdhesivesTest {

    private static String chosen(Use use, Material... materials) {
        return Adhesives.USUAL.choose(use, List.of(materials)).adhesive().name();
    }

    @Test
    void paperTakesWhatTheJointAsksFor() {
        assertThat(chosen(Use.LINE_UP, Material.PAPER)).isEqualTo("wet glue");
        assertThat(chosen(Use.PULL, Material.PAPER)).isEqualTo("quick-tack glue");
        assertThat(chosen(Use.LARGE, Material.PAPER)).isEqualTo("double-sided tape");
        assertThat(chosen(Use.LIFT, Material.PAPER)).isEqualTo("foam pads");
    }

    @Test
    void whatTheMaterialForbidsIsReplacedWithAReason() {
        assertThat(chosen(Use.LINE_UP, Material.FOIL)).isEqualTo("quick-tack glue");
        assertThat(Adhesives.USUAL.choose(Use.LINE_UP, List.of(Material.FOIL)).against())
                .contains("wet glue does not hold on foil card");
        assertThat(chosen(Use.LARGE, Material.GLITTER)).isEqualTo("wet glue");
        assertThat(Adhesives.USUAL
                        .choose(Use.LARGE, List.of(Material.PAPER, Material.GLITTER))
                        .against())
                .contains("double-sided tape holds badly on glitter card");
        assertThat(chosen(Use.LINE_UP, Material.FABRIC)).isEqualTo("double-sided tape");
        assertThat(chosen(Use.SHEER, Material.VELLUM)).isEqualTo("glue dots");
        assertThat(chosen(Use.PULL, Material.FILM)).isEqualTo("double-sided tape");
    }

    @Test
    void somethingHoldsOnAnyTwoMaterialsAndNothingForbiddenIsChosen() {
        for (Use use : Use.values()) {
            for (Material one : Material.values()) {
                for (Material other : Material.values()) {
                    Adhesive adhesive =
                            Adhesives.USUAL.choose(use, List.of(one, other)).adhesive();
                    assertThat(one.against(adhesive))
                            .as("%s on %s", adhesive, one)
                            .isEmpty();
                    assertThat(other.against(adhesive))
                            .as("%s on %s", adhesive, other)
                            .isEmpty();
                    assertThat(adhesive.isFor(Use.LIFT)).isEqualTo(use == Use.LIFT);
                }
            }
        }
    }

    /** A maker without tape and dots: the shop has what holds on film. */
    @Test
    void whatIsNotOnTheListIsTakenOnlyWhereNothingOnItHolds() {
        Adhesives glues = new Adhesives(
                Adhesives.USUAL.list().stream().filter(a -> a.is(Quality.WET)).toList());
        assertThat(glues.choose(Use.LARGE, List.of(Material.PAPER)).adhesive().name())
                .isEqualTo("wet glue");
        assertThat(glues.choose(Use.SHEER, List.of(Material.FILM)).adhesive().name())
                .isEqualTo("glue dots");
    }

    /** Flame and air warnings come with solvent alone. */
    @Test
    void solventAloneBurns() {
        assertThat(Adhesives.USUAL.list().stream()
                        .filter(a -> a.is(Quality.BURNS))
                        .map(Adhesive::name))
                .containsExactly("solvent glue");
    }
}
