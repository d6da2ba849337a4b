package vantbreeze.layer;

import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

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
