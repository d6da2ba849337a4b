package vantbreeze.sheet;

import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.part.Part;
import vantbreeze.structure.FlatMotion;

/**
 * A rectangle to be cut out of a sheet.
 *
 * @param id its own
 * @param name in a sentence, after "the"
 * @param sort the same for blanks of which each can stand for the other
 * @param inside the parts that are cut out of it
 * @param layings the ways it may lie, the first as it is; never empty
 * @param pin where the maker wants it
 */
public record Blank(String id, String name, String sort, List<Inside> inside, List<Laying> layings, Optional<Pin> pin) {

    /**
     * @param supply the kind of sheet
     * @param number which of those sheets, from 0
     * @param laying index of the way it lies
     */
    public record Pin(String supply, int number, Length x, Length y, int laying) {}

    /**
     * A part in its blank.
     *
     * @param of which card of the kit, "2" for the second
     * @param degrees how far it is turned in the blank, anticlockwise
     * @param x from the blank's left edge to the left of its box
     * @param y from the blank's lower edge to the bottom of its box
     */
    public record Inside(Part part, String of, double degrees, double x, double y) {

        Polygon outline() {
            return motion().apply(part.piece().polygon());
        }

        /** Carries the part to its place in the blank. */
        FlatMotion motion() {
            FlatMotion turn = FlatMotion.rotation(degrees);
            Envelope turned = turn.apply(part.piece().polygon()).getEnvelopeInternal();
            return FlatMotion.shift(x - turned.getMinX(), y - turned.getMinY()).after(turn);
        }
    }

    public Blank {
        layings = List.copyOf(layings);
        inside = List.copyOf(inside);
        if (layings.isEmpty()) {
            throw new IllegalArgumentException("The blank (%s) must lie some way.".formatted(id));
        }
    }

    double area() {
        return size().squareMillimetres();
    }

    Size size() {
        return layings.get(0).size();
    }

    Blank at(Pin wanted) {
        return new Blank(id, name, sort, inside, layings, Optional.of(wanted));
    }

    /** Carries a part, as it lies on the table, to where it lies in the blank turned so, its lower left corner at the origin. */
    public FlatMotion motion(Inside part, Laying laying) {
        FlatMotion own = part.motion();
        if (laying.degrees() == 0) {
            return own;
        }
        double w = size().width().count();
        double h = size().height().count();
        FlatMotion turn = FlatMotion.rotation(laying.degrees());
        double left = Double.POSITIVE_INFINITY;
        double bottom = Double.POSITIVE_INFINITY;
        if (inside.size() == 1) {
            Envelope turned = turn.apply(part.outline()).getEnvelopeInternal();
            left = turned.getMinX() - part.x();
            bottom = turned.getMinY() - part.y();
        } else {
            for (double[] corner : new double[][] {{0, 0}, {w, 0}, {0, h}, {w, h}}) {
                Coordinate at = turn.apply(new Coordinate(corner[0], corner[1]));
                left = Math.min(left, at.x);
                bottom = Math.min(bottom, at.y);
            }
        }
        return FlatMotion.shift(-left, -bottom).after(turn).after(own);
    }

    /** Where a part lies in the blank turned so; in counts of 1/640 mm. */
    public Polygon outline(Inside part, Laying laying) {
        return motion(part, laying).apply(part.part().piece().polygon());
    }
}
