package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.catalogue.Means;
import vantbreeze.catalogue.Parameter;
import vantbreeze.catalogue.Range;
import vantbreeze.catalogue.Values;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatPoses;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.Motion;
import vantbreeze.fold.PoseSolver;
import vantbreeze.fold.Scene;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Silhouette;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/** What holds for every fold whatever a maker chooses within its ranges. */
class AnyParametersTest {

    private static final Means MEANS = new Means(ToolGrid.MILLIMETRE, Optional.empty());

    @Provide
    Arbitrary<FoldDesign> folds() {
        return Arbitraries.of(FoldCatalogue.all().stream()
                .filter(f -> f.parameters().stream().noneMatch(p -> p.kind() == Parameter.Kind.PANELS))
                .toList());
    }

    /** Every parameter somewhere within its range, drawn one after the other because ranges depend on those before. */
    private static Map<String, Object> choose(FoldDesign fold, int widthMm, int heightMm, long seed) {
        java.util.Random random = new java.util.Random(seed);
        Map<String, Object> chosen = new HashMap<>();
        chosen.put(Parameter.WIDTH, Length.millimetres(widthMm));
        chosen.put(Parameter.HEIGHT, Length.millimetres(heightMm));
        for (Parameter p : fold.parameters()) {
            Values before = new Values(chosen, MEANS);
            if (!p.applies().test(before)) {
                continue;
            }
            if (p.key().equals(Parameter.HEIGHT)) {
                Range range = p.range().apply(before);
                chosen.merge(
                        p.key(), range.most(), (a, b) -> Length.max(range.least(), Length.min((Length) a, (Length) b)));
            } else if (p.kind() == Parameter.Kind.CHOICE) {
                List<String> choices = p.choices().apply(before);
                chosen.put(p.key(), choices.get(random.nextInt(choices.size())));
            } else if (p.kind() == Parameter.Kind.OUTLINE) {
                List<String> library = p.choices().apply(before);
                chosen.put(
                        p.key(),
                        random.nextInt(3) == 0
                                ? Silhouettes.drawn(random)
                                : Silhouette.parse(library.get(random.nextInt(library.size()))));
            } else if (Set.of(Parameter.Kind.LENGTHS, Parameter.Kind.PATTERN, Parameter.Kind.GLUE)
                    .contains(p.kind())) {
                chosen.put(p.key(), p.fallback().apply(before));
            } else if (p.kind() == Parameter.Kind.COUNT) {
                chosen.put(
                        p.key(),
                        p.counts().least()
                                + random.nextInt(p.counts().most() - p.counts().least() + 1));
            } else if (!chosen.containsKey(p.key())) {
                Range range = p.range().apply(before);
                long span = range.most().count() - range.least().count();
                long drawn = range.least().count() + (span <= 0 ? 0 : (long) (random.nextDouble() * span));
                chosen.put(p.key(), Length.ofCounts(drawn));
            }
        }
        return chosen;
    }

    @Property(tries = 400)
    void everyFoldCanBeBuiltFoldsFlatAndKeepsItsPaper(
            @ForAll("folds") FoldDesign fold,
            @ForAll @IntRange(min = 60, max = 250) int widthMm,
            @ForAll @IntRange(min = 60, max = 250) int heightMm,
            @ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Map<String, Object> chosen = choose(fold, widthMm, heightMm, seed);
        Structure structure = fold.build(Values.resolve(fold, chosen, MEANS));
        FlatStage closed = FlatFolder.closed(structure);
        assertThat(closed.faults()).as("%s with %s", fold.id(), chosen).isEmpty();
        assertThat(LayerStack.of(structure, structure.stage(Stage.CLOSED), closed))
                .as("layer order of %s with %s", fold.id(), chosen)
                .isPresent();
        double panels = structure.panels().stream()
                .mapToDouble(Panel::squareMillimetres)
                .sum();
        double pieces = structure.pieces().stream()
                .mapToDouble(Piece::squareMillimetres)
                .sum();
        /* The ends of a score on a curve are whole counts: that much lies beside it. */
        assertThat(panels).isCloseTo(pieces, within(5e-6 * pieces));
    }

    /** What the ranges promise: nothing sticks out but a stage deeper than its wings, or columns that lean out by choice. */
    @Property(tries = 300)
    void noFoldSticksOutUnlessItsHelpSaysSo(
            @ForAll("folds") FoldDesign fold,
            @ForAll @IntRange(min = 60, max = 250) int widthMm,
            @ForAll @IntRange(min = 60, max = 250) int heightMm,
            @ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Map<String, Object> chosen = choose(fold, widthMm, heightMm, seed);
        Structure structure = fold.build(Values.resolve(fold, chosen, MEANS));
        vantbreeze.measure.Size size = FlatFolder.closed(structure).size();
        if (chosen.containsKey("pattern")) {
            /* It keeps its proportions within what is asked for. */
            assertThat(size.width().isMoreThan(Length.millimetres(widthMm))).isFalse();
            assertThat(size.height().isMoreThan(Length.millimetres(heightMm))).isFalse();
            return;
        }
        boolean deep = chosen.containsKey("depth")
                && chosen.containsKey("wing")
                && ((Length) chosen.get("depth")).isMoreThan((Length) chosen.get("wing"));
        Length expected = deep
                ? Length.millimetres(widthMm).plus(((Length) chosen.get("depth")).minus((Length) chosen.get("wing")))
                : "columns lean out".equals(chosen.get("closing"))
                        ? Length.millimetres(widthMm).plus(((Length) chosen.get("tube")).times(2))
                        : Length.millimetres(widthMm);
        if (fold.id().equals("woven-gate") && chosen.containsKey("panel")) {
            /* The strips' folds stick out beside its covers: turned back at the anchor, an outer run reaches from there. */
            expected = Length.max((Length) chosen.get("panel"), ((Length) chosen.get("anchor")).plus((Length)
                            chosen.get("outerRun")));
        }
        if (fold.id().equals("fan-concertina")) {
            /* A wide triangle's wings reach beyond the bar, to twice its half angle, less what lies under the slant. */
            double high = ((Length) chosen.get(Parameter.HEIGHT))
                    .minus((Length) chosen.get("foot"))
                    .count();
            double half = Math.atan(((Length) chosen.get("triangle")).count() / 2.0 / high);
            double reach = chosen.get("wings").equals("leg along the slant") ? high / Math.cos(half) : high;
            double fan = 2 * (reach * Math.sin(2 * half) - ((Length) chosen.get("under")).count() * Math.cos(half));
            expected = Length.max(expected, Length.nearestTo(fan));
        }
        assertThat(List.of(size.width(), size.height()))
                .as("%s with %s", fold.id(), chosen)
                .allSatisfy(l -> assertThat(l.isPositive()).isTrue());
        assertThat(size.width().isWithin(Length.ofCounts(4), expected))
                .as("%s with %s is %s wide, not %s", fold.id(), chosen, size.width(), expected)
                .isTrue();
        /* A waterfall's tail reaches below its card where the belt is low, and is said to. */
        if (fold.cautions(Values.resolve(fold, chosen, MEANS)).stream()
                .noneMatch(c -> c.panel().equals("tail"))) {
            assertThat(size.height()).isEqualTo(chosen.get(Parameter.HEIGHT));
        }
    }

    /**
     * Around every interior vertex of every piece, over its folded creases: every other angle adds up to half a turn, and
     * mountains and valleys differ by two. T. Kawasaki and J. Maekawa, as in T. C. Hull, "On the mathematics of flat
     * origamis", 1994. Worked out here from the scores alone.
     */
    @Property(tries = 300)
    void everyVertexObeysKawasakiAndMaekawa(
            @ForAll("folds") FoldDesign fold,
            @ForAll @IntRange(min = 60, max = 250) int widthMm,
            @ForAll @IntRange(min = 60, max = 250) int heightMm,
            @ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Structure structure = fold.build(Values.resolve(fold, choose(fold, widthMm, heightMm, seed), MEANS));
        Stage closed = structure.closed();
        for (var vertex : structure.vertices()) {
            var rays = vertex.rays().stream()
                    .filter(r -> closed.degrees(r.score().id()) != 0)
                    .toList();
            double alternating = 0;
            int signs = 0;
            for (int i = 0; i < rays.size(); i++) {
                double next = rays.get((i + 1) % rays.size()).radians() + (i + 1 == rays.size() ? 2 * Math.PI : 0);
                alternating += i % 2 == 0 ? next - rays.get(i).radians() : 0;
                signs += closed.degrees(rays.get(i).score().id()) > 0 ? 1 : -1;
            }
            if (!rays.isEmpty()) {
                assertThat(alternating).as("%s at %s", fold.id(), vertex.at()).isCloseTo(Math.PI, within(1e-4));
                assertThat(Math.abs(signs))
                        .as("%s at %s", fold.id(), vertex.at())
                        .isEqualTo(2);
            }
        }
    }

    /** Every stage that lies has an order of its layers, whatever was chosen. */
    @Property(tries = 200)
    void everyLyingStageHasAnOrder(
            @ForAll("folds") FoldDesign fold,
            @ForAll @IntRange(min = 60, max = 250) int widthMm,
            @ForAll @IntRange(min = 60, max = 250) int heightMm,
            @ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Map<String, Object> chosen = choose(fold, widthMm, heightMm, seed);
        Structure structure = fold.build(Values.resolve(fold, chosen, MEANS));
        for (Stage stage : structure.shown()) {
            if (stage.isFlat()) {
                FlatStage lying = FlatFolder.fold(structure, stage);
                assertThat(lying.faults())
                        .as("%s, %s with %s", fold.id(), stage.name(), chosen)
                        .isEmpty();
                assertThat(LayerStack.of(structure, stage, lying))
                        .as("%s, %s with %s", fold.id(), stage.name(), chosen)
                        .isPresent();
            }
        }
    }

    /** Between stages every loop stays closed, and a flat stage is reached exactly. */
    @Property(tries = 120)
    void everyFoldMovesAndEndsWhereItsFlatStageLies(
            @ForAll("folds") FoldDesign fold,
            @ForAll @IntRange(min = 60, max = 250) int widthMm,
            @ForAll @IntRange(min = 60, max = 250) int heightMm,
            @ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Map<String, Object> chosen = choose(fold, widthMm, heightMm, seed);
        List.of("mount", "spring", "writing").forEach(chosen::remove);
        Structure structure = fold.build(Values.resolve(fold, chosen, MEANS));
        Stage flat = structure.stage(Stage.FLAT);
        Stage closed = structure.stage(Stage.CLOSED);
        if (FlatFolder.fold(structure, flat).faults().isEmpty()) {
            Motion closing = PoseSolver.between(structure, flat, closed, 6);
            assertThat(closing.blocked()).as("%s with %s", fold.id(), chosen).isEmpty();
            FlatPoses.assertLies(structure, PoseSolver.last(closing), Stage.CLOSED);
        }
        Scene.standing(Scene.of(structure))
                .filter(s -> structure.shown().get(0).equals(s.stage()))
                .ifPresent(s -> FlatPoses.assertLies(structure, s.way().frames().get(0), Stage.CLOSED));
    }

    /** Paper does not go through paper, at any size and whatever is chosen: asked of the whole way, frame by frame. */
    @Property(tries = 150)
    void noPanelGoesThroughAnotherOnItsWay(
            @ForAll("folds") FoldDesign fold,
            @ForAll @IntRange(min = 60, max = 250) int widthMm,
            @ForAll @IntRange(min = 60, max = 250) int heightMm,
            @ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Map<String, Object> chosen = choose(fold, widthMm, heightMm, seed);
        Length height = (Length) chosen.get(Parameter.HEIGHT);
        /* Upper and lower flaps of its lining lie on each other then: paper has to give, and the screen says so. */
        Assume.that(
                !fold.id().equals("burst-gate") || !Length.millimetres(widthMm).isMoreThan(height));
        chosen.keySet()
                .removeIf(k -> java.util.stream.Stream.of("mount", "spring", "writing", "window", "width", "height")
                        .anyMatch(k::startsWith));
        Brief brief = Briefs.of(fold.id(), new Basis.ClosedSize(Length.millimetres(widthMm), height))
                .withAll(chosen);
        assertThat(Folding.of(brief).crossing())
                .as("%s of %d x %d mm with %s", fold.id(), widthMm, heightMm, chosen)
                .isEmpty();
    }

    @Example
    void aTriFoldOpensWhateverItsTuck() {
        for (String side : List.of("3 1/2", "4", "8")) {
            for (String tuck : List.of("0", "1/16", "1/8")) {
                Brief brief = Briefs.closed("tri-fold", side, side).with("tuck", Briefs.in(tuck));
                assertThat(Folding.of(brief).crossing())
                        .as("%s, tuck %s", side, tuck)
                        .isEmpty();
            }
        }
    }

    /** Towers as well, up to the widest sides that are allowed: the rows that stay back just do not meet. */
    @Property(tries = 60)
    void aTowerClosesWhateverItsSides(
            @ForAll @IntRange(min = 60, max = 200) int widthMm, @ForAll @IntRange(min = 12, max = 100) int share) {
        Length side = Length.ofCounts(Length.millimetres(widthMm).count() * share / 400);
        Brief brief = Briefs.of("tower", new Basis.ClosedSize(Length.millimetres(widthMm), Length.millimetres(120)))
                .with("side", side);
        assertThat(Folding.of(brief).crossing())
                .as("%d mm, side %s", widthMm, side)
                .isEmpty();
    }
}
