package vantbreeze.server.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import vantbreeze.hand.Check;
import vantbreeze.hand.Consequence;
import vantbreeze.hand.Forecast;
import vantbreeze.hand.Likelihood;
import vantbreeze.hand.Scatter;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.operation.Setting;
import vantbreeze.server.web.FieldReader;

/** What hands make of a card. */
final class HandJson {

    private static final int MOST_MEASURED = 500;

    private HandJson() {}

    /** Standard deviations in mm. */
    @Schema(name = "Scatter")
    record ScatterJson(double cut, double score, double glue) {

        static ScatterJson of(Scatter s) {
            return new ScatterJson(s.cut(), s.score(), s.glue());
        }

        Scatter read() {
            FieldReader fields = new FieldReader(UnitSystem.METRIC);
            Scatter read = fields.field("scatter", this, "0.02 to 3 mm each", () -> new Scatter(cut, score, glue));
            fields.done();
            return read;
        }
    }

    /** @param scatter of the maker's hands; the usual when absent */
    @Schema(name = "ForecastAsked")
    record AskJson(BriefJson brief, @Schema(nullable = true) ScatterJson scatter) {
        Scatter hands() {
            return scatter == null ? Scatter.USUAL : scatter.read();
        }
    }

    /**
     * @param chances none for a card that cannot close
     */
    @Schema(name = "Forecast")
    record ForecastJson(ScatterJson scatter, List<ChanceJson> chances, List<String> matters, List<HelpJson> helps) {

        static ForecastJson of(Forecast f, UnitSystem units) {
            return new ForecastJson(
                    ScatterJson.of(f.scatter()),
                    f.chances().stream()
                            .map(c -> new ChanceJson(c.kind(), c.likelihood(), c.weakest()))
                            .toList(),
                    f.matters().stream().map(m -> said(m.setting(), units)).toList(),
                    f.helps().stream()
                            .map(h -> new HelpJson(h.kind(), h.likelihood()))
                            .toList());
        }
    }

    private static String said(Setting setting, UnitSystem units) {
        return setting.measurable()
                ? "%s (%s)"
                        .formatted(
                                setting.label(),
                                vantbreeze.measure.Ruler.of(units).text(setting.planned()))
                : setting.label();
    }

    /**
     * @param likelihood that nothing of that kind is wrong; of borders, that one looks even
     * @param weakest what goes wrong most often
     */
    @Schema(name = "Chance")
    record ChanceJson(Check.Kind kind, Likelihood likelihood, String weakest) {}

    /** @param likelihood with a mark more of room: 1/16 in, or 1.5 mm on a metric card */
    @Schema(name = "Help")
    record HelpJson(Check.Kind kind, Likelihood likelihood) {}

    /** @param measured what settings have become */
    @Schema(name = "MeasuredCard")
    record MeasuredJson(BriefJson brief, List<ValueJson> measured) {

        /** @throws vantbreeze.server.web.FieldsRefused if a value is no length */
        Map<String, Length> read(UnitSystem units) {
            FieldReader fields = new FieldReader(units);
            Map<String, Length> values = new HashMap<>();
            List<ValueJson> given = measured == null ? List.of() : measured;
            fields.field("measured", given.size(), "at most %d".formatted(MOST_MEASURED), () -> {
                if (given.size() > MOST_MEASURED) {
                    throw new IllegalArgumentException(
                            "There are too many measured values (%d).".formatted(given.size()));
                }
                return given;
            });
            for (int i = 0; i < Math.min(MOST_MEASURED, given.size()); i++) {
                ValueJson value = given.get(i);
                Length length = fields.length("measured[%d].value".formatted(i), value == null ? null : value.value());
                if (length != null && value.key() != null) {
                    values.put(value.key(), length);
                }
            }
            fields.done();
            return values;
        }
    }

    /** @param value as it was measured, "2 1/16 in" */
    @Schema(name = "MeasuredValue")
    record ValueJson(String key, String value) {}

    @Schema(name = "Consequence")
    record ConsequenceJson(
            Consequence.Verdict verdict, List<FaultJson> faults, List<ChangeJson> changes, List<FaultJson> left) {

        static ConsequenceJson of(Consequence c, UnitSystem units) {
            return new ConsequenceJson(
                    c.verdict(),
                    c.faults().stream().map(f -> FaultJson.of(f, units)).toList(),
                    c.changes().stream()
                            .map(k -> new ChangeJson(
                                    k.setting().key(),
                                    k.setting().label(),
                                    LengthJson.of(k.setting().planned(), units),
                                    LengthJson.of(k.to(), units)))
                            .toList(),
                    c.left().stream().map(f -> FaultJson.of(f, units)).toList());
        }
    }

    @Schema(name = "HandFault")
    record FaultJson(Check.Kind kind, String about, LengthJson by) {
        static FaultJson of(Consequence.Fault f, UnitSystem units) {
            return new FaultJson(f.kind(), f.about(), LengthJson.judged(f.by(), units));
        }
    }

    @Schema(name = "HandChange")
    record ChangeJson(String key, String label, LengthJson planned, LengthJson to) {}
}
