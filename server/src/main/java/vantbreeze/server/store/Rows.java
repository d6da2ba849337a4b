package vantbreeze.server.store;

import java.util.List;

/**
 * A table of the database as it goes out and comes in.
 *
 * @param key its primary key
 * @param age the column that tells which of two rows is newer
 */
public record Rows(String table, String key, String age) {

    public static final Rows REVISIONS = new Rows("revision", "id", "saved_at");
    public static final Rows POSTAL = new Rows("postal_row", "id", "version");

    /** In an order in which what is referred to comes first. */
    public static final List<Rows> ALL = List.of(
            new Rows("project", "id", "updated_at"),
            REVISIONS,
            new Rows("own_fold", "id", "created_at"),
            new Rows("drawer_envelope", "id", "created_at"),
            POSTAL,
            new Rows("photo", "id", "created_at"),
            new Rows("drawer_sheet", "id", "version"),
            new Rows("cutting_plan", "id", "version"),
            new Rows("cut_sheet", "id", "cut_at"),
            new Rows("tool_set", "units", "version"),
            new Rows("making", "project_id", "changed_at"),
            new Rows("log_entry", "id", "version"),
            new Rows("own_hands", "id", "version"));

    public String entry() {
        return "tables/%s.json".formatted(table);
    }
}
