package vantbreeze.server.photo;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.time.Instant;
import java.util.Base64;
import java.util.UUID;
import vantbreeze.server.store.Kept;

/** A picture as it was made anew from what was sent. Never changed. */
@Entity
class Photo extends Kept {

    @Id
    private String id;

    private String type;
    private int wide;
    private int high;

    @Lob
    private byte[] bytes;

    private Instant createdAt;

    protected Photo() {}

    Photo(PhotoReader.Image image, Instant now) {
        this.id = UUID.randomUUID().toString();
        this.type = image.type();
        this.wide = image.wide();
        this.high = image.high();
        this.bytes = image.bytes();
        this.createdAt = now;
    }

    @Override
    protected String content() {
        return "%s %s %d %d %s"
                .formatted(id, type, wide, high, Base64.getEncoder().encodeToString(bytes));
    }

    String id() {
        return id;
    }

    String type() {
        return type;
    }

    byte[] bytes() {
        return bytes;
    }
}
