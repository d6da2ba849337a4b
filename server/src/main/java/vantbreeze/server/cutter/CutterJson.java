package vantbreeze.server.cutter;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.cutter.Machine;
import vantbreeze.cutter.Refusal;
import vantbreeze.cutter.Route;
import vantbreeze.cutter.Stroke;

/**
 * A cut file as the stand-in for a machine goes through it; points in mm from the bed's upper left corner.
 *
 * @param refusals why it does not begin; nothing if it does
 * @param leftOut what in the file is no line that could be followed, in words
 * @param legs the way it goes; nothing if it is refused
 */
@Schema(name = "CutterRun")
record CutterJson(
        double width,
        double height,
        MachineJson machine,
        List<StrokeJson> strokes,
        List<RefusalJson> refusals,
        List<String> leftOut,
        List<LegJson> legs,
        double seconds) {

    /** Speeds in mm each second, lengths in mm, times in seconds; the usual machine when absent. */
    @Schema(name = "CutterMachine")
    record MachineJson(
            double width, double height, double cutting, double scoring, double travel, double lift, double step) {

        static MachineJson of(Machine m) {
            return new MachineJson(m.width(), m.height(), m.cutting(), m.scoring(), m.travel(), m.lift(), m.step());
        }

        Machine read() {
            return new Machine(width, height, cutting, scoring, travel, lift, step);
        }
    }

    @Schema(name = "CutterAsked")
    record AskJson(String svg, @Schema(nullable = true) MachineJson machine) {}

    @Schema(name = "CutterStroke")
    record StrokeJson(Stroke.Kind kind, boolean closed, List<double[]> points) {}

    @Schema(name = "CutterRefusal")
    record RefusalJson(Refusal.Reason reason, List<Integer> strokes, String text) {}

    /** @param stroke its number; -1 with everything up */
    @Schema(name = "CutterLeg")
    record LegJson(int stroke, List<double[]> points, double seconds) {}

    static CutterJson of(CutFile file, Machine machine, List<Refusal> refusals, Route route) {
        return new CutterJson(
                file.width(),
                file.height(),
                MachineJson.of(machine),
                file.strokes().stream()
                        .map(s -> new StrokeJson(s.kind(), s.isClosed(), points(s.points())))
                        .toList(),
                refusals.stream()
                        .map(r -> new RefusalJson(r.reason(), r.strokes(), r.text()))
                        .toList(),
                file.leftOut(),
                route.legs().stream()
                        .map(l -> new LegJson(l.stroke(), points(l.points()), l.seconds()))
                        .toList(),
                route.seconds());
    }

    private static List<double[]> points(List<Coordinate> points) {
        return points.stream().map(c -> new double[] {c.x, c.y}).toList();
    }
}
