package vantbreeze.server.post;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import vantbreeze.post.Envelope;
import vantbreeze.server.store.Kept;

/** An envelope that the maker has at hand. Never changed, only kept and let go. */
@Entity
class DrawerEnvelope extends Kept {

    @Id
    private String id;

    private String name;

    /** "6 x 9 in". */
    private String size;

    private Instant createdAt;
    private Instant deletedAt;

    protected DrawerEnvelope() {}

    DrawerEnvelope(String name, String size, Instant now) {
        this.id = UUID.randomUUID().toString();
        this.name = name;
        this.size = size;
        this.createdAt = now;
    }

    @Override
    protected String content() {
        return "%s %s %s %s".formatted(id, name, size, deletedAt);
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

    void delete(Instant now) {
        deletedAt = now;
        seal();
    }

    void undelete() {
        deletedAt = null;
        seal();
    }
}
