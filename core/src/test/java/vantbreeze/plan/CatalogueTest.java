package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.plan.Briefs.in;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.catalogue.LengthList;
import vantbreeze.catalogue.Parameter;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatPoses;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.Motion;
import vantbreeze.make.ScoreCard;
import vantbreeze.make.ScoreReading;
import vantbreeze.make.SquareReading;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Silhouette;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/** Every fold of the catalogue: the check values of the trade, and what must hold for all of them. */
class CatalogueTest {

    static Stream<String> folds() {
        return FoldCatalogue.all().stream().map(FoldDesign::id);
    }

    /** All folds in sizes from small to large, tall and wide. */
    static Stream<Arguments> foldsInManySizes() {
        return folds().flatMap(
                        fold -> Stream.of("3 x 5", "4 1/4 x 5 1/2", "5 1/2 x 4 1/4", "7 x 5", "8 11/16 x 8 11/16")
                                .filter(size -> Briefs.allows(fold, size))
                                .map(size -> Arguments.of(fold, size)));
    }

    private static Brief brief(String fold, String size) {
        String[] sides = size.split(" x ");
        return Briefs.closed(fold, fold.equals("free-strip") ? null : sides[0], sides[1]);
    }

    /** Check values: common practice, no published source. Pieces as width x height: scores from the left, M or V. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "z-fold | 5 1/2 x 4 1/4 | | 11 x 4 1/4: 2 3/4 M, 5 1/2 V",
                "double-z | 5 1/2 x 4 1/4 | | 11 x 4 1/4: 2 3/4 M, 5 1/2 V; 11 x 1 1/4: 5 1/2 M, 8 1/4 V",
                "gatefold | 4 1/4 x 5 1/2 | | 8 1/2 x 5 1/2: 2 1/8 V, 6 3/8 V",
                "latch-gate | 5 x 7 | middle 1, lip 1/2 | 10 x 7: 1/2 M, 2 1/2 V, 4 1/2 M, 5 1/2 M, 7 1/2 V, 9 1/2 M",
                "fold-back-gate | 4 x 6 | | 12 x 6: 2 M, 4 V, 8 V, 10 M",
                "double-opening | 4 1/4 x 5 1/2 | | 10 x 5 1/2: 1 1/2 V, 5 3/4 V; 7 x 3 1/2: 3 1/2 V",
                "stage | 5 1/2 x 4 1/4 | wing 1 1/4, depth 1 1/4 | 8 x 4 1/4: 1 1/4 M, 2 1/2 V, 5 1/2 V, 6 3/4 M; 5 1/2 x 1 1/16",
                "w-fold | 5 x 5 | strip 1 3/4 | 10 x 5: 5 V; 10 x 1 3/4: 2 1/2 V, 5 M, 7 1/2 V",
                "tiered-panel | 5 x 7 | | 5 x 7;"
                        + " 6 3/4 x 3 1/2: 1/2 M, 1 V, 1 1/2 M, 5 1/4 M, 5 3/4 V, 6 1/4 M; 4 1/2 x 5 1/2;"
                        + " 6 3/4 x 2 1/2: 1/2 M, 1 V, 1 1/2 M, 5 1/4 M, 5 3/4 V, 6 1/4 M; 4 1/2 x 4;"
                        + " 6 3/4 x 1 1/2: 1/2 M, 1 V, 1 1/2 M, 5 1/4 M, 5 3/4 V, 6 1/4 M; 4 1/2 x 2 1/2",
                "floating-book | 7 x 5 | | 7 x 5; 5 x 5: 2 1/2 V; 6 x 2: 1 1/2 V, 3 V, 4 1/2 V;"
                        + " 6 x 2: 1 1/2 V, 3 V, 4 1/2 V",
                "concertina | 4 x 6 | count 4 | 16 x 6: 4 V, 8 M, 12 V",
                "inverted-z | 5 1/2 x 4 1/4 | depth 3/4, side 3/4, edge 3/4 | 11 x 4 1/4: 3/4 M, 1 1/2 V, 5 1/2 M, 5 1/2 M,"
                        + " 6 1/4 M, 8 1/4 V",
                "side-step | 4 1/4 x 5 1/2 | steps 2, rise 2, row 2 | 4 1/4 x 15: 5 1/2 V, 6 1/2 M, 7 1/2 V, 7 1/2 M,"
                        + " 8 1/2 M, 9 1/2 V",
                "book | 4 1/4 x 5 1/2 | | 8 1/2 x 5 1/2: 4 1/4 V",
                "fold-back-gate | 6 x 6 | base joined, overlap 1 | 12 x 6: 3 V, 9 V; 4 x 6: 3 M; 4 x 6: 1 M",
                "interlocking-gatefold | 4 1/4 x 5 1/2 | ring 3, rim 1/4, play 0 |"
                        + " 8 1/2 x 5 1/2: 2 1/8 V, 6 3/8 V; 3 x 3; 2 1/2 x 2 1/2",
                "twin-pillar | 7 x 6 | |"
                        + " 11 x 6: 1 V, 3 1/2 M, 6 V, 7 V, 8 V, 9 V, 10 V; 5 x 6: 1 V, 2 V, 3 V, 4 V;"
                        + " 11 x 6: 1 V, 3 1/2 M, 6 V, 7 V, 8 V, 9 V, 10 V; 5 x 6: 1 V, 2 V, 3 V, 4 V"
            })
    void checkValues(String fold, String size, String parameters, String pieces) {
        Plan plan = Planner.plan(chosen(brief(fold, size), parameters));
        assertThat(String.join(
                        "; ",
                        plan.scoreCards().stream().map(CatalogueTest::said).toList()))
                .isEqualTo(pieces);
        String[] sides = size.split(" x ");
        assertThat(plan.closed().size()).isEqualTo(new Size(in(sides[0]), in(sides[1])));
        assertThat(plan.snags())
                .filteredOn(s -> s.severity() == Severity.STOP && s.code() != Snag.Code.LONGER_THAN_SHEET)
                .isEmpty();
    }

    private static Brief chosen(Brief brief, String parameters) {
        Brief changed = brief;
        if (parameters != null) {
            for (String part : parameters.split(", ")) {
                String[] words = part.split(" ", 2);
                Parameter.Kind kind = brief.fold().parameters().stream()
                        .filter(p -> p.key().equals(words[0]))
                        .findFirst()
                        .orElseThrow()
                        .kind();
                changed = changed.with(
                        words[0],
                        switch (kind) {
                            case COUNT -> Integer.valueOf(words[1]);
                            case CHOICE -> words[1];
                            case OUTLINE -> Silhouette.parse(words[1]);
                            default -> in(words[1]);
                        });
            }
        }
        return changed;
    }

    private static String said(ScoreCard card) {
        String size = inches(card.piece().size().width()) + " x "
                + inches(card.piece().size().height());
        List<String> scores = card.readings().stream().map(CatalogueTest::said).toList();
        return scores.isEmpty() ? size : size + ": " + String.join(", ", scores);
    }

    private static String said(ScoreReading reading) {
        String at = reading instanceof SquareReading square ? inches(square.fromStart()) : "aslant";
        return at + " " + reading.score().fold().name().charAt(0);
    }

    private static String inches(Length length) {
        return length.exactText(vantbreeze.measure.UnitSystem.INCH).replace(" in", "");
    }

    /** Check values: common practice, no published source. Scores in both directions of the rows; slits from both edges. */
    @Test
    void theTowerHasItsScoresAndSlits() {
        Plan plan = Planner.plan(brief("tower", "4 1/4 x 5 1/2")
                .with("side", in("1"))
                .with("slits", LengthList.parse("1, 2, 3 1/2, 4 1/2", vantbreeze.measure.UnitSystem.INCH)));
        Piece base = plan.structure().pieces().get(0);
        assertThat(base.size()).isEqualTo(new Size(in("8 1/4"), in("5 1/2")));
        assertThat(plan.scoreCards().get(0).readings().stream()
                        .map(r -> inches(((SquareReading) r).fromStart()))
                        .distinct())
                .containsExactly("1", "2", "3", "5 1/4", "6 1/4", "7 1/4");
        assertThat(base.slits().stream()
                        .map(s -> "%s to %s at %s"
                                .formatted(
                                        inches(s.from().x()),
                                        inches(s.to().x()),
                                        inches(s.from().y()))))
                .contains("1 to 3 at 1", "5 1/4 to 7 1/4 at 1", "1 to 3 at 4 1/2", "5 1/4 to 7 1/4 at 4 1/2")
                .hasSize(8);
        assertThat(plan.closed().size()).isEqualTo(new Size(in("4 1/4"), in("5 1/2")));
    }

    /**
     * Plane geometry: where the rhombus of one side lies flat, one row comes to 3s - s behind the middle's edge, running
     * outwards, the other running inwards; the end panel that both carry goes straight on from exactly one of them.
     */
    @Test
    void noTowerClosesWithEveryRowFoldedAtItsEndPanel() {
        Structure tower = Planner.plan(brief("tower", "4 1/4 x 5 1/2")).structure();
        Stage all = Stage.folded("all folded", Stage.Role.SHOWN, tower.scores(), 1);
        assertThat(FlatFolder.fold(tower, all).faults()).isNotEmpty();
        assertThat(FlatFolder.closed(tower).faults()).isEmpty();
    }

    /** A tower stands as a box: as deep as its side, its end panels to the left and right of it (plane geometry). */
    @Test
    void aTowerIsAsDeepAsItsSide() {
        var standing = Folding.of(brief("tower", "4 1/4 x 5 1/2").with("side", in("1")))
                .standing()
                .orElseThrow();
        assertThat(standing.depth().millimetres()).isCloseTo(25.4, within(0.02));
        assertThat(standing.width().millimetres()).isCloseTo(25.4 * (4.25 + 2), within(0.02));
        assertThat(standing.stands()).isTrue();
    }

    /** Common practice, no published source: 7 x 6 or 9 x 6 closed; walls of 2 1/2, columns of 1 with twelve sides to dress. */
    @Test
    void aTwinPillarClosesAndIsDressedAsMakersDo() {
        Plan in = Planner.plan(Briefs.matted(
                brief("twin-pillar", "7 x 6"),
                Briefs.matting(
                        2,
                        in("1/8"),
                        vantbreeze.measure.ToolGrid.SIXTEENTH_INCH,
                        vantbreeze.layer.Matting.Meeting.RUN_ON,
                        Map.of())));
        assertThat(in.closed().size()).isEqualTo(new Size(in("7"), in("6")));
        Plan out = Planner.plan(chosen(brief("twin-pillar", "7 x 6"), "closing columns lean out"));
        assertThat(out.closed().size()).isEqualTo(new Size(in("9"), in("6")));
        assertThat(sizes(in, "wall", 1)).hasSize(4).containsOnly(new Size(in("2 1/4"), in("5 3/4")));
        assertThat(sizes(in, "wall", 2)).hasSize(4).containsOnly(new Size(in("2"), in("5 1/2")));
        assertThat(sizes(in, "tube", 1)).hasSize(6).containsOnly(new Size(in("3/4"), in("5 3/4")));
        assertThat(sizes(in, "pillar", 1)).hasSize(6).containsOnly(new Size(in("3/4"), in("5 3/4")));
    }

    private static List<Size> sizes(Plan plan, String panels, int layer) {
        return plan.dressing().mats().stream()
                .filter(m -> m.layer() == layer && m.face().panel().name().contains(panels))
                .map(vantbreeze.layer.Mat::size)
                .toList();
    }

    /** Plane geometry: between columns 2 s deep the walls bow by psi either way, 2 s + 2 L cos psi wide. */
    @Test
    void aTwinPillarStandsWithItsWallsBowed() {
        for (String closing : List.of("columns lean in", "columns lean out")) {
            var standing = Folding.of(chosen(brief("twin-pillar", "7 x 6"), "closing " + closing))
                    .standing()
                    .orElseThrow();
            double psi = Math.toRadians(15);
            assertThat(standing.width().millimetres()).isCloseTo(25.4 * (2 + 5 * Math.cos(psi)), within(0.05));
            assertThat(standing.depth().millimetres()).isCloseTo(25.4 * 2, within(0.05));
            assertThat(standing.stands()).isTrue();
        }
    }

    @Test
    void aFoldBackGateIsJoinedOnlyWhenItIsLongerThanTheSheet() {
        assertThat(Planner.plan(brief("fold-back-gate", "4 x 6")).structure().pieces())
                .hasSize(1);
        Plan joined = Planner.plan(brief("fold-back-gate", "6 x 6"));
        assertThat(joined.structure().pieces()).hasSize(3);
        assertThat(joined.snags()).noneMatch(s -> s.code() == Snag.Code.LONGER_THAN_SHEET);
        assertThat(joined.closed().size()).isEqualTo(new Size(in("6"), in("6")));
    }

    /** The middle is what a whole sheet leaves: 11 in less two wings and two links, as high as the sheet. */
    @Test
    void aBridgeIsMadeFromAWholeSheet() {
        Plan plan = Planner.plan(Briefs.of("bridge", new Basis.FromSheet(1, Orientation.LANDSCAPE))
                .withSheet(vantbreeze.material.Sheet.named("letter"))
                .with("depth", in("1"))
                .with("wing", in("1 1/2")));
        assertThat(plan.structure().pieces().get(0).size()).isEqualTo(new Size(in("11"), in("8 1/2")));
        assertThat(plan.structure().panel("back").box().width()).isEqualTo(in("6"));
    }

    /** A rhombus has an even rim: what is taken off its width is the rim over the sine of half its angle, twice over (plane geometry). */
    @Test
    void theRimOfADiamondIsEven() {
        Plan plan = Planner.plan(
                chosen(brief("interlocking-gatefold", "4 1/4 x 5 1/2"), "shape diamond, ring 3, rim 1/4, play 0"));
        double inside = plan.structure().pieces().get(2).size().width().millimetres();
        assertThat(inside).isCloseTo(25.4 * (3 - 2 * 0.25 * Math.sqrt(2)), within(0.01));
        var ring = plan.structure().pieces().get(1).polygon();
        double rim = ring.getExteriorRing().distance(ring.getInteriorRingN(0)) / Length.COUNTS_PER_MILLIMETRE;
        assertThat(rim).isCloseTo(25.4 / 4, within(0.01));
    }

    /** Clear film hides nothing: the book's halves are seen through it, and are dressed. */
    @Test
    void whatLiesBehindFilmIsSeen() {
        Plan plan = Planner.plan(chosen(brief("floating-book", "7 x 5"), "film with, band 2"));
        assertThat(plan.faces().stream().map(f -> f.label()))
                .contains("left half", "right half")
                .noneMatch(l -> l.contains("film"));
    }

    /** A brief keeps its values when the fold changes, so a key means the same kind of value everywhere. */
    @Test
    void aKeyIsTheSameKindOfValueInEveryFold() {
        var kinds = FoldCatalogue.all().stream()
                .flatMap(f -> f.parameters().stream())
                .collect(java.util.stream.Collectors.groupingBy(
                        Parameter::key,
                        java.util.stream.Collectors.mapping(Parameter::kind, java.util.stream.Collectors.toSet())));
        assertThat(kinds).allSatisfy((key, kind) -> assertThat(kind).as(key).hasSize(1));
    }

    static Stream<Arguments> foldsWithEachOfTheirChoices() {
        return FoldCatalogue.all().stream()
                .flatMap(fold -> fold.parameters().stream()
                        .filter(p -> p.choices() != null)
                        .flatMap(p -> {
                            Plan plan = Planner.plan(brief(fold.id(), "5 x 7"));
                            List<String> choices = plan.parameters().stream()
                                    .filter(v -> v.parameter().key().equals(p.key()))
                                    .findFirst()
                                    .orElseThrow()
                                    .choices();
                            return choices.stream().map(c -> Arguments.of(fold.id(), p.key(), c));
                        }));
    }

    @ParameterizedTest
    @MethodSource("foldsWithEachOfTheirChoices")
    void everyChoiceClosesAndMoves(String fold, String key, String choice) {
        Brief brief = brief(fold, "5 x 7")
                .with(
                        key,
                        FoldCatalogue.named(fold).parameters().stream()
                                .filter(p -> p.key().equals(key))
                                .findFirst()
                                .orElseThrow()
                                .read(choice, UnitSystem.INCH));
        Plan plan = Planner.plan(brief);
        assertThat(plan.closed()).as("%s", plan.snags()).isNotNull();
        if (!fold.startsWith("free-") && !choice.equals("columns lean out")) {
            assertThat(plan.closed().size()).isEqualTo(new Size(in("5"), in("7")));
        }
        Folding folding = Folding.of(brief);
        assertThat(folding.motions()).isNotEmpty().allMatch(m -> m.blocked().isEmpty());
    }

    /** The band of the double Z-fold and a stage's wings: sideways it is as wide as the card while the depth is within a wing. */
    @ParameterizedTest
    @CsvSource({"1 1/4, 5 1/2", "1, 5 1/2", "2 1/4, 6 1/2"})
    void aStageProjectsByWhatItsDepthIsMoreThanItsWing(String depth, String closedWidth) {
        Plan plan = Planner.plan(
                brief("stage", "5 1/2 x 4 1/4").with("wing", in("1 1/4")).with("depth", in(depth)));
        assertThat(plan.closed().size().width()).isEqualTo(in(closedWidth));
    }

    @ParameterizedTest
    @MethodSource("foldsInManySizes")
    void everyFoldClosesToItsSizeAndKeepsItsPaper(String fold, String size) {
        Plan plan = Planner.plan(brief(fold, size));
        Structure structure = plan.structure();
        assertThat(plan.closed()).as("%s", plan.snags()).isNotNull();
        String[] sides = size.split(" x ");
        if (!fold.startsWith("free-")) {
            assertThat(plan.closed().size()).isEqualTo(new Size(in(sides[0]), in(sides[1])));
        }
        double panels = structure.panels().stream()
                .mapToDouble(Panel::squareMillimetres)
                .sum();
        double pieces = structure.pieces().stream()
                .mapToDouble(Piece::squareMillimetres)
                .sum();
        assertThat(panels).isCloseTo(pieces, within(1e-6 * pieces));
    }

    /** Independent second method: each strip's closed width from the signed sum of its panels, walked score by score. */
    @ParameterizedTest
    @MethodSource("foldsInManySizes")
    void closedWidthsEqualTheSignedWalk(String fold, String size) {
        Structure structure = Planner.plan(brief(fold, size)).structure();
        Stage closed = structure.stage(Stage.CLOSED);
        FlatStage flat = FlatFolder.fold(structure, closed);
        for (Piece piece : structure.pieces()) {
            /* An offcut may lie turned by any angle. */
            if (structure.offcutOf(piece).isEmpty()
                    && piece.slits().isEmpty()
                    && piece.scores().stream().allMatch(s -> s.isUpright())) {
                List<Panel> panels = structure.panels().stream()
                        .filter(p -> p.piece().equals(piece.name()))
                        .toList();
                assertThat(walk(piece, panels, closed)).isEqualTo(extent(panels, flat));
            }
        }
    }

    private static Length walk(Piece piece, List<Panel> panels, Stage closed) {
        long at = 0;
        long least = 0;
        long most = 0;
        int direction = 1;
        for (int i = 0; i < panels.size(); i++) {
            at += direction * panels.get(i).box().width().count();
            least = Math.min(least, at);
            most = Math.max(most, at);
            if (i < piece.scores().size()
                    && closed.degrees(piece.scores().get(i).id()) != 0) {
                direction = -direction;
            }
        }
        return Length.ofCounts(most - least);
    }

    private static Length extent(List<Panel> panels, FlatStage flat) {
        double[] xs = panels.stream()
                .flatMap(p -> Arrays.stream(flat.placed(p).outline().getCoordinates()))
                .mapToDouble(c -> c.x)
                .toArray();
        return Length.nearestTo(
                Arrays.stream(xs).max().orElseThrow() - Arrays.stream(xs).min().orElseThrow());
    }

    @ParameterizedTest
    @MethodSource("foldsInManySizes")
    void everyFoldMovesFromStageToStage(String fold, String size) {
        Folding folding = Folding.of(brief(fold, size));
        assertThat(folding.motions()).isNotEmpty();
        for (Motion motion : folding.motions()) {
            assertThat(motion.blocked())
                    .as("%s to %s", motion.from(), motion.to())
                    .isEmpty();
            int steps = motion.frames().size() - 1;
            assertThat(steps).isPositive();
            assertThat(steps % Folding.FRAMES).isZero();
            if (motion.to().equals(Stage.CLOSED)) {
                FlatPoses.assertLies(folding.structure(), motion.frames().get(steps), Stage.CLOSED);
            }
            if (motion.from().equals(Stage.CLOSED)) {
                FlatPoses.assertLies(folding.structure(), motion.frames().get(0), Stage.CLOSED);
            }
        }
        assertThat(folding.standing().isPresent())
                .as("shown standing")
                .isEqualTo(folding.structure().shown().stream().anyMatch(x -> !x.isFlat()));
    }

    /** In millimetres and grid marks no inch maker uses, sized by an envelope and by a sheet. */
    @ParameterizedTest
    @MethodSource("folds")
    void everyFoldIsSizedByAnEnvelopeAndByASheet(String fold) {
        Plan posted = Planner.plan(Briefs.forEnvelope(fold, "a7us", Orientation.PORTRAIT));
        assertThat(posted.fit().verdict())
                .isIn(vantbreeze.post.EnvelopeFit.Verdict.FITS, vantbreeze.post.EnvelopeFit.Verdict.LOOSE);
        Plan cut = Planner.plan(Briefs.of(fold, new Basis.FromSheet(1, Orientation.LANDSCAPE)));
        assertThat(cut.structure().pieces())
                .allMatch(p -> p.size().fitsWithinEitherWay(cut.brief().sheet().size()));
    }

    /** Tents and zigzags stand on an area; a card that is flat when displayed stands on a line. */
    @Test
    void foldsThatStandAreKnown() {
        for (String fold : List.of("z-fold", "book", "top-fold", "concertina", "stage", "latch-gate", "gatefold")) {
            assertThat(Folding.of(brief(fold, "4 1/4 x 5 1/2"))
                            .standing()
                            .orElseThrow()
                            .stands())
                    .as(fold)
                    .isTrue();
        }
    }

    /** A tent of two equal sides settles with both lower edges on the table: as high as half its angle's cosine makes it. */
    @Test
    void aTentSettlesOnItsTwoEdges() {
        var tent = Folding.of(brief("top-fold", "4 1/4 x 5 1/2")).standing().orElseThrow();
        double half = Math.toRadians(45.0 / 2);
        assertThat(tent.height().millimetres()).isCloseTo(139.7 * Math.cos(half), within(0.02));
        assertThat(tent.depth().millimetres()).isCloseTo(2 * 139.7 * Math.sin(half), within(0.02));
    }

    /** The stage's box: as deep as its links, as wide as its front (plane geometry). */
    @Test
    void aStageStandsAsDeepAsItsLinks() {
        var standing = Folding.of(brief("stage", "5 1/2 x 4 1/4")
                        .with("wing", in("1 1/4"))
                        .with("depth", in("1")))
                .standing()
                .orElseThrow();
        assertThat(standing.depth().millimetres()).isCloseTo(25.4, within(0.02));
        assertThat(standing.width().millimetres()).isCloseTo(139.7, within(0.02));
        assertThat(standing.height()).isEqualTo(in("4 1/4"));
    }
}
