package vantbreeze.server.export;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.plan.Card;
import vantbreeze.plan.Plan;
import vantbreeze.post.MadeEnvelope;
import vantbreeze.server.cutting.CuttingJson;
import vantbreeze.server.cutting.CuttingService;
import vantbreeze.server.cutting.KitPlanner;
import vantbreeze.server.plan.Cards;
import vantbreeze.server.project.ProjectJson;
import vantbreeze.server.project.ProjectService;
import vantbreeze.server.web.FieldsRefused;

/** Papers to take to the table, made from the project as it is saved. */
@RestController
@RequestMapping("/api/projects/{id}/exports")
class ExportController {

    private final ProjectService projects;
    private final Cards cards;
    private final CuttingService cuttings;
    private final KitPlanner planner;

    ExportController(ProjectService projects, Cards cards, CuttingService cuttings, KitPlanner planner) {
        this.projects = projects;
        this.cards = cards;
        this.cuttings = cuttings;
        this.planner = planner;
    }

    @Retention(RetentionPolicy.RUNTIME)
    @ApiResponse(responseCode = "200", content = @Content(mediaType = MediaType.APPLICATION_PDF_VALUE))
    private @interface PdfAnswer {}

    /** Draws a project on a paper. */
    private interface Drawer {
        byte[] draw(String name, Plan plan, Paper paper);
    }

    @PdfAnswer
    @GetMapping("/plan.pdf")
    ResponseEntity<byte[]> plan(@PathVariable String id, @RequestParam(defaultValue = "a4") String paper) {
        return pdf(
                id,
                paper,
                "plan",
                (name, plan, sheet) -> PlanPdf.of(name, plan, planner.quickly(id, name, plan), sheet));
    }

    /** The sheets of a cutting plan. */
    @PdfAnswer
    @GetMapping("/cutting.pdf")
    ResponseEntity<byte[]> cutting(
            @PathVariable String id, @RequestParam String plan, @RequestParam(defaultValue = "a4") String paper) {
        List<CuttingJson.PaperCutJson> papers = cuttings.get(plan).papers();
        return pdf(id, paper, "cutting", (name, card, sheet) -> CuttingPages.of(name, papers, sheet));
    }

    @PdfAnswer
    @GetMapping("/template.pdf")
    ResponseEntity<byte[]> template(@PathVariable String id, @RequestParam(defaultValue = "a4") String paper) {
        return pdf(id, paper, "template", TemplatePdf::of);
    }

    /** The order of work, a few steps a page. */
    @PdfAnswer
    @GetMapping("/booklet.pdf")
    ResponseEntity<byte[]> booklet(@PathVariable String id, @RequestParam(defaultValue = "a4") String paper) {
        return pdf(id, paper, "booklet", BookletPdf::of);
    }

    /** The design on one small card. */
    @PdfAnswer
    @GetMapping("/memory.pdf")
    ResponseEntity<byte[]> memory(@PathVariable String id, @RequestParam(defaultValue = "a4") String paper) {
        return pdf(id, paper, "card for the box", MemoryPdf::of);
    }

    /** An envelope made to measure at life size. */
    @PdfAnswer
    @GetMapping("/envelope.pdf")
    ResponseEntity<byte[]> envelope(
            @PathVariable String id,
            @RequestParam MadeEnvelope.Style style,
            @RequestParam(defaultValue = "a4") String paper) {
        return pdf(
                id,
                paper,
                "envelope",
                (name, plan, sheet) -> TemplatePdf.of(
                        name,
                        List.of(TemplatePdf.Template.of(
                                List.of(envelope(plan, style).piece()))),
                        sheet));
    }

    static MadeEnvelope envelope(Plan plan, MadeEnvelope.Style style) {
        if (plan.closed() == null) {
            throw new FieldsRefused(
                    "style", style.name(), "none", "This card does not fold flat, so no envelope can be made for it.");
        }
        return MadeEnvelope.of(
                        plan.closed().girth(),
                        plan.closed().thickness(),
                        plan.brief().tools().ruler())
                .stream()
                .filter(e -> e.style() == style)
                .findFirst()
                .orElseThrow(() -> new FieldsRefused(
                        "style",
                        style.name(),
                        "another style",
                        "The envelope (%s) cannot be made for a card of this shape.".formatted(style)));
    }

    /** The crease pattern for programs that read the public FOLD format. */
    @GetMapping(value = "/pattern.fold", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Map<String, Object>> pattern(@PathVariable String id) {
        ProjectJson project = projects.get(id);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, fileName("attachment", project, "pattern.fold"))
                .body(FoldFile.of(project.name(), cards.ask(project.brief(), Card::plan)));
    }

    private static String fileName(String how, ProjectJson project, String what) {
        return FileNames.disposition(how, project.name(), what);
    }

    private ResponseEntity<byte[]> pdf(String id, String paper, String what, Drawer drawer) {
        Paper sheet = Paper.named(paper);
        ProjectJson project = projects.get(id);
        byte[] drawn = drawer.draw(project.name(), cards.ask(project.brief(), Card::plan), sheet);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, fileName("inline", project, what + ".pdf"))
                .contentType(MediaType.APPLICATION_PDF)
                .body(drawn);
    }
}
