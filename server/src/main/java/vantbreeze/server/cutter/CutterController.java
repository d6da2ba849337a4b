package vantbreeze.server.cutter;

import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.cutter.Inspection;
import vantbreeze.cutter.Machine;
import vantbreeze.cutter.Refusal;
import vantbreeze.cutter.Route;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.tool.ToolService;
import vantbreeze.server.web.FieldReader;
import vantbreeze.server.web.Patience;

/** What a cutting machine would do with a file; no blade moves. */
@RestController
class CutterController {

    /** Many times what a full bed of shapes takes, in units of {@link vantbreeze.structure.Effort}. */
    private static final long MOST = 200_000_000;

    private final Patience patience;
    private final ToolService tools;

    CutterController(Patience patience, ToolService tools) {
        this.patience = patience;
        this.tools = tools;
    }

    @PostMapping("/api/cutter")
    CutterJson run(@RequestBody CutterJson.AskJson asked) {
        FieldReader fields = new FieldReader(UnitSystem.METRIC);
        Machine machine = asked.machine() == null
                ? tools.bed().map(Machine.USUAL::withBed).orElse(Machine.USUAL)
                : fields.field(
                        "machine",
                        asked.machine(),
                        "what a machine can do",
                        () -> asked.machine().read());
        CutFile file = patience.await(
                MOST,
                "This drawing",
                () -> fields.fieldUpTo(
                        Integer.MAX_VALUE, "svg", asked.svg(), "an SVG drawing", () -> CutFile.read(asked.svg())));
        fields.done();
        return patience.await(MOST, "This drawing", () -> {
            List<Refusal> refusals = Inspection.of(file.strokes(), machine);
            Route route = refusals.isEmpty() ? Route.of(file.strokes(), machine) : new Route(List.of());
            return CutterJson.of(file, machine, refusals, route);
        });
    }
}
