package vantbreeze.server.photo;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.List;
import org.springframework.stereotype.Component;
import vantbreeze.server.store.Inspected;
import vantbreeze.server.store.Store;
import vantbreeze.server.web.FieldReader;
import vantbreeze.server.web.NotFound;

/** Photographs: made anew from what was sent, kept, never changed. */
@Component
public class PhotoAlbum implements Inspected {

    private final PhotoRepository photos;
    private final Store store;
    private final Clock clock;
    private final EntityManager entities;

    PhotoAlbum(PhotoRepository photos, Store store, Clock clock, EntityManager entities) {
        this.photos = photos;
        this.entities = entities;
        this.store = store;
        this.clock = clock;
    }

    /** A picture made anew, ready to be kept. */
    public static final class Developed {
        private final PhotoReader.Image image;

        private Developed(PhotoReader.Image image) {
            this.image = image;
        }
    }

    /** @param fields take the fault if it is no picture; done before anything is kept */
    public Developed develop(FieldReader fields, String field, String base64) {
        return new Developed(
                fields.fieldUpTo(Integer.MAX_VALUE, field, base64, "a PNG or JPEG", () -> PhotoReader.read(base64)));
    }

    /** Within a writing of the store.
     *
     * @return its id */
    public String keep(Developed picture) {
        return photos.save(new Photo(picture.image, clock.instant())).id();
    }

    /** @return its type and its bytes */
    PhotoReader.Image get(String id) {
        return store.read(() -> photos.findById(id)
                .map(p -> new PhotoReader.Image(p.type(), 0, 0, p.bytes()))
                .orElseThrow(() -> new NotFound("photograph (%s)".formatted(id))));
    }

    /** One is looked at after the other: all of them together may be more than the memory holds. */
    @Override
    public List<String> damaged() {
        return store.read(() -> photos.ids().stream()
                .filter(id -> !isIntact(id))
                .map(id -> "a photograph")
                .toList());
    }

    private boolean isIntact(String id) {
        Photo photo = entities.find(Photo.class, id);
        boolean intact = photo.isIntact();
        entities.detach(photo);
        return intact;
    }
}
