package vantbreeze.server.ownfold;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import vantbreeze.server.store.Kept;

/** A free strip that the maker keeps under a name. Never changed, only kept and let go. */
@Entity
class OwnFold extends Kept {

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

    @Override
    protected String content() {
        return "%s %s %s %s".formatted(id, name, parameters, deletedAt);
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
        seal();
    }

    void undelete() {
        deletedAt = null;
        seal();
    }
}
