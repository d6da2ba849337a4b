package vantbreeze.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/**
 * A shape that straight cuts take out of its box, each from one side of the box to another: no template is needed.
 *
 * @param box what is cut first, in the outline's coordinates
 * @param cuts in order around the outline, in counts of 1/640 mm
 */
public record StraightCuts(Envelope box, List<LineSegment> cuts) {

    /** More are told by the template. Common practice, no published source. */
    public static final int MOST = 3;

    /** Counts: rounding, never a measure. */
    private static final double ROUNDED = 2;

    public StraightCuts {
        cuts = List.copyOf(cuts);
    }

    /** @return empty for a rectangle and for what curves, openings or cuts that end inside the box are needed for */
    public static Optional<StraightCuts> of(Polygon outline) {
        Envelope box = outline.getEnvelopeInternal();
        if (outline.getNumInteriorRing() > 0) {
            return Optional.empty();
        }
        List<LineSegment> cuts = new ArrayList<>();
        Coordinate[] corners = outline.getExteriorRing().getCoordinates();
        for (int i = 1; i < corners.length; i++) {
            if (!isOnBorder(corners[i], box)) {
                return Optional.empty();
            }
            if (!isAlongSide(corners[i - 1], corners[i], box)) {
                cuts.add(new LineSegment(corners[i - 1], corners[i]));
            }
        }
        return cuts.isEmpty() ? Optional.empty() : Optional.of(new StraightCuts(box, cuts));
    }

    /** Whether they can be told one by one. */
    public boolean areFew() {
        return cuts.size() <= MOST;
    }

    /** Whether one cut from corner to corner makes two of them. */
    public boolean halves() {
        return cuts.size() == 1 && isCorner(cuts.get(0).p0) && isCorner(cuts.get(0).p1);
    }

    private boolean isCorner(Coordinate c) {
        return near(c.x, box.getMinX(), box.getMaxX()) && near(c.y, box.getMinY(), box.getMaxY());
    }

    private static boolean isOnBorder(Coordinate c, Envelope box) {
        return near(c.x, box.getMinX(), box.getMaxX()) || near(c.y, box.getMinY(), box.getMaxY());
    }

    private static boolean isAlongSide(Coordinate a, Coordinate b, Envelope box) {
        return near(a.x, box.getMinX()) && near(b.x, box.getMinX())
                || near(a.x, box.getMaxX()) && near(b.x, box.getMaxX())
                || near(a.y, box.getMinY()) && near(b.y, box.getMinY())
                || near(a.y, box.getMaxY()) && near(b.y, box.getMaxY());
    }

    private static boolean near(double value, double... sides) {
        for (double side : sides) {
            if (Math.abs(value - side) <= ROUNDED) {
                return true;
            }
        }
        return false;
    }
}
