package vantbreeze.server.photo;

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

    PhotoAlbum(PhotoRepository photos, Store store, Clock clock) {
        this.photos = photos;
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

    @Override
    public List<String> damaged() {
        return store.read(() -> photos.findAll().stream()
                .filter(p -> !p.isIntact())
                .map(p -> "a photograph")
                .toList());
    }
}
