package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static vantbreeze.plan.Briefs.closed;
import static vantbreeze.plan.Briefs.in;

import java.util.List;
import org.junit.jupiter.api.Test;
import vantbreeze.make.SquareReading;
import vantbreeze.measure.ToolGrid;

/** What a board's grooves and its length allow. */
class BoardTest {

    @Test
    void scoresBetweenTheGroovesCanBeMovedToThem() {
        Brief brief =
                Briefs.board(closed("z-fold", "5 1/2", "4 1/4").with("front", in("2 13/16")), ToolGrid.EIGHTH_INCH);
        Snag snag = Planner.plan(brief).snags().stream()
                .filter(s ->
                        s.code() == Snag.Code.SCORE_OFF_BOARD && s.place().id().equals("score 1"))
                .findFirst()
                .orElseThrow();
        assertThat(snag.text()).contains("2\u202f13\u204416 in").contains("1/8 in");
        assertThat(snag.fixes())
                .extracting(Snag.Fix::label)
                .containsExactlyInAnyOrder("Move score 1 to 2¾ in", "Move score 1 to 2\u202f7\u20448 in");
        assertThat(Planner.plan(snag.fixes().get(0).brief()).scoreCards().get(0).readings())
                .extracting(r -> ((SquareReading) r).fromStart())
                .allMatch(ToolGrid.EIGHTH_INCH::isOn);
    }

    private static List<Snag> beyond(String fold, String width) {
        return Planner.withoutFixes(closed(fold, width, "5")).snags().stream()
                .filter(s -> s.code() == Snag.Code.SCORE_BEYOND_BOARD)
                .toList();
    }

    /** A board of 12 in takes a piece of 18 in from its other end, and reaches the middle of one of 26 in from neither. */
    @Test
    void aScoreBeyondTheBoardIsSetFromTheOtherEnd() {
        assertThat(beyond("concertina", "4 1/2")).singleElement().satisfies(s -> {
            assertThat(s.severity()).isEqualTo(Severity.NOTE);
            assertThat(s.text()).contains("set at 13½ in").contains("set it at 4½ in");
        });
        assertThat(beyond("book", "13"))
                .singleElement()
                .satisfies(s -> assertThat(s.severity()).isEqualTo(Severity.WARNING));
        assertThat(beyond("z-fold", "5 1/2")).isEmpty();
    }
}
