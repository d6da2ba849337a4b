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
