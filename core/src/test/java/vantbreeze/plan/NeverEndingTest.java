package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.plan.Briefs.in;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.Motion;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Regions;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

class NeverEndingTest {

    private static final double INCH = Length.COUNTS_PER_INCH;

    private final Plan plan = Planner.plan(Briefs.closed("never-ending-card", "8", "8"));
    private final Structure card = plan.structure();

    /** What is seen of a stage from before: each panel's side with its area in square inches. */
    private Map<String, Double> seen(Stage stage) {
        LayerStack stack =
                LayerStack.of(card, stage, FlatFolder.fold(card, stage)).orElseThrow();
        Map<String, Double> seen = new LinkedHashMap<>();
        stack.spots()
                .forEach(s -> seen.merge(
                        s.top().panel().name() + "/" + s.top().upSide().word(),
                        s.outline().getArea() / (INCH * INCH),
                        Double::sum));
        return seen;
    }

    private static long places(Map<String, Double> seen, double squareInches) {
        return seen.values().stream()
                .filter(a -> Math.abs(a - squareInches) < 1e-6)
                .count();
    }

    /** Common practice, no published source: four strips 8 x 4, scored 2 and 6; squares of 3 3/4 and 1 3/4, strips between. */
    @Test
    void theUsualCardHasTheUsualMats() {
        assertThat(card.pieces())
                .extracting(p -> p.size().longSide(), p -> p.size().shortSide())
                .containsOnly(org.assertj.core.groups.Tuple.tuple(in("8"), in("4")));
        assertThat(card.pieces())
                .hasSize(4)
                .allSatisfy(p -> assertThat(p.scores())
                        .extracting(s -> s.isUpright() ? s.from().x() : s.from().y())
                        .containsExactly(in("2"), in("6")));
        Map<String, Integer> mats = plan.cutList().stream()
                .filter(Plan.CutPiece::isMat)
                .collect(Collectors.toMap(
                        c -> c.size().shortSide().inches() + " x "
                                + c.size().longSide().inches(),
                        Plan.CutPiece::count,
                        Integer::sum));
        assertThat(mats)
                .containsOnly(Map.entry("3.75 x 3.75", 8), Map.entry("1.75 x 3.75", 4), Map.entry("1.75 x 1.75", 16));
    }

    /** The four faces, counted by what is seen of them (common practice, no published source). */
    @Test
    void everyTurnBringsItsFaceToTheFront() {
        List<Stage> shown = card.shown();
        assertThat(shown).extracting(Stage::name).containsExactly("face 2", "face 3", "face 4", "face 1 again");
        Map<String, Double> first = seen(card.closed());
        assertThat(first.keySet()).allMatch(k -> k.matches("strip [AB], .*/face"));
        assertThat(places(first, 16)).isEqualTo(2);
        assertThat(places(first, 8)).isEqualTo(4);
        Map<String, Double> second = seen(shown.get(0));
        assertThat(second).containsEntry("strip C, middle/face", 16.0).containsEntry("strip D, middle/face", 16.0);
        assertThat(places(second, 4)).as("corners beside").isEqualTo(4);
        assertThat(second.get("strip A, middle/back")).as("half an inner mat").isCloseTo(8, within(1e-6));
        Map<String, Double> third = seen(shown.get(1));
        assertThat(third.get("strip A, middle/back")).as("whole now").isCloseTo(16, within(1e-6));
        assertThat(places(third, 4)).as("two on each upright arm").isEqualTo(4);
        Map<String, Double> fourth = seen(shown.get(2));
        assertThat(fourth.keySet()).allMatch(k -> k.matches("strip [CD], .*/back"));
        assertThat(places(fourth, 16)).isEqualTo(2);
        assertThat(places(fourth, 8)).isEqualTo(4);
        assertThat(seen(shown.get(3))).isEqualTo(first);
    }

    /** A plus of twelve squares S/4; all the others are the whole square. */
    @Test
    void theThirdFaceIsAPlus() {
        for (Stage stage : card.shown()) {
            Geometry outline = Regions.union(FlatFolder.fold(card, stage).panels().stream()
                    .map(p -> p.outline())
                    .toList());
            assertThat(outline.getArea() / (2 * INCH * 2 * INCH))
                    .as(stage.name())
                    .isCloseTo(stage.name().equals("face 3") ? 12 : 16, within(1e-6));
        }
    }

    /** On the last face upper and lower strips have changed places: each is seen from behind and upside down. */
    @Test
    void theHalvesSwap() {
        Stage last = card.shown().get(2);
        Coordinate lower = FlatFolder.fold(card, last)
                .placed(card.panel("strip C, middle"))
                .outline()
                .getCentroid()
                .getCoordinate();
        Coordinate upper = FlatFolder.fold(card, last)
                .placed(card.panel("strip D, middle"))
                .outline()
                .getCentroid()
                .getCoordinate();
        assertThat(lower.y).isNotCloseTo(upper.y, within(INCH));
        assertThat(plan.faces())
                .filteredOn(f -> f.key().equals("strip C, middle/back"))
                .singleElement()
                .satisfies(f -> assertThat(Math.abs(f.up())).isEqualTo(180));
    }

    /** Strips turn rigidly about their lines, each turn begins where the one before ended, and after four all is as it was. */
    @Test
    void fourTurnsComeBackToTheFirstFace() {
        Folding folding = Folding.of(plan.brief());
        assertThat(folding.motions())
                .hasSize(4)
                .allSatisfy(m -> assertThat(m.blocked()).isEmpty());
        assertThat(folding.crossing()).isEmpty();
        Motion last = folding.motions().get(3);
        for (int turn = 0; turn < 4; turn++) {
            Motion here = folding.motions().get(turn);
            Motion next = folding.motions().get((turn + 1) % 4);
            for (int i = 0; i < card.panels().size(); i++) {
                Coordinate corner = card.panels().get(i).outline().getCoordinates()[2];
                Coordinate ends =
                        here.frames().get(here.frames().size() - 1).get(i).apply(corner);
                Coordinate begins = next.frames().get(0).get(i).apply(corner);
                assertThat(ends.distance3D(begins)).isLessThan(1);
            }
        }
        assertThat(last.to()).isEqualTo("face 1 again");
    }

    @Test
    void onlyTheFourCornersAreGlued() {
        assertThat(card.bonds()).hasSize(4);
        assertThat(vantbreeze.make.GlueArea.of(card))
                .hasSize(4)
                .allSatisfy(
                        g -> assertThat(g.outline().getArea() / (INCH * INCH)).isCloseTo(4, within(1e-6)));
        assertThat(plan.closed().size()).isEqualTo(new Size(in("8"), in("8")));
    }
}
