package vantbreeze.server.store;

import java.util.List;

/**
 * A table of the database as it goes out and comes in.
 *
 * @param key its primary key
 * @param age the column that tells which of two rows is newer
 */
public record Rows(String table, String key, String age) {

    public static final Rows PROJECTS = new Rows("project", "id", "updated_at");
    public static final Rows OWN_FOLDS = new Rows("own_fold", "id", "created_at");
    public static final Rows EMBELLISHMENTS = new Rows("embellishment", "id", "created_at");
    public static final Rows ENVELOPES = new Rows("drawer_envelope", "id", "created_at");
    public static final Rows PHOTOS = new Rows("photo", "id", "created_at");
    public static final Rows SHEETS = new Rows("drawer_sheet", "id", "version");
    public static final Rows CUTTING_PLANS = new Rows("cutting_plan", "id", "version");
    public static final Rows CUT_SHEETS = new Rows("cut_sheet", "id", "cut_at");
    public static final Rows TOOLS = new Rows("tool_set", "units", "version");
    public static final Rows MAKINGS = new Rows("making", "project_id", "changed_at");
    public static final Rows LOG = new Rows("log_entry", "id", "version");
    public static final Rows HANDS = new Rows("own_hands", "id", "version");
    public static final Rows REVISIONS = new Rows("revision", "id", "saved_at");
    public static final Rows POSTAL = new Rows("postal_row", "id", "version");

    /** In an order in which what is referred to comes first. */
    public static final List<Rows> ALL = List.of(
            PROJECTS,
            REVISIONS,
            OWN_FOLDS,
            EMBELLISHMENTS,
            ENVELOPES,
            POSTAL,
            PHOTOS,
            SHEETS,
            CUTTING_PLANS,
            CUT_SHEETS,
            TOOLS,
            MAKINGS,
            LOG,
            HANDS);

    public String entry() {
        return "tables/%s.json".formatted(table);
    }
}
