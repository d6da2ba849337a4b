package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.plan.Briefs.in;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.Motion;
import vantbreeze.fold.RigidMotion;
import vantbreeze.make.ScoreCard;
import vantbreeze.make.ScoreReading;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
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
                "double-opening | 4 1/4 x 5 1/2 | flap 1 1/2 | 10 x 5 1/2: 1 1/2 V, 5 3/4 V",
                "stage | 5 1/2 x 4 1/4 | wing 1 1/4, depth 1 1/4 | 8 x 4 1/4: 1 1/4 M, 2 1/2 V, 5 1/2 V, 6 3/4 M; 5 1/2 x 1 1/16",
                "w-fold | 5 x 5 | strip 1 3/4 | 10 x 5: 5 V; 10 x 1 3/4: 2 1/2 V, 5 M, 7 1/2 V",
                "tiered-panel | 4 1/4 x 5 1/2 | tiers 1, front 3 3/4, leg 1/2 |"
                        + " 4 1/4 x 5 1/2; 6 3/4 x 3 11/16: 1/2 M, 1 V, 1 1/2 M, 5 1/4 M, 5 3/4 V, 6 1/4 M",
                "floating-book | 7 x 5 | half 2 1/2, strut 1, high 2 | 7 x 5; 5 x 5: 2 1/2 V; 4 x 2: 1 V, 2 V, 3 V;"
                        + " 4 x 2: 1 V, 2 V, 3 V",
                "concertina | 4 x 6 | panels 4 | 16 x 6: 4 V, 8 M, 12 V",
                "inverted-z | 5 1/2 x 4 1/4 | depth 3/4, side 3/4, edge 3/4 | 11 x 4 1/4: 3/4 M, 1 1/2 V, 5 1/2 M, 5 1/2 M,"
                        + " 6 1/4 M, 8 1/4 V",
                "side-step | 4 1/4 x 5 1/2 | steps 2, rise 2, row 2 | 4 1/4 x 15: 5 1/2 V, 6 1/2 M, 7 1/2 V, 7 1/2 M,"
                        + " 8 1/2 M, 9 1/2 V",
                "book | 4 1/4 x 5 1/2 | | 8 1/2 x 5 1/2: 4 1/4 V"
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
                boolean count = List.of("tiers", "panels", "steps").contains(words[0]);
                changed = changed.with(words[0], count ? (Object) Integer.valueOf(words[1]) : in(words[1]));
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
        return inches(reading.fromStart()) + " " + reading.score().fold().name().charAt(0);
    }

    private static String inches(Length length) {
        return length.exactText(vantbreeze.measure.UnitSystem.INCH).replace(" in", "");
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
        if (!fold.equals("free-strip")) {
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
            if (piece.slits().isEmpty() && piece.scores().stream().allMatch(s -> s.isUpright())) {
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
            assertThat(motion.frames()).hasSize(Folding.FRAMES + 1);
            if (motion.to().equals(Stage.CLOSED)) {
                assertLiesAsTheFlatStage(folding.structure(), motion.frames().get(Folding.FRAMES));
            }
            if (motion.from().equals(Stage.CLOSED)) {
                assertLiesAsTheFlatStage(folding.structure(), motion.frames().get(0));
            }
        }
        assertThat(folding.displayed()).isPresent();
    }

    private static void assertLiesAsTheFlatStage(Structure structure, List<RigidMotion> pose) {
        FlatStage flat = FlatFolder.closed(structure);
        for (int i = 0; i < pose.size(); i++) {
            for (Coordinate corner : structure.panels().get(i).outline().getCoordinates()) {
                Coordinate posed = pose.get(i).apply(corner);
                Coordinate exact = flat.panels().get(i).motion().apply(corner);
                double apart = Math.hypot(posed.distance(exact), posed.getZ());
                assertThat(apart / Length.COUNTS_PER_MILLIMETRE).isLessThan(0.01);
            }
        }
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
                            .displayed()
                            .orElseThrow()
                            .stands())
                    .as(fold)
                    .isTrue();
        }
    }

    /** A tent of two equal sides settles with both lower edges on the table: as high as half its angle's cosine makes it. */
    @Test
    void aTentSettlesOnItsTwoEdges() {
        var tent = Folding.of(brief("top-fold", "4 1/4 x 5 1/2")).displayed().orElseThrow();
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
                .displayed()
                .orElseThrow();
        assertThat(standing.depth().millimetres()).isCloseTo(25.4, within(0.02));
        assertThat(standing.width().millimetres()).isCloseTo(139.7, within(0.02));
        assertThat(standing.height()).isEqualTo(in("4 1/4"));
    }
}
