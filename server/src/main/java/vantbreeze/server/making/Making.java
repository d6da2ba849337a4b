package vantbreeze.server.making;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Version;
import java.time.Instant;
import vantbreeze.server.store.Kept;

/** How far a card has come at the table. */
@Entity
class Making extends Kept {

    @Id
    private String projectId;

    @Version
    private Long version;

    @Lob
    private String state;

    private Instant changedAt;

    protected Making() {}

    Making(String projectId) {
        this.projectId = projectId;
    }

    @Override
    protected String content() {
        return "%s %s".formatted(projectId, state);
    }

    void write(String newState, Instant now) {
        state = newState;
        changedAt = now;
        seal();
    }

    String state() {
        return state;
    }

    long version() {
        return version;
    }
}
