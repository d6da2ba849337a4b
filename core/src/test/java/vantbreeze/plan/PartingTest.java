package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.Level;
import vantbreeze.fold.Scene;
import vantbreeze.fold.Together;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Structure;

/** What may be glued across two panels, over all that the card goes through from closed on. */
class PartingTest {

    static Stream<FoldDesign> folds() {
        return FoldCatalogue.all().stream();
    }

    private static Structure structure(FoldDesign fold) {
        return Planner.withoutFixes(Briefs.closed(fold.id(), "4 1/4", "5 1/2")).structure();
    }

    private static Level level(Structure structure) {
        return Level.of(structure, FlatFolder.closed(structure), Scene.of(structure));
    }

    /** What is glued together is no two panels any more, whatever the way. */
    @ParameterizedTest
    @MethodSource("folds")
    void whatIsGluedTogetherNeverParts(FoldDesign fold) {
        Structure structure = structure(fold);
        Level level = level(structure);
        for (Panel panel : structure.panels()) {
            for (Panel other : Together.of(structure).with(panel)) {
                assertThat(level.parting(panel, other))
                        .as("%s: %s and %s", fold.id(), panel.name(), other.name())
                        .isEmpty();
            }
        }
    }

    /** Two panels at a score that is folded at one stage and not at another part, and say so from either side. */
    @ParameterizedTest
    @MethodSource("folds")
    void whatMeetsAtALiveScoreParts(FoldDesign fold) {
        Structure structure = structure(fold);
        Level level = level(structure);
        List<Scene> scenes = Scene.of(structure);
        for (Hinge hinge : structure.hinges()) {
            String score = hinge.score().id();
            double closed = structure.closed().degrees(score);
            boolean moves = scenes.stream().anyMatch(s -> Math.abs(s.stage().degrees(score) - closed) > 45);
            if (moves) {
                assertThat(level.parting(hinge.first(), hinge.second()))
                        .as("%s: %s", fold.id(), score)
                        .isPresent();
                assertThat(level.stay(hinge.second(), hinge.first())).isFalse();
            }
        }
    }

    /** A gatefold's gates lie shut at 180 degrees; by hand, what is left of that when it stands is what they have turned. */
    @Test
    void aGateTurnsByWhatItOpens() {
        Structure gatefold = structure(FoldCatalogue.named("gatefold"));
        Hinge hinge = gatefold.hinges().get(0);
        double standing = gatefold.shown().get(0).degrees(hinge.score().id());
        Level.Parting parting =
                level(gatefold).parting(hinge.first(), hinge.second()).orElseThrow();
        assertThat(parting.from()).isEqualTo("closed");
        assertThat(parting.isTurn()).isTrue();
        assertThat(parting.degrees()).isCloseTo(180 - Math.abs(standing), within(0.1));
        assertThat(Math.abs(standing)).isBetween(1.0, 179.0);
    }
}
