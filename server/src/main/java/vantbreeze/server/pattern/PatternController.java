package vantbreeze.server.pattern;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.web.FieldsRefused;

/** Flat patterns in the public FOLD 1.1 format, as free strips. */
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
     * @param units in which the strip is written down
     */
    @Schema(name = "PatternAsked")
    record AskJson(JsonNode fold, @Schema(nullable = true) Unit unit, UnitSystem units) {}

    /** @param parameters of the fold "free-strip" */
    @Schema(name = "PatternStrip")
    record StripJson(Map<String, String> parameters, String height) {}

    @PostMapping("/api/patterns")
    StripJson read(@RequestBody AskJson asked) {
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
        StripOfPattern strip = StripOfPattern.of(pattern, pattern.unit().orElseGet(() -> asked.unit().mm));
        Map<String, String> parameters = new LinkedHashMap<>();
        parameters.put("panels", BriefJson.text(strip.panels(), units));
        if (!strip.slits().lengths().isEmpty()) {
            parameters.put("slits", BriefJson.text(strip.slits(), units));
            parameters.put("slitEnds", BriefJson.text(strip.ends(), units));
        }
        Length height = strip.height();
        return new StripJson(parameters, height.exactText(units));
    }
}
