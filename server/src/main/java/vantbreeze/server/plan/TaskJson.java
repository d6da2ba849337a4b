package vantbreeze.server.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import vantbreeze.material.Adhesive;
import vantbreeze.measure.UnitSystem;
import vantbreeze.operation.Dry;
import vantbreeze.operation.Hand;
import vantbreeze.operation.Hazard;
import vantbreeze.operation.Setting;
import vantbreeze.operation.Step;
import vantbreeze.operation.Task;
import vantbreeze.operation.Tool;
import vantbreeze.operation.Wording;
import vantbreeze.plan.GluedStep;

/**
 * One thing to do.
 *
 * @param id the same as long as the card is built alike
 * @param kind what is done: "cut", "score", "dry"
 * @param text in one paragraph
 * @param wording the same, one by one
 * @param shortly the caution for who has read it
 * @param tools what is taken into the hand
 * @param parts ids of the parts it is done to
 * @param after ids of tasks that must be done before it
 * @param mechanism whether a mock-up needs it
 * @param minutes of waiting
 * @param drying what is waited for
 * @param measures what can be measured when it is done
 * @param glue what is taken to glue, and what else could be; absent where nothing is glued
 */
@Schema(name = "Task")
public record TaskJson(
        String id,
        String kind,
        String title,
        String text,
        WordingJson wording,
        String caution,
        String shortly,
        List<String> tools,
        List<String> parts,
        List<String> after,
        boolean mechanism,
        @Schema(nullable = true) Integer minutes,
        @Schema(nullable = true) String drying,
        List<MeasureJson> measures,
        @Schema(nullable = true) GluingJson glue) {

    /**
     * @param each what is gone through, one after the other
     * @param otherwise another way of doing the same
     */
    @Schema(name = "Wording")
    public record WordingJson(
            String lead,
            List<String> each,
            String between,
            String tail,
            @Schema(nullable = true) WordingJson otherwise) {

        private static WordingJson of(Wording wording) {
            return new WordingJson(
                    wording.lead(),
                    wording.each(),
                    wording.between(),
                    wording.tail(),
                    wording.otherwise().map(WordingJson::of).orElse(null));
        }
    }

    /**
     * @param key to send it back under
     * @param hand what is done there
     */
    @Schema(name = "Measure")
    public record MeasureJson(String key, Hand hand, String label, LengthJson planned) {}

    /**
     * @param places where it goes, to be sent back in a brief with the key of another one
     * @param with the key of what is taken; absent where it differs from place to place
     * @param own whether the maker chose it
     */
    @Schema(name = "Gluing")
    public record GluingJson(
            List<String> places, @Schema(nullable = true) String with, List<AdhesiveChoiceJson> choices, boolean own) {

        private static GluingJson of(GluedStep gluing) {
            return new GluingJson(
                    gluing.places(),
                    gluing.with().map(Adhesive::key).orElse(null),
                    gluing.choices().stream()
                            .map(a -> new AdhesiveChoiceJson(a.key(), a.name()))
                            .toList(),
                    gluing.own());
        }
    }

    @Schema(name = "AdhesiveChoice")
    public record AdhesiveChoiceJson(String key, String name) {}

    static TaskJson of(
            Task task,
            int cards,
            List<Setting> settings,
            Optional<GluedStep> gluing,
            vantbreeze.measure.Ruler ruler,
            UnitSystem units) {
        Step step = task.step(ruler, cards);
        return new TaskJson(
                task.id(),
                task.operation().kind(),
                step.title(),
                step.text(),
                WordingJson.of(step.wording()),
                step.caution(),
                task.operation().hazards().stream().map(Hazard::shortly).collect(Collectors.joining(" ")),
                task.operation().tools().stream().map(Tool::word).toList(),
                task.parts(),
                task.after().stream().sorted().toList(),
                task.mechanism(),
                task.operation().waiting().map(Dry::minutes).orElse(null),
                task.operation().waiting().map(Dry::what).orElse(null),
                settings.stream()
                        .filter(k -> k.measurable() && k.task().equals(task.id()))
                        .map(k -> new MeasureJson(k.key(), k.hand(), k.label(), LengthJson.of(k.planned(), units)))
                        .toList(),
                gluing.map(GluingJson::of).orElse(null));
    }
}
