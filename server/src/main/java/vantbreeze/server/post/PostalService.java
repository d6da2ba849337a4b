package vantbreeze.server.post;

import java.time.Clock;
import java.util.List;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import vantbreeze.post.PostalClass;
import vantbreeze.server.store.Inspected;
import vantbreeze.server.store.ReadBack;
import vantbreeze.server.store.Rows;
import vantbreeze.server.store.Store;
import vantbreeze.server.web.Conflict;
import vantbreeze.server.web.FieldsRefused;
import vantbreeze.server.web.NotFound;

/** The maker's own postal table; it begins as the one that the application brings along. */
@Service
class PostalService implements Inspected, ReadBack {

    private final PostalRepository rows;
    private final Store store;
    private final Clock clock;

    PostalService(PostalRepository rows, Store store, Clock clock) {
        this.rows = rows;
        this.store = store;
        this.clock = clock;
    }

    /** Only once: rows that the maker strikes out stay as struck out. */
    @EventListener(ApplicationReadyEvent.class)
    public void fill() {
        if (store.read(rows::count) > 0) {
            return;
        }
        store.write(() -> {
            int place = 0;
            for (PostalClass c : PostalClass.table()) {
                rows.save(PostalRow.shipped(place++, PostalReader.shipped(c)));
            }
            return null;
        });
    }

    public List<PostalJson> list() {
        return store.read(() -> rows.findByDeletedAtIsNullOrderByPlaceAsc().stream()
                .map(PostalService::written)
                .toList());
    }

    /** @throws FieldsRefused if a field cannot be so; nothing is kept then */
    public PostalJson add(PostalJson.ContentJson content) {
        PostalJson.ContentJson row = PostalReader.tidied(content);
        return store.write(() -> {
            requireOwnName(row, "");
            return written(rows.save(new PostalRow((int) rows.count(), row)));
        });
    }

    /**
     * @throws Conflict if the row has moved on since that version
     * @throws FieldsRefused if a field cannot be so; nothing is kept then
     */
    public PostalJson change(String id, PostalJson.ChangeJson change) {
        PostalJson.ContentJson content = PostalReader.tidied(change.content());
        return store.write(() -> {
            PostalRow row = at(id, change.version());
            requireOwnName(content, id);
            row.write(content);
            return written(rows.saveAndFlush(row));
        });
    }

    private void requireOwnName(PostalJson.ContentJson row, String id) {
        boolean taken = rows.findByDeletedAtIsNullOrderByPlaceAsc().stream()
                .filter(r -> !r.id().equals(id))
                .map(PostalRow::json)
                .anyMatch(c -> c.service().equals(row.service()) && c.name().equals(row.name()));
        if (taken) {
            throw new FieldsRefused(
                    "name",
                    row.name(),
                    "a name that no other class of the service has",
                    "The service (%s) has a class of that name (%s) already.".formatted(row.service(), row.name()));
        }
    }

    public PostalJson delete(String id, long version) {
        return store.write(() -> {
            PostalRow row = at(id, version);
            row.delete(clock.instant());
            return written(rows.saveAndFlush(row));
        });
    }

    /** Takes a deletion back. */
    public PostalJson undelete(String id) {
        return store.write(() -> {
            PostalRow row = rows.findById(id).orElseThrow(() -> missing(id));
            requireOwnName(row.json(), id);
            row.undelete();
            return written(rows.saveAndFlush(row));
        });
    }

    @Override
    public Rows rows() {
        return Rows.POSTAL;
    }

    @Override
    public void readBack(String key) {
        PostalReader.read(rows.findById(key).orElseThrow().json());
    }

    @Override
    public List<String> damaged() {
        return store.read(() -> rows.findAll().stream()
                .filter(r -> !r.isIntact())
                .map(r -> "the row “" + r.json().name() + "” of the postal table")
                .toList());
    }

    private PostalRow at(String id, long version) {
        PostalRow row = rows.findById(id).filter(r -> !r.isDeleted()).orElseThrow(() -> missing(id));
        if (row.version() != version) {
            throw new Conflict(row.json().name(), written(row), row.version(), version);
        }
        return row;
    }

    private static NotFound missing(String id) {
        return new NotFound("row (%s) in the postal table".formatted(id));
    }

    private static PostalJson written(PostalRow row) {
        return new PostalJson(row.id(), row.version(), row.json());
    }
}
