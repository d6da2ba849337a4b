package vantbreeze.server.cutting;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Persistable;
import vantbreeze.server.store.Kept;

/** A sheet of a plan that has been cut: the database itself keeps it from being cut twice. */
@Entity
@Table(name = "cut_sheet")
class CutRow extends Kept implements Persistable<String> {

    @Id
    private String id;

    private String plan;
    private int number;
    private String taken;
    private int takenCount;

    @Column(length = 4000)
    private String offcuts;

    private Instant cutAt;

    /** Not read from the database. */
    @Transient
    private boolean fresh;

    protected CutRow() {}

    /**
     * @param taken id of the sheet in the drawer; empty if it was bought
     * @param offcuts ids of what was put in
     */
    CutRow(String plan, int number, Optional<String> taken, int takenCount, List<String> offcuts, Instant now) {
        this.id = id(plan, number);
        this.plan = plan;
        this.number = number;
        this.taken = taken.orElse(null);
        this.takenCount = takenCount;
        this.offcuts = String.join(" ", offcuts);
        this.cutAt = now;
        this.fresh = true;
    }

    static String id(String plan, int number) {
        return plan + "/" + number;
    }

    @Override
    protected String content() {
        return "%s %s %d %s".formatted(id, taken, takenCount, offcuts);
    }

    /** It is inserted, never merged: a second one of the same sheet fails. */
    @Override
    public boolean isNew() {
        return fresh;
    }

    @Override
    public String getId() {
        return id;
    }

    int number() {
        return number;
    }

    Optional<String> taken() {
        return Optional.ofNullable(taken);
    }

    int takenCount() {
        return takenCount;
    }

    List<String> offcuts() {
        return offcuts.isEmpty() ? List.of() : List.of(offcuts.split(" "));
    }
}
