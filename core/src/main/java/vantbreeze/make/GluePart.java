package vantbreeze.make;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Regions;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * Which part of a glued panel takes glue: only what lies on the panel that holds it, since the rest has to come away from
 * whatever it lies over. What holds two panels together bears all their pull and is glued at its ends alone.
 */
public final class GluePart {

    /** Of a bar between two panels. Common practice, no published source. */
    private static final Length END = Length.inches(1, 2);

    private final Panel laid;
    private final Panel onto;
    private final Side side;
    private final List<Polygon> seams;
    private final Geometry held;
    private final boolean isBar;

    private GluePart(Structure structure, Bond bond) {
        laid = structure.panel(bond.panel());
        onto = structure.panel(bond.onto());
        side = bond.side();
        seams = bond.seams();
        held = Regions.intersection(bond.placement().inverse().apply(onto.outline()), laid.outline());
        isBar = structure.bonds().stream()
                        .filter(b -> structure.panel(b.panel()).equals(laid))
                        .map(b -> structure.panel(b.onto()))
                        .distinct()
                        .count()
                > 1;
    }

    public static GluePart of(Structure structure, Bond bond) {
        return new GluePart(structure, bond);
    }

    /** Where it is, in the laid panel's flat coordinates. */
    public Geometry area() {
        if (!seams.isEmpty()) {
            return Regions.union(seams);
        }
        return isBar ? Regions.intersection(held, ends()) : held;
    }

    /** A bar is glued at its ends alone. */
    private Geometry ends() {
        Envelope part = held.getEnvelopeInternal();
        Envelope all = laid.outline().getEnvelopeInternal();
        boolean sideways = same(part.getHeight(), all.getHeight());
        double reach = Math.min(END.count(), sideways ? part.getWidth() : part.getHeight());
        boolean atMinimum = sideways ? part.getMinX() - all.getMinX() < 1 : part.getMinY() - all.getMinY() < 1;
        Envelope end = sideways
                ? atMinimum
                        ? new Envelope(part.getMinX(), part.getMinX() + reach, part.getMinY(), part.getMaxY())
                        : new Envelope(part.getMaxX() - reach, part.getMaxX(), part.getMinY(), part.getMaxY())
                : atMinimum
                        ? new Envelope(part.getMinX(), part.getMaxX(), part.getMinY(), part.getMinY() + reach)
                        : new Envelope(part.getMinX(), part.getMaxX(), part.getMaxY() - reach, part.getMaxY());
        return laid.outline().getFactory().toGeometry(end);
    }

    /** Whether only what takes it says which part of the panel is glued: no edge does. */
    public boolean isWhereItTouches() {
        return seams.isEmpty() && !isWhole() && reachesAcross() == reachesUp();
    }

    private boolean isWhole() {
        return laid.outline().getArea() - held.getArea() <= Regions.TOUCH;
    }

    private boolean reachesAcross() {
        return held.isRectangle()
                && same(
                        held.getEnvelopeInternal().getWidth(),
                        laid.outline().getEnvelopeInternal().getWidth());
    }

    private boolean reachesUp() {
        return held.isRectangle()
                && same(
                        held.getEnvelopeInternal().getHeight(),
                        laid.outline().getEnvelopeInternal().getHeight());
    }

    /** Which part of the panel, as it lies with the side for the glue towards the maker; nothing where all of it is glued. */
    public Optional<String> where(Ruler ruler) {
        Envelope all = laid.outline().getEnvelopeInternal();
        if (!seams.isEmpty()) {
            return Optional.of(
                    Grouped.joined(seams.stream().map(s -> seam(ruler, s)).toList()));
        }
        Envelope part = held.getEnvelopeInternal();
        if (isWhole()) {
            return Optional.empty();
        }
        boolean wide = reachesAcross();
        boolean high = reachesUp();
        return Optional.of(
                high && !wide
                        ? end(
                                ruler,
                                part.getMinX() - all.getMinX(),
                                all.getMaxX() - part.getMaxX(),
                                part.getWidth(),
                                true)
                        : wide && !high
                                ? end(
                                        ruler,
                                        part.getMinY() - all.getMinY(),
                                        all.getMaxY() - part.getMaxY(),
                                        part.getHeight(),
                                        false)
                                : "where it touches " + Grouped.the(onto.name()));
    }

    /** Around a point of the panel, along one of its edges, or a line between them. */
    private String seam(Ruler ruler, Polygon seam) {
        Envelope all = laid.outline().getEnvelopeInternal();
        Envelope part = seam.getEnvelopeInternal();
        double fromFoot = part.getMinY() - all.getMinY();
        double fromTop = all.getMaxY() - part.getMaxY();
        if (!seam.isRectangle() && endsInPoint(fromFoot <= fromTop)) {
            boolean lowest = fromFoot <= fromTop;
            return "the %s %s"
                    .formatted(
                            lowest ? "lowest" : "highest",
                            ruler.text(Length.nearestTo(part.getHeight() + Math.min(fromFoot, fromTop))));
        }
        double fromLeft = part.getMinX() - all.getMinX();
        double fromRight = all.getMaxX() - part.getMaxX();
        boolean atSide = fromLeft < 1 != fromRight < 1;
        boolean atEnd = fromFoot < 1 != fromTop < 1;
        boolean sideways = atSide || !atEnd && part.getWidth() < part.getHeight();
        String where = sideways
                ? end(ruler, fromLeft, fromRight, part.getWidth(), true)
                : end(ruler, fromFoot, fromTop, part.getHeight(), false);
        return atSide || atEnd || !sideways
                ? where
                : "%s, from %s to %s up from the bottom"
                        .formatted(
                                where,
                                ruler.text(Length.nearestTo(fromFoot)),
                                ruler.text(Length.nearestTo(fromFoot + part.getHeight())));
    }

    /** Whether the panel has a corner at that end, not an edge. */
    private boolean endsInPoint(boolean lowest) {
        Envelope all = laid.outline().getEnvelopeInternal();
        double level = lowest ? all.getMinY() : all.getMaxY();
        return Stream.of(laid.outline().getExteriorRing().getCoordinates())
                        .filter(c -> same(c.y, level))
                        .distinct()
                        .count()
                == 1;
    }

    private static boolean same(double one, double other) {
        return Math.abs(one - other) < 1;
    }

    private String end(Ruler ruler, double fromMinimum, double fromMaximum, double length, boolean sideways) {
        boolean atMinimum = fromMinimum < 1;
        if (!atMinimum && fromMaximum >= 1) {
            return "between %s and %s from the %s edge"
                    .formatted(
                            ruler.text(Length.nearestTo(seenFirst(sideways) ? fromMinimum : fromMaximum)),
                            ruler.text(Length.nearestTo((seenFirst(sideways) ? fromMinimum : fromMaximum) + length)),
                            sideways ? "left" : "bottom");
        }
        Length reach = Length.nearestTo(length);
        String edge = sideways ? (atMinimum == seenFirst(true) ? "left" : "right") : atMinimum ? "bottom" : "top";
        return "the %s %s".formatted(edge, ruler.text(isBar ? Length.min(END, reach) : reach));
    }

    /** With its back towards you, what is at the piece's left is at your right. */
    private boolean seenFirst(boolean sideways) {
        return !sideways || side == Side.FACE;
    }
}
