package vantbreeze.server.post;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.UUID;
import vantbreeze.server.store.Removable;

/** A class of letter as it stands in the maker's table. Lengths are text with a unit. */
@Entity
class PostalRow extends Removable {

    @Id
    private String id;

    @Version
    private long version;

    /** Among all rows, as they are listed. */
    private int place;

    private String service;
    private String name;
    private String leastLong;
    private String leastShort;
    private String mostLong;
    private String mostShort;
    private String thickness;
    private double grams;
    private Double aspectLeast;
    private Double aspectMost;
    private String price;
    private String origin;
    private LocalDate asOf;

    protected PostalRow() {}

    PostalRow(int place, PostalJson.ContentJson content) {
        this(UUID.randomUUID(), place, content);
    }

    private PostalRow(UUID id, int place, PostalJson.ContentJson content) {
        this.id = id.toString();
        this.place = place;
        write(content);
    }

    /** A row that comes with the application: the same on every machine, so that a backup of one finds it on another. */
    static PostalRow shipped(int place, PostalJson.ContentJson content) {
        String name = "postal row %s, %s".formatted(content.service(), content.name());
        return new PostalRow(UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)), place, content);
    }

    @Override
    protected String row() {
        return "%s %d %s".formatted(id, place, json());
    }

    String id() {
        return id;
    }

    long version() {
        return version;
    }

    PostalJson.ContentJson json() {
        return new PostalJson.ContentJson(
                service,
                name,
                leastLong,
                leastShort,
                mostLong,
                mostShort,
                thickness,
                grams,
                aspectLeast,
                aspectMost,
                price,
                origin,
                asOf);
    }

    final void write(PostalJson.ContentJson content) {
        service = content.service();
        name = content.name();
        leastLong = content.leastLong();
        leastShort = content.leastShort();
        mostLong = content.mostLong();
        mostShort = content.mostShort();
        thickness = content.thickness();
        grams = content.grams();
        aspectLeast = content.aspectLeast();
        aspectMost = content.aspectMost();
        price = content.price();
        origin = content.origin();
        asOf = content.asOf();
        seal();
    }
}
