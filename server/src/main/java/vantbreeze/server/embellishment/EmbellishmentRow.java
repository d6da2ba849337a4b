package vantbreeze.server.embellishment;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import vantbreeze.server.store.Removable;

/** An embellishment that the maker keeps under a name. Never changed, only kept and let go. */
@Entity
@Table(name = "embellishment")
class EmbellishmentRow extends Removable {

    @Id
    private String id;

    private String name;

    /** JSON, as a brief writes its ornaments. */
    private String ornaments;

    private Instant createdAt;

    protected EmbellishmentRow() {}

    EmbellishmentRow(String name, String ornaments, Instant now) {
        this.id = UUID.randomUUID().toString();
        this.name = name;
        this.ornaments = ornaments;
        this.createdAt = now;
    }

    @Override
    protected String row() {
        return "%s %s %s".formatted(id, name, ornaments);
    }

    String id() {
        return id;
    }

    String name() {
        return name;
    }

    String ornaments() {
        return ornaments;
    }
}
