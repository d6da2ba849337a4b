package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static vantbreeze.plan.Briefs.in;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.catalogue.Handle;
import vantbreeze.catalogue.Parameter;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.structure.ScoreLine;

/** A maker who drags a score cuts by where it is let go: it must come to lie just there. */
class HandleTest {

    static Stream<FoldDesign> folds() {
        return FoldCatalogue.all().stream()
                .filter(f -> f.parameters().stream().noneMatch(p -> p.kind() == Parameter.Kind.PANELS));
    }

    private static Length at(Plan plan, String score) {
        return plan.structure().scores().stream()
                .filter(s -> s.id().equals(score))
                .map(ScoreLine::from)
                .map(p -> p.x())
                .findFirst()
                .orElseThrow();
    }

    /** The whole plan anew with the parameter behind the score changed is the independent second method. */
    @ParameterizedTest
    @MethodSource("folds")
    void aDraggedScoreComesToLieWhereItIsLetGo(FoldDesign fold) {
        Brief brief = Briefs.closed(fold.id(), "5", "7");
        Plan plan = Planner.withoutFixes(brief);
        for (Handle handle : plan.handles()) {
            Length from = at(plan, handle.score());
            assertThat(List.of(handle.least(), from, handle.most())).isSorted();
            for (Length goal : List.of(handle.least(), handle.most())) {
                /* Nearly to the end, by a whole number of quarters so that no half is rounded. */
                long counts = (long) (0.95 * goal.minus(from).count() / handle.rate());
                Length change = Length.ofCounts(counts - counts % 4);
                Length to = from.plus(Length.nearestTo(change.count() * handle.rate()));
                Brief changed = Move.of(plan, handle.score()).orElseThrow().to(to);
                Length expected = from.plus(Length.nearestTo(change.count() * handle.rate()));
                assertThat(at(Planner.withoutFixes(changed), handle.score()).isWithin(Length.ofCounts(1), expected))
                        .as("%s: %s by %s, at rate %s", fold.id(), handle.score(), change, handle.rate())
                        .isTrue();
            }
        }
    }

    /** No fold of two panels or more is without anything to take hold of, but for those whose scores follow from the size. */
    @Test
    void whatCanBeDraggedIsKnown() {
        assertThat(Planner.plan(Briefs.closed("z-fold", "5 1/2", "4")).handles())
                .isNotEmpty();
        assertThat(Planner.plan(Briefs.closed("book", "5", "7")).handles()).isEmpty();
        assertThat(Planner.plan(Briefs.closed("free-strip", null, "4")).handles())
                .allSatisfy(h -> {
                    assertThat(h.rate()).isEqualTo(1);
                    assertThat(h.panel()).isNotNegative();
                    assertThat(h.most().minus(h.least())).isGreaterThan(in("1/4"));
                });
    }

    /** A drag and a fix are the same move: whatever off-board score can be dragged onto a groove is offered to be. */
    @ParameterizedTest
    @MethodSource("folds")
    void whatADragCanMendAFixOffers(FoldDesign fold) {
        Brief brief = Briefs.board(Briefs.closed(fold.id(), "5 1/16", "7 1/16"), ToolGrid.EIGHTH_INCH);
        Plan plan = Planner.plan(brief);
        for (Snag snag : plan.snags()) {
            if (snag.code() != Snag.Code.SCORE_OFF_BOARD) {
                continue;
            }
            Length at = at(plan, snag.place().id());
            boolean mended = Move.of(plan, snag.place().id())
                    .filter(m -> java.util.stream.Stream.of(
                                    ToolGrid.EIGHTH_INCH.floor(at), ToolGrid.EIGHTH_INCH.ceiling(at))
                            .filter(m::reaches)
                            .anyMatch(to -> mends(plan, m.to(to), snag)))
                    .isPresent();
            assertThat(snag.fixes().stream().anyMatch(f -> f.label().startsWith("Move ")))
                    .as("%s: %s", fold.id(), snag.text())
                    .isEqualTo(mended);
        }
    }

    private static boolean mends(Plan before, Brief after, Snag snag) {
        try {
            return Planner.withoutFixes(after).snags().stream()
                    .filter(s -> s.severity().compareTo(snag.severity()) <= 0)
                    .allMatch(s -> !s.isSameAs(snag) && before.snags().stream().anyMatch(s::isSameAs));
        } catch (BriefException none) {
            return false;
        }
    }
}
