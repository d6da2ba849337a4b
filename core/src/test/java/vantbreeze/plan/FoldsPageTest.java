package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.make.ScoreCard;
import vantbreeze.make.SquareReading;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.UnitSystem;

/** docs/folds.md is what the catalogue says. Run with -Ddocs.write=true to write it anew. */
class FoldsPageTest {

    private static final Path PAGE = Path.of("..", "docs", "folds.md");
    private static final Ruler INCH = Ruler.of(UnitSystem.INCH);

    @Test
    void thePageIsMadeFromTheCatalogue() throws IOException {
        String page = page();
        if (Boolean.getBoolean("docs.write")) {
            Files.writeString(PAGE, page);
        }
        assertThat(Files.readString(PAGE)).isEqualTo(page);
    }

    private static String page() {
        List<String> lines = new ArrayList<>(List.of(
                "# Folds",
                "",
                "Made from the catalogue by a test. Each fold with its usual values, closing to 4¼ × 5½ in (the free strip as its"
                        + " panels say); scores from the left end, M mountain, V valley. Every fold can carry a film window, a pop mount, a spring and a writing card besides.",
                "",
                "| fold | parameters and usual values | closed | pieces and scores | glued | displayed |",
                "|---|---|---|---|---|---|"));
        for (FoldDesign fold : FoldCatalogue.all()) {
            lines.add(row(fold));
        }
        return String.join("\n", lines) + "\n";
    }

    private static String row(FoldDesign fold) {
        Brief brief = Briefs.closed(fold.id(), fold.id().equals("free-strip") ? null : "4 1/4", "5 1/2");
        Plan plan = Planner.plan(brief);
        String standing = Folding.of(brief)
                .standing()
                .map(s -> "%s deep, %s".formatted(INCH.about(s.depth()), s.stands() ? "stands" : "does not stand"))
                .orElse("");
        return "| %s | %s | %s | %s | %d | %s |"
                .formatted(
                        fold.name(),
                        parameters(plan),
                        INCH.text(plan.closed().size()),
                        plan.scoreCards().stream().map(FoldsPageTest::piece).collect(Collectors.joining("; ")),
                        plan.structure().bonds().size(),
                        standing);
    }

    private static String parameters(Plan plan) {
        return plan.parameters().stream()
                .filter(p -> !List.of("width", "height", "window", "mount", "spring", "writing")
                        .contains(p.parameter().key()))
                .map(p -> p.parameter().label() + " "
                        + (p.value() instanceof vantbreeze.measure.Length length
                                ? INCH.text(length)
                                : p.value() instanceof vantbreeze.catalogue.PanelRows panels
                                        ? panels.exactText(UnitSystem.INCH)
                                        : p.value() instanceof vantbreeze.catalogue.LengthList lengths
                                                ? lengths.exactText(UnitSystem.INCH)
                                                : p.value() instanceof vantbreeze.catalogue.LinePattern pattern
                                                        ? pattern.exactText(UnitSystem.INCH)
                                                        : p.value()))
                .collect(Collectors.joining(", "));
    }

    private static String piece(ScoreCard card) {
        String size = INCH.text(card.piece().size());
        String scores = card.settings().stream()
                .map(s ->
                        (s.at() instanceof SquareReading square ? INCH.text(square.fromStart()) : s.name() + " aslant")
                                + " " + sign(s.how(INCH)))
                .collect(Collectors.joining(", "));
        return card.piece().name() + " " + size + (scores.isEmpty() ? "" : ": " + scores);
    }

    private static String sign(String how) {
        return switch (how) {
            case "mountain" -> "M";
            case "valley" -> "V";
            default -> "(" + how + ")";
        };
    }
}
