package vantbreeze.server.cutting;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Version;
import java.time.Instant;
import vantbreeze.server.store.Kept;

/** A cutting plan as it was found. Never changed; which sheets of it have been cut is kept apart. */
@Entity
class CuttingPlan extends Kept {

    @Id
    private String id;

    @Version
    private long version;

    private String name;

    @Lob
    private String plan;

    private Instant createdAt;

    protected CuttingPlan() {}

    CuttingPlan(String id, String name, String plan, Instant now) {
        this.id = id;
        this.name = name;
        this.plan = plan;
        this.createdAt = now;
    }

    @Override
    protected String content() {
        return "%s %s %s".formatted(id, name, plan);
    }

    String id() {
        return id;
    }

    String plan() {
        return plan;
    }
}
