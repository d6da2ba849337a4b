package vantbreeze.server.project;

import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.plan.SavedBrief;
import vantbreeze.server.web.FieldsRefused;
import vantbreeze.server.web.Text;
import vantbreeze.server.web.Unreadable;

/**
 * A project as a document of its own, as {@code project.schema.json} says: its name, and its brief in a format with a number.
 * Documents of older formats are brought up to date.
 */
final class ProjectFile {

    static final String KIND = "project";
    private static final String WHAT = "vantbreeze";
    private static final String FORMAT = "format";
    private static final String NAME = "name";
    private static final String BRIEF = "brief";

    private ProjectFile() {}

    /** What a document holds. */
    record Content(String name, BriefJson brief) {}

    static ObjectNode write(JsonMapper json, String name, BriefJson brief) {
        ObjectNode document = json.createObjectNode();
        document.put(WHAT, KIND).put(FORMAT, SavedBrief.NEWEST).put(NAME, name);
        document.set(BRIEF, json.valueToTree(brief));
        return document;
    }

    /** @throws FieldsRefused naming the path of the fault */
    static Content read(JsonMapper json, JsonNode document) {
        if (!(document instanceof ObjectNode)
                || !KIND.equals(document.path(WHAT).asString(""))) {
            throw refused(WHAT, document.path(WHAT), KIND, "This is no project of Vantbreeze.");
        }
        JsonNode format = document.path(FORMAT);
        if (!format.canConvertToInt()
                || !format.isNumber()
                || format.intValue() < 1
                || format.intValue() > SavedBrief.NEWEST) {
            throw refused(
                    FORMAT,
                    format,
                    "1 to %d".formatted(SavedBrief.NEWEST),
                    "The format (%s) must be 1 to %d, which this version reads."
                            .formatted(shown(format), SavedBrief.NEWEST));
        }
        JsonNode name = document.path(NAME);
        if (!name.isString() || name.asString().isBlank()) {
            throw refused(
                    NAME, name, "1 to %d characters".formatted(ProjectJson.LONGEST_NAME), "The project needs a name.");
        }
        if (!(document.get(BRIEF) instanceof ObjectNode brief)) {
            throw refused(BRIEF, document.path(BRIEF), "an object", "The project needs a brief.");
        }
        ObjectNode saved = brief.deepCopy();
        saved.set(FORMAT, format);
        try {
            BriefJson read = SavedBrief.read(json, json.writeValueAsString(saved));
            return new Content(
                    Text.upTo(ProjectJson.LONGEST_NAME, name.asString().strip()), read);
        } catch (Unreadable e) {
            String path = e.getCause() instanceof JacksonException fault ? path(fault) : BRIEF;
            throw refused(path, saved, "see project.schema.json", e.getMessage());
        }
    }

    private static String path(JacksonException fault) {
        return BRIEF
                + fault.getPath().stream()
                        .map(r -> r.getPropertyName() == null
                                ? "[%d]".formatted(r.getIndex())
                                : "." + Text.upTo(60, r.getPropertyName()))
                        .collect(Collectors.joining());
    }

    private static FieldsRefused refused(String field, JsonNode value, String allowed, String text) {
        return new FieldsRefused(field, shown(value), allowed, text);
    }

    private static String shown(JsonNode value) {
        return Text.upTo(60, value.isMissingNode() ? "" : value.isString() ? value.asString() : value.toString());
    }
}
