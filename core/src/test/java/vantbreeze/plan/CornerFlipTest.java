package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.plan.Briefs.in;

import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.material.Print;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.operation.Step;
import vantbreeze.structure.Piece;

class CornerFlipTest {

    private final Plan plan = Planner.plan(Briefs.closed("corner-flip", "4 1/4", "5 1/2"));

    private static double mm(double counts) {
        return counts / Length.COUNTS_PER_MILLIMETRE;
    }

    /** Common practice, no published source: a square of 3 in, 5/8 in from the edges, has legs of 2 3/8 in. */
    @Test
    void theUsualCardHasTheUsualCuts() {
        Piece base = plan.structure().pieces().get(0);
        assertThat(base.size()).isEqualTo(new Size(in("8 1/2"), in("5 1/2")));
        assertThat(base.slits())
                .extracting(s -> Math.hypot(
                        s.to().x().minus(s.from().x()).inches(),
                        s.to().y().minus(s.from().y()).inches()))
                .allSatisfy(leg -> assertThat(leg).isCloseTo(2.375, within(1e-9)));
        assertThat(plan.closed().size()).isEqualTo(new Size(in("4 1/4"), in("5 1/2")));
        assertThat(plan.closed().posted()).isEqualTo(plan.closed().size());
    }

    /**
     * A reflection in the line u + v = a + m takes (u, v) to (a + m - v, a + m - u): the square comes to lie from m to a + m
     * both ways, its old corner inmost, nothing beyond the card (plane geometry).
     */
    @Test
    void theSquareLiesTurnedWithinTheCard() {
        FlatStage closed = FlatFolder.closed(plan.structure());
        Polygon corner = closed.placed(plan.structure().panel("corner")).outline();
        Polygon cover = closed.placed(plan.structure().panel("front")).outline();
        Envelope card = closed.box();
        Envelope box = corner.getEnvelopeInternal();
        double m = 0.625 * 25.4;
        double a = 3 * 25.4;
        assertThat(card.covers(box)).isTrue();
        assertThat(mm(box.getWidth())).isCloseTo(a + m, within(0.01));
        assertThat(mm(box.getHeight())).isCloseTo(a + m, within(0.01));
        for (double fromCorner : new double[] {m, a + m}) {
            assertThat(corner.getCoordinates())
                    .as("a corner of the turned square as far from both edges")
                    .anyMatch(c -> Math.abs(mm(card.getMaxX() - c.x) - fromCorner) < 0.01
                            && Math.abs(mm(card.getMaxY() - c.y) - fromCorner) < 0.01);
        }
        assertThat(corner.getArea() / Math.pow(Length.COUNTS_PER_MILLIMETRE, 2))
                .as("the square with two triangles of side m")
                .isCloseTo(a * a + m * m, within(0.5));
        assertThat(mm(cover.getEnvelopeInternal().getWidth())).isCloseTo(4.25 * 25.4, within(0.01));
    }

    /** Common practice, no published source: two cuts, push, pull, burnish; the ends of the cuts place the crease. */
    @Test
    void nothingIsMarkedRuledOrRubbedOut() {
        assertThat(plan.steps())
                .extracting(Step::title)
                .noneMatch(t -> t.startsWith("Mark") || t.startsWith("Rub out"))
                .contains("Slit the base", "Fold the base");
        assertThat(plan.steps())
                .noneMatch(s -> s.text().contains("lay a ruler"))
                .anySatisfy(
                        s -> assertThat(s.text())
                                .contains(
                                        "Push the corner away from you and fold it back: the ends of the cuts place its crease"));
    }

    /** A shaped mat whose pattern stands as its template does is said so, not by an angle of nothing. */
    @Test
    void anUprightPatternIsSaidWithoutAnAngle() {
        Plan printed = Planner.plan(Briefs.printed(Briefs.closed("corner-flip", "4 1/4", "5 1/2"), Print.UPRIGHT));
        assertThat(printed.cutList())
                .anySatisfy(c -> assertThat(c.note()).contains("top of the pattern up, as drawn"))
                .allSatisfy(c -> assertThat(c.note()).doesNotContain("-0°"));
    }
}
