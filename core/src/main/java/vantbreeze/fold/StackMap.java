package vantbreeze.fold;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.structure.Regions;

/**
 * How thick the card is on each spot.
 *
 * @param spots regions of one thickness, none overlapping
 */
public record StackMap(List<Spot> spots) {

    /** @param layers how many papers lie there */
    public record Spot(Polygon outline, Length thickness, int layers) {}

    /** How something adds to the thickness. */
    public enum Lies {
        /** A paper of the stack. */
        IN,
        /** Between papers, which it keeps apart. */
        BETWEEN,
        /** Level on top of everything. */
        ABOVE,
        /** Level under everything. */
        BELOW
    }

    /**
     * One thing as it lies.
     *
     * @param thickness what it adds at the least
     * @param top of what lies level: how high it reaches over the papers' other side; where these are lower it bridges
     */
    public record Layer(Polygon outline, Length thickness, Lies lies, Length top) {

        /** A paper of the stack. */
        public Layer(Polygon outline, Length thickness) {
            this(outline, thickness, Lies.IN, Length.ZERO);
        }
    }

    /** Half of a millimetre: paper that lies on more paper over less than a millimetre across rests on what is beside it. */
    private static final double NARROW_COUNTS = Length.millimetres(0.5).count();

    /** @param layers what lies level in the order in which it is laid */
    public static StackMap of(List<Layer> layers) {
        Overlay overlay = Overlay.of(layers.stream().map(Layer::outline).toList());
        List<Spot> cells = overlay.cells().stream()
                .map(cell -> new Spot(
                        cell.outline(),
                        thickness(cell.covers().stream().mapToObj(layers::get).toList()),
                        cell.covers().cardinality()))
                .toList();
        return new StackMap(levelled(cells));
    }

    /** A sliver may lie beside another one: they are levelled until none changes, each time to a thinner spot. */
    private static List<Spot> levelled(List<Spot> spots) {
        BitSet narrow = new BitSet();
        IntStream.range(0, spots.size())
                .filter(i -> isNarrow(spots.get(i).outline()))
                .forEach(narrow::set);
        if (narrow.isEmpty()) {
            return spots;
        }
        List<Spot> levelled = new ArrayList<>(spots);
        Map<Integer, int[]> beside =
                narrow.stream().boxed().collect(Collectors.toMap(Function.identity(), i -> beside(spots, i)));
        BitSet unsettled = (BitSet) narrow.clone();
        for (int i = unsettled.nextSetBit(0); i >= 0; i = unsettled.nextSetBit(0)) {
            unsettled.clear(i);
            Spot was = levelled.get(i);
            levelled.set(i, asBeside(was, beside.get(i), levelled, narrow));
            if (levelled.get(i) != was) {
                Arrays.stream(beside.get(i)).filter(narrow::get).forEach(unsettled::set);
            }
        }
        return levelled;
    }

    /** A polygon's widest circle has at least its area over its perimeter as radius, so few have to be shrunk. */
    private static boolean isNarrow(Geometry outline) {
        return outline.getArea() < Math.PI * NARROW_COUNTS * NARROW_COUNTS
                || outline.getArea() < NARROW_COUNTS * outline.getLength()
                        && outline.buffer(-NARROW_COUNTS).isEmpty();
    }

    /** Few have to be joined, as all of them together are mostly smaller than the circle that would have to go in. */
    private static boolean areNarrow(List<Polygon> outlines) {
        return outlines.stream().mapToDouble(Polygon::getArea).sum() < Math.PI * NARROW_COUNTS * NARROW_COUNTS
                || isNarrow(Regions.union(outlines));
    }

    /** The spots that touch one, itself among them. */
    private static int[] beside(List<Spot> spots, int sliver) {
        Polygon outline = spots.get(sliver).outline();
        Envelope around = new Envelope(outline.getEnvelopeInternal());
        around.expandBy(Overlay.SNAP_COUNTS);
        return IntStream.range(0, spots.size())
                .filter(i -> spots.get(i).outline().getEnvelopeInternal().intersects(around)
                        && spots.get(i).outline().isWithinDistance(outline, Overlay.SNAP_COUNTS))
                .toArray();
    }

    /**
     * Where corners meet, rounding leaves slivers on which more panels seem to lie than on any place that could be pinched: such a
     * one is as thick as the thickest of the thinner spots beside it.
     */
    private static Spot asBeside(Spot sliver, int[] beside, List<Spot> spots, BitSet narrow) {
        int[] asThick = Arrays.stream(beside)
                .filter(i -> !spots.get(i).thickness().isLessThan(sliver.thickness()))
                .toArray();
        if (!Arrays.stream(asThick).allMatch(narrow::get)
                || !areNarrow(Arrays.stream(asThick)
                        .mapToObj(i -> spots.get(i).outline())
                        .toList())) {
            return sliver;
        }
        return Arrays.stream(beside)
                .mapToObj(spots::get)
                .filter(s -> s.thickness().isLessThan(sliver.thickness()))
                .max(Comparator.comparing(Spot::thickness))
                .map(s -> new Spot(sliver.outline(), s.thickness(), s.layers()))
                .orElse(sliver);
    }

    private static Length thickness(List<Layer> here) {
        Length papers = sum(here, Lies.IN);
        Length above = papers;
        Length below = papers;
        for (Layer layer : here) {
            if (layer.lies() == Lies.ABOVE) {
                above = laidOn(above, layer);
            } else if (layer.lies() == Lies.BELOW) {
                below = laidOn(below, layer);
            }
        }
        return above.plus(below).minus(papers).plus(sum(here, Lies.BETWEEN));
    }

    private static Length sum(List<Layer> layers, Lies lies) {
        return layers.stream()
                .filter(l -> l.lies() == lies)
                .map(Layer::thickness)
                .reduce(Length.ZERO, Length::plus);
    }

    /** Beyond the card's edge there is nothing to lie on, and what reaches there is thin. */
    private static Length laidOn(Length under, Layer layer) {
        Length least = under.plus(layer.thickness());
        return under.isPositive() ? Length.max(least, layer.top()) : least;
    }

    /** The thickest spot; of equals the largest. */
    public Spot thickest() {
        return spots.stream()
                .max(Comparator.comparing(Spot::thickness)
                        .thenComparingDouble(s -> s.outline().getArea()))
                .orElseThrow(() -> new IllegalStateException("A card without a panel has no thickness."));
    }
}
