package vantbreeze.sheet;

import java.util.Optional;
import vantbreeze.measure.Size;
import vantbreeze.part.Part.Grain;

/**
 * One way in which a blank may lie on a sheet.
 *
 * @param size its box, lying so
 * @param degrees how far it is turned, anticlockwise
 * @param grain which way the sheet's fibres have to run; empty if it does not matter
 */
public record Laying(Size size, double degrees, Optional<Grain> grain) {

    boolean suits(Supply supply) {
        return grain.isEmpty() || supply.grain().isEmpty() || grain.equals(supply.grain());
    }
}
