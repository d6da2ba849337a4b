package vantbreeze.fold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Side;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/** Poses against closed forms of plane geometry, and against the exact flat stages at both ends. */
class PoseSolverTest {

    private static final int FRAMES = 60;
    private static final double TOLERANCE_MM = 0.01;

    private static Length mm(double mm) {
        return Length.millimetres(mm);
    }

    private static Point at(double x, double y) {
        return Point.ofMillimetres(x, y);
    }

    private static Motion flatToClosed(Structure structure) {
        return PoseSolver.between(structure, structure.stage(Stage.FLAT), structure.stage(Stage.CLOSED), FRAMES);
    }

    /** A place on a panel's flat coordinates in mm, as it lies in that frame, in mm. */
    private static Coordinate place(Structure structure, Motion motion, int frame, String panel, double x, double y) {
        int index = structure.panels().indexOf(structure.panel(panel));
        Coordinate p = motion.frames()
                .get(frame)
                .get(index)
                .apply(new Coordinate(x * Length.COUNTS_PER_MILLIMETRE, y * Length.COUNTS_PER_MILLIMETRE));
        double k = Length.COUNTS_PER_MILLIMETRE;
        return new Coordinate(p.x / k, p.y / k, p.getZ() / k);
    }

    /** The general promises: ends equal the flat stages, scores stay together, no frame jumps. */
    private static void assertMovesWell(Structure structure, Motion motion) {
        assertThat(motion.blocked()).isEmpty();
        assertThat(motion.frames()).hasSize(FRAMES + 1);
        FlatPoses.assertLies(structure, motion.frames().get(0), motion.from());
        FlatPoses.assertLies(structure, motion.frames().get(FRAMES), motion.to());
        double size = structure.pieces().get(0).size().longSide().count();
        for (int frame = 0; frame <= FRAMES; frame++) {
            List<RigidMotion> pose = motion.frames().get(frame);
            for (var hinge : structure.hinges()) {
                RigidMotion first = pose.get(structure.panels().indexOf(hinge.first()));
                RigidMotion second = pose.get(structure.panels().indexOf(hinge.second()));
                for (Coordinate end : List.of(hinge.line().p0, hinge.line().p1)) {
                    assertThat(first.apply(end).distance3D(second.apply(end)) / Length.COUNTS_PER_MILLIMETRE)
                            .isLessThan(TOLERANCE_MM);
                }
            }
            if (frame > 0) {
                assertThat(largestStep(structure, motion.frames().get(frame - 1), pose))
                        .isLessThan(0.25 * size);
            }
        }
    }

    private static double largestStep(Structure structure, List<RigidMotion> before, List<RigidMotion> after) {
        double largest = 0;
        for (int i = 0; i < before.size(); i++) {
            for (Coordinate c : structure.panels().get(i).outline().getCoordinates()) {
                largest = Math.max(
                        largest, before.get(i).apply(c).distance3D(after.get(i).apply(c)));
            }
        }
        return largest;
    }

    @Test
    void aGateTurnsOnACircle() {
        Piece strip = Piece.strip("strip", mm(50))
                .panel("back", mm(80))
                .valley()
                .panel("gate", mm(40))
                .build();
        Structure card = Structure.of(strip).anchoredAt("back");
        Motion motion = flatToClosed(card);
        assertMovesWell(card, motion);
        for (int frame = 0; frame <= FRAMES; frame++) {
            double turned = Math.PI * frame / FRAMES;
            Coordinate tip = place(card, motion, frame, "gate", 120, 25);
            assertThat(tip.x).isCloseTo(80 + 40 * Math.cos(turned), within(1e-6));
            assertThat(tip.getZ()).as("a valley rises towards you").isCloseTo(40 * Math.sin(turned), within(1e-6));
        }
    }

    /** A front on two links before a back: opposite links stay parallel, as in any parallelogram. */
    private static Structure parallelogram(double link) {
        Piece back = Piece.strip("back", mm(60))
                .panel("left tab", mm(10))
                .mountain()
                .panel("left link", mm(link))
                .valley()
                .panel("rear", mm(80))
                .valley()
                .panel("right link", mm(link))
                .mountain()
                .panel("right tab", mm(10))
                .build();
        Piece bar =
                Piece.rectangle("bar", mm(100), mm(20)).name("bar", at(40, 10)).build();
        FlatMotion onLeft = FlatMotion.shift(0, 0);
        FlatMotion onRight = FlatMotion.shift(mm(2 * link).count(), 0);
        Map<String, Double> leaning = Map.of("score 1", -180.0, "score 2", 180.0, "score 3", 0.0, "score 4", 0.0);
        return Structure.of(back, bar)
                .bond(new Bond("left", "bar", Side.BACK, "left tab", Side.FACE, onLeft))
                .bond(new Bond("right", "bar", Side.BACK, "right tab", Side.FACE, onRight))
                .stage(new Stage("left", leaning))
                .stage(new Stage("right", Map.of("score 1", 0.0, "score 2", 0.0, "score 3", 180.0, "score 4", -180.0)))
                .anchoredAt("rear");
    }

    @Test
    void theBarOfAParallelogramStaysParallelToTheBack() {
        Structure box = parallelogram(25);
        Motion motion = PoseSolver.between(box, box.stage("left"), box.stage("right"), FRAMES);
        assertMovesWell(box, motion);
        for (int frame = 0; frame <= FRAMES; frame++) {
            double turned = Math.PI * frame / FRAMES;
            Coordinate left = place(box, motion, frame, "bar", 10, 10);
            Coordinate right = place(box, motion, frame, "bar", 70, 10);
            assertThat(right.getZ()).isCloseTo(left.getZ(), within(TOLERANCE_MM));
            assertThat(left.getZ()).isCloseTo(25 * Math.sin(turned), within(TOLERANCE_MM));
            assertThat(right.x - left.x).isCloseTo(60, within(TOLERANCE_MM));
        }
    }

    /** Four equal links: the half diagonals are a cos and a sin of half an angle, so their squares add up to a squared. */
    @Test
    void theDiagonalsOfARhombusKeepTheirRelation() {
        double a = 30;
        Piece chain = Piece.strip("chain", mm(40))
                .panel("a", mm(a))
                .valley()
                .panel("b", mm(a))
                .valley()
                .panel("c", mm(a))
                .valley()
                .panel("d", mm(a))
                .valley()
                .panel("tab", mm(10))
                .build();
        FlatMotion tabOnA = FlatMotion.shift(-mm(4 * a).count(), 0);
        Structure tube = Structure.of(chain)
                .bond(new Bond("tab", "tab", Side.BACK, "a", Side.FACE, tabOnA))
                .stage(new Stage("one way", Map.of("score 1", 180.0, "score 3", 180.0, "score 4", 0.0)))
                .stage(new Stage("other way", Map.of("score 2", 180.0, "score 4", 180.0, "score 1", 0.0)))
                .anchoredAt("a");
        Motion motion = PoseSolver.between(tube, tube.stage("one way"), tube.stage("other way"), FRAMES);
        assertMovesWell(tube, motion);
        for (int frame = 0; frame <= FRAMES; frame++) {
            Coordinate ab = place(tube, motion, frame, "a", a, 0);
            Coordinate bc = place(tube, motion, frame, "b", 2 * a, 0);
            Coordinate cd = place(tube, motion, frame, "c", 3 * a, 0);
            Coordinate da = place(tube, motion, frame, "a", 0, 0);
            double oneDiagonal = ab.distance3D(cd) / 2;
            double other = bc.distance3D(da) / 2;
            assertThat(oneDiagonal * oneDiagonal + other * other).isCloseTo(a * a, within(0.05));
        }
    }

    /**
     * A strip in a folded card, hinged at a from the spine with arms q: a kite. With the covers opened to b on either side
     * of the middle, its peak is a cos b + sqrt(q^2 - a^2 sin^2 b) from the spine (law of cosines).
     */
    @Property(tries = 40)
    void thePeakOfAStripInACardFollowsTheKite(
            @ForAll @IntRange(min = 8, max = 25) int a, @ForAll @IntRange(min = 0, max = 20) int more) {
        int q = a + more;
        Structure card = stripInCard(a, q);
        Motion motion = PoseSolver.between(card, card.stage(Stage.CLOSED), card.stage(Stage.DISPLAYED), FRAMES);
        assertThat(motion.blocked()).isEmpty();
        for (int frame = 1; frame <= FRAMES; frame++) {
            Coordinate left = place(card, motion, frame, "left cover", 60 - a, 0);
            Coordinate right = place(card, motion, frame, "right cover", 60 + a, 0);
            double sine = left.distance3D(right) / 2 / a;
            double expected = a * Math.sqrt(1 - sine * sine) + Math.sqrt(q * q - a * a * sine * sine);
            Coordinate peak = place(card, motion, frame, "left arm", 60 - a + q, 0);
            Coordinate spine = place(card, motion, frame, "left cover", 60, 0);
            assertThat(peak.distance3D(spine)).isCloseTo(expected, within(0.02));
            assertThat(peak.distance3D(left)).isCloseTo(q, within(TOLERANCE_MM));
            assertThat(peak.distance3D(right)).isCloseTo(q, within(TOLERANCE_MM));
        }
    }

    private static Structure stripInCard(int a, int q) {
        Piece base = Piece.strip("base", mm(50))
                .panel("left cover", mm(60))
                .valley()
                .panel("right cover", mm(60))
                .build();
        Piece strip = Piece.strip("strip", mm(20))
                .panel("left tab", mm(60 - a))
                .valley("left hinge")
                .panel("left arm", mm(q))
                .mountain("peak")
                .panel("right arm", mm(q))
                .valley("right hinge")
                .panel("right tab", mm(60 - a))
                .build();
        return Structure.of(base, strip)
                .bond(new Bond("left", "left tab", Side.BACK, "left cover", Side.FACE, FlatMotion.IDENTITY))
                .bond(new Bond(
                        "right",
                        "right tab",
                        Side.BACK,
                        "right cover",
                        Side.FACE,
                        FlatMotion.shift(-mm(2.0 * (q - a)).count(), 0)))
                .displayed(0.5)
                .anchoredAt("left cover");
    }

    /**
     * A slit row swings between its two flat states and stays a rhombus; a row whose links differ cannot close flat, and
     * no loop is let open to get there.
     */
    @Test
    void aSlitRowMovesAndAnUnevenOneIsRefused() {
        Structure even = popRow(20, 50);
        assertMovesWell(even, flatToClosed(even));
        Structure uneven = popRow(20, 53);
        assertThat(flatToClosed(uneven).blocked()).isPresent();
    }

    /** A sheet folded in the middle with a row cut free that folds the other way. */
    private static Structure popRow(double hinge, double peak) {
        Piece sheet = Piece.rectangle("sheet", mm(100), mm(60))
                .slit("lower", at(50 - hinge, 20), at(50 + hinge, 20))
                .slit("upper", at(50 - hinge, 40), at(50 + hinge, 40))
                .valley("spine low", at(50, 0), at(50, 20))
                .valley("spine high", at(50, 40), at(50, 60))
                .valley("left", at(50 - hinge, 20), at(50 - hinge, 40))
                .mountain("peak", at(peak, 20), at(peak, 40))
                .valley("right", at(50 + hinge, 20), at(50 + hinge, 40))
                .name("left", at(1, 30))
                .build();
        return Structure.of(sheet).anchoredAt("left");
    }

    /**
     * Waterbomb base, both mirror planes kept: with the halves of the level crease lowered by c, the directions of two
     * neighbouring diagonals across that crease have the scalar product tan^2(c/2). From the right angles between
     * diagonals and the 45 degrees between a diagonal and the crease, by elementary vector algebra.
     */
    @Test
    void theWaterbombBaseClosesThroughSpace() {
        Piece sheet = Piece.rectangle("sheet", mm(80), mm(80))
                .valley("d1", at(0, 0), at(40, 40))
                .valley("d2", at(80, 0), at(40, 40))
                .valley("d3", at(80, 80), at(40, 40))
                .valley("d4", at(0, 80), at(40, 40))
                .mountain("m1", at(0, 40), at(40, 40))
                .mountain("m2", at(80, 40), at(40, 40))
                .name("below left", at(1, 20))
                .name("above left", at(1, 60))
                .name("below right", at(79, 20))
                .name("below", at(40, 1))
                .build();
        Structure base = Structure.of(sheet).anchoredAt("below");
        Motion motion = flatToClosed(base);
        assertMovesWell(base, motion);
        for (int frame = 1; frame < FRAMES; frame++) {
            Coordinate middle = place(base, motion, frame, "below left", 40, 40);
            Vector3D left = direction(middle, place(base, motion, frame, "below left", 0, 40));
            Vector3D right = direction(middle, place(base, motion, frame, "below right", 80, 40));
            Vector3D diagonal = direction(middle, place(base, motion, frame, "below left", 0, 0));
            Vector3D other = direction(middle, place(base, motion, frame, "above left", 0, 80));
            double lowered = (Math.PI - Math.acos(left.dot(right))) / 2;
            double expected = Math.pow(Math.tan(lowered / 2), 2);
            assertThat(diagonal.dot(other)).isCloseTo(expected, within(2e-3));
        }
    }

    private static Vector3D direction(Coordinate from, Coordinate to) {
        return new Vector3D(from, to).normalize();
    }

    @Test
    void aStripGluedFastAcrossAFoldSaysWhatHoldsIt() {
        Piece book = Piece.strip("book", mm(50))
                .panel("left", mm(60))
                .valley()
                .panel("right", mm(60))
                .build();
        Piece bar =
                Piece.rectangle("bar", mm(100), mm(10)).name("bar", at(50, 5)).build();
        FlatMotion onto = FlatMotion.shift(mm(10).count(), 0);
        Structure stuck = Structure.of(book, bar)
                .bond(new Bond("one", "bar", Side.BACK, "left", Side.FACE, onto))
                .bond(new Bond("two", "bar", Side.BACK, "right", Side.FACE, onto))
                .anchoredAt("left");
        Motion motion = flatToClosed(stuck);
        assertThat(motion.blocked()).isPresent();
        assertThat(motion.blocked().get().places()).contains("bar", "right");
        assertThat(motion.frames()).as("it never arrives").hasSize(FRAMES);
    }

    @Test
    void theSameCardAlwaysMovesTheSame() {
        Structure one = popRow(12, 50);
        Structure other = popRow(12, 50);
        List<RigidMotion> a = flatToClosed(one).frames().get(23);
        List<RigidMotion> b = flatToClosed(other).frames().get(23);
        for (int i = 0; i < a.size(); i++) {
            assertThat(a.get(i).r()).isEqualTo(b.get(i).r());
            assertThat(a.get(i).t()).isEqualTo(b.get(i).t());
        }
    }
}
