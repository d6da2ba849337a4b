package vantbreeze.structure;

import java.util.List;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;

/**
 * A glued area between two panels.
 *
 * @param panel the panel that is laid down
 * @param side the side of it that carries the glue
 * @param onto the panel it is glued to
 * @param ontoSide the side of that panel
 * @param placement carries the panel's own flat coordinates to the flat coordinates of {@code onto}
 * @param seams where the glue is, in the panel's own flat coordinates; empty for all that lies on the other
 */
public record Bond(
        String id, String panel, Side side, String onto, Side ontoSide, FlatMotion placement, List<Polygon> seams) {

    /** Glued wherever the one lies on the other. */
    public Bond(String id, String panel, Side side, String onto, Side ontoSide, FlatMotion placement) {
        this(id, panel, side, onto, ontoSide, placement, List.of());
    }

    /** The same, glued along these only. */
    public Bond along(List<Polygon> other) {
        return new Bond(id, panel, side, onto, ontoSide, placement, other);
    }

    /**
     * Glued by its back onto a face, not turned: both are seen from the same side.
     *
     * @param right how far the glued piece's left edge lies right of the other's
     * @param up how far its lower edge lies above the other's
     */
    public static Bond laid(String panel, String onto, Length right, Length up) {
        return new Bond(
                panel + " on " + onto, panel, Side.BACK, onto, Side.FACE, FlatMotion.shift(right.count(), up.count()));
    }

    /**
     * Glued with the same side as it is glued to, turned over like a page: its x counts leftwards.
     *
     * @param right where the glued piece's left edge comes to lie, measured on the other
     */
    public static Bond turned(String panel, Side side, String onto, Length right, Length up) {
        return new Bond(
                panel + " on " + onto, panel, side, onto, side, new FlatMotion(-1, 0, right.count(), 0, 1, up.count()));
    }

    public Bond {
        seams = List.copyOf(seams);
        if (placement.turnsOver() != (side == ontoSide)) {
            throw new IllegalArgumentException(
                    "The bond (%s) glues %s to %s, so its placement must %sturn the panel over."
                            .formatted(id, side, ontoSide, side == ontoSide ? "" : "not "));
        }
    }
}
