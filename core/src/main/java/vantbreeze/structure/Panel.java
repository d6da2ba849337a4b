package vantbreeze.structure;

import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/**
 * A region of a piece bounded by edges, scores and cuts.
 *
 * @param id the piece's and the panel's name: unique in a structure
 * @param outline in counts of 1/640 mm on the flat piece
 */
public record Panel(String id, String name, String piece, Material material, Polygon outline) {

    /** Whether what lies behind it is seen through it. */
    public boolean isClear() {
        return material == Material.FILM;
    }

    @Override
    public boolean equals(Object other) {
        return this == other
                || (other instanceof Panel panel && id.equals(panel.id) && outline.equalsExact(panel.outline));
    }

    /** By its id, which is unique in a structure: panels are looked up much more often than they are told apart. */
    @Override
    public int hashCode() {
        return id.hashCode();
    }

    /** The box around it on the flat piece. */
    public Size box() {
        Envelope box = outline.getEnvelopeInternal();
        return new Size(Length.nearestTo(box.getWidth()), Length.nearestTo(box.getHeight()));
    }

    /** @return its size if it is an upright rectangle */
    public Optional<Size> rectangle() {
        return outline.isRectangle() ? Optional.of(box()) : Optional.empty();
    }

    public double squareMillimetres() {
        return outline.getArea() / (Length.COUNTS_PER_MILLIMETRE * Length.COUNTS_PER_MILLIMETRE);
    }
}
