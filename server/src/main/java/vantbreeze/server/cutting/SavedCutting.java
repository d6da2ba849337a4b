package vantbreeze.server.cutting;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vantbreeze.material.Material;

/** Reads cutting plans as they were saved at any time. */
final class SavedCutting {

    private SavedCutting() {}

    static CuttingJson read(JsonMapper json, String saved) {
        JsonNode plan = json.readTree(saved);
        plan.path("papers").forEach(paper -> materials((ObjectNode) paper));
        return json.treeToValue(plan, CuttingJson.class);
    }

    /** Until December 2026 there was film, and everything else was paper. */
    private static void materials(ObjectNode paper) {
        JsonNode film = paper.remove("film");
        if (film != null) {
            paper.put("material", (film.asBoolean() ? Material.FILM : Material.PAPER).name());
        }
    }
}
