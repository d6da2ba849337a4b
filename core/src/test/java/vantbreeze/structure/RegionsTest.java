package vantbreeze.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** The short cuts for rectangles, against JTS's own overlay of the same shapes. */
class RegionsTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static Polygon rectangle(List<Integer> n) {
        return (Polygon)
                GEOMETRY.toGeometry(new Envelope(n.get(0), n.get(0) + n.get(2) + 1, n.get(1), n.get(1) + n.get(3) + 1));
    }

    private static Polygon triangle(List<Integer> n) {
        Coordinate corner = new Coordinate(n.get(0), n.get(1));
        return GEOMETRY.createPolygon(new Coordinate[] {
            corner,
            new Coordinate(n.get(0) + n.get(2) + 1, n.get(1)),
            new Coordinate(n.get(0), n.get(1) + n.get(3) + 1),
            corner
        });
    }

    @Property(tries = 400)
    void whatIsCutWithOrOutOfAShapeIsWhatJtsFinds(
            @ForAll @Size(4) List<@IntRange(min = 0, max = 9) Integer> one,
            @ForAll @Size(4) List<@IntRange(min = 0, max = 9) Integer> other,
            @ForAll boolean slanting,
            @ForAll boolean otherSlanting) {
        Geometry a = slanting ? triangle(one) : rectangle(one);
        Geometry b = otherSlanting ? triangle(other) : rectangle(other);
        double shared = a.intersection(b).getArea();
        assertThat(Regions.intersection(a, b).getArea()).isCloseTo(shared, within(1e-9));
        assertThat(Regions.difference(a, b).getArea()).isCloseTo(a.getArea() - shared, within(1e-9));
        assertThat(Regions.union(List.of((Polygon) a, (Polygon) b)).getArea())
                .isCloseTo(a.getArea() + b.getArea() - shared, within(1e-9));
        assertThat(Regions.intersection(a, b).difference(a.buffer(1e-6)).isEmpty())
                .isTrue();
        assertThat(Regions.difference(a, b).intersection(b).getArea()).isCloseTo(0, within(1e-9));
    }

    /** Two shapes that overlap here and only touch there: what is left can be overlaid again. */
    @Example
    void whatOnlyTouchesIsNoRegion() throws Exception {
        var reader = new org.locationtech.jts.io.WKTReader();
        var comb = (Polygon) reader.read("POLYGON ((0 0, 30 0, 30 10, 20 10, 20 5, 10 5, 10 10, 0 10, 0 0))");
        var bar = (Polygon) reader.read("POLYGON ((-5 10, 15 10, 15 4, 35 4, 35 20, -5 20, -5 10))");
        var both = Regions.intersection(comb, bar);
        assertThat(both.getDimension()).isEqualTo(2);
        assertThat(Regions.intersection(both, comb).getArea()).isCloseTo(both.getArea(), within(1e-9));
    }
}
