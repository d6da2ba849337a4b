package vantbreeze.server.store;

import jakarta.persistence.MappedSuperclass;
import java.time.Instant;

/** A row that is never deleted but marked as such, so that it can be brought back. */
@MappedSuperclass
public abstract class Removable extends Kept {

    private Instant deletedAt;

    /** All that must not change by itself besides whether it is deleted, as text. */
    protected abstract String row();

    @Override
    protected final String content() {
        return row() + " " + deletedAt;
    }

    public final void delete(Instant now) {
        deletedAt = now;
        seal();
    }

    public final void undelete() {
        deletedAt = null;
        seal();
    }

    public final boolean isDeleted() {
        return deletedAt != null;
    }
}
