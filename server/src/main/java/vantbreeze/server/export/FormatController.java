package vantbreeze.server.export;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.make.GlueArea;
import vantbreeze.part.Part;
import vantbreeze.plan.Card;
import vantbreeze.plan.Plan;
import vantbreeze.server.cutting.CuttingJson;
import vantbreeze.server.cutting.CuttingService;
import vantbreeze.server.plan.Cards;
import vantbreeze.server.project.ProjectJson;
import vantbreeze.server.project.ProjectService;
import vantbreeze.server.web.FieldsRefused;
import vantbreeze.server.web.NotFound;
import vantbreeze.server.web.TableCell;

/** What a maker takes elsewhere, in open formats, made from the project as it is saved. */
@RestController
@RequestMapping("/api/projects/{id}/exports")
class FormatController {

    private static final String SVG = "image/svg+xml";
    private static final String CSV = "text/csv";

    private final ProjectService projects;
    private final Cards cards;
    private final CuttingService cuttings;

    FormatController(ProjectService projects, Cards cards, CuttingService cuttings) {
        this.projects = projects;
        this.cards = cards;
        this.cuttings = cuttings;
    }

    @Retention(RetentionPolicy.RUNTIME)
    @ApiResponse(responseCode = "200", content = @Content(mediaType = SVG))
    private @interface SvgAnswer {}

    private static CutSvg.Perforation perforation(double dash, double gap) {
        try {
            return new CutSvg.Perforation(dash, gap);
        } catch (IllegalArgumentException e) {
            throw new FieldsRefused(
                    "dash", "%s, gap %s".formatted(dash, gap), "0.1 to 50 mm each, or both 0", e.getMessage());
        }
    }

    /** The project as a document that comes back in; /project.schema.json says what stands in it. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = MediaType.APPLICATION_JSON_VALUE))
    @GetMapping("/project.json")
    ResponseEntity<String> document(@PathVariable String id) {
        ProjectJson project = projects.get(id);
        return file(
                project,
                "project.json",
                MediaType.APPLICATION_JSON_VALUE,
                projects.document(id).toPrettyString());
    }

    /** One part for a cutting machine. */
    @SvgAnswer
    @GetMapping("/part.svg")
    ResponseEntity<String> part(
            @PathVariable String id,
            @RequestParam String part,
            @RequestParam(defaultValue = "0") double dash,
            @RequestParam(defaultValue = "0") double gap) {
        CutSvg.Perforation perforation = perforation(dash, gap);
        ProjectJson project = projects.get(id);
        Plan plan = cards.ask(project.brief(), Card::plan);
        Part wanted = plan.parts().stream()
                .filter(p -> p.id().equals(part))
                .findFirst()
                .orElseThrow(() -> new NotFound("part (%s) of the card".formatted(part)));
        return file(
                project,
                wanted.piece().name() + ".svg",
                SVG,
                CutSvg.of(wanted, GlueArea.pencilled(plan.structure(), wanted), perforation));
    }

    /** One sheet of a cutting plan for a cutting machine. */
    @SvgAnswer
    @GetMapping("/sheet.svg")
    ResponseEntity<String> sheet(
            @PathVariable String id,
            @RequestParam String plan,
            @RequestParam int sheet,
            @RequestParam(defaultValue = "0") double dash,
            @RequestParam(defaultValue = "0") double gap) {
        CutSvg.Perforation perforation = perforation(dash, gap);
        ProjectJson project = projects.get(id);
        CuttingJson.SheetCutJson wanted = cuttings.get(plan).papers().stream()
                .flatMap(p -> p.sheets().stream())
                .filter(s -> s.number() == sheet)
                .findFirst()
                .orElseThrow(() -> new NotFound("sheet (%d) of the cutting plan".formatted(sheet)));
        return file(project, "sheet %d.svg".formatted(sheet), SVG, CutSvg.of(wanted, perforation));
    }

    /** All parts as a table, RFC 4180; sizes in mm and as the ruler reads them. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = CSV))
    @GetMapping("/parts.csv")
    ResponseEntity<String> parts(@PathVariable String id) {
        ProjectJson project = projects.get(id);
        Plan plan = cards.ask(project.brief(), Card::plan);
        StringWriter out = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(
                out,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader("count", "part", "size", "width mm", "height mm", "paper", "goes on", "note")
                        .get())) {
            for (Plan.CutPiece piece : plan.cutList()) {
                csv.printRecord(
                        piece.count(),
                        TableCell.written(piece.name()),
                        plan.brief().ruler().text(piece.size()),
                        piece.size().width().millimetres(),
                        piece.size().height().millimetres(),
                        TableCell.written(piece.paper()),
                        TableCell.written(piece.goesOn()),
                        TableCell.written(piece.note()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return file(project, "parts.csv", CSV, out.toString());
    }

    private static ResponseEntity<String> file(ProjectJson project, String what, String type, String content) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type + ";charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, FileNames.disposition("attachment", project.name(), what))
                .body(content);
    }
}
