package vantbreeze.server.post;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;

/**
 * A row of the postal table.
 *
 * @param version to be sent back with a change
 */
@Schema(name = "PostalClass")
public record PostalJson(String id, long version, ContentJson content) {

    /**
     * What the row says; lengths with their unit.
     *
     * @param leastLong absent, like leastShort, if there is no least size
     * @param aspectLeast long side over short side; absent, like aspectMost, if any shape costs the same
     * @param price what the maker paid, in the maker's own words
     * @param origin where the figures are from
     * @param asOf the day they were true
     */
    @Schema(name = "PostalClassContent")
    public record ContentJson(
            @Schema(example = "Germany") String service,
            @Schema(example = "standard letter") String name,
            @Schema(nullable = true, example = "140 mm") String leastLong,
            @Schema(nullable = true) String leastShort,
            @Schema(example = "235 mm") String mostLong,
            @Schema(example = "125 mm") String mostShort,
            @Schema(example = "5 mm") String thickness,
            @Schema(example = "20") double grams,
            @Schema(nullable = true) Double aspectLeast,
            @Schema(nullable = true) Double aspectMost,
            @Schema(nullable = true, example = "0.95 EUR") String price,
            @Schema(example = "from memory") String origin,
            @Schema(example = "2026-11-01") LocalDate asOf) {}

    @Schema(name = "PostalClassChange")
    public record ChangeJson(long version, ContentJson content) {}
}
