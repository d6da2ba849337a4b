package vantbreeze.server.log;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import vantbreeze.server.store.Removable;

/** Something that was made. */
@Entity
class LogEntry extends Removable {

    static final int MOST_PHOTOS = 12;

    @Id
    private String id;

    @Version
    private long version;

    @Lob
    private String content;

    @Lob
    private String brief;

    @Column(length = 4000)
    private String photos;

    private String madeOn;
    private Instant createdAt;

    protected LogEntry() {}

    LogEntry(String brief, Instant now) {
        this.id = UUID.randomUUID().toString();
        this.brief = brief;
        this.photos = "";
        this.createdAt = now;
    }

    @Override
    protected String row() {
        return "%s %s %s %s".formatted(id, content, brief, photos);
    }

    void write(String newContent, String day) {
        content = newContent;
        madeOn = day;
        seal();
    }

    void show(List<String> ids) {
        photos = String.join(" ", ids);
        seal();
    }

    List<String> photos() {
        return photos.isEmpty() ? new ArrayList<>() : new ArrayList<>(List.of(photos.split(" ")));
    }

    String id() {
        return id;
    }

    long version() {
        return version;
    }

    /** As JSON. */
    String said() {
        return content;
    }

    /** As JSON. */
    String brief() {
        return brief;
    }

    Instant createdAt() {
        return createdAt;
    }
}
