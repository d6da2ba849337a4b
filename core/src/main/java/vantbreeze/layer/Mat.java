package vantbreeze.layer;

import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Piece;
import vantbreeze.structure.PieceBuilder;
import vantbreeze.structure.Point;
import vantbreeze.structure.Side;

/**
 * One mat on one face. All borders are to the edges of what lies under it: the panel, or the layer below.
 *
 * @param layer 1 lies on the panel
 * @param size as cut, on the matting grid
 * @param left border on the flat piece, seen from its face side
 * @param right border
 * @param top border
 * @param bottom border
 * @param outline where it lies on the flat piece, in counts of 1/640 mm
 */
public record Mat(
        Face face, int layer, Size size, Length left, Length right, Length top, Length bottom, Polygon outline) {

    /** A mat of any outline, moved inward from what is under it by the same border all round. */
    static Mat shaped(Face face, int layer, Polygon outline, Length border) {
        Envelope box = outline.getEnvelopeInternal();
        Size size = new Size(Length.nearestTo(box.getWidth()), Length.nearestTo(box.getHeight()));
        return new Mat(face, layer, size, border, border, border, border, outline);
    }

    public double squareMillimetres() {
        return outline.getArea() / (Length.COUNTS_PER_MILLIMETRE * Length.COUNTS_PER_MILLIMETRE);
    }

    public boolean isRectangle() {
        return outline.isRectangle();
    }

    /**
     * The outline as it lies on the table, its own good side up, its lower left corner at the origin: a mat for the back of
     * a panel is the mirror image of how it lies on the flat piece.
     */
    public Polygon asCut() {
        Envelope box = outline.getEnvelopeInternal();
        return face.side() == Side.BACK
                ? new FlatMotion(-1, 0, box.getMaxX(), 0, 1, -box.getMinY()).apply(outline)
                : FlatMotion.shift(-box.getMinX(), -box.getMinY()).apply(outline);
    }

    /** The same for all mats that can be laid on each other without turning one over. */
    public String shape() {
        return asCut().norm().toText();
    }

    /** The mat as a piece to cut around. */
    public Piece template() {
        Polygon cut = asCut();
        PieceBuilder piece = Piece.outline(
                "mat for the " + face.label(), corners(cut.getExteriorRing()).toArray(new Point[0]));
        for (int i = 0; i < cut.getNumInteriorRing(); i++) {
            piece.hole(corners(cut.getInteriorRingN(i)));
        }
        return piece.build();
    }

    private static List<Point> corners(LinearRing ring) {
        return Arrays.stream(ring.getCoordinates(), 0, ring.getNumPoints() - 1)
                .map(c -> new Point(Length.nearestTo(c.x), Length.nearestTo(c.y)))
                .toList();
    }

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** @param under what it is laid on, in counts; the borders follow from its place inside */
    static Mat on(Face face, int layer, Size size, Envelope under, Length left, Length bottom) {
        Envelope box = new Envelope(
                under.getMinX() + left.count(),
                under.getMinX() + left.count() + size.width().count(),
                under.getMinY() + bottom.count(),
                under.getMinY() + bottom.count() + size.height().count());
        return new Mat(
                face,
                layer,
                size,
                left,
                Length.nearestTo(under.getMaxX() - box.getMaxX()),
                Length.nearestTo(under.getMaxY() - box.getMaxY()),
                bottom,
                (Polygon) GEOMETRY.toGeometry(box));
    }
}
