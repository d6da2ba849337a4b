package vantbreeze.server.photo;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import vantbreeze.server.store.Inspected;
import vantbreeze.server.store.Received;
import vantbreeze.server.store.Rows;
import vantbreeze.server.store.Store;
import vantbreeze.server.web.FieldReader;
import vantbreeze.server.web.NotFound;
import vantbreeze.server.web.Patience;
import vantbreeze.structure.Effort;

/** Photographs: made anew from what was sent, kept, never changed. */
@Component
public class PhotoAlbum implements Inspected, Received {

    /** Rows of a picture are what is counted; one has far fewer. */
    private static final long MOST_WORK = 1_000_000;

    private final PhotoRepository photos;
    private final Patience patience;
    private final Lock developing = new ReentrantLock(true);
    private final Store store;
    private final Clock clock;
    private final EntityManager entities;

    PhotoAlbum(PhotoRepository photos, Patience patience, Store store, Clock clock, EntityManager entities) {
        this.photos = photos;
        this.patience = patience;
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
        return new Developed(fields.fieldUpTo(
                Integer.MAX_VALUE,
                field,
                base64,
                "a PNG or JPEG",
                () -> patience.await(MOST_WORK, "The picture", () -> oneAtATime(() -> PhotoReader.read(base64)))));
    }

    /** Each takes memory while it is worked on; together they would take too much. */
    private PhotoReader.Image oneAtATime(Supplier<PhotoReader.Image> work) {
        try {
            developing.lockInterruptibly();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            Effort.ifNobodyWaits(Thread.currentThread());
        }
        try {
            return work.get();
        } finally {
            developing.unlock();
        }
    }

    @Override
    public Rows rows() {
        return Rows.PHOTOS;
    }

    /** What was made here stays as it is to the byte; anything else is made anew, whatever it says of itself. */
    @Override
    public Map<String, Object> received(Map<String, Object> row) {
        byte[] bytes = (byte[]) row.get("bytes");
        if (JpegMarkers.of(bytes).filter(PhotoAlbum::isAsMadeHere).isPresent()
                && PhotoReader.TYPE.equals(row.get("type"))) {
            return row;
        }
        PhotoReader.Image anew = oneAtATime(() -> PhotoReader.read(bytes));
        Map<String, Object> kept = new LinkedHashMap<>(row);
        kept.remove("digest");
        kept.put("type", anew.type());
        kept.put("wide", anew.wide());
        kept.put("high", anew.high());
        kept.put("bytes", anew.bytes());
        return kept;
    }

    private static boolean isAsMadeHere(JpegMarkers jpeg) {
        return jpeg.isPlain() && Math.max(jpeg.wide(), jpeg.high()) <= PhotoReader.KEPT_DOTS;
    }

    /** Within a writing of the store.
     *
     * @return its id */
    public String keep(Developed picture) {
        return photos.save(new Photo(picture.image, clock.instant())).id();
    }

    /** @return the bytes of a JPEG; of what is none nothing is ever given out */
    byte[] get(String id) {
        return store.read(() -> photos.findById(id)
                .filter(p -> PhotoReader.TYPE.equals(p.type()))
                .map(Photo::bytes)
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
