package vantbreeze.sheet;

import java.util.Optional;
import vantbreeze.measure.Size;
import vantbreeze.part.Part.Grain;

/**
 * A kind of sheet that parts can be cut from, its pattern's up at the top.
 *
 * @param id of the sheet in the drawer, or of the table
 * @param count how many there are; {@link #UNLIMITED} of what can be bought
 * @param owned whether it lies in the drawer
 * @param grain which way its fibres run; empty if nobody knows
 */
public record Supply(String id, String name, Size size, int count, boolean owned, Optional<Grain> grain) {

    public static final int UNLIMITED = 10_000;

    public Supply {
        if (count < 1) {
            throw new IllegalArgumentException("There must be at least one sheet %s, not %d.".formatted(name, count));
        }
    }

    public static Supply bought(String id, String name, Size size) {
        return new Supply(id, name, size, UNLIMITED, false, Optional.empty());
    }

    Supply withCount(int other) {
        return new Supply(id, name, size, other, owned, grain);
    }

    double area() {
        return size.squareMillimetres();
    }
}
