package vantbreeze.layer;

import java.util.Optional;
import java.util.function.Function;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Regions;

/**
 * What becomes of an ornament's shape and place on the panel that it lies on, looking at the face.
 *
 * @param cut as it is cut out
 * @param outline what is left of it once it is trimmed, the lower left corner of its box at the origin
 * @param x from the panel's left edge to the left of that box
 * @param y from the panel's lower edge to its bottom
 */
public record Laid(Outline cut, Outline outline, Length x, Length y) {

    /**
     * @param panel as one looks at the face, the lower left corner of its box at the origin
     * @param earlier what another ornament of the face became, by its name
     * @return nothing where the panel leaves too little for it, or what it is laid by is not there
     */
    static Optional<Laid> of(
            Ornament ornament, Polygon panel, ToolGrid grid, Function<String, Optional<Laid>> earlier) {
        return ornament.shape()
                .on(panel, grid, outline -> placed(ornament, outline, panel, earlier))
                .flatMap(laid -> ornament.trimmed() ? laid.trimmed(panel) : Optional.of(laid));
    }

    private static Optional<Laid> placed(
            Ornament ornament, Outline outline, Polygon panel, Function<String, Optional<Laid>> earlier) {
        Size size = outline.size();
        return ground(ornament.x(), panel, earlier)
                .flatMap(across -> ground(ornament.y(), panel, earlier)
                        .map(up -> new Laid(
                                outline,
                                outline,
                                ornament.x()
                                        .place(
                                                Length.nearestTo(across.getMinX()),
                                                Length.nearestTo(across.getMaxX()),
                                                size.width()),
                                ornament.y()
                                        .place(
                                                Length.nearestTo(up.getMinY()),
                                                Length.nearestTo(up.getMaxY()),
                                                size.height()))));
    }

    /** Cut to that outline and laid where it is. */
    static Optional<Laid> where(Polygon lying) {
        Envelope box = lying.getEnvelopeInternal();
        return Outline.of(lying)
                .map(o -> new Laid(o, o, Length.nearestTo(box.getMinX()), Length.nearestTo(box.getMinY())));
    }

    private static Optional<Envelope> ground(Anchor anchor, Polygon panel, Function<String, Optional<Laid>> earlier) {
        return anchor.of().isEmpty()
                ? Optional.of(panel.getEnvelopeInternal())
                : earlier.apply(anchor.of().get()).map(Laid::box);
    }

    private Envelope box() {
        Envelope box = outline.polygon().getEnvelopeInternal();
        box.translate(x.count(), y.count());
        return box;
    }

    private Optional<Laid> trimmed(Polygon panel) {
        Polygon whole = FlatMotion.shift(x.count(), y.count()).apply(outline.polygon());
        Geometry left = Regions.intersection(whole, panel);
        return left.isEmpty()
                ? Optional.empty()
                : where(Regions.largest(left)).map(l -> new Laid(cut, l.outline(), l.x(), l.y()));
    }

    /** Whether something of it is cut off once it lies. */
    public boolean isTrimmed() {
        return !cut.polygon().equalsTopo(outline.polygon());
    }
}
