package vantbreeze.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;

/** Flattened curves as arcs again. */
class CurveTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static LinearRing circle(double radius, int edges) {
        Coordinate[] c = new Coordinate[edges + 1];
        for (int i = 0; i < edges; i++) {
            double angle = 2 * Math.PI * i / edges;
            c[i] = new Coordinate(
                    Math.rint(5000 + radius * Math.cos(angle)), Math.rint(5000 + radius * Math.sin(angle)));
        }
        c[edges] = c[0];
        return GEOMETRY.createLinearRing(c);
    }

    @ParameterizedTest
    @ValueSource(doubles = {3200, 16_000, 64_000})
    void aFlattenedCircleIsArcsOfItsRadius(double radius) {
        List<Curve> curves = Curve.of(circle(radius, 180));
        assertThat(curves).hasSizeLessThanOrEqualTo(4).allSatisfy(c -> {
            assertThat(c).isInstanceOf(Curve.Arc.class);
            assertThat(((Curve.Arc) c).radius()).isCloseTo(radius, within(radius * 1e-3));
            assertThat(((Curve.Arc) c).anticlockwise()).isTrue();
        });
        double length = curves.stream()
                .mapToDouble(c -> 2 * radius * Math.asin(Math.min(1, c.from().distance(c.to()) / 2 / radius)))
                .sum();
        assertThat(length).isCloseTo(2 * Math.PI * radius, within(radius * 2e-3));
    }

    /** Cubic curves go where the arc does, whichever way round; their middles by de Casteljau. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void anArcIsFollowedByCubics(boolean anticlockwise) {
        for (double turn = 0.1; turn < Math.PI; turn += 0.3) {
            Coordinate from = new Coordinate(5000 + 3200 * Math.cos(1), 5000 + 3200 * Math.sin(1));
            double end = 1 + (anticlockwise ? turn : -turn);
            Coordinate to = new Coordinate(5000 + 3200 * Math.cos(end), 5000 + 3200 * Math.sin(end));
            Coordinate at = from;
            for (Coordinate[] c : new Curve.Arc(from, to, 3200, anticlockwise).cubics()) {
                for (double t = 0; t <= 1; t += 0.125) {
                    double u = 1 - t;
                    double x = u * u * u * at.x + 3 * u * u * t * c[0].x + 3 * u * t * t * c[1].x + t * t * t * c[2].x;
                    double y = u * u * u * at.y + 3 * u * u * t * c[0].y + 3 * u * t * t * c[1].y + t * t * t * c[2].y;
                    assertThat(Math.hypot(x - 5000, y - 5000)).isCloseTo(3200, within(0.03));
                    double turned = Math.IEEEremainder(Math.atan2(y - 5000, x - 5000) - 1, 2 * Math.PI);
                    assertThat(anticlockwise ? turned : -turned).isBetween(-1e-6, turn + 1e-6);
                }
                at = c[2];
            }
            assertThat(at.distance(to)).isZero();
        }
    }

    /** Its corners lie on a circle too, but its edges are straight. */
    @Test
    void anOctagonStaysAnOctagon() {
        assertThat(Curve.of(circle(32_000, 8)))
                .hasSize(8)
                .allSatisfy(c -> assertThat(c).isInstanceOf(Curve.Straight.class));
    }

    @Test
    void aRectangleIsFourStraightStretchesThatMeet() {
        List<Curve> curves = Curve.of((LinearRing)
                Piece.rectangle("base", vantbreeze.measure.Length.inches(4), vantbreeze.measure.Length.inches(6))
                        .build()
                        .polygon()
                        .getExteriorRing());
        assertThat(curves).hasSize(4);
        for (int i = 0; i < 4; i++) {
            assertThat(curves.get(i).to()).isEqualTo(curves.get((i + 1) % 4).from());
        }
    }
}
