package vantbreeze.server.project;

import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import vantbreeze.server.store.Kept;

/** One saved brief of a project, never changed, and what became of it by the rules of the day. */
@Entity
class Revision extends Kept {

    static final int LONGEST_BRIEF = 400_000;

    @Id
    private String id;

    private String projectId;
    private int number;

    @Column(length = LONGEST_BRIEF)
    private String brief;

    private Instant savedAt;

    /** Absent until it is worked out. */
    @Embedded
    private Summary summary;

    protected Revision() {}

    Revision(String projectId, int number, String brief, Summary summary, Instant savedAt) {
        this.id = UUID.randomUUID().toString();
        this.projectId = projectId;
        this.number = number;
        this.brief = brief;
        this.savedAt = savedAt;
        this.summary = summary;
    }

    @Override
    protected String content() {
        return "%s %s %d %s %s".formatted(id, projectId, number, savedAt, brief);
    }

    String projectId() {
        return projectId;
    }

    String id() {
        return id;
    }

    int number() {
        return number;
    }

    /** The brief as JSON. */
    String brief() {
        return brief;
    }

    Instant savedAt() {
        return savedAt;
    }

    /** @return empty until it is worked out */
    Optional<Summary> summary() {
        return Optional.ofNullable(summary);
    }

    void summarise(Summary made) {
        summary = made;
    }
}
