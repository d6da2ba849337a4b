package vantbreeze.structure;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;

/**
 * A place inside a piece where only scores meet.
 *
 * @param rays the scores around it, counterclockwise
 */
public record Vertex(Coordinate at, List<Ray> rays) {

    /** @param radians direction from the vertex, in (-pi, pi] */
    public record Ray(ScoreLine score, double radians) {}
}
