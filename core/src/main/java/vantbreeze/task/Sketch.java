package vantbreeze.task;

import java.util.List;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

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
        WAY
    }

    /** @param label what stands beside it, or nothing */
    public record Area(Surface surface, Polygon outline, String label) {}

    /** @param label what stands at its far end, or nothing */
    public record Stroke(Line line, LineSegment segment, String label) {}

    public Sketch {
        areas = List.copyOf(areas);
        strokes = List.copyOf(strokes);
    }

    public boolean isEmpty() {
        return areas.isEmpty();
    }
}
