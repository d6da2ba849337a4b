package vantbreeze.fold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import vantbreeze.measure.Length;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/** Whether a card stands, against plane statics: the weight's foot inside what it stands on (school mechanics). */
class StandingTest {

    private static Standing displayed(Structure structure) {
        return Standing.of(
                structure, Scene.standing(Scene.of(structure)).orElseThrow().pose());
    }

    /**
     * Two walls a and b at a right angle: their weight is over (a a, b b) / 2(a + b), and they stand on the triangle between
     * their lower edges.
     */
    @Property(tries = 60)
    void twoWallsAtARightAngleStandOnTheTriangleBetweenThem(
            @ForAll @IntRange(min = 20, max = 200) int a, @ForAll @IntRange(min = 20, max = 200) int b) {
        Structure corner = Structure.of(Piece.strip("card", Length.millimetres(100))
                        .panel("one", Length.millimetres(a))
                        .valley("corner")
                        .panel("other", Length.millimetres(b))
                        .build())
                .displayed(Map.of("corner", 90.0))
                .anchoredAt("one");
        double x = (double) a * a / 2 / (a + b);
        double z = (double) b * b / 2 / (a + b);
        double toSlantingSide = (a * b - b * x - a * z) / Math.hypot(a, b);
        Standing standing = displayed(corner);
        assertThat(standing.margin().millimetres()).isCloseTo(Math.min(toSlantingSide, Math.min(x, z)), within(0.01));
        assertThat(standing.stands()).isTrue();
        assertThat(standing.width().millimetres()).isCloseTo(a, within(0.01));
        assertThat(standing.depth().millimetres()).isCloseTo(b, within(0.01));
        assertThat(standing.height().millimetres()).isCloseTo(100, within(0.01));
    }

    /** A wall w wide and h high on a foot f deep: its weight is f f / 2(f + h) in front of the wall, or nearer to a side. */
    @Property(tries = 60)
    void aWallOnAFootStandsByHalfTheFootsShare(
            @ForAll @IntRange(min = 15, max = 120) int foot, @ForAll @IntRange(min = 20, max = 200) int wall) {
        Structure card = Structure.of(Piece.rectangle("card", Length.millimetres(80), Length.millimetres(foot + wall))
                        .valley("bend", Point.ofMillimetres(0, foot), Point.ofMillimetres(80, foot))
                        .name("foot", Point.ofMillimetres(40, foot / 2.0))
                        .name("wall", Point.ofMillimetres(40, foot + wall / 2.0))
                        .build())
                .displayed(Map.of("bend", 90.0))
                .anchoredAt("wall");
        Standing standing = displayed(card);
        double behind = (double) foot * foot / 2 / (foot + wall);
        assertThat(standing.margin().millimetres())
                .isCloseTo(Math.min(40, Math.min(behind, foot - behind)), within(0.01));
        assertThat(standing.height().millimetres()).isCloseTo(wall, within(0.01));
        assertThat(standing.depth().millimetres()).isCloseTo(foot, within(0.01));
    }

    /** A single card balanced on its edge falls over. */
    @Test
    void aPlainCardOnItsEdgeTips() {
        Structure plain = Structure.of(Piece.rectangle("card", Length.millimetres(100), Length.millimetres(60))
                        .name("card", Point.ofMillimetres(50, 30))
                        .build())
                .anchoredAt("card");
        Standing standing = Standing.of(plain, List.of(RigidMotion.IDENTITY));
        assertThat(standing.stands()).isFalse();
        assertThat(standing.margin()).isEqualTo(Length.ZERO);
    }

    /** A roof behind the wall that weighs more than the foot before it; too short for the card to settle on its edge. */
    @Test
    void aRoofThatHangsBehindItsFootTips() {
        Structure card = Structure.of(Piece.rectangle("card", Length.millimetres(80), Length.millimetres(100))
                        .valley("bend", Point.ofMillimetres(0, 10), Point.ofMillimetres(80, 10))
                        .mountain("eave", Point.ofMillimetres(0, 70), Point.ofMillimetres(80, 70))
                        .name("foot", Point.ofMillimetres(40, 5))
                        .name("wall", Point.ofMillimetres(40, 40))
                        .name("roof", Point.ofMillimetres(40, 85))
                        .build())
                .stage(new Stage(Stage.DISPLAYED, Map.of("bend", 90.0, "eave", -90.0)))
                .anchoredAt("wall");
        Standing standing = displayed(card);
        /* 30 mm of roof lie 15 mm behind the wall on average, 10 mm of foot 5 mm before it. */
        assertThat(standing.margin().millimetres()).isCloseTo(-(30.0 * 15 - 10 * 5) / 100, within(0.05));
        assertThat(standing.stands()).isFalse();
    }
}
