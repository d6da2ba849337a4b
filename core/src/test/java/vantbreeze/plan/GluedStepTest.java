package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.material.Adhesive;
import vantbreeze.material.Material;
import vantbreeze.material.Paper;
import vantbreeze.material.Print;
import vantbreeze.material.Stock;
import vantbreeze.operation.Task;

/** What is glued with what, where the maker takes something else than is proposed. */
class GluedStepTest {

    static Stream<FoldDesign> folds() {
        return FoldCatalogue.all().stream();
    }

    /** Whatever is taken at a step is what the step then says, and it is left where it was with the choice taken back. */
    @ParameterizedTest
    @MethodSource("folds")
    void whatIsTakenAtAStepIsUsedThere(FoldDesign fold) {
        Random random = new Random(fold.id().hashCode());
        Plan plan = Planner.withoutFixes(Briefs.closed(fold.id(), "4 1/4", "5 1/2"));
        Map<String, String> taken = new HashMap<>();
        GluedStep.of(plan).values().forEach(g -> {
            Adhesive one = g.choices().get(random.nextInt(g.choices().size()));
            g.places().forEach(p -> taken.put(p, one.key()));
        });
        Plan changed = Planner.withoutFixes(plan.brief().withGluedWith(taken));
        Map<String, GluedStep> steps = GluedStep.of(changed);
        assertThat(steps.values()).allSatisfy(g -> {
            assertThat(g.own()).isTrue();
            assertThat(g.with().map(Adhesive::key))
                    .contains(taken.get(g.places().get(0)));
        });
        assertThat(changed.tasks().stream().map(Task::id).filter(id -> !id.startsWith("dry/")))
                .containsAll(plan.tasks().stream()
                        .map(Task::id)
                        .filter(id -> id.startsWith("lay/first/"))
                        .toList());
        for (Task task : changed.tasks()) {
            GluedStep gluing = steps.get(task.id());
            if (gluing != null && task.operation().gluedWith().isPresent()) {
                assertThat(task.step(changed.brief().ruler()).text())
                        .containsIgnoringCase(gluing.with().orElseThrow().name() + ": as you chose");
            }
        }
        assertThat(Planner.withoutFixes(changed.brief().withGluedWith(Map.of())).steps())
                .isEqualTo(plan.steps());
    }

    /** Wet glue makes vellum cockle (common practice, no source): it is not offered, and asked for it is not taken. */
    @Test
    void whatAPaperForbidsIsNeitherOfferedNorTaken() {
        Brief card = Briefs.closed("book", "5", "7");
        Paper vellum =
                new Paper("mist", Material.VELLUM, Stock.parse("112 gsm", Material.VELLUM), "#d8e4ee", Print.PLAIN);
        Brief dressed = card.withMatting(card.matting().withEach(p -> vellum));
        Plan plan = Planner.plan(dressed);
        List<GluedStep> mats = GluedStep.of(plan).values().stream()
                .filter(g -> g.places().get(0).startsWith("mat/"))
                .toList();
        assertThat(mats)
                .isNotEmpty()
                .allSatisfy(g -> assertThat(g.choices()).isNotEmpty().noneMatch(a -> a.is(Adhesive.Quality.WET)));
        Adhesive wet = plan.brief().tools().adhesives().list().stream()
                .filter(a -> a.is(Adhesive.Quality.WET))
                .findFirst()
                .orElseThrow();
        Map<String, String> asked = new HashMap<>();
        mats.forEach(g -> g.places().forEach(p -> asked.put(p, wet.key())));
        assertThat(Planner.plan(dressed.withGluedWith(asked)).steps())
                .extracting(s -> s.text())
                .isEqualTo(plan.steps().stream().map(s -> s.text()).toList());
    }
}
