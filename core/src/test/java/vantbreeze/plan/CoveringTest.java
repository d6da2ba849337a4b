package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.layer.Covering;
import vantbreeze.layer.Face;
import vantbreeze.measure.Size;

/** What a glued part hides of the face below it. */
class CoveringTest {

    static Stream<FoldDesign> folds() {
        return FoldCatalogue.all().stream();
    }

    private static Plan plan(String fold) {
        return Planner.withoutFixes(Briefs.closed(fold, "4 1/4", "5 1/2"));
    }

    /** Nothing hides more of a face than there is of it, and only what is glued hides. */
    @ParameterizedTest
    @MethodSource("folds")
    void nothingHidesMoreThanThereIs(FoldDesign fold) {
        Plan plan = plan(fold.id());
        for (Face face : plan.faces()) {
            Size box = face.panel().box();
            List<Covering> covers = Covering.of(face, plan.structure());
            assertThat(covers)
                    .allSatisfy(c -> c.size().ifPresent(size -> {
                        assertThat(size.width()).isLessThanOrEqualTo(box.width());
                        assertThat(size.height()).isLessThanOrEqualTo(box.height());
                    }));
            boolean taken = plan.structure().bonds().stream()
                    .anyMatch(b -> b.onto().equals(face.panel().name()) && b.ontoSide() == face.side());
            assertThat(taken || covers.isEmpty()).isTrue();
        }
    }

    /** A double Z-fold's band is glued over the front: by hand, as high as the band and as wide as the front. */
    @Test
    void theBandOfADoubleZFoldHidesAStripOfTheFront() {
        Plan plan = plan("double-z");
        Face front = plan.faces().stream()
                .filter(f -> f.key().equals("front/face"))
                .findFirst()
                .orElseThrow();
        Size band = plan.structure().piece("band").size();
        Size panel = front.panel().box();
        assertThat(Covering.of(front, plan.structure())).singleElement().satisfies(c -> {
            assertThat(c.part()).isEqualTo("band");
            Size hidden = c.size().orElseThrow();
            assertThat(hidden.height()).isEqualTo(band.height());
            assertThat(hidden.width()).isLessThanOrEqualTo(panel.width());
            assertThat(c.text(plan.brief().ruler()))
                    .startsWith("the band covers")
                    .endsWith(" of it");
        });
    }
}
