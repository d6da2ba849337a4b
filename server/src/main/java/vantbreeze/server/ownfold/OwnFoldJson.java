package vantbreeze.server.ownfold;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Map;
import vantbreeze.server.plan.BriefJson;

/**
 * A fold that the maker kept.
 *
 * @param fold id of the fold that it is made with
 * @param parameters what makes it that fold, as text by key
 */
@Schema(name = "OwnFold")
public record OwnFoldJson(String id, String name, String fold, Map<String, String> parameters) {

    /** @param brief of a free strip; its panels, slits and joints are kept */
    @Schema(name = "NewOwnFold")
    public record NewJson(
            @NotBlank(message = "must not be empty") @Size(max = 80, message = "must have at most 80 characters")
            String name,

            @NotNull(message = "must be given") BriefJson brief) {}
}
