package vantbreeze.server.post;

import io.swagger.v3.oas.annotations.media.Schema;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.plan.LengthJson.SizeJson;

/**
 * An envelope of the drawer.
 *
 * @param envelope as a brief names it, "lined, 6 x 9 in"
 */
@Schema(name = "DrawerEnvelope")
public record DrawerJson(String id, String envelope, String name, SizeJson size) {

    /** @param units that bare numbers count in */
    @Schema(name = "NewDrawerEnvelope")
    public record NewJson(
            @Schema(example = "lined") String name,
            @Schema(example = "6 x 9 in") String size,
            UnitSystem units) {}
}
