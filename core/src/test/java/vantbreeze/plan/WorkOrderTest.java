package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static vantbreeze.plan.Briefs.in;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.layer.Closure;
import vantbreeze.make.SquareReading;
import vantbreeze.material.Sheet;
import vantbreeze.measure.UnitSystem;
import vantbreeze.operation.Step;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Piece;

/** The order of work and the cut list say what is true at the table. What glue and tape need is common practice. */
class WorkOrderTest {

    private static List<String> texts(Plan plan) {
        return plan.steps().stream().map(Step::text).toList();
    }

    private static int indexOf(Plan plan, String part) {
        List<Step> steps = plan.steps();
        return IntStream.range(0, steps.size())
                .filter(i -> (steps.get(i).title() + ": " + steps.get(i).text()).contains(part))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no step says " + part + ": " + texts(plan)));
    }

    private static String text(Plan plan, String part) {
        return plan.steps().get(indexOf(plan, part)).text();
    }

    private static Brief closure(Brief brief, String closure) {
        return brief.withClosure(Closure.parse(closure, UnitSystem.INCH));
    }

    /** A belt for a 5 1/2 in card is over 11 in long: a trimmer of 12 and a sheet of Letter take it only in two parts. */
    @Test
    void aBandTooLongForTheSheetIsJoinedFromTwo() {
        Brief letter = closure(Briefs.closed("book", "5 1/2", "4 1/4"), "belt").withSheet(Sheet.named("letter"));
        Plan plan = Planner.plan(letter);
        List<Piece> belt = plan.closure().pieces();
        assertThat(belt).extracting(Piece::name).containsExactly("belt", "back of the belt");
        assertThat(belt).allMatch(p -> letter.reach().has(p.size()));
        assertThat(plan.snags()).noneMatch(s -> s.code() == Snag.Code.LONGER_THAN_SHEET);
        /* Both overlap by 1/2 in: together they go once around and an inch more. */
        Plan whole = Planner.plan(letter.withSheet(Sheet.named("12x12")));
        assertThat(belt.get(0).size().width().plus(belt.get(1).size().width()))
                .isEqualTo(whole.closure().pieces().get(0).size().width().plus(in("1/2")));
        assertThat(text(plan, "Wrap the belt")).contains("lay its back on the two ends");
    }

    @Test
    void aClosureThatNoPartOfTheSheetGivesIsASnagWithALargerSheet() {
        Brief brief = closure(Briefs.closed("book", "5 1/2", "8"), "belt").withSheet(Sheet.named("6x6"));
        Plan plan = Planner.plan(brief);
        assertThat(plan.snags())
                .filteredOn(s -> s.code() == Snag.Code.LONGER_THAN_SHEET
                        && s.place().id().equals("belt"))
                .hasSize(1)
                .allMatch(s -> s.fixes().stream().anyMatch(f -> f.label().startsWith("Use a sheet of")));
    }

    @Test
    void whatIsNoRectangleSaysSoWhereverItsSizeStands() {
        Plan plan = Planner.plan(closure(Briefs.closed("gatefold", "5", "7"), "ring"));
        assertThat(plan.cutList())
                .filteredOn(c -> c.name().equals("ring") || c.name().equals("disc"))
                .hasSize(2)
                .allMatch(c -> c.note().equals("round, cut by the template"));
        assertThat(text(plan, "the disc by the template, round")).contains("Check twice");
        assertThat(indexOf(plan, "Open the ring")).isGreaterThan(indexOf(plan, "the ring by the template"));
        assertThat(text(plan, "Close it for good"))
                .contains("from its left edge")
                .contains("from its right edge");
    }

    @Test
    void filmIsCutFromFilmWhateverTheSheet() {
        Plan plan = Planner.plan(
                Briefs.closed("book", "5", "7").with("window", "front").withSheet(Sheet.named("12x12")));
        assertThat(text(plan, "Cut the window film"))
                .contains("From clear film")
                .doesNotContain("12 × 12");
        assertThat(plan.cutList())
                .filteredOn(c -> c.name().equals("window film"))
                .allMatch(c -> c.paper().equals("clear film"));
    }

    /** Its rim is hidden inside, under the mat that is laid after it. */
    @Test
    void windowFilmGoesOnTheSideThatIsSeenLessBeforeItsMat() {
        Plan plan = Planner.plan(Briefs.closed("gatefold", "5", "7").with("window", "left gate"));
        assertThat(text(plan, "Glue the window film"))
                .contains("on the left gate")
                .contains("hides the tape");
        assertThat(indexOf(plan, "Glue the window film")).isLessThan(indexOf(plan, "Lay the mats"));
        assertThat(plan.dressing().mats()).anyMatch(m -> m.face().key().equals("left gate/face"));
        assertThat(plan.snags()).noneMatch(s -> s.code() == Snag.Code.SHOWS_THROUGH);
        Plan bare = Planner.plan(plan.brief()
                .withMatting(Briefs.matting(
                        0,
                        in("1/8"),
                        plan.brief().tools().ruler(),
                        plan.brief().matting().meeting(),
                        java.util.Map.of())));
        assertThat(bare.snags())
                .filteredOn(s -> s.code() == Snag.Code.SHOWS_THROUGH)
                .hasSize(1)
                .allMatch(s -> !s.fixes().isEmpty());
    }

    @Test
    void theFloatingBooksFilmGoesOnBeforeTheMatsThatHideItsTape() {
        Plan plan = Planner.plan(Briefs.closed("floating-book", "7", "5").with("film", "with"));
        int lastFilm = Math.max(indexOf(plan, "Glue the left film tab"), indexOf(plan, "Glue the right film tab"));
        int mats = IntStream.range(0, plan.steps().size())
                .filter(i -> plan.steps().get(i).title().startsWith("Lay the mats")
                        && plan.steps().get(i).text().contains("left half"))
                .findFirst()
                .orElseThrow();
        assertThat(lastFilm).isLessThan(mats);
    }

    @Test
    void theStagesInnerBarsAreGluedBeforeTheFrontBarClosesTheBox() {
        Plan plan = Planner.plan(Briefs.closed("stage", "5 1/2", "4 1/4").with("inner", 2));
        assertThat(indexOf(plan, "Glue both inner bars")).isLessThan(indexOf(plan, "Glue the bar"));
    }

    /** By hand: 7 x 5, 5 x 5 and two 6 x 2 in do not lie on one 8 1/2 x 11, on one 12 x 12 they do. */
    @Test
    void aBaseIsAllItsPieces() {
        Brief book = Briefs.closed("floating-book", "7", "5");
        assertThat(Planner.withoutFixes(book.withSheet(Sheet.named("letter"))).fromSheet())
                .isEqualTo(new Yield(1, 2));
        assertThat(Planner.withoutFixes(book).fromSheet()).isEqualTo(new Yield(1, 1));
        assertThat(Planner.withoutFixes(book.withSheet(Sheet.named("6x6")))
                        .fromSheet()
                        .bases())
                .isZero();
    }

    @Test
    void aStageDeeperThanItsWingsSaysSo() {
        Plan plan = Planner.plan(Briefs.closed("stage", "5 1/2", "4 1/4")
                .with("wing", in("1 1/4"))
                .with("depth", in("2")));
        assertThat(plan.snags())
                .noneMatch(s -> s.code() == Snag.Code.CLOSES_DIFFERENTLY)
                .filteredOn(s -> s.code() == Snag.Code.STICKS_OUT)
                .singleElement()
                .satisfies(s -> assertThat(s.text()).contains("The depth (2 in) is more than the wing (1¼ in)."));
    }

    /** The band's long end lies over front panel and middle but is glued to the front panel alone. */
    @ParameterizedTest
    @CsvSource({
        "double-z,5 1/2,4 1/4,long end,the right 2¾ in only",
        "stage,5 1/2,4 1/4,bar,the right ½ in and the left ½ in only"
    })
    void glueGoesOnlyOnWhatLiesOnThePanelThatHoldsIt(
            String fold, String width, String height, String what, String says) {
        Plan plan = Planner.plan(Briefs.closed(fold, width, height));
        assertThat(texts(plan))
                .filteredOn(t -> t.contains("Put ") && t.contains(what))
                .anyMatch(t -> t.contains(says) && t.toLowerCase().contains("the rest has to come away"));
    }

    private static List<String> card(Plan plan) {
        return plan.scoreCards().get(0).settings().stream()
                .map(s -> plan.brief().ruler().text(((SquareReading) s.at()).fromStart()) + ": "
                        + s.how(plan.brief().ruler()))
                .toList();
    }

    /** Common practice, no published source: six positions from edge to edge in one go, what stays flat is let be. */
    @Test
    void aTowersScoreCardHasALineForEachPosition() {
        Plan plan = Planner.plan(Briefs.closed("tower", "4 1/4", "5 1/2"));
        assertThat(card(plan))
                .containsExactly(
                        "1 in: score right across, fold only rows 1, 3, 5 valley",
                        "2 in: whole height; rows 1, 3, 5 mountain, rows 2, 4 valley",
                        "3 in: score right across, fold only rows 2, 4 mountain",
                        "5¼ in: score right across, fold only rows 2, 4 mountain",
                        "6¼ in: whole height; rows 1, 3, 5 mountain, rows 2, 4 valley",
                        "7¼ in: score right across, fold only rows 1, 3, 5 valley");
        assertThat(plan.steps()).filteredOn(s -> s.title().startsWith("Score")).hasSize(1);
        assertThat(text(plan, "Score the base"))
                .contains("score right across at")
                .contains(
                        "at 1 in, 2 in and 3 in. Turn the piece round and score right across at 1 in, 2 in and 3 in again");
    }

    @Test
    void aPlainScoreIsOneWord() {
        assertThat(card(Planner.plan(Briefs.closed("z-fold", "5 1/2", "4 1/4"))))
                .containsExactly("2¾ in: mountain", "5½ in: valley");
        assertThat(card(Planner.plan(Briefs.closed("inverted-z", "5 1/2", "4 1/4")))
                        .get(0))
                .isEqualTo("¾ in: only row 2 mountain");
    }

    @Test
    void longListsOfNamesAreGrouped() {
        List<String> walls = IntStream.rangeClosed(1, 6)
                .boxed()
                .flatMap(i -> java.util.stream.Stream.of("left wall, row " + i, "right wall, row " + i))
                .toList();
        assertThat(Grouped.names(walls, walls)).containsExactly("all 12 walls");
        assertThat(text(Planner.plan(Briefs.closed("twin-pillar", "7", "6")), "Lay the mats that go on first"))
                .contains("On all 4 walls");
        assertThat(Grouped.names(List.of("front", "back"), List.of("front", "back", "middle")))
                .containsExactly("front", "back");
    }
}
