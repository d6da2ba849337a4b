package vantbreeze.server.project;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** One saved brief of a project; never changed. */
@Entity
class Revision {

    static final int LONGEST_BRIEF = 20_000;

    @Id
    private String id;

    private String projectId;
    private int number;

    @Column(length = LONGEST_BRIEF)
    private String brief;

    private Instant savedAt;

    protected Revision() {}

    Revision(String projectId, int number, String brief, Instant savedAt) {
        this.id = UUID.randomUUID().toString();
        this.projectId = projectId;
        this.number = number;
        this.brief = brief;
        this.savedAt = savedAt;
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
}
