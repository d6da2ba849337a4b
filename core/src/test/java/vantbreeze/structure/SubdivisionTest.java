package vantbreeze.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import vantbreeze.structure.Subdivision.Line;

class SubdivisionTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double SNAP = 1e-3;
    private static final double ASIDE = 1e-2;

    private static Line<String> line(double x1, double y1, double x2, double y2, String what) {
        return new Line<>(new Coordinate(x1, y1), new Coordinate(x2, y2), what);
    }

    private static List<Line<String>> square(double x, double y, double side, String what) {
        return new ArrayList<>(List.of(
                line(x, y, x + side, y, what),
                line(x + side, y, x + side, y + side, what),
                line(x + side, y + side, x, y + side, what),
                line(x, y + side, x, y, what)));
    }

    private static Subdivision<String> of(List<Line<String>> lines) {
        return Subdivision.of(lines, SNAP, ASIDE);
    }

    /** Faces against the general-purpose reference, JTS: noded by a union, made by its polygonizer. */
    @Property(tries = 200)
    void facesAreThoseThatJtsFinds(
            @ForAll @Size(min = 3, max = 24) List<@IntRange(min = 0, max = 40) Integer> numbers) {
        List<Line<String>> lines = square(0, 0, 40, "frame");
        for (int i = 0; i + 3 < numbers.size(); i += 3) {
            Coordinate from = new Coordinate(numbers.get(i), numbers.get(i + 1));
            Coordinate to = new Coordinate(numbers.get(i + 2), numbers.get(i + 3));
            if (!from.equals2D(to)) {
                lines.add(new Line<>(from, to, "line " + i));
            }
        }
        List<Geometry> strings = lines.stream()
                .map(l -> (Geometry) GEOMETRY.createLineString(new Coordinate[] {l.from(), l.to()}))
                .toList();
        Polygonizer reference = new Polygonizer();
        reference.add(UnaryUnionOp.union(strings));
        @SuppressWarnings("unchecked")
        Collection<Polygon> expected = reference.getPolygons();
        List<Polygon> found =
                of(lines).faces().stream().map(Subdivision.Face::outline).toList();
        assertThat(found).hasSameSizeAs(expected);
        assertThat(found).allMatch(f -> expected.stream().anyMatch(e -> differs(f, e) < 1e-6));
        assertThat(found.stream().mapToDouble(Polygon::getArea).sum()).isCloseTo(1600, within(1e-6));
    }

    private static double differs(Polygon a, Polygon b) {
        return OverlayNGRobust.overlay(a, b, OverlayNG.SYMDIFFERENCE).getArea();
    }

    @Test
    void everyFaceKnowsAPointInsideIt() {
        List<Line<String>> lines = square(0, 0, 10, "outer");
        lines.add(line(0, 0, 10, 10, "diagonal"));
        assertThat(of(lines).faces()).hasSize(2).allMatch(f -> f.outline().contains(GEOMETRY.createPoint(f.beside())));
    }

    @Test
    void whatLiesFreeInsideIsAHole() {
        List<Line<String>> lines = square(0, 0, 10, "outer");
        lines.addAll(square(3, 3, 4, "inner"));
        Subdivision<String> plane = of(lines);
        assertThat(plane.faces()).extracting(f -> f.outline().getArea()).containsExactlyInAnyOrder(84.0, 16.0);
        assertThat(plane.edges())
                .filteredOn(e -> e.stretch().lines().contains("inner"))
                .allMatch(e -> e.left() >= 0 && e.right() >= 0);
    }

    @Test
    void linesThatPartNothingAreLoose() {
        List<Line<String>> lines = square(0, 0, 10, "outer");
        lines.add(line(5, 0, 5, 4, "spur"));
        lines.add(line(5, 4, 7, 4, "spur's end"));
        Subdivision<String> plane = of(lines);
        assertThat(plane.faces()).hasSize(1);
        assertThat(plane.loose())
                .flatExtracting(Subdivision.Stretch::lines)
                .containsExactlyInAnyOrder("spur", "spur's end");
        LineString ring = plane.faces().get(0).outline().getExteriorRing();
        assertThat(ring.getLength()).isCloseTo(40, within(1e-9));
    }

    @Test
    void linesOnEachOtherBecomeOneEdgeThatKnowsBoth() {
        List<Line<String>> lines = square(0, 0, 10, "outer");
        lines.add(line(2, 0, 6, 0, "on the edge"));
        assertThat(of(lines).edges())
                .filteredOn(e -> e.stretch().lines().size() == 2)
                .singleElement()
                .satisfies(e -> assertThat(e.stretch().segment().getLength()).isEqualTo(4));
    }
}
