package vantbreeze.server.store;

import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.PrePersist;
import jakarta.persistence.PreUpdate;

/** A row that can tell whether it is as it was written: the database checks where its pages lie, not what they hold. */
@MappedSuperclass
public abstract class Kept {

    /** Absent in rows of versions before it was kept. */
    private String digest;

    /** All that must not change by itself, as text. */
    protected abstract String content();

    /** Whoever changes the content says so. */
    @PrePersist
    protected final void seal() {
        digest = Digest.of(content());
    }

    @PreUpdate
    void sealIfOld() {
        if (digest == null) {
            seal();
        }
    }

    public boolean isIntact() {
        return digest == null || digest.equals(Digest.of(content()));
    }
}
