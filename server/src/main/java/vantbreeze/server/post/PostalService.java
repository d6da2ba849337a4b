package vantbreeze.server.post;

import java.time.Clock;
import java.util.List;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import vantbreeze.post.PostalClass;
import vantbreeze.server.web.Conflict;
import vantbreeze.server.web.FieldsRefused;
import vantbreeze.server.web.NotFound;

/** The maker's own postal table; it begins as the one that the application brings along. */
@Service
@Transactional
class PostalService {

    private final PostalRepository rows;
    private final Clock clock;

    PostalService(PostalRepository rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** Only once: rows that the maker strikes out stay as struck out. */
    @EventListener(ApplicationReadyEvent.class)
    public void fill() {
        if (rows.count() == 0) {
            int place = 0;
            for (PostalClass c : PostalClass.table()) {
                rows.save(new PostalRow(place++, PostalReader.shipped(c)));
            }
        }
    }

    @Transactional(readOnly = true)
    public List<PostalJson> list() {
        return rows.findByDeletedAtIsNullOrderByPlaceAsc().stream()
                .map(PostalService::written)
                .toList();
    }

    /** @throws FieldsRefused if a field cannot be so; nothing is kept then */
    public PostalJson add(PostalJson.ContentJson content) {
        check(content, "");
        return written(rows.save(new PostalRow((int) rows.count(), content)));
    }

    /**
     * @throws Conflict if the row has moved on since that version
     * @throws FieldsRefused if a field cannot be so; nothing is kept then
     */
    public PostalJson change(String id, PostalJson.ChangeJson change) {
        check(change.content(), id);
        PostalRow row = at(id, change.version());
        row.write(change.content());
        return written(rows.saveAndFlush(row));
    }

    private void check(PostalJson.ContentJson content, String id) {
        PostalClass read = PostalReader.read(content);
        boolean taken = rows.findByDeletedAtIsNullOrderByPlaceAsc().stream()
                .filter(r -> !r.id().equals(id))
                .map(PostalRow::content)
                .anyMatch(c -> c.service().equals(read.service()) && c.name().equals(read.name()));
        if (taken) {
            throw new FieldsRefused(
                    "name",
                    read.name(),
                    "a name that no other class of the service has",
                    "The service (%s) has a class of that name (%s) already.".formatted(read.service(), read.name()));
        }
    }

    public PostalJson delete(String id, long version) {
        PostalRow row = at(id, version);
        row.delete(clock.instant());
        return written(rows.saveAndFlush(row));
    }

    /** Takes a deletion back. */
    public PostalJson undelete(String id) {
        PostalRow row = rows.findById(id).orElseThrow(() -> missing(id));
        check(row.content(), id);
        row.undelete();
        return written(rows.saveAndFlush(row));
    }

    private PostalRow at(String id, long version) {
        PostalRow row = rows.findById(id).filter(r -> !r.isDeleted()).orElseThrow(() -> missing(id));
        if (row.version() != version) {
            throw new Conflict(row.content().name(), written(row), row.version(), version);
        }
        return row;
    }

    private static NotFound missing(String id) {
        return new NotFound("row (%s) in the postal table".formatted(id));
    }

    private static PostalJson written(PostalRow row) {
        return new PostalJson(row.id(), row.version(), row.content());
    }
}
