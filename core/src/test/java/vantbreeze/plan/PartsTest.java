package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.layer.Matting;
import vantbreeze.material.Print;
import vantbreeze.material.Sheet;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.part.Part;
import vantbreeze.sheet.Blank;
import vantbreeze.sheet.Kit;
import vantbreeze.sheet.KitPlan;
import vantbreeze.sheet.Supply;

class PartsTest {

    private static final Matting TWO =
            Briefs.matting(2, Briefs.in("1/8"), ToolGrid.SIXTEENTH_INCH, Matting.Meeting.RUN_ON, Map.of());

    static Stream<String> folds() {
        return FoldCatalogue.all().stream().map(f -> f.id()).filter(id -> !id.startsWith("free"));
    }

    private static Plan plan(String fold, Print print) {
        return Planner.withoutFixes(Briefs.printed(Briefs.matted(Briefs.closed(fold, "5", "5"), TWO), print));
    }

    /** One list: whatever counts, weighs or cuts takes it from there. */
    @ParameterizedTest
    @MethodSource("folds")
    void everyPartHasItsOwnNameAndIsWeighedAndCutOnce(String fold) {
        Plan plan = plan(fold, Print.UPRIGHT);
        List<Part> parts = plan.parts();
        assertThat(parts).extracting(Part::id).doesNotHaveDuplicates();
        assertThat(plan.cutList().stream().mapToInt(Plan.CutPiece::count).sum()).isEqualTo(parts.size());
        double held =
                plan.structure().held().stream().mapToDouble(h -> h.grams()).sum();
        assertThat(parts.stream().mapToDouble(Part::grams).sum() + held)
                .isCloseTo(plan.closed().grams(), within(1e-6));
        double mats = plan.dressing().mats().stream()
                .mapToDouble(m -> m.squareMillimetres())
                .sum();
        assertThat(parts.stream()
                        .filter(p -> p.kind() == Part.Kind.MAT)
                        .mapToDouble(Part::squareMillimetres)
                        .sum())
                .isCloseTo(mats, within(mats * 1e-4));
    }

    /** Turned so that its own up is the sheet's, and no other way. */
    @ParameterizedTest
    @MethodSource("folds")
    void aPatternsUpIsTheSheetsUp(String fold) {
        Plan plan = plan(fold, Print.UPRIGHT);
        for (Blank blank : blanks(plan, 1)) {
            blank.inside().stream().filter(i -> i.part().up().isPresent()).forEach(i -> {
                assertThat(blank.layings()).hasSize(1);
                double up = i.part().up().orElseThrow()
                        + i.degrees()
                        + blank.layings().get(0).degrees();
                assertThat(Math.cos(Math.toRadians(up)))
                        .as("%s of %s", i.part().id(), fold)
                        .isCloseTo(1, within(1e-9));
            });
        }
    }

    /** Every part is in one blank, inside its box and over no other. */
    @ParameterizedTest
    @MethodSource("folds")
    void partsLieInTheirBlanksAndNotOnEachOther(String fold) {
        Plan plan = plan(fold, Print.PLAIN);
        List<Blank> blanks = blanks(plan, 2);
        assertThat(blanks.stream().mapToInt(b -> b.inside().size()).sum())
                .isEqualTo(2
                        * (int) plan.parts().stream()
                                .filter(p -> p.offcutOf().isEmpty())
                                .count());
        for (Blank blank : blanks) {
            for (var laying : blank.layings()) {
                var box = new org.locationtech.jts.geom.Envelope(
                        0,
                        laying.size().width().count(),
                        0,
                        laying.size().height().count());
                box.expandBy(1);
                var outlines = blank.inside().stream()
                        .map(i -> blank.outline(i, laying))
                        .toList();
                outlines.forEach(o -> assertThat(box.contains(o.getEnvelopeInternal()))
                        .as("%s in %s, turned %.0f", blank.id(), box, laying.degrees())
                        .isTrue());
                if (outlines.size() == 2) {
                    assertThat(outlines.get(0).intersection(outlines.get(1)).getArea())
                            .isLessThan(Length.COUNTS_PER_MILLIMETRE);
                }
            }
        }
    }

    private static List<Blank> blanks(Plan plan, int count) {
        return new Kit(
                        List.of(new Kit.Card("c", "card", count, plan.parts())),
                        false,
                        vantbreeze.measure.Length.ZERO,
                        Map.of())
                .blanks().values().stream().flatMap(List::stream).toList();
    }

    /** Two triangles lie in little more than the box of one: plane geometry. */
    @Test
    void trianglesShareARectangle() {
        Plan plan = plan("fan-concertina", Print.PLAIN);
        List<Blank> shared =
                blanks(plan, 2).stream().filter(b -> b.inside().size() == 2).toList();
        assertThat(shared).isNotEmpty().allSatisfy(b -> {
            double boxes = b.inside().stream()
                    .mapToDouble(i -> i.part().size().squareMillimetres())
                    .sum();
            assertThat(b.layings().get(0).size().squareMillimetres()).isLessThan(0.96 * boxes);
        });
    }

    /** Two sets of figures on one A4, one turned round: their boxes lie 8.6 in high, the sheet is 8.27 (ISO 216). */
    @Test
    void twoSetsOfFiguresShareASheetWhereTheirBoxesDoNot() {
        Plan plan = Planner.withoutFixes(Briefs.closed("nested-figures", "3 1/4", "4 19/64"));
        assertThat(sheetsOfA4(plan, 2)).isEqualTo(1);
        assertThat(2 * plan.structure().pieces().get(0).size().height().millimetres())
                .isGreaterThan(210);
        Plan tall = Planner.withoutFixes(Briefs.closed("nested-figures", "3 1/4", "5 1/4"));
        assertThat(sheetsOfA4(tall, 2)).as("no is an honest answer").isEqualTo(2);
    }

    private static long sheetsOfA4(Plan plan, int count) {
        KitPlan kit = KitPlan.of(
                new Kit(
                        List.of(new Kit.Card("c", "card", count, plan.parts())),
                        false,
                        vantbreeze.measure.Length.ZERO,
                        Map.of()),
                paper -> List.of(Supply.bought("a4", "A4", Sheet.named("a4").size())),
                Length.inches(12),
                false,
                1_000_000_000L,
                () -> false,
                found -> {});
        return kit.papers().get(0).cutting().sheets().size();
    }

    /** One face from a paper of its own; the others, and what meets it, as before. */
    @Test
    void aFaceMayHaveItsOwnPaper() {
        Brief brief = Briefs.matted(Briefs.closed("gatefold", "5", "5"), TWO);
        Plan before = Planner.withoutFixes(brief);
        var left = before.faces().stream()
                .filter(f -> f.key().equals("left gate/back"))
                .findFirst()
                .orElseThrow();
        var red = new vantbreeze.material.Paper(new vantbreeze.material.Stock(120), "#cc2211", Print.SCATTERED);
        Plan plan = Planner.withoutFixes(brief.withMatting(brief.matting().withPapers(left, List.of(red))));
        assertThat(plan.parts())
                .filteredOn(p -> p.paper().equals(red))
                .isNotEmpty()
                .allSatisfy(p -> assertThat(p.goesOn()).containsExactly(left.label()));
        assertThat(plan.dressing().cuts().stream().filter(c -> c.isSplit()).count())
                .isLessThan(before.dressing().cuts().stream()
                        .filter(c -> c.isSplit())
                        .count());
        assertThat(plan.brief().matting().withPapers(left, List.of())).isEqualTo(brief.matting());
    }

    @Test
    void theGrainRunsAlongTheScores() {
        Part base = plan("z-fold", Print.PLAIN).parts().get(0);
        assertThat(base.grain()).contains(Part.Grain.UPRIGHT);
        Part top = plan("top-fold", Print.PLAIN).parts().get(0);
        assertThat(top.grain()).isEqualTo(Optional.of(Part.Grain.LEVEL));
    }
}
