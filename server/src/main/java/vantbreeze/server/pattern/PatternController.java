package vantbreeze.server.pattern;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.catalogue.LinePattern;
import vantbreeze.catalogue.Means;
import vantbreeze.catalogue.ParameterException;
import vantbreeze.catalogue.Values;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.web.FieldsRefused;

/** Flat patterns in the public FOLD 1.1 format, as free strips, or as free patterns where they are none. */
@RestController
class PatternController {

    /** What the file's numbers may be where it does not say so itself. */
    enum Unit {
        MM(1),
        CM(10),
        IN(25.4);

        private final double mm;

        Unit(double mm) {
            this.mm = mm;
        }
    }

    /**
     * @param fold the file
     * @param unit of its numbers, where the file does not say it
     * @param units in which the lengths are written down
     */
    @Schema(name = "PatternAsked")
    record AskJson(JsonNode fold, @Schema(nullable = true) Unit unit, UnitSystem units) {}

    /**
     * @param parameters of the fold
     * @param height of the closed card; null where the pattern gives it
     * @param leftOut what of the file is not in it, or otherwise than the file says, in sentences
     */
    @Schema(name = "PatternTaken")
    record TakenJson(
            String fold,
            Map<String, String> parameters,
            @Schema(nullable = true) String height,
            List<String> leftOut) {}

    @PostMapping("/api/patterns")
    TakenJson read(@RequestBody AskJson asked) {
        if (asked.fold() == null || !asked.fold().isObject()) {
            throw new FieldsRefused("fold", "", "a FOLD file", "The file is no FOLD file.");
        }
        FlatPattern pattern = FlatPattern.read(asked.fold());
        if (pattern.unit().isEmpty() && asked.unit() == null) {
            throw new FieldsRefused(
                    "unit",
                    "",
                    "MM, CM, IN",
                    "The file does not say its unit: say whether its numbers are mm, cm or inches.");
        }
        UnitSystem units = asked.units() == null ? UnitSystem.METRIC : asked.units();
        double mm = pattern.unit().orElseGet(() -> asked.unit().mm);
        return StripOfPattern.of(pattern, mm)
                .map(strip -> strip(strip, units, pattern.leftOut()))
                .orElseGet(() -> sheet(SheetOfPattern.of(pattern, mm), units, pattern.leftOut()));
    }

    private static TakenJson strip(StripOfPattern strip, UnitSystem units, List<String> leftOut) {
        Map<String, String> parameters = new LinkedHashMap<>();
        parameters.put("panels", BriefJson.text(strip.panels(), units));
        if (!strip.slits().lengths().isEmpty()) {
            parameters.put("slits", BriefJson.text(strip.slits(), units));
            parameters.put("slitEnds", BriefJson.text(strip.ends(), units));
        }
        return new TakenJson("free-strip", parameters, strip.height().exactText(units), leftOut);
    }

    /** @throws FieldsRefused if no card can be made of it at all */
    private static TakenJson sheet(LinePattern pattern, UnitSystem units, List<String> leftOut) {
        FoldDesign fold = FoldCatalogue.named("free-pattern");
        Means means = new Means(ToolGrid.SIXTY_FOURTH_INCH, Optional.empty());
        try {
            Values.resolve(fold, Map.of("pattern", pattern), means).structure(fold);
        } catch (ParameterException impossible) {
            throw new FieldsRefused("fold", "", "a flat pattern", impossible.text(Ruler.of(units)));
        }
        return new TakenJson(fold.id(), Map.of("pattern", BriefJson.text(pattern, units)), null, leftOut);
    }
}
