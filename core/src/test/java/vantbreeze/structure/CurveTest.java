package vantbreeze.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.algorithm.Angle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;

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
            for (Curve.Cubic c : new Curve.Arc(from, to, 3200, anticlockwise).cubics()) {
                assertThat(c.from()).isEqualTo(at);
                for (double t = 0; t <= 1; t += 0.125) {
                    Coordinate place = c.at(t);
                    assertThat(Math.hypot(place.x - 5000, place.y - 5000)).isCloseTo(3200, within(0.03));
                    double turned = Math.IEEEremainder(Math.atan2(place.y - 5000, place.x - 5000) - 1, 2 * Math.PI);
                    assertThat(anticlockwise ? turned : -turned).isBetween(-1e-6, turn + 1e-6);
                }
                at = c.to();
            }
            assertThat(at.distance(to)).isZero();
        }
    }

    static Stream<Arguments> outlines() {
        return Silhouette.names(s -> true).stream()
                .flatMap(name -> Stream.of("1", "2 1/2", "6").map(width -> Arguments.of(name, width)));
    }

    /**
     * A silhouette's curves come back as few: none leaves the outline by more than it was flattened, all its corners lie on
     * them, and they meet.
     */
    @ParameterizedTest
    @MethodSource("outlines")
    void aFlattenedOutlineIsFewCurvesAgain(String name, String width) {
        Length wide = Length.parse(width, UnitSystem.INCH);
        LinearRing ring = Silhouette.parse(name)
                .scaled(wide, wide.times(5).dividedBy(4).each())
                .getExteriorRing();
        List<Curve> curves = Curve.of(ring);
        List<Coordinate> along = new ArrayList<>();
        for (int i = 0; i < curves.size(); i++) {
            Curve curve = curves.get(i);
            assertThat(curve.to()).isEqualTo(curves.get((i + 1) % curves.size()).from());
            along.add(curve.from());
            List<Curve.Cubic> parts = curve instanceof Curve.Arc arc
                    ? arc.cubics()
                    : curve instanceof Curve.Cubic cubic ? List.of(cubic) : List.of();
            parts.forEach(c -> IntStream.range(1, 400).forEach(k -> along.add(c.at(k / 400.0))));
        }
        along.add(along.get(0));
        LineString way = GEOMETRY.createLineString(along.toArray(new Coordinate[0]));
        assertThat(along)
                .allSatisfy(
                        c -> assertThat(ring.distance(GEOMETRY.createPoint(c))).isLessThan(20));
        assertThat(ring.getCoordinates())
                .allSatisfy(
                        c -> assertThat(way.distance(GEOMETRY.createPoint(c))).isLessThan(5));
        long smooth = IntStream.range(1, ring.getNumPoints() - 1)
                .filter(i -> Angle.toDegrees(Math.PI
                                - Angle.angleBetween(
                                        ring.getCoordinateN(i - 1), ring.getCoordinateN(i), ring.getCoordinateN(i + 1)))
                        < 10)
                .count();
        assertThat(curves.size()).isLessThanOrEqualTo((int) (ring.getNumPoints() - smooth / 2));
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
        List<Curve> curves = Curve.of((LinearRing) Piece.rectangle("base", Length.inches(4), Length.inches(6))
                .build()
                .polygon()
                .getExteriorRing());
        assertThat(curves).hasSize(4);
        for (int i = 0; i < 4; i++) {
            assertThat(curves.get(i).to()).isEqualTo(curves.get((i + 1) % 4).from());
        }
    }
}
