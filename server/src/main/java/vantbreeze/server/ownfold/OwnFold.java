package vantbreeze.server.ownfold;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** A free strip that the maker keeps under a name. Never changed, only kept and let go. */
@Entity
class OwnFold {

    @Id
    private String id;

    private String name;

    /** JSON, the parameters as text by key. */
    private String parameters;

    private Instant createdAt;
    private Instant deletedAt;

    protected OwnFold() {}

    OwnFold(String name, String parameters, Instant now) {
        this.id = UUID.randomUUID().toString();
        this.name = name;
        this.parameters = parameters;
        this.createdAt = now;
    }

    String id() {
        return id;
    }

    String name() {
        return name;
    }

    String parameters() {
        return parameters;
    }

    void delete(Instant now) {
        deletedAt = now;
    }

    void undelete() {
        deletedAt = null;
    }
}
