package vantbreeze.server.project;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import vantbreeze.server.store.Removable;

/** A card the maker works on. Its briefs are its revisions; deleting only sets a mark. */
@Entity
class Project extends Removable {

    @Id
    private String id;

    private String name;

    @Version
    private long version;

    private Instant createdAt;
    private Instant updatedAt;

    protected Project() {}

    Project(String name, Instant now) {
        this.id = UUID.randomUUID().toString();
        this.name = name;
        this.createdAt = now;
        this.updatedAt = now;
    }

    @Override
    protected String row() {
        return "%s %s %s".formatted(id, name, createdAt);
    }

    String id() {
        return id;
    }

    String name() {
        return name;
    }

    long version() {
        return version;
    }

    Instant updatedAt() {
        return updatedAt;
    }

    void rename(String newName, Instant now) {
        name = newName;
        updatedAt = now;
        seal();
    }

    /** A new revision counts as a change, so that a second tab's save is noticed. */
    void touch(Instant now) {
        updatedAt = now;
    }
}
