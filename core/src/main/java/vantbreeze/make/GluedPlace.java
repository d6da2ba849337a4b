package vantbreeze.make;

import org.locationtech.jts.geom.Envelope;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Side;

/**
 * Where something glued comes to lie, measured between edges on the panel that takes it, as the maker looks at the side
 * with the glue. What lies on the back is seen there with left and right exchanged.
 *
 * @param laid the box around what is glued, in the taking panel's flat coordinates
 * @param onto the box around the taking panel
 */
public record GluedPlace(Envelope laid, Envelope onto, Side side) {

    public String text(Ruler ruler) {
        Length atMinimum = Length.nearestTo(laid.getMinX() - onto.getMinX());
        Length atMaximum = Length.nearestTo(onto.getMaxX() - laid.getMaxX());
        boolean turned = side == Side.BACK;
        return "%s and %s"
                .formatted(
                        edge(ruler, "left", turned ? atMaximum : atMinimum, "right", turned ? atMinimum : atMaximum),
                        edge(
                                ruler,
                                "lower",
                                Length.nearestTo(laid.getMinY() - onto.getMinY()),
                                "upper",
                                Length.nearestTo(onto.getMaxY() - laid.getMaxY())));
    }

    /** From the first edge; where it reaches over that one, from the other; where it reaches over both, by how much. */
    private static String edge(Ruler ruler, String first, Length fromFirst, String other, Length fromOther) {
        if (!fromFirst.isNegative()) {
            return inside(ruler, first, fromFirst);
        }
        return fromOther.isNegative()
                ? "reaching %s over the %s edge".formatted(ruler.text(fromFirst.negated()), first)
                : inside(ruler, other, fromOther);
    }

    private static String inside(Ruler ruler, String edge, Length from) {
        return from.equals(Length.ZERO)
                ? "its %s edge on the %s edge".formatted(edge, edge)
                : "its %s edge %s from the %s edge".formatted(edge, ruler.text(from), edge);
    }
}
