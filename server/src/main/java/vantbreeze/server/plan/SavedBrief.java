package vantbreeze.server.plan;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import vantbreeze.layer.Matting;
import vantbreeze.material.Print;
import vantbreeze.plan.BriefException;
import vantbreeze.server.web.Unreadable;

/** Writes briefs with the number of their format, and reads them as they were saved at any time, brought up to date step by step. */
public final class SavedBrief {

    private static final String FORMAT = "format";
    private static final String OLD_BASE = "baseGsm";
    private static final String OLD_MATS = "matGsm";
    private static final String BASE_COLOUR = "#fbf8f0";

    private static final Set<String> CUT_BY_OUTLINE = Set.of("nested-figures", "shaped-gate");

    /** What brings a brief of format 1 to 2, one of 2 to 3, and so on. */
    private static final List<Consumer<ObjectNode>> STEPS = List.of(
            SavedBrief::papersInsteadOfGrams,
            SavedBrief::filmAndPlace,
            SavedBrief::ownSteps,
            SavedBrief::outlinesOfTheirOwn,
            SavedBrief::withoutWhatFoldsNoLongerHave,
            SavedBrief::fromTheLowerLeft,
            SavedBrief::glued);

    /** What is written today. */
    public static final int NEWEST = STEPS.size() + 1;

    private SavedBrief() {}

    public static String write(JsonMapper json, BriefJson brief) {
        ObjectNode saved = json.createObjectNode().put(FORMAT, NEWEST);
        saved.setAll((ObjectNode) json.valueToTree(brief));
        return json.writeValueAsString(saved);
    }

    /**
     * @param saved the text of a brief, of whatever age
     * @throws Unreadable if it is none, or one of a later version
     */
    public static BriefJson read(JsonMapper json, String saved) {
        try {
            ObjectNode brief = (ObjectNode) json.readTree(saved);
            int format = format(brief);
            if (format < 1 || format > NEWEST) {
                throw new Unreadable(
                        "The saved brief is of format %d; this version reads 1 to %d.".formatted(format, NEWEST),
                        saved,
                        new IllegalArgumentException(FORMAT));
            }
            STEPS.subList(format - 1, STEPS.size()).forEach(step -> step.accept(brief));
            return json.treeToValue(brief, BriefJson.class);
        } catch (JacksonException | ClassCastException | NullPointerException e) {
            String why = e instanceof JacksonException malformed ? malformed.getOriginalMessage() : "it is no brief";
            throw new Unreadable("The saved brief cannot be read: %s.".formatted(why), saved, e);
        }
    }

    /** @throws IllegalArgumentException if it is no JSON object: no version ever wrote such a thing */
    public static void requireObject(JsonMapper json, String saved) {
        try {
            if (json.readTree(saved).isObject()) {
                return;
            }
        } catch (JacksonException e) {
            // refused below like anything that is no object
        }
        throw new IllegalArgumentException("its brief is no JSON object");
    }

    /** Whether two saved texts are the same brief, of whatever age they are. */
    public static boolean saysTheSame(JsonMapper json, String a, String b) {
        try {
            return a.equals(b) || meant(json, a).equals(meant(json, b));
        } catch (Unreadable | BriefException e) {
            return false;
        }
    }

    /** As it is written down today, whatever was left out. */
    private static BriefJson meant(JsonMapper json, String saved) {
        return BriefJson.of(read(json, saved).read());
    }

    /** Until the end of November 2026 no number was written. */
    private static int format(ObjectNode brief) {
        JsonNode format = brief.remove(FORMAT);
        return format != null ? format.asInt(0) : brief.has(OLD_BASE) ? 1 : 2;
    }

    /** Until November 2026 stock was a number of grams and all mats had one step and one paper. */
    private static void papersInsteadOfGrams(ObjectNode brief) {
        paper(brief.putObject("base"), brief.remove(OLD_BASE).asInt(), BASE_COLOUR);
        int mats = brief.remove(OLD_MATS).asInt();
        ObjectNode matting = (ObjectNode) brief.get("matting");
        ArrayNode steps = matting.putArray("steps");
        steps.add(matting.remove("step"));
        ArrayNode papers = matting.putArray("papers");
        Matting.USUAL_PAPERS.forEach(p -> paper(papers.addObject(), mats, p.colour()));
        JsonNode byFace = matting.get("byFace");
        if (byFace instanceof ObjectNode faces) {
            faces.propertyNames()
                    .forEach(face -> faces.put(face, faces.get(face).asString()));
        }
    }

    /** Film was always the usual one, the first piece lay anywhere, and all faces had the same papers. */
    private static void filmAndPlace(ObjectNode brief) {
        brief.putNull("film").putNull("baseAt");
        ((ObjectNode) brief.get("matting")).putNull("papersByFace");
    }

    /** Until the end of November 2026 makers could add nothing to the order of work. */
    private static void ownSteps(ObjectNode brief) {
        brief.putArray("ownSteps");
    }

    /** Until the end of November 2026 an outline was one of a list of words, as the shape of a ring is. */
    private static void outlinesOfTheirOwn(ObjectNode brief) {
        if (brief.get("parameters") instanceof ObjectNode parameters
                && CUT_BY_OUTLINE.contains(brief.get("fold").asString())
                && parameters.has("shape")) {
            parameters.set("outline", parameters.remove("shape"));
        }
    }

    /** Until December 2026 the fan hung from its bar and the woven gate had no covers: what was said of these is gone. */
    private static final Map<String, Set<String>> GONE =
            Map.of("fan-concertina", Set.of("gap", "point"), "woven-gate", Set.of("anchor", "reach", "run", "top"));

    private static void withoutWhatFoldsNoLongerHave(ObjectNode brief) {
        if (brief.get("parameters") instanceof ObjectNode parameters) {
            parameters.remove(GONE.getOrDefault(brief.get("fold").asString(), Set.of()));
        }
    }

    /**
     * Until December 2026 toppers were measured from their panel's lower left and nothing but pieces was of film. Nothing is
     * changed: the number alone keeps earlier versions from reading a later card wrong.
     */
    private static void fromTheLowerLeft(ObjectNode brief) {
        // what is left out means just that
    }

    /** Until December 2026 all that lay on a card was glued; the number alone changes, as with the step before. */
    private static void glued(ObjectNode brief) {
        // what is left out means just that
    }

    private static void paper(ObjectNode paper, int grams, String colour) {
        paper.put("stock", grams + " gsm").put("colour", colour).put("print", Print.PLAIN.name());
    }
}
