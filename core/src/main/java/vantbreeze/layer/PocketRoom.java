package vantbreeze.layer;

import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.structure.Held;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Regions;
import vantbreeze.structure.Structure;

/**
 * What a pocket holds and how much of it can be taken hold of.
 *
 * @param size of what is held, as it lies
 * @param bottom how far its lower edge lies above the pocket's
 * @param depth the highest part of its near edge that the pocket covers
 * @param atRest what shows where it lies
 * @param slid what shows when it has slid as far as it can
 */
public record PocketRoom(Held held, Size size, Length bottom, Length depth, Shown atRest, Shown slid) {

    /**
     * What shows of something in a pocket.
     *
     * @param width of the box around it
     * @param height of the box around it
     * @param share of the whole thing, 0 to 1
     */
    public record Shown(Length width, Length height, double share) {

        /** Less than this is nothing to take hold of. Common practice, no published source. */
        public boolean isNothing() {
            return height.isLessThan(LEAST);
        }
    }

    /** What two fingers can take hold of. Common practice, no published source. */
    public static final Length LEAST = Length.inches(1, 4);

    public static List<PocketRoom> of(Structure structure) {
        return structure.held().stream().map(h -> of(structure, h)).toList();
    }

    private static PocketRoom of(Structure structure, Held held) {
        Panel front = structure.panel(held.pocket());
        Panel behind = structure.panel(held.behind());
        Polygon pocket = structure
                .bond(front, behind)
                .orElseThrow(() -> new IllegalArgumentException(
                        "No seams make the %s a pocket on the %s.".formatted(front.name(), behind.name())))
                .placement()
                .apply(front.outline());
        Envelope box = held.outline().getEnvelopeInternal();
        Size size = new Size(Length.nearestTo(box.getWidth()), Length.nearestTo(box.getHeight()));
        Geometry covered = Regions.intersection(held.outline(), pocket);
        return new PocketRoom(
                held,
                size,
                Length.nearestTo(box.getMinY() - pocket.getEnvelopeInternal().getMinY()),
                Length.nearestTo(covered.getEnvelopeInternal().getHeight()),
                shown(held.outline(), pocket),
                shown(
                        (Polygon) AffineTransformation.translationInstance(
                                        held.play().count(), 0)
                                .transform(held.outline()),
                        pocket));
    }

    private static Shown shown(Polygon thing, Polygon pocket) {
        Geometry shown = Regions.difference(thing, pocket);
        Envelope box = shown.getEnvelopeInternal();
        return new Shown(
                Length.nearestTo(shown.isEmpty() ? 0 : box.getWidth()),
                Length.nearestTo(shown.isEmpty() ? 0 : box.getHeight()),
                shown.getArea() / thing.getArea());
    }

    /** "The payment card, 3⅜ x 2⅛ in, shows 1 in of its corner ...". */
    public String text(Ruler ruler) {
        String said = "The %s (%s) rests %s above the pocket's lower edge and %s"
                .formatted(held.name(), ruler.text(size), ruler.text(bottom), text(atRest, ruler));
        boolean moves = held.play().isMoreThan(Length.millimetres(1)) && !slid.equals(atRest);
        return said + (moves ? "; slid as far as it goes it %s.".formatted(text(slid, ruler)) : ".");
    }

    private static String text(Shown shown, Ruler ruler) {
        return shown.share() == 0
                ? "does not show"
                : "shows %s high and %s along the top, %d%% of it"
                        .formatted(
                                ruler.about(shown.height()),
                                ruler.about(shown.width()),
                                Math.round(100 * shown.share()));
    }
}
