package vantbreeze.server.post;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import vantbreeze.post.Envelope;
import vantbreeze.server.store.Removable;

/** An envelope that the maker has at hand. Never changed, only kept and let go. */
@Entity
class DrawerEnvelope extends Removable {

    @Id
    private String id;

    private String name;

    /** "6 x 9 in". */
    private String size;

    private Instant createdAt;

    protected DrawerEnvelope() {}

    DrawerEnvelope(String name, String size, Instant now) {
        this.id = UUID.randomUUID().toString();
        this.name = name;
        this.size = size;
        this.createdAt = now;
    }

    @Override
    protected String row() {
        return "%s %s %s".formatted(id, name, size);
    }

    String id() {
        return id;
    }

    Envelope envelope() {
        return Envelope.named(named(name, size));
    }

    /** As a brief names it. */
    static String named(String name, String size) {
        return name + ", " + size;
    }
}
