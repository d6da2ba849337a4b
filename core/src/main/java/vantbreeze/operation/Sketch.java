package vantbreeze.operation;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.structure.Curve;

/**
 * What lies on the table at one task, drawn as the maker looks at it; in counts of 1/640 mm, y upwards.
 *
 * @param areas from the lowest upwards
 */
public record Sketch(List<Area> areas, List<Stroke> strokes) {

    /** What an area is. */
    public enum Surface {
        /** Paper, its good side up. */
        FACE,
        /** Paper, turned over. */
        BACK,
        /** What is done something to. */
        NOW,
        MAT,
        /** What comes to lie on it. */
        LAID,
        GLUE,
        /** Cut out. */
        GONE
    }

    /** What a line is. */
    public enum Line {
        /** A score or slit that is there, or not due yet. */
        OTHER,
        SCORE,
        SLIT,
        VALLEY,
        MOUNTAIN,
        PENCIL,
        RULER,
        FENCE,
        /** How long something is. */
        SIZE,
        /** Where something goes. */
        WAY,
        /** From the foot of a one-way pattern to its top. */
        TOP
    }

    /** @param label what stands beside it, or nothing */
    public record Area(Surface surface, Polygon outline, String label) {}

    /**
     * @param way of one line, each stretch beginning where the one before ends
     * @param label what stands beside its first stretch, or nothing
     */
    public record Stroke(Line line, List<Curve> way, String label) {

        public Stroke {
            way = List.copyOf(way);
        }

        public Coordinate from() {
            return way.get(0).from();
        }

        /** Where its first stretch ends. */
        public Coordinate firstEnd() {
            return way.get(0).to();
        }
    }

    public Sketch {
        areas = List.copyOf(areas);
        strokes = List.copyOf(strokes);
    }

    public boolean isEmpty() {
        return areas.isEmpty();
    }
}
