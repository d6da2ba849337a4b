package vantbreeze.layer;

import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Side;

/**
 * One paper on one face. All borders are to the edges of what lies under it: the panel, or the layer below.
 *
 * @param layer 1 lies on the panel
 * @param size as cut, on the matting grid
 * @param left border on the flat piece, seen from its face side
 * @param right border
 * @param top border
 * @param bottom border
 * @param outline where it lies on the flat piece, in counts of 1/640 mm
 * @param turned whether it is laid the other way up than it is mostly seen
 */
public record Mat(
        Face face,
        Kind kind,
        int layer,
        Paper paper,
        Size size,
        Length left,
        Length right,
        Length top,
        Length bottom,
        Polygon outline,
        boolean turned) {

    /** What a paper is on its face. */
    public enum Kind {
        /** Covers the whole panel. */
        GROUND("ground"),
        MAT("mat"),
        /** Plain, to write on. */
        NOTE("writing mat"),
        STRIP("strip");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    private static final double FULL_TURN = 360;

    /** What every layer of a face has in common. */
    record Lay(Face face, Kind kind, int layer, Paper paper, boolean turned) {}

    /** Of any outline, moved inward from what is under it by the same border all round. */
    static Mat shaped(Lay lay, Polygon outline, Length border) {
        Envelope box = outline.getEnvelopeInternal();
        Size size = new Size(Length.nearestTo(box.getWidth()), Length.nearestTo(box.getHeight()));
        return of(lay, size, border, border, border, border, outline);
    }

    private static Mat of(Lay lay, Size size, Length left, Length right, Length top, Length bottom, Polygon outline) {
        return new Mat(
                lay.face(),
                lay.kind(),
                lay.layer(),
                lay.paper(),
                size,
                left,
                right,
                top,
                bottom,
                outline,
                lay.turned());
    }

    /** Where its pattern's up is on the flat piece, in degrees anticlockwise from the piece's up, from -180 to 180. */
    public double up() {
        return Math.IEEEremainder(face.up() + (turned ? FULL_TURN / 2 : 0), FULL_TURN);
    }

    /** The same on the mat as it is cut, its good side up. */
    public double upAsCut() {
        return face.side() == Side.BACK ? -up() : up();
    }

    /** Whether its borders are alike all round. */
    public boolean hasEvenBorders() {
        return left.equals(right) && left.equals(top) && left.equals(bottom);
    }

    public double squareMillimetres() {
        return outline.getArea() / (Length.COUNTS_PER_MILLIMETRE * Length.COUNTS_PER_MILLIMETRE);
    }

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** @param under what it is laid on, in counts; the borders follow from its place inside */
    static Mat on(Lay lay, Size size, Envelope under, Length left, Length bottom) {
        Envelope box = new Envelope(
                under.getMinX() + left.count(),
                under.getMinX() + left.count() + size.width().count(),
                under.getMinY() + bottom.count(),
                under.getMinY() + bottom.count() + size.height().count());
        return of(
                lay,
                size,
                left,
                Length.nearestTo(under.getMaxX() - box.getMaxX()),
                Length.nearestTo(under.getMaxY() - box.getMaxY()),
                bottom,
                (Polygon) GEOMETRY.toGeometry(box));
    }
}
