package vantbreeze.server.paper;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import vantbreeze.material.Material;
import vantbreeze.material.Print;
import vantbreeze.part.Part.Grain;
import vantbreeze.server.plan.BriefJson.BackJson;
import vantbreeze.server.store.Removable;

/** A kind of sheet in the drawer. */
@Entity
class DrawerSheet extends Removable {

    @Id
    private String id;

    @Version
    private long version;

    private String name;
    private String width;
    private String height;
    private int amount;
    private boolean offcut;

    private String kind;

    private String stock;
    private String colour;

    private String print;
    private String backColour;
    private String backPrint;
    private String grain;

    private String price;
    private String photo;
    private String photoLeft;
    private String photoBottom;
    private String photoWidth;
    private String photoHeight;
    private Instant createdAt;

    protected DrawerSheet() {}

    DrawerSheet(SheetJson.ContentJson content, Instant now) {
        this.id = UUID.randomUUID().toString();
        this.createdAt = now;
        write(content);
    }

    /**
     * Which part of a photograph a sheet shows; lengths as text.
     *
     * @param x from the photograph's left edge
     * @param y from its lower edge
     */
    record Picture(String photo, String x, String y, String width, String height) {}

    @Override
    protected String row() {
        /* Without a back it reads as it did before backs were kept, or older rows would not match their seal. */
        return "%s %s %s"
                .formatted(
                        id,
                        said().toString().replace(", back=null", ""),
                        picture().map(Picture::toString).orElse(""));
    }

    String id() {
        return id;
    }

    long version() {
        return version;
    }

    SheetJson.ContentJson said() {
        return new SheetJson.ContentJson(
                name,
                width,
                height,
                amount,
                offcut,
                Material.valueOf(kind),
                stock,
                colour,
                Print.valueOf(print),
                backColour == null ? null : new BackJson(backColour, Print.valueOf(backPrint)),
                grain == null ? null : Grain.valueOf(grain),
                price);
    }

    final void write(SheetJson.ContentJson content) {
        name = content.name();
        width = content.width();
        height = content.height();
        amount = content.count();
        offcut = content.offcut();
        kind = content.kind().name();
        stock = content.stock();
        colour = content.colour();
        print = content.print().name();
        backColour = content.back() == null ? null : content.back().colour();
        backPrint = content.back() == null ? null : content.back().print().name();
        grain = content.grain() == null ? null : content.grain().name();
        price = content.price();
        seal();
    }

    Optional<Picture> picture() {
        return photo == null
                ? Optional.empty()
                : Optional.of(new Picture(photo, photoLeft, photoBottom, photoWidth, photoHeight));
    }

    void show(Picture picture) {
        photo = picture.photo();
        photoLeft = picture.x();
        photoBottom = picture.y();
        photoWidth = picture.width();
        photoHeight = picture.height();
        seal();
    }

    void showNothing() {
        show(new Picture(null, null, null, null, null));
    }
}
