package vantbreeze.server.log;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import vantbreeze.operation.Hand;
import vantbreeze.server.plan.BriefJson;

/**
 * What was made.
 *
 * @param version to be sent back with the next change
 * @param photos ids, in the order in which they were added
 */
@Schema(name = "LogEntry")
public record LogJson(String id, long version, ContentJson content, List<String> photos, Instant createdAt) {

    /**
     * @param project id of its project; absent if it has none any more
     * @param revision of the project, as it was made
     * @param card what the maker calls it
     * @param fold name of its fold, as the brief has it
     * @param madeOn a day, "2026-11-29"
     * @param minutes that it took; absent if nobody knows
     * @param recipients who got one
     * @param papers what was used up, a line each
     * @param changeNext what to do otherwise next time
     */
    @Schema(name = "LogContent")
    public record ContentJson(
            @Schema(nullable = true) String project,
            int revision,
            String card,
            String fold,
            String madeOn,
            String occasion,
            int cards,
            @Schema(nullable = true) Integer minutes,
            List<String> recipients,
            String envelope,
            String postage,
            List<String> papers,
            String changeNext,
            List<MeasuredJson> measured) {}

    /** @param hand what was done, cut or scored
     *  @param planned what was aimed at, "2 in" */
    @Schema(name = "LogMeasured")
    public record MeasuredJson(Hand hand, String label, String planned, String value) {}

    /** @param photos PNG or JPEG in base64 */
    @Schema(name = "NewLogEntry")
    public record NewJson(
            ContentJson content,
            BriefJson brief,
            @Schema(nullable = true) List<String> photos) {}

    /** @param photos put beside those that are there, PNG or JPEG in base64 */
    @Schema(name = "LogChange")
    public record ChangeJson(
            long version,
            ContentJson content,
            @Schema(nullable = true) List<String> photos) {}

    /** Somebody who had that card before. */
    @Schema(name = "GivenBefore")
    public record GivenJson(String recipient, String card, String madeOn) {}

    /** @param recipients who is to get it */
    @Schema(name = "GivenAsked")
    public record AskJson(@Schema(nullable = true) String project, String card, List<String> recipients) {}
}
