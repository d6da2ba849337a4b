package vantbreeze.server.plan;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import vantbreeze.layer.Matting;
import vantbreeze.material.Print;
import vantbreeze.server.web.Unreadable;

/**
 * Reads briefs as they were saved at any time. Until November 2026 stock was a number of grams and all mats had one step
 * and one paper.
 */
public final class SavedBrief {

    private static final String OLD_BASE = "baseGsm";
    private static final String OLD_MATS = "matGsm";
    private static final String BASE_COLOUR = "#fbf8f0";

    private SavedBrief() {}

    /**
     * @param saved the text of a brief, of whatever age
     * @throws Unreadable if it is none
     */
    public static BriefJson read(JsonMapper json, String saved) {
        try {
            ObjectNode brief = (ObjectNode) json.readTree(saved);
            if (brief.has(OLD_BASE)) {
                bringUpToDate(brief);
            }
            return json.treeToValue(brief, BriefJson.class);
        } catch (JacksonException | ClassCastException | NullPointerException e) {
            String why = e instanceof JacksonException malformed ? malformed.getOriginalMessage() : "it is no brief";
            throw new Unreadable("The saved brief cannot be read: %s.".formatted(why), saved, e);
        }
    }

    private static void bringUpToDate(ObjectNode brief) {
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

    private static void paper(ObjectNode paper, int grams, String colour) {
        paper.put("stock", grams + " gsm").put("colour", colour).put("print", Print.PLAIN.name());
    }
}
