package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.catalogue.Parameter;
import vantbreeze.make.ShapeReading;
import vantbreeze.material.Scoring;
import vantbreeze.operation.Step;
import vantbreeze.part.Part;
import vantbreeze.structure.Curve;
import vantbreeze.structure.StraightCuts;

/** docs/steps/steps.txt has the order of work of every design, so that a change of it is read. Run with -Ddocs.write=true to write it anew. */
class StepsPageTest {

    private static final Path PAGE = Path.of("..", "docs", "steps", "steps.txt");
    private static final Path TEMPLATES = Path.of("..", "docs", "steps", "templates.txt");

    /** In inches; what is not named here closes to 4 1/4 x 5 1/2. */
    private static final Map<String, String> SIZES = Map.ofEntries(
            Map.entry("never-ending-card", "8 x 8"),
            Map.entry("woven-gate", "2 7/8 x 6"),
            Map.entry("z-fold", "5 1/2 x 4 1/4"),
            Map.entry("double-z", "5 1/2 x 4 1/4"),
            Map.entry("peaked-house", "4 x 6"),
            Map.entry("twin-pillar", "7 x 6"),
            Map.entry("latch-gate", "5 x 7"),
            Map.entry("w-fold", "5 x 5"),
            Map.entry("floating-book", "7 x 5"),
            Map.entry("stage", "5 1/2 x 4 1/4"),
            Map.entry("fold-back-gate", "6 x 4"),
            Map.entry("inverted-z", "5 1/2 x 4 1/4"),
            Map.entry("burst-gate", "5 1/2 x 5 1/2"),
            Map.entry("tiered-panel", "5 x 7"));

    @Test
    void thePageIsWhatTheProductSays() throws IOException {
        StringBuilder page = new StringBuilder();
        for (FoldDesign fold : FoldCatalogue.all()) {
            if (fold.parameters().stream().noneMatch(p -> p.kind() == Parameter.Kind.PANELS)) {
                page.append(steps(fold));
            }
        }
        if (Boolean.getBoolean("docs.write")) {
            Files.createDirectories(PAGE.getParent());
            Files.writeString(PAGE, page);
        }
        assertThat(Files.readString(PAGE)).isEqualTo(page.toString());
    }

    /** docs/steps/templates.txt has every part that is cut by the template, and why neither its size nor straight cuts say it. */
    @Test
    void whatIsCutByTheTemplateHasAReason() throws IOException {
        StringBuilder page = new StringBuilder();
        for (FoldDesign fold : FoldCatalogue.all()) {
            if (fold.parameters().stream().noneMatch(p -> p.kind() == Parameter.Kind.PANELS)) {
                plan(fold).parts().stream()
                        .filter(p -> !p.isRectangle()
                                && ShapeReading.of(p.piece()).isEmpty()
                                && p.offcutOf().isEmpty())
                        .map(p ->
                                "%s: %s: %s\n".formatted(fold.name(), p.piece().name(), why(p)))
                        .distinct()
                        .forEach(page::append);
            }
        }
        assertThat(page).doesNotContain("no reason");
        if (Boolean.getBoolean("docs.write")) {
            Files.writeString(TEMPLATES, page);
        }
        assertThat(Files.readString(TEMPLATES)).isEqualTo(page.toString());
    }

    private static String why(Part part) {
        boolean bends = Curve.of(part.piece().polygon().getExteriorRing()).stream()
                .anyMatch(c -> !(c instanceof Curve.Straight));
        if (bends) {
            return "its edge bends";
        }
        if (part.piece().polygon().getNumInteriorRing() > 0) {
            return "it has an opening";
        }
        return StraightCuts.of(part.piece().polygon())
                .map(cuts -> cuts.areFew()
                        ? "no reason"
                        : "%d slanted cuts".formatted(cuts.cuts().size()))
                .orElse("cuts that end inside the sheet");
    }

    /** As new cards begin. */
    private static Brief inOnePass(Brief brief) {
        return brief.withTools(brief.tools().with(Scoring.ONE_SIDE));
    }

    private static String size(FoldDesign fold) {
        return SIZES.getOrDefault(fold.id(), "4 1/4 x 5 1/2");
    }

    private static Plan plan(FoldDesign fold) {
        String[] sides = size(fold).split(" x ");
        return Planner.plan(inOnePass(Briefs.closed(fold.id(), sides[0], sides[1])));
    }

    private static String steps(FoldDesign fold) {
        String size = size(fold);
        Plan plan = plan(fold);
        List<String> lines = new ArrayList<>();
        List<Step> steps = plan.steps();
        lines.add("%s, %s: %d steps".formatted(fold.name(), size, steps.size()));
        for (int i = 0; i < steps.size(); i++) {
            lines.add("%3d. %s. %s"
                    .formatted(i + 1, steps.get(i).title(), steps.get(i).text()));
        }
        return String.join("\n", lines) + "\n\n";
    }
}
