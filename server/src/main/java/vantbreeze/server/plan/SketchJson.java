package vantbreeze.server.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.measure.Length;
import vantbreeze.operation.Sketch;
import vantbreeze.server.outline.PathData;

/**
 * What lies on the table at one task; points are [x, y] in mm, y up.
 *
 * @param task its id
 * @param each of what is gone through line by line, a drawing for each line
 */
@Schema(name = "Sketch")
public record SketchJson(String task, List<AreaJson> areas, List<StrokeJson> strokes, List<DrawingJson> each) {

    /** A drawing for one line of a task. */
    @Schema(name = "SketchOfLine")
    public record DrawingJson(List<AreaJson> areas, List<StrokeJson> strokes) {}

    /** @param path of SVG 1.1 in mm, y down from the level of 0, its holes too; arcs and curves as such */
    @Schema(name = "SketchArea")
    public record AreaJson(Sketch.Surface surface, List<double[]> points, String path, String label) {}

    /**
     * @param path of SVG 1.1 in mm, y down from the level of 0
     * @param from where its first stretch begins
     * @param to where that ends
     */
    @Schema(name = "SketchStroke")
    public record StrokeJson(Sketch.Line line, String path, double[] from, double[] to, String label) {}

    static SketchJson of(String task, Sketch sketch, List<Sketch> each) {
        DrawingJson drawing = of(sketch);
        return new SketchJson(
                task,
                drawing.areas(),
                drawing.strokes(),
                each.stream().map(SketchJson::of).toList());
    }

    private static DrawingJson of(Sketch sketch) {
        return new DrawingJson(
                sketch.areas().stream()
                        .map(a -> new AreaJson(
                                a.surface(),
                                LengthJson.corners(a.outline()),
                                PathData.FROM_ZERO.of(a.outline()),
                                a.label()))
                        .toList(),
                sketch.strokes().stream()
                        .map(s -> new StrokeJson(
                                s.line(),
                                PathData.FROM_ZERO.along(s.way()),
                                point(s.from()),
                                point(s.firstEnd()),
                                s.label()))
                        .toList());
    }

    private static double[] point(Coordinate c) {
        return new double[] {c.x / Length.COUNTS_PER_MILLIMETRE, c.y / Length.COUNTS_PER_MILLIMETRE};
    }
}
