package vantbreeze.fold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import vantbreeze.measure.Length;

/** How thick the card is where, against counting by hand and against what may not get lost: paper. */
class StackMapTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** Sides of the papers in these tests: whole steps, so that the middle of a step is never on an edge. */
    private static final int STEP = 6400;

    private static Polygon box(int x, int y, int width, int height) {
        return (Polygon) GEOMETRY.toGeometry(
                new Envelope(x * STEP, (double) (x + width) * STEP, y * STEP, (double) (y + height) * STEP));
    }

    private static List<StackMap.Layer> papers(List<Integer> numbers) {
        List<StackMap.Layer> papers = new ArrayList<>();
        for (int i = 0; i + 3 < numbers.size(); i += 4) {
            papers.add(new StackMap.Layer(
                    box(numbers.get(i), numbers.get(i + 1), 1 + numbers.get(i + 2), 1 + numbers.get(i + 3)),
                    Length.millimetres(0.25 * (1 + i % 3))));
        }
        return papers;
    }

    /** The independent second method: at the middle of every step the papers are counted one by one. */
    @Property(tries = 150)
    void everySpotIsAsThickAsThePapersThatLieThere(
            @ForAll @Size(min = 4, max = 32) List<@IntRange(min = 0, max = 7) Integer> numbers) {
        List<StackMap.Layer> papers = papers(numbers);
        StackMap map = StackMap.of(papers);
        Length thickest = Length.ZERO;
        for (int x = 0; x < 16; x++) {
            for (int y = 0; y < 16; y++) {
                Coordinate middle = new Coordinate((x + 0.5) * STEP, (y + 0.5) * STEP);
                List<StackMap.Layer> here = papers.stream()
                        .filter(p -> p.outline().getEnvelopeInternal().contains(middle))
                        .toList();
                Length thick = here.stream().map(StackMap.Layer::thickness).reduce(Length.ZERO, Length::plus);
                thickest = Length.max(thickest, thick);
                List<StackMap.Spot> spots = map.spots().stream()
                        .filter(s -> s.outline().contains(GEOMETRY.createPoint(middle)))
                        .toList();
                assertThat(spots).hasSize(here.isEmpty() ? 0 : 1);
                spots.forEach(s -> {
                    assertThat(s.layers()).isEqualTo(here.size());
                    assertThat(s.thickness()).isEqualTo(thick);
                });
            }
        }
        assertThat(map.thickest().thickness()).isEqualTo(thickest);
    }

    /** Paper is not lost and not doubled, and spots do not overlap: their areas add up to the union that JTS finds. */
    @Property(tries = 150)
    void noPaperIsLost(@ForAll @Size(min = 4, max = 40) List<@IntRange(min = 0, max = 9) Integer> numbers) {
        List<StackMap.Layer> papers = papers(numbers);
        StackMap map = StackMap.of(papers);
        double volume = papers.stream()
                .mapToDouble(p -> p.outline().getArea() * p.thickness().count())
                .sum();
        assertThat(map.spots().stream()
                        .mapToDouble(s -> s.outline().getArea() * s.thickness().count())
                        .sum())
                .isCloseTo(volume, within(1e-6 * volume));
        double covered = UnaryUnionOp.union(
                        papers.stream().map(StackMap.Layer::outline).toList())
                .getArea();
        assertThat(map.spots().stream().mapToDouble(s -> s.outline().getArea()).sum())
                .isCloseTo(covered, within(1e-6 * covered));
    }

    /** A slanting edge through a rectangle: two spots besides the triangle's own, all by hand. */
    @Test
    void aTriangleAcrossARectangleThickensWhereTheyCross() {
        Polygon triangle = GEOMETRY.createPolygon(new Coordinate[] {
            new Coordinate(0, 0), new Coordinate(4 * STEP, 0), new Coordinate(0, 4 * STEP), new Coordinate(0, 0)
        });
        StackMap map = StackMap.of(List.of(
                new StackMap.Layer(box(0, 0, 2, 4), Length.millimetres(0.5)),
                new StackMap.Layer(triangle, Length.millimetres(0.25))));
        double square = (double) STEP * STEP;
        assertThat(map.spots())
                .extracting(s -> Math.round(s.outline().getArea() / square) + " at "
                        + s.thickness().millimetres())
                .containsExactlyInAnyOrder("6 at 0.75", "2 at 0.5", "2 at 0.25");
    }

    @Test
    void aCardWithoutPaperHasNoThickness() {
        StackMap nothing = StackMap.of(List.of());
        assertThatThrownBy(nothing::thickest).isInstanceOf(IllegalStateException.class);
    }
}
