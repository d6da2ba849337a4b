package vantbreeze.server.embellishment;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import vantbreeze.server.plan.BriefJson;

/**
 * An embellishment that the maker kept.
 *
 * @param width of the box around all of it, in mm
 * @param layers in the order in which they are laid
 */
@Schema(name = "Embellishment")
public record EmbellishmentJson(String id, String name, double width, double height, List<LayerJson> layers) {

    /** @param path SVG path data in mm, y down from the upper left of the box around all of it */
    @Schema(name = "EmbellishmentLayer")
    public record LayerJson(String path, BriefJson.PaperJson paper) {}

    /** @param ornament name of the one that carries what is kept with it */
    @Schema(name = "NewEmbellishment")
    public record NewJson(
            @NotBlank(message = "must not be empty") @Size(max = 80, message = "must have at most 80 characters")
            String name,

            @NotNull(message = "must be given") BriefJson brief,
            @NotBlank(message = "must be given") String ornament) {}

    /**
     * Onto which card.
     *
     * @param face key of the face
     * @param percent how large, of what was kept
     */
    @Schema(name = "TakenEmbellishment")
    public record TakenJson(
            @NotNull(message = "must be given") BriefJson brief,
            @NotBlank(message = "must be given") String face,
            @NotNull(message = "must be given") Integer percent) {}
}
