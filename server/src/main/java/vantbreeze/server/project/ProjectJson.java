package vantbreeze.server.project;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import vantbreeze.server.plan.BriefJson;

/**
 * A project with its newest brief.
 *
 * @param version to be sent back with the next save
 * @param revision number of the newest brief
 */
@Schema(name = "Project")
public record ProjectJson(String id, String name, long version, int revision, Instant updatedAt, BriefJson brief) {

    static final int LONGEST_NAME = 80;

    /**
     * A line of the list.
     *
     * @param fold absent if no plan follows from its brief, or nobody has worked it out yet
     * @param closed absent if the card cannot fold
     * @param reason why no plan follows
     */
    @Schema(name = "ProjectSummary")
    public record SummaryJson(
            String id,
            String name,
            long version,
            Instant updatedAt,
            @Schema(nullable = true) String fold,
            @Schema(nullable = true) String closed,
            @Schema(nullable = true) String envelope,
            int snags,
            @Schema(nullable = true) String reason) {

        static SummaryJson of(String id, String name, long version, Instant updatedAt, Summary made) {
            return new SummaryJson(
                    id,
                    name,
                    version,
                    updatedAt,
                    made.fold(),
                    made.closed(),
                    made.envelope(),
                    made.snags(),
                    made.reason());
        }
    }

    /** A project without its brief. */
    @Schema(name = "ProjectHead")
    public record HeadJson(String id, String name, long version) {

        static HeadJson of(Project project) {
            return new HeadJson(project.id(), project.name(), project.version());
        }
    }

    @Schema(name = "NewProject")
    public record NewJson(
            @NotBlank(message = "must not be empty")
            @Size(max = LONGEST_NAME, message = "must have at most 80 characters")
            String name,

            @NotNull(message = "must be given") BriefJson brief) {}

    /** @param version the one that the change was made to */
    @Schema(name = "ProjectChange")
    public record ChangeJson(
            long version,

            @NotBlank(message = "must not be empty")
            @Size(max = LONGEST_NAME, message = "must have at most 80 characters")
            String name,

            @NotNull(message = "must be given") BriefJson brief) {}

    @Schema(name = "ProjectVersion")
    public record VersionJson(long version) {}

    @Schema(name = "RevisionSummary")
    public record RevisionJson(
            int number,
            Instant savedAt,
            @Schema(nullable = true) String fold,
            @Schema(nullable = true) String closed) {}
}
