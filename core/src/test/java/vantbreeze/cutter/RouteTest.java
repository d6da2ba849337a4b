package vantbreeze.cutter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;

/** The stand-in for a cutting machine, on files made by hand. */
class RouteTest {

    /** Round numbers: 10 mm/s cutting, 20 scoring, 100 travelling, half a second down and half a second up. */
    private static final Machine MACHINE = new Machine(200, 100, 10, 20, 100, 0.5, 0.2);

    private static Stroke line(Stroke.Kind kind, double... xy) {
        List<Coordinate> points = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            points.add(new Coordinate(xy[i], xy[i + 1]));
        }
        return new Stroke(kind, points);
    }

    private static Stroke square(double x, double y, double side) {
        return line(Stroke.Kind.CUT, x, y, x + side, y, x + side, y + side, x, y + side, x, y);
    }

    private static List<Refusal.Reason> refused(Stroke... strokes) {
        return Inspection.of(List.of(strokes), MACHINE).stream()
                .map(Refusal::reason)
                .toList();
    }

    /** By hand: to (30, 40) 50 mm at 100 is 0.5 s; around 4 x 20 at 10 is 8 s and 1 s for the blade; back 0.5 s. */
    @Test
    void theTimeIsTheOneReckonedByHand() {
        Route route = Route.of(List.of(square(30, 40, 20)), MACHINE);
        assertThat(route.legs()).hasSize(3);
        assertThat(route.seconds()).isCloseTo(0.5 + 1 + 8 + 0.5, within(1e-9));
    }

    /** Scores first; of nested cuts the inner one; then the nearest. */
    @Test
    void scoresComeFirstThenWhatLiesInsideThenTheNearest() {
        List<Stroke> strokes = List.of(
                square(10, 10, 80), square(30, 30, 10), square(110, 10, 10), line(Stroke.Kind.SCORE, 20, 12, 20, 88));
        List<Integer> order = Route.of(strokes, MACHINE).legs().stream()
                .filter(l -> !l.isTravel())
                .map(Route.Leg::stroke)
                .toList();
        assertThat(order).containsExactly(3, 1, 0, 2);
        assertThat(order.indexOf(1)).isLessThan(order.indexOf(0));
    }

    /** There and back, round twice, and a tail along the first edge; a star's points and a spiral are no such thing. */
    @Test
    void aLineThatGoesBackOverItselfIsDoubled() {
        assertThat(refused(line(Stroke.Kind.SLIT, 10, 10, 60, 10, 10, 10))).containsExactly(Refusal.Reason.DOUBLED);
        assertThat(refused(line(Stroke.Kind.CUT, 10, 10, 30, 10, 30, 30, 10, 10, 30, 10, 30, 30, 10, 10)))
                .containsExactly(Refusal.Reason.DOUBLED);
        assertThat(refused(line(Stroke.Kind.CUT, 10, 10, 60, 10, 60, 40, 60, 10.02, 40, 10.02, 30, 40, 10, 10)))
                .containsExactly(Refusal.Reason.DOUBLED);
        double[] star = new double[22];
        double[] spiral = new double[400];
        for (int i = 0; i <= 10; i++) {
            double r = i % 2 == 0 ? 40 : 16;
            star[2 * i] = 60 + r * Math.sin(i % 10 * Math.PI / 5);
            star[2 * i + 1] = 50 + r * Math.cos(i % 10 * Math.PI / 5);
        }
        for (int i = 0; i < 200; i++) {
            spiral[2 * i] = 60 + 0.2 * i * Math.sin(i * 0.2);
            spiral[2 * i + 1] = 50 + 0.2 * i * Math.cos(i * 0.2);
        }
        assertThat(refused(line(Stroke.Kind.CUT, star))).isEmpty();
        assertThat(refused(line(Stroke.Kind.SLIT, spiral))).isEmpty();
    }

    @Test
    void whatCannotBeCutIsRefused() {
        assertThat(refused()).containsExactly(Refusal.Reason.NOTHING);
        assertThat(refused(square(10, 10, 50))).isEmpty();
        assertThat(refused(square(160, 10, 50))).containsExactly(Refusal.Reason.OFF_BED);
        assertThat(refused(line(Stroke.Kind.CUT, 10, 10, 60, 10, 60, 60))).containsExactly(Refusal.Reason.OPEN_CUT);
        assertThat(refused(line(Stroke.Kind.SLIT, 10, 10, 60, 10))).isEmpty();
        assertThat(refused(square(10, 10, 50), line(Stroke.Kind.CUT, 10, 30, 60, 30)))
                .isEmpty();
        assertThat(refused(square(10, 10, 50), square(10, 10, 50))).containsExactly(Refusal.Reason.DOUBLED);
        assertThat(refused(square(10, 10, 50), line(Stroke.Kind.SCORE, 10, 20, 10, 40)))
                .containsExactly(Refusal.Reason.SCORE_CUT_THROUGH);
        assertThat(refused(square(10, 10, 50), line(Stroke.Kind.SCORE, 10, 30, 60, 30)))
                .isEmpty();
        assertThat(refused(line(Stroke.Kind.SCORE, 10, 10, 10.1, 10))).containsExactly(Refusal.Reason.TOO_SHORT);
    }

    /** Every stroke is followed once and wholly, whatever the file: lengths and lifts add up. */
    @Test
    void everyStrokeIsFollowedOnce() {
        Random random = new Random(3);
        for (int i = 0; i < 100; i++) {
            List<Stroke> strokes = Stream.generate(() -> random.nextBoolean()
                            ? square(random.nextDouble() * 150, random.nextDouble() * 60, 1 + random.nextDouble() * 30)
                            : line(
                                    Stroke.Kind.values()[random.nextInt(3)],
                                    random.nextDouble() * 150,
                                    random.nextDouble() * 90,
                                    random.nextDouble() * 150,
                                    random.nextDouble() * 90))
                    .limit(1 + random.nextInt(25))
                    .toList();
            Route route = Route.of(strokes, MACHINE);
            assertThat(route.legs().stream().filter(l -> !l.isTravel()).map(Route.Leg::stroke))
                    .containsExactlyInAnyOrderElementsOf(java.util.stream.IntStream.range(0, strokes.size())
                            .boxed()
                            .toList());
            double work = strokes.stream()
                    .mapToDouble(s -> 1 + s.length() / MACHINE.speed(s.kind()))
                    .sum();
            double travelled = route.legs().stream()
                    .filter(Route.Leg::isTravel)
                    .mapToDouble(l -> l.points().get(0).distance(l.points().get(1)))
                    .sum();
            assertThat(route.seconds()).isCloseTo(work + travelled / 100, within(1e-6));
            Coordinate head = new Coordinate(0, 0);
            for (Route.Leg leg : route.legs()) {
                assertThat(leg.points().get(0).distance(head)).isLessThan(1e-9);
                head = leg.points().get(leg.points().size() - 1);
            }
            assertThat(head.distance(new Coordinate(0, 0))).isLessThan(1e-9);
        }
    }
}
