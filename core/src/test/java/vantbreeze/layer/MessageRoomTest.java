package vantbreeze.layer;

import static org.assertj.core.api.Assertions.assertThat;
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
import vantbreeze.measure.Length;

/** The largest plain rectangle, against trying all of them on a grid. */
class MessageRoomTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final long INCH = Length.inches(1).count();

    /** Columns 1 in wide side by side. */
    private static Polygon skyline(List<Integer> heights) {
        List<Coordinate> ring = new ArrayList<>(List.of(new Coordinate(0, 0)));
        for (int i = 0; i < heights.size(); i++) {
            ring.add(new Coordinate(i * INCH, heights.get(i) * INCH));
            ring.add(new Coordinate((i + 1) * INCH, heights.get(i) * INCH));
        }
        ring.add(new Coordinate(heights.size() * INCH, 0));
        ring.add(new Coordinate(0, 0));
        return GEOMETRY.createPolygon(ring.toArray(new Coordinate[0]));
    }

    private static boolean isFree(List<Integer> heights, Envelope taken, int left, int right, int low, int high) {
        boolean within = heights.subList(left, right).stream().allMatch(h -> h >= high);
        Envelope here = new Envelope(left * INCH, right * INCH, low * INCH, high * INCH);
        return within && here.intersection(taken).getArea() == 0;
    }

    private static int largestByTrying(List<Integer> heights, Envelope taken) {
        int largest = 0;
        for (int left = 0; left < heights.size(); left++) {
            for (int right = left + 1; right <= heights.size(); right++) {
                for (int low = 0; low < 8; low++) {
                    for (int high = low + 1; high <= 8; high++) {
                        int wide = right - left;
                        int tall = high - low;
                        boolean roomy = Math.max(wide, tall) >= 3 && Math.min(wide, tall) >= 2;
                        if (roomy && isFree(heights, taken, left, right, low, high)) {
                            largest = Math.max(largest, wide * tall);
                        }
                    }
                }
            }
        }
        return largest;
    }

    @Property(tries = 300)
    void isAsLargeAsTheLargestFoundByTryingAll(
            @ForAll @Size(min = 2, max = 6) List<@IntRange(min = 1, max = 8) Integer> heights,
            @ForAll @IntRange(min = 0, max = 5) int x,
            @ForAll @IntRange(min = 0, max = 7) int y,
            @ForAll @IntRange(min = 1, max = 3) int side) {
        Envelope taken = new Envelope(x * INCH, (x + side) * INCH, y * INCH, (y + 1) * INCH);
        double found = MessageRoom.largest(skyline(heights), List.of(taken))
                .map(s -> s.squareMillimetres() / (25.4 * 25.4))
                .orElse(0.0);
        assertThat(found).isCloseTo(largestByTrying(heights, taken), within(1e-6));
    }

    /** Half the width by half the height of a right triangle is the largest rectangle in it (school geometry). */
    @Test
    void inATriangleItIsFoundNearlyInFull() {
        Polygon triangle = GEOMETRY.createPolygon(new Coordinate[] {
            new Coordinate(0, 0), new Coordinate(8 * INCH, 0), new Coordinate(0, 8 * INCH), new Coordinate(0, 0)
        });
        assertThat(MessageRoom.largest(triangle, List.of()))
                .as("its corners lie on no corner of the outline: a smaller one, or none, but never one that leaves it")
                .satisfies(room -> room.ifPresent(
                        size -> assertThat(size.squareMillimetres()).isLessThanOrEqualTo(16.0 * 25.4 * 25.4)));
    }

    @Test
    void aSmallPanelHasNoRoom() {
        assertThat(MessageRoom.largest(skyline(List.of(1, 1)), List.of())).isEmpty();
        assertThat(MessageRoom.largest(skyline(List.of(3, 3)), List.of()))
                .contains(new vantbreeze.measure.Size(Length.inches(2), Length.inches(3)));
    }
}
