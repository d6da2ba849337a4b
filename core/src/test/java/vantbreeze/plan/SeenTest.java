package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static vantbreeze.plan.Briefs.in;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.catalogue.PanelRows;
import vantbreeze.fold.Crossing;
import vantbreeze.fold.Motion;
import vantbreeze.fold.PoseSolver;
import vantbreeze.fold.Projection;
import vantbreeze.layer.Face.Seen;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/** What shows, what sticks out and what gets in the way: facts that follow from looking at the card. */
class SeenTest {

    private static Map<String, Set<Seen>> seen(Plan plan) {
        return plan.faces().stream().collect(Collectors.toMap(f -> f.label(), f -> f.seen()));
    }

    /** A stage lets the back be seen between its wings; its links are seen from the side, their backs by nobody. */
    @Test
    void aStageShowsItsBackBetweenTheWings() {
        var seen = seen(Planner.plan(Briefs.closed("stage", "5 1/2", "4 1/4")));
        assertThat(seen.get("back")).contains(Seen.DISPLAYED);
        assertThat(seen.get("bar")).contains(Seen.CLOSED, Seen.DISPLAYED);
        assertThat(seen.get("left link")).containsOnly(Seen.ASIDE);
        assertThat(seen.get("back (back side)")).containsOnly(Seen.BEHIND);
        assertThat(seen).doesNotContainKey("bar (back side)");
    }

    /** A book that stands open shows its inside; what was the front is seen when it is closed. */
    @Test
    void aBookShowsItsInsideWhenItStandsOpen() {
        var seen = seen(Planner.plan(Briefs.closed("book", "4 1/4", "5 1/2")));
        assertThat(seen.get("back")).contains(Seen.OPENED, Seen.DISPLAYED);
        assertThat(seen.get("front (back side)")).contains(Seen.CLOSED);
    }

    /** What is glued down all over is seen by nobody. */
    @Test
    void aGluedPanelHidesWhatItCovers() {
        var seen = seen(Planner.plan(Briefs.closed("double-z", "5 1/2", "4 1/4")));
        assertThat(seen).doesNotContainKeys("long end (back side)", "short end (back side)");
        var joined = seen(Planner.plan(Briefs.closed("fold-back-gate", "6", "6")));
        assertThat(joined).doesNotContainKeys("left overlap", "right overlap");
    }

    /** A bridge's back is dressed before the bar is glued; struts of a floating book are out of reach later. */
    @Test
    void whatIsOutOfReachLaterGoesOnFirst() {
        Plan bridge = Planner.plan(Briefs.closed("bridge", "5 1/2", "4 1/4"));
        assertThat(bridge.faces()).filteredOn(f -> f.label().equals("back")).allMatch(f -> f.beforeAssembly());
        assertThat(bridge.faces()).filteredOn(f -> f.label().equals("bar")).noneMatch(f -> f.beforeAssembly());
        List<String> steps = bridge.steps().stream().map(s -> s.title()).toList();
        assertThat(steps.indexOf("Lay the mats that go on first"))
                .isPositive()
                .isLessThan(steps.indexOf("Glue the bar"));
        assertThat(steps.indexOf("Lay the mats")).isGreaterThan(steps.indexOf("Glue the bar"));
        Plan gate = Planner.plan(Briefs.closed("gatefold", "4 1/4", "5 1/2"));
        assertThat(gate.faces()).noneMatch(f -> f.beforeAssembly());
    }

    @Test
    void whatSticksOutIsNamedWithItsSideAndBy() {
        Plan plan = Planner.plan(Briefs.closed("stage", "5 1/2", "4 1/4")
                .with("wing", in("1 1/4"))
                .with("depth", in("2 1/4")));
        assertThat(plan.snags())
                .filteredOn(s -> s.code() == Snag.Code.STICKS_OUT)
                .singleElement()
                .satisfies(s -> {
                    assertThat(s.text())
                            .contains("sticks out by 1 in")
                            .contains("the card is 6½ × 4¼ in, not 5½ × 4¼ in");
                    assertThat(s.fixes()).isNotEmpty();
                });
    }

    @Test
    void aProjectionIsMeasuredOnTheSideWhereTheLeastPaperIsOutside() {
        Structure structure = Planner.plan(Briefs.closed("free-strip", null, "4")
                        .with("panels", PanelRows.parse("1 M 3 V 5 in", UnitSystem.INCH)))
                .structure();
        var closed = vantbreeze.fold.FlatFolder.closed(structure);
        assertThat(Projection.of(closed, closed.size())).isEmpty();
        assertThat(Projection.of(closed, new vantbreeze.measure.Size(in("4 1/2"), in("4"))))
                .singleElement()
                .satisfies(p -> {
                    assertThat(p.by()).isEqualTo(in("1/2"));
                    assertThat(p.edge()).isEqualTo(Projection.Edge.RIGHT);
                });
    }

    /** Two flaps as wide as the card meet half way if they close together: plane geometry. One after the other they pass. */
    @ParameterizedTest
    @ValueSource(strings = {"tri-fold", "double-gate"})
    void flapsThatLieOnEachOtherCloseInTurn(String fold) {
        Brief brief = Briefs.closed(fold, "4", "5");
        Structure structure = Planner.plan(brief).structure();
        Motion atOnce = PoseSolver.between(structure, structure.stage(Stage.FLAT), structure.stage(Stage.CLOSED), 30);
        assertThat(Crossing.firstOf(structure, atOnce)).isPresent();
        Folding folding = Folding.of(brief);
        assertThat(folding.crossing()).isEmpty();
        assertThat(folding.motions()).allSatisfy(m -> assertThat(m.frames()).hasSizeGreaterThan(Folding.FRAMES + 1));
    }

    /** Overlapping gates: the one that is to lie below goes first. */
    @Test
    void theLowerGateClosesFirst() {
        Folding folding = Folding.of(Briefs.closed("gatefold", "4", "5").with("gap", in("-2")));
        assertThat(folding.crossing()).isEmpty();
        Motion closing = folding.motions().get(0);
        List<String> names =
                folding.structure().panels().stream().map(p -> p.name()).toList();
        var half = closing.frames().get(closing.frames().size() / 2);
        boolean leftFirst = half.get(names.indexOf("left gate")).faceNormal().getZ() < -0.99;
        int left = folding.layers().get(names.indexOf("left gate"));
        int right = folding.layers().get(names.indexOf("right gate"));
        assertThat(leftFirst).isEqualTo(left < right);
    }

    @Test
    void nothingCrossesInTheCatalogue() {
        for (var fold : vantbreeze.catalogue.FoldCatalogue.all()) {
            Folding folding = Folding.of(Briefs.closed(fold.id(), fold.id().equals("free-strip") ? null : "5", "7"));
            /* The wings on the back of a fan's bar give when it opens, and the screen says so. */
            assertThat(folding.crossing().stream())
                    .as(fold.id())
                    .allSatisfy(c -> assertThat(c.from()).isEqualTo("fan lifted"));
        }
    }
}
