package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.plan.Briefs.in;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.RigidMotion;
import vantbreeze.fold.Scene;
import vantbreeze.layer.MessageRoom;
import vantbreeze.material.Scoring;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.operation.Mark;
import vantbreeze.operation.Task;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Regions;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Structure;

class PeakedHouseTest {

    private static final double INCH = Length.COUNTS_PER_INCH;

    private final Plan plan = Planner.plan(Briefs.closed("peaked-house", "4", "6"));

    /** Common practice, no published source: from 8 x 6 it lies 4 x 6. */
    @Test
    void theUsualSheetLiesFourBySix() {
        assertThat(plan.structure().pieces().get(0).size()).isEqualTo(new Size(in("8"), in("6")));
        assertThat(plan.closed().size()).isEqualTo(new Size(in("4"), in("6")));
        assertThat(plan.snags()).extracting(Snag::code).containsExactly(Snag.Code.NO_MESSAGE_ROOM);
    }

    /** Closed it is a gabled pentagon: 2w x (H - w) with a triangle of height w above (plane geometry). */
    @Test
    void closedItIsAGabledPentagon() {
        FlatStage closed = FlatFolder.closed(plan.structure());
        Geometry outline = Regions.union(
                closed.panels().stream().map(FlatStage.Placed::outline).toList());
        assertThat(outline).isInstanceOf(Polygon.class);
        assertThat(outline.getArea() / (INCH * INCH)).isCloseTo(4 * 4 + 4 * 2 / 2.0, within(1e-6));
        assertThat(outline.convexHull().getArea()).isCloseTo(outline.getArea(), within(1.0));
        assertThat(outline.convexHull().getNumPoints()).isEqualTo(6);
    }

    /** The angle between two panels that meet at a score, 0 when they run on flat. */
    private static double foldAngle(Structure structure, List<RigidMotion> pose, String score) {
        return structure.hinges().stream()
                .filter(h -> h.score().id().equals(score))
                .mapToDouble(h -> {
                    Vector3D one =
                            pose.get(structure.panels().indexOf(h.first())).faceNormal();
                    Vector3D other =
                            pose.get(structure.panels().indexOf(h.second())).faceNormal();
                    return Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, one.dot(other)))));
                })
                .findFirst()
                .orElseThrow();
    }

    /**
     * A flat-foldable vertex of 135, 45, 45 and 135 degrees: opposite angles are equal, and those of the slants follow by
     * tan(s/2) = tan(u/2) / cos 45° (spherical trigonometry; T. Tachi, "Generalization of rigid-foldable quadrilateral-mesh
     * origami", 2009, from memory).
     */
    @Test
    void theGussetsGiveAsSphericalTrigonometrySays() {
        Structure structure = plan.structure();
        Scene.Raised standing = Scene.standing(Scene.of(structure)).orElseThrow();
        for (List<RigidMotion> pose : standing.way().frames().subList(1, 9)) {
            for (int side : new int[] {1, 3}) {
                double upright = foldAngle(structure, pose, "score " + side);
                assertThat(foldAngle(structure, pose, "foot score " + side)).isCloseTo(upright, within(0.01));
                double slant =
                        2 * Math.toDegrees(Math.atan(Math.tan(Math.toRadians(upright / 2)) / Math.cos(Math.PI / 4)));
                assertThat(foldAngle(structure, pose, "foot slant " + side)).isCloseTo(slant, within(0.01));
                assertThat(foldAngle(structure, pose, "foot slant " + (side + 1)))
                        .isCloseTo(slant, within(0.01));
            }
        }
    }

    /** It stands on three feet: two corners of the front and the rear of the fin. */
    @Test
    void itStandsOnThreeFeet() {
        Structure structure = plan.structure();
        List<RigidMotion> pose =
                Scene.standing(Scene.of(structure)).orElseThrow().pose();
        List<Coordinate> corners = structure.panels().stream()
                .flatMap(p -> java.util.Arrays.stream(p.outline().getCoordinates())
                        .map(c -> pose.get(structure.panels().indexOf(p)).apply(c)))
                .toList();
        double lowest = corners.stream().mapToDouble(c -> c.y).min().orElseThrow();
        List<Coordinate> feet = corners.stream()
                .filter(c -> c.y - lowest < 0.001 * INCH)
                .filter(c -> corners.stream()
                                .filter(d -> d.distance(c) < 0.001 * INCH)
                                .findFirst()
                                .orElseThrow()
                        == c)
                .toList();
        assertThat(feet).hasSize(3);
        assertThat(Folding.of(plan.brief()).standing().orElseThrow().stands()).isTrue();
    }

    @Test
    void theFrontsMatsAreAMirroredPair() {
        assertThat(plan.cutList())
                .filteredOn(c -> c.isMat())
                .hasSize(2)
                .allSatisfy(c -> assertThat(c.note()).contains("mirror image of the other"));
        double area = plan.dressing().mats().get(0).squareMillimetres() / (25.4 * 25.4);
        /* A parallelogram offset by b on all sides: its inradius-like widths shrink by 2b each; cut by the ruler, by up to 1/16 more. */
        double b = 0.125;
        double across = 2 - 2 * b;
        double between = 4 / Math.sqrt(2) - 2 * b;
        assertThat(area).isCloseTo(across * between * Math.sqrt(2), within(0.06));
    }

    /** With all slants of the roof as mountains every vertex passes Kawasaki and Maekawa, but no order of layers is possible. */
    @Test
    void theTuckMustBeValleys() {
        Structure card = plan.structure();
        Piece base = card.piece("base");
        List<ScoreLine> scores = base.scores().stream()
                .map(s ->
                        s.id().matches("roof slant [23]") ? new ScoreLine(s.id(), s.from(), s.to(), Fold.MOUNTAIN) : s)
                .toList();
        Piece all = new Piece(
                base.name(),
                base.isClear(),
                base.corners(),
                base.holes(),
                scores,
                base.slits(),
                base.names(),
                false,
                Length.ZERO);
        Structure wrong = card.extended().replace(all).build();
        assertThat(FlatFolder.closed(wrong).faults()).as("Kawasaki and Maekawa").isEmpty();
        assertThat(LayerStack.of(wrong, wrong.closed(), FlatFolder.closed(wrong)))
                .isEmpty();
        assertThat(LayerStack.of(card, card.closed(), FlatFolder.closed(card))).isPresent();
    }

    @ParameterizedTest
    @ValueSource(strings = {"4", "5 1/2"})
    void aHouseLowerThanWideIsRefused(String width) {
        assertThatThrownBy(() -> Planner.plan(Briefs.closed("peaked-house", width, "3 15/16")))
                .isInstanceOf(BriefException.class)
                .hasMessageContaining("as high as wide");
    }

    @Test
    void theFinIsGluedBelowTheTuck() {
        assertThat(plan.steps())
                .filteredOn(s -> s.title().equals("Glue the right fin"))
                .singleElement()
                .satisfies(s -> assertThat(s.text()).contains("the lowest 4 in only"));
        Panel tuck = plan.structure().panel("right tuck");
        assertThat(plan.structure().bonds()).noneMatch(b -> b.panel().equals(tuck.name()));
    }

    /** By hand: its panels are parallelograms at 45 degrees, w by H - w; no fold of the back stays flat, so each is written on by itself. */
    @Test
    void aTallHousesPanelsTakeTheMessageOneByOne() {
        List<MessageRoom> rooms =
                Planner.plan(Briefs.closed("peaked-house", "4", "9")).messageRoom();
        assertThat(rooms).isNotEmpty().allSatisfy(r -> {
            assertThat(r.across()).isEmpty();
            assertThat(r.size().width()).isLessThanOrEqualTo(in("2"));
            assertThat(r.size().height()).isLessThanOrEqualTo(in("5 1/2"));
        });
    }

    /** Five points: 2 in down on both edges and the middle score, 2 in up on the two other scores. Common practice, no published source. */
    @Test
    void onlyWhatNothingShowsIsMarked() {
        Brief brief = Briefs.closed("peaked-house", "4", "6");
        Plan oneSide = Planner.plan(brief.withTools(brief.tools().with(Scoring.ONE_SIDE)));
        assertThat(oneSide.tasks().stream().map(Task::operation).filter(Mark.class::isInstance))
                .singleElement()
                .satisfies(mark -> assertThat(
                                mark.wording(Ruler.of(UnitSystem.INCH)).each())
                        .containsExactlyInAnyOrder(
                                "the tick 2 in from the top left corner on the left edge",
                                "the tick 2 in from the top right corner on the right edge",
                                "the 4 in score, 4 in from the bottom",
                                "the 2 in score, 2 in from the bottom",
                                "the 6 in score, 2 in from the bottom"));
    }
}
