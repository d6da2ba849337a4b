package vantbreeze.structure;

import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/**
 * A region of a piece bounded by edges, scores and cuts.
 *
 * @param name unique in a structure: what bonds, stages and briefs call it by
 * @param isClear whether what lies behind it is seen through it
 * @param outline in counts of 1/640 mm on the flat piece
 */
public record Panel(String name, String piece, boolean isClear, Polygon outline) {

    /** As it stands in a sentence: "the front", but "panel 4". */
    public String inWords() {
        return Character.isDigit(name.charAt(name.length() - 1)) ? name : "the " + name;
    }

    @Override
    public boolean equals(Object other) {
        return this == other
                || (other instanceof Panel panel && name.equals(panel.name) && outline.equalsExact(panel.outline));
    }

    /** By its name, which is unique in a structure: panels are looked up much more often than they are told apart. */
    @Override
    public int hashCode() {
        return name.hashCode();
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
