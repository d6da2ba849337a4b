package vantbreeze.server.ownfold;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import vantbreeze.server.store.Removable;

/** A free strip that the maker keeps under a name. Never changed, only kept and let go. */
@Entity
class OwnFold extends Removable {

    @Id
    private String id;

    private String name;

    /** JSON, the parameters as text by key. */
    private String parameters;

    private Instant createdAt;

    protected OwnFold() {}

    OwnFold(String name, String parameters, Instant now) {
        this.id = UUID.randomUUID().toString();
        this.name = name;
        this.parameters = parameters;
        this.createdAt = now;
    }

    @Override
    protected String row() {
        return "%s %s %s".formatted(id, name, parameters);
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
}
