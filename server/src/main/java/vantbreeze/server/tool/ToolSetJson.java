package vantbreeze.server.tool;

import io.swagger.v3.oas.annotations.media.Schema;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.plan.BriefJson;

/**
 * The tools with which cards in these units begin.
 *
 * @param version to be sent back with a change; -1 while they are the usual ones
 */
@Schema(name = "ToolSet")
public record ToolSetJson(UnitSystem units, long version, BriefJson.ToolsJson tools) {

    @Schema(name = "ToolSetChange")
    public record ChangeJson(long version, BriefJson.ToolsJson tools) {}
}
