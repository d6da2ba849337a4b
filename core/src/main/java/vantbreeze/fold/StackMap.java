package vantbreeze.fold;

import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;

/**
 * How thick the card is on each spot.
 *
 * @param spots regions of one thickness, none overlapping
 */
public record StackMap(List<Spot> spots) {

    /** @param layers how many papers lie there */
    public record Spot(Polygon outline, Length thickness, int layers) {}

    /** One paper as it lies. */
    public record Layer(Polygon outline, Length thickness) {}

    public static StackMap of(List<Layer> layers) {
        Overlay overlay = Overlay.of(layers.stream().map(Layer::outline).toList());
        return new StackMap(overlay.cells().stream()
                .map(cell -> new Spot(
                        cell.outline(),
                        cell.covers().stream()
                                .mapToObj(i -> layers.get(i).thickness())
                                .reduce(Length.ZERO, Length::plus),
                        cell.covers().cardinality()))
                .toList());
    }

    /** The thickest spot; of equals the largest. */
    public Spot thickest() {
        return spots.stream()
                .max(Comparator.comparing(Spot::thickness)
                        .thenComparingDouble(s -> s.outline().getArea()))
                .orElseThrow(() -> new IllegalStateException("A card without a panel has no thickness."));
    }
}
