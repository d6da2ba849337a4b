package vantbreeze.structure;

import java.util.Optional;
import vantbreeze.measure.Length;

/**
 * A panel that runs along a straight line on another one, under a band or in a slot.
 *
 * @param panel the panel that runs
 * @param side the side of it that lies on the other
 * @param onto the panel that it runs on
 * @param placement carries the panel's own flat coordinates to those of {@code onto} before it is moved
 * @param dx direction of the way on {@code onto}, with {@code dy} a unit vector
 * @param travel how far it goes before something stops it
 * @param band the panel that it runs under
 * @param stud where a stud through its slot is fixed to {@code onto}
 */
public record Slide(
        String id,
        String panel,
        Side side,
        String onto,
        Side ontoSide,
        FlatMotion placement,
        double dx,
        double dy,
        Length travel,
        String band,
        Optional<Point> stud) {

    public Slide {
        if (placement.turnsOver() != (side == ontoSide)) {
            throw new IllegalArgumentException(
                    "The slide (%s) lays %s on %s, so its placement must %sturn the panel over."
                            .formatted(id, side, ontoSide, side == ontoSide ? "" : "not "));
        }
        if (Math.abs(Math.hypot(dx, dy) - 1) > 1e-9) {
            throw new IllegalArgumentException("The way of the slide (%s) must be a unit vector.".formatted(id));
        }
    }

    /** Where it lies after running so far. */
    public FlatMotion at(Length run) {
        return FlatMotion.shift(dx * run.count(), dy * run.count()).after(placement);
    }
}
