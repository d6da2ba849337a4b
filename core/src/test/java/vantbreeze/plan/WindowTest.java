package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.plan.Briefs.in;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.fold.Scene;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.layer.Matting;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;
import vantbreeze.operation.Step;

/** An opening in a panel with film behind it, on any fold. */
class WindowTest {

    private static final Brief BOOK = Briefs.closed("book", "5", "7");
    private static final Brief GLAZED =
            BOOK.with("window", "front").with("windowWidth", in("2")).with("windowHeight", in("3"));

    private static Brief bare(Brief b) {
        Matting m = b.matting();
        return b.withMatting(new Matting(0, m.steps(), m.grid(), m.meeting(), Map.of(), m.papers()));
    }

    @Test
    void theFilmIsARimLargerThanTheOpeningAndLiesBehindIt() {
        Plan plan = Planner.plan(GLAZED);
        assertThat(plan.cutList())
                .filteredOn(c -> c.name().equals("window film"))
                .extracting(Plan.CutPiece::size)
                .containsExactly(Briefs.in("2 1/2", "3 1/2"));
        assertThat(plan.structure().panel("front").outline().getNumInteriorRing())
                .isEqualTo(1);
        assertThat(plan.steps().stream().map(Step::text))
                .anyMatch(t -> t.contains("a window 2 in wide and 3 in high"))
                .anyMatch(t -> t.contains("the back of the window film") && t.contains("Lay it on the front: "));
    }

    /** What lies behind is seen through film: the inside of the back on the closed card. */
    @Test
    void whatLiesBehindIsSeenThroughIt() {
        Plan plain = Planner.plan(BOOK);
        Plan plan = Planner.plan(GLAZED);
        assertThat(seen(plain)).doesNotContain("back/face");
        assertThat(seen(plan)).contains("back/face");
        double through = plan.closed().front().stream()
                .filter(r -> r.layer() == 0 && r.face().key().equals("back/face"))
                .mapToDouble(r -> r.outline().getArea())
                .sum();
        assertThat(through / (Length.COUNTS_PER_MILLIMETRE * Length.COUNTS_PER_MILLIMETRE))
                .isCloseTo(6 * 25.4 * 25.4, within(0.1));
    }

    private static List<String> seen(Plan plan) {
        return plan.faces().stream()
                .filter(f -> f.seen().contains(Face.Seen.CLOSED))
                .map(Face::key)
                .toList();
    }

    /** A mat keeps its border around the opening as well: inside it is a step wider all round. */
    @Test
    void matsAreBorderedAroundTheOpening() {
        Plan plan = Planner.plan(
                GLAZED.withMatting(Briefs.finished(GLAZED, Map.of("front/back", vantbreeze.layer.Finish.mats(1)))
                        .matting()));
        Mat mat = plan.dressing().mats().stream()
                .filter(m -> m.face().panel().name().equals("front"))
                .findFirst()
                .orElseThrow();
        assertThat(mat.outline().getNumInteriorRing()).isEqualTo(1);
        var hole = mat.outline().getInteriorRingN(0).getEnvelopeInternal();
        assertThat(hole.getWidth()).isCloseTo(in("2 1/4").count(), within(1.0));
        assertThat(hole.getHeight()).isCloseTo(in("3 1/4").count(), within(1.0));
    }

    /** By hand: 5 x 7 in twice less 2 x 3 in of card, and 2 1/2 x 3 1/2 in of film. */
    @Test
    void weightCountsWhatIsCutOutAndTheFilm() {
        Plan plan = Planner.plan(bare(GLAZED));
        Paper card = plan.brief().base();
        double square = 25.4 * 25.4;
        assertThat(plan.closed().grams())
                .isCloseTo(card.grams((70 - 6) * square) + Paper.USUAL_FILM.grams(8.75 * square), within(1e-6));
    }

    @Test
    void anOpeningWithoutRoomForTheFilmIsRefusedWithItsLimit() {
        assertThatThrownBy(() -> Planner.plan(GLAZED.with("windowWidth", in("4 3/4"))))
                .isInstanceOf(BriefException.class)
                .hasMessageContaining("nothing to be glued to");
        assertThatThrownBy(() -> Planner.plan(GLAZED.with("windowLeft", in("1/8"))))
                .isInstanceOf(BriefException.class)
                .hasMessageContaining("film's rim");
        assertThatThrownBy(() -> Planner.plan(BOOK.with("window", "cellar"))).isInstanceOf(BriefException.class);
    }

    private static Stream<FoldDesign> glazed() {
        return FoldCatalogue.all().stream().filter(f -> !f.id().equals("free-strip"));
    }

    /** On whatever panel it may be, the card still closes as large and moves as before. */
    @ParameterizedTest
    @MethodSource("glazed")
    void aWindowChangesNeitherTheClosedSizeNorTheWayItFolds(FoldDesign fold) {
        Brief brief = bare(Briefs.closed(fold.id(), "5", "7"));
        Plan plain = Planner.plan(brief);
        List<String> panels = plain.parameters().stream()
                .filter(p -> p.parameter().key().equals("window"))
                .findFirst()
                .orElseThrow()
                .choices();
        for (String panel : panels.subList(1, Math.min(3, panels.size()))) {
            Plan plan = Planner.plan(brief.with("window", panel));
            assertThat(plan.closed().size()).as(panel).isEqualTo(plain.closed().size());
            assertThat(Scene.standing(Scene.of(plan.structure())).isPresent())
                    .as(panel)
                    .isEqualTo(Scene.standing(Scene.of(plain.structure())).isPresent());
        }
    }

    /** Film over 0.2 mm creases instead of bowing; common practice, no published source. Behind a window it lies flat. */
    @Test
    void aBandOfStiffFilmIsASnagAndAWindowIsNone() {
        Paper stiff = Paper.film(Length.millimetres(0.25));
        Brief band = Briefs.closed("floating-book", "5", "7").with("film", "with");
        assertThat(Planner.withoutFixes(band.withPapers(band.papers().withFilm(stiff)))
                        .snags())
                .anySatisfy(s -> assertThat(s.code()).isEqualTo(Snag.Code.FILM_TOO_STIFF));
        for (Plan plan : List.of(
                Planner.withoutFixes(band),
                Planner.withoutFixes(GLAZED.withPapers(GLAZED.papers().withFilm(stiff))))) {
            assertThat(plan.snags()).noneMatch(s -> s.code() == Snag.Code.FILM_TOO_STIFF);
        }
    }
}
