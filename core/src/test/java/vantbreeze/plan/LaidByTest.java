package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.layer.Anchor;
import vantbreeze.layer.GluedOn;
import vantbreeze.layer.Ornament;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.layer.Shape;
import vantbreeze.material.Material;
import vantbreeze.material.Paper;
import vantbreeze.material.Print;
import vantbreeze.material.Stock;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;

/** Toppers that are laid by a relation. What makers do with them is common practice, no published source. */
class LaidByTest {

    private static final Paper PAPER = new Paper(new Stock(160), "#ddbb66", Print.PLAIN);
    private static final Offset<Double> ROUNDED = Offset.offset(1.0);

    private static Ornament topper(String name, String shape, Anchor x, Anchor y) {
        return new Ornament(
                name,
                "back/face",
                Shape.parse(shape, UnitSystem.INCH),
                x,
                y,
                Optional.of(Length.ZERO),
                PAPER,
                new GluedOn(Ornament.Glue.OWN_PANEL),
                false);
    }

    private static Plan plan(String width, String height, Ornament... ornaments) {
        return Planner.withoutFixes(Briefs.closed("z-fold", width, height).withOrnaments(List.of(ornaments)));
    }

    private static PlacedOrnament placed(Plan plan, String name) {
        return plan.ornaments().placed().stream()
                .filter(o -> o.ornament().name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static Envelope onPanel(PlacedOrnament o) {
        Envelope panel = o.face().panel().outline().getEnvelopeInternal();
        Envelope box = new Envelope(o.onPiece().getEnvelopeInternal());
        box.translate(-panel.getMinX(), -panel.getMinY());
        return box;
    }

    private static Anchor from(Anchor.From from, String by) {
        return new Anchor(from, Length.parse(by, UnitSystem.INCH), Optional.empty());
    }

    /** Whatever the card's size: the margins are those that were said. */
    @Property(tries = 25)
    void relationsHoldAtEverySize(
            @ForAll @IntRange(min = 48, max = 88) int width, @ForAll @IntRange(min = 64, max = 112) int height) {
        String wide = Length.inches(width, 16).exactText(UnitSystem.INCH);
        String tall = Length.inches(height, 16).exactText(UnitSystem.INCH);
        Plan plan = plan(
                wide,
                tall,
                topper("square", "1 x 1 in", Anchor.middle(), Anchor.middle()),
                topper("corner", "1/2 x 1/2 in", from(Anchor.From.FAR, "1/4 in"), from(Anchor.From.FAR, "1/8 in")),
                topper("over", "1 x 1/2 in", from(Anchor.From.FAR, "-3/8 in"), Anchor.middle()),
                topper("line", "1 x 1/2 in", from(Anchor.From.ON_FAR, "0 in"), from(Anchor.From.NEAR, "1/4 in")));
        Envelope panel = placed(plan, "square").face().panel().outline().getEnvelopeInternal();
        double inch = Length.inches(1).count();
        Envelope square = onPanel(placed(plan, "square"));
        assertThat(square.centre().x).isCloseTo(panel.getWidth() / 2, ROUNDED);
        assertThat(square.centre().y).isCloseTo(panel.getHeight() / 2, ROUNDED);
        Envelope corner = onPanel(placed(plan, "corner"));
        assertThat(panel.getWidth() - corner.getMaxX()).isCloseTo(inch / 4, ROUNDED);
        assertThat(panel.getHeight() - corner.getMaxY()).isCloseTo(inch / 8, ROUNDED);
        assertThat(onPanel(placed(plan, "over")).getMaxX() - panel.getWidth()).isCloseTo(inch * 3 / 8, ROUNDED);
        assertThat(onPanel(placed(plan, "line")).centre().x).isCloseTo(panel.getWidth(), ROUNDED);
    }

    /** Two halves with a border of 1/8 in: a 5 1/2 in panel gives two of 2 5/8 in that touch. */
    @Test
    void halvesMeetFlush() {
        Plan plan = plan(
                "4 1/4",
                "5 1/2",
                topper("sky", "upper half, border 1/8 in", Anchor.middle(), Anchor.middle()),
                topper("sea", "lower half, border 1/8 in", Anchor.middle(), Anchor.middle()),
                topper("band", "band 3/4 in wide, 1 in from lower, border 0 in", Anchor.middle(), Anchor.middle()));
        Envelope sky = onPanel(placed(plan, "sky"));
        Envelope sea = onPanel(placed(plan, "sea"));
        double inch = Length.inches(1).count();
        assertThat(sky.getMinY()).isEqualTo(sea.getMaxY());
        assertThat(sky.getHeight()).isEqualTo(inch * 21 / 8);
        assertThat(sea.getMinY()).isEqualTo(inch / 8);
        assertThat(sea.getWidth()).isEqualTo(inch * 4);
        Envelope band = onPanel(placed(plan, "band"));
        assertThat(band.getMinY()).isEqualTo(inch);
        assertThat(band.getHeight()).isEqualTo(inch * 3 / 4);
        assertThat(band.getWidth()).isEqualTo(inch * 17 / 4);
    }

    /** Of the front of the closed card, lifted as it has to be. */
    private static Ornament onFront(String name, String shape, Length x) {
        return topper(name, shape, Anchor.at(x), Anchor.middle())
                .on("front/face")
                .lifted(Optional.empty());
    }

    /** Two papers that overlap by 3/8 in are glued flat (common practice, no source): by hand the second lies on the first there. */
    @Test
    void papersThatOverlapAreGluedFlat() {
        Ornament sky = onFront("sky", "1 x 2 in", Length.inches(1, 8));
        Plan one = plan("4 1/4", "5 1/2", sky);
        Plan both = plan("4 1/4", "5 1/2", sky, onFront("sea", "1 x 2 in", Length.inches(3, 4)));
        assertThat(placed(both, "sea").outside()).isTrue();
        assertThat(placed(both, "sea").lift()).isEqualTo(Length.ZERO);
        assertThat(both.closed().thickness().minus(one.closed().thickness())).isEqualTo(PAPER.thickness());
        assertThat(both.snags()).noneMatch(snag -> snag.place().id().equals("sea"));
    }

    /** Over foam of 2 mm it does not bend: it is lifted as well. */
    @Test
    void aHighStepIsBridgedByFoam() {
        Ornament sky = onFront("sky", "1 x 2 in", Length.inches(1, 8)).lifted(Optional.of(Length.millimetres(2)));
        Plan both = plan("4 1/4", "5 1/2", sky, onFront("sea", "1 x 2 in", Length.inches(3, 4)));
        assertThat(placed(both, "sea").lift()).isGreaterThanOrEqualTo(Length.millimetres(2));
    }

    /** Cut off aslant so far along either edge, inside the border; opposite corners are each other turned by half. */
    @Test
    void aCornerIsCutOffAslant() {
        Plan plan = plan(
                "4 1/4",
                "5 1/2",
                topper("tip", "corner 2 in, upper right, border 1/8 in", Anchor.middle(), Anchor.middle()),
                topper("foot", "corner 2 in, lower left, border 0 in", Anchor.middle(), Anchor.middle()));
        double inch = Length.inches(1).count();
        Envelope panel =
                plan.ornaments().placed().get(0).face().panel().outline().getEnvelopeInternal();
        Envelope tip = onPanel(placed(plan, "tip"));
        assertThat(panel.getWidth() - tip.getMaxX()).isEqualTo(inch / 8);
        assertThat(panel.getHeight() - tip.getMaxY()).isEqualTo(inch / 8);
        assertThat(tip.getWidth()).isEqualTo(2 * inch);
        assertThat(placed(plan, "tip").onPiece().getArea()).isEqualTo(2 * inch * inch);
        Envelope foot = onPanel(placed(plan, "foot"));
        assertThat(foot.getMinX()).isZero();
        assertThat(foot.getMaxY()).isEqualTo(2 * inch);
    }

    /** Five layers: four come onto the first before that comes onto the card. */
    @Test
    void aFocalStackIsBuiltOffTheCard() {
        Plan plan = plan(
                "4 1/4",
                "5 1/2",
                topper("plate", "3 x 3 in", from(Anchor.From.FAR, "-3/8 in"), Anchor.middle()),
                topper(
                        "mat",
                        "2 3/4 x 2 3/4 in",
                        Anchor.middle().of("plate"),
                        Anchor.middle().of("plate")),
                topper(
                        "disc",
                        "circle 2 1/4 in",
                        Anchor.middle().of("mat"),
                        Anchor.middle().of("mat")),
                topper(
                        "heart",
                        "heart 1 x 1 in",
                        Anchor.middle().of("disc"),
                        Anchor.middle().of("disc")),
                topper(
                        "words",
                        "1 x 1/4 in",
                        Anchor.middle().of("plate"),
                        from(Anchor.From.NEAR, "1/4 in").of("plate")));
        List<String> titles = plan.steps().stream().map(s -> s.title()).toList();
        assertThat(titles).containsOnlyOnce("Cut the toppers", "Build the plate", "Add the plate");
        assertThat(titles.indexOf("Build the plate"))
                .isBetween(titles.indexOf("Cut the toppers"), titles.indexOf("Add the plate"));
        assertThat(titles).doesNotContain("Add the disc", "Add the heart");
        assertThat(plan.steps().stream()
                        .filter(s -> s.title().equals("Build the plate"))
                        .findFirst()
                        .orElseThrow()
                        .text())
                .contains("the mat on the plate", "the heart on the disc");
        /* A layer of paper each, on the panel's. */
        Envelope disc = onPanel(placed(plan, "disc"));
        Envelope plate = onPanel(placed(plan, "plate"));
        assertThat(disc.centre().distance(plate.centre())).isLessThan(2);
        assertThat(placed(plan, "heart").top().minus(placed(plan, "plate").top()))
                .isEqualTo(PAPER.thickness().times(3));
    }

    /** A stack of any depth and any papers: thickness, picture and steps have the same layers in the same order. */
    @Property(tries = 20)
    void thicknessPictureAndStepsAgree(
            @ForAll @Size(min = 2, max = 6) List<@IntRange(max = 6) Integer> materials,
            @ForAll @IntRange(min = 40, max = 300) int grams) {
        List<Ornament> stack = new ArrayList<>();
        for (int i = 0; i < materials.size(); i++) {
            Material material = Material.values()[materials.get(i)];
            Paper paper =
                    new Paper("paper " + i, material, Stock.parse(grams + " gsm", material), "#aabbcc", Print.PLAIN);
            String side = Length.inches(16 - 2 * i, 8).exactText(UnitSystem.INCH);
            Anchor middle = i == 0 ? Anchor.middle() : Anchor.middle().of("layer " + (i - 1));
            stack.add(new Ornament(
                    "layer " + i,
                    "back/face",
                    Shape.parse(side + " x " + side, UnitSystem.INCH),
                    middle,
                    middle,
                    Optional.of(Length.ZERO),
                    paper,
                    new GluedOn(Ornament.Glue.OWN_PANEL),
                    false));
        }
        Brief bare = Briefs.closed("z-fold", "4 1/4", "5 1/2");
        Brief brief = bare.withOrnaments(stack);
        Plan plan = Planner.withoutFixes(brief);
        long papers =
                stack.stream().mapToLong(o -> o.paper().thickness().count()).sum();
        assertThat(plan.closed().thickness().count()
                        - Planner.withoutFixes(bare).closed().thickness().count())
                .isBetween(0L, papers);
        PlacedOrnament top = placed(plan, "layer " + (materials.size() - 1));
        PlacedOrnament root = placed(plan, "layer 0");
        if (root.outside()) {
            assertThat(top.top().minus(root.top()).count())
                    .isEqualTo(papers - stack.get(0).paper().thickness().count());
        }
        for (Look look : Look.all(brief)) {
            List<String> seen = look.regions().stream()
                    .filter(r -> r.layer() == Look.ORNAMENT)
                    .map(r -> r.paper().name())
                    .distinct()
                    .toList();
            assertThat(seen).isSorted();
        }
        String built = plan.steps().stream()
                .filter(s -> s.title().equals("Build layer 0"))
                .findFirst()
                .orElseThrow()
                .text();
        for (int i = 1; i < materials.size(); i++) {
            assertThat(built).contains("layer %d on layer %d".formatted(i, i - 1));
        }
    }

    @Test
    void whatHangsOverMayBeTrimmedFlush() {
        Ornament over = topper("leaf", "2 x 1 in", from(Anchor.From.FAR, "-1 in"), Anchor.middle());
        Plan plan = plan("4 1/4", "5 1/2", over.trimmedFlush());
        PlacedOrnament leaf = placed(plan, "leaf");
        double inch = Length.inches(1).count();
        assertThat(leaf.onPiece().getEnvelopeInternal().getWidth()).isEqualTo(inch);
        assertThat(onPanel(leaf).getMaxX())
                .isEqualTo(leaf.face().panel().outline().getEnvelopeInternal().getWidth());
        /* It is cut whole. */
        assertThat(plan.parts().stream()
                        .filter(p -> p.name().equals("leaf"))
                        .findFirst()
                        .orElseThrow()
                        .size()
                        .width())
                .isEqualTo(Length.inches(2));
        assertThat(plan.steps()).anyMatch(s -> s.text().contains("trim what hangs over flush"));
    }

    @Test
    void whatIsLaidByNothingIsSaid() {
        Plan plan = plan(
                "4 1/4", "5 1/2", topper("words", "1 x 1/2 in", Anchor.middle().of("plate"), Anchor.middle()));
        assertThat(plan.ornaments().placed()).isEmpty();
        assertThat(plan.snags()).anyMatch(s -> s.text().contains("The words finds no place on the back"));
    }
}
