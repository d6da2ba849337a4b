package vantbreeze.server.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.measure.Length;
import vantbreeze.task.Sketch;

/**
 * What lies on the table at one task; points are [x, y] in mm, y up.
 *
 * @param task its id
 */
@Schema(name = "Sketch")
public record SketchJson(String task, List<AreaJson> areas, List<StrokeJson> strokes) {

    @Schema(name = "SketchArea")
    public record AreaJson(Sketch.Surface surface, List<double[]> points, List<List<double[]>> holes, String label) {}

    @Schema(name = "SketchStroke")
    public record StrokeJson(Sketch.Line line, double[] from, double[] to, String label) {}

    static SketchJson of(String task, Sketch sketch) {
        return new SketchJson(
                task,
                sketch.areas().stream()
                        .map(a -> new AreaJson(
                                a.surface(), LengthJson.corners(a.outline()), LengthJson.holes(a.outline()), a.label()))
                        .toList(),
                sketch.strokes().stream()
                        .map(s -> new StrokeJson(s.line(), point(s.segment().p0), point(s.segment().p1), s.label()))
                        .toList());
    }

    private static double[] point(Coordinate c) {
        return new double[] {c.x / Length.COUNTS_PER_MILLIMETRE, c.y / Length.COUNTS_PER_MILLIMETRE};
    }
}
