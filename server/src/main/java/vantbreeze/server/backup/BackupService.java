package vantbreeze.server.backup;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import vantbreeze.server.store.Column;
import vantbreeze.server.store.Inspected;
import vantbreeze.server.store.Rows;
import vantbreeze.server.store.Store;
import vantbreeze.server.store.Tables;

/**
 * Everything that is kept, out as one file and in again. What comes in is merged by id: the newer of two rows stays, what was
 * deleted here and is there in the backup comes back, and nothing is taken away.
 */
@Service
public class BackupService {

    private static final String FILES = "files/";
    private static final String DELETED = "deleted_at";
    private static final String VERSION = "version";
    private static final String DIGEST = "digest";

    private final Tables tables;
    private final List<Inspected> inspected;
    private final Store store;
    private final JsonMapper json;
    private final Clock clock;

    BackupService(Tables tables, List<Inspected> inspected, Store store, JsonMapper json, Clock clock) {
        this.tables = tables;
        this.inspected = List.copyOf(inspected);
        this.store = store;
        this.json = json;
        this.clock = clock;
    }

    /** How many rows were brought in, and how many of them were new here. */
    public record Restored(int rows, int added, int changed) {}

    /** @return a zip */
    public byte[] write() {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        store.read(() -> {
            Rows.ALL.forEach(rows -> write(rows, entries));
            return null;
        });
        return BackupZip.write(entries, clock.instant());
    }

    private void write(Rows rows, Map<String, byte[]> entries) {
        List<Column> columns = tables.columns(rows);
        ArrayNode written = json.createArrayNode();
        Map<String, byte[]> files = new LinkedHashMap<>();
        tables.read(rows).forEach((key, values) -> {
            ObjectNode row = written.addObject();
            for (Column column : columns) {
                Object value = values.get(column.name());
                if (value instanceof byte[] bytes) {
                    String file = FILES + rows.table() + "/" + key;
                    files.put(file, bytes);
                    row.put(column.name(), file);
                } else if (value != null) {
                    column.write(row, value);
                }
            }
        });
        entries.put(rows.entry(), json.writerWithDefaultPrettyPrinter().writeValueAsBytes(written));
        entries.putAll(files);
    }

    /**
     * All of it, or nothing.
     *
     * @throws BackupFault naming the entry at fault
     */
    public Restored restore(byte[] zip) {
        Map<String, byte[]> entries = BackupZip.read(zip);
        return store.write(() -> {
            Set<String> damagedBefore = damaged();
            Merge merge = new Merge(entries);
            try {
                Rows.ALL.forEach(merge::take);
                merge.renumber();
            } catch (DataAccessException e) {
                throw new BackupFault(merge.at, "its rows do not fit those that are here");
            }
            Set<String> damaged = damaged();
            damaged.removeAll(damagedBefore);
            if (!damaged.isEmpty()) {
                throw new BackupFault("tables", "not as it was written: " + String.join(", ", damaged));
            }
            return new Restored(merge.rows, merge.added, merge.changed);
        });
    }

    private Set<String> damaged() {
        return inspected.stream().flatMap(i -> i.damaged().stream()).collect(Collectors.toCollection(HashSet::new));
    }

    /** One restoring. */
    private final class Merge {
        private final Map<String, byte[]> entries;
        private final Set<String> touchedProjects = new HashSet<>();
        private String at = BackupZip.MANIFEST;
        private int rows;
        private int added;
        private int changed;

        Merge(Map<String, byte[]> entries) {
            this.entries = entries;
        }

        void take(Rows table) {
            at = table.entry();
            byte[] bytes = entries.get(at);
            if (bytes == null) {
                /* Of a version that did not have it yet. */
                return;
            }
            Map<String, Map<String, Object>> here = tables.read(table);
            List<Column> columns = tables.columns(table);
            for (JsonNode row : parsed(bytes)) {
                Map<String, Object> values = values(row, columns);
                String key = String.valueOf(values.get(table.key()));
                Map<String, Object> before = here.get(key);
                rows++;
                if (before == null) {
                    if (here.values().stream().noneMatch(h -> isShippedTwice(table, h, values))) {
                        insert(table, values);
                        added++;
                    }
                } else {
                    merge(table, before, values);
                }
            }
        }

        private JsonNode parsed(byte[] bytes) {
            try {
                JsonNode read = json.readTree(bytes);
                if (read.isArray()) {
                    return read;
                }
            } catch (JacksonException e) {
                // refused below like anything that is no list
            }
            throw new BackupFault(at, "it is no list of rows");
        }

        private Map<String, Object> values(JsonNode row, List<Column> columns) {
            Map<String, Object> values = new LinkedHashMap<>();
            Set<String> unknown = new HashSet<>(row.propertyNames());
            for (Column column : columns) {
                unknown.remove(column.name());
                try {
                    Object value = column.read(row.get(column.name()), entries);
                    if (value != null) {
                        values.put(column.name(), value);
                    }
                } catch (IllegalArgumentException e) {
                    throw new BackupFault(at, e.getMessage());
                }
            }
            if (!unknown.isEmpty()) {
                throw new BackupFault(at, "it has (%s), which this version does not know".formatted(unknown));
            }
            return values;
        }

        /** Earlier versions gave the postal table that comes with them other ids on every machine. */
        private static boolean isShippedTwice(Rows table, Map<String, Object> a, Map<String, Object> b) {
            return table.equals(Rows.POSTAL) && same(content(a), content(b));
        }

        private static Map<String, Object> content(Map<String, Object> row) {
            Map<String, Object> content = new LinkedHashMap<>(row);
            content.keySet().removeAll(Set.of("id", VERSION, DIGEST, "place"));
            return content;
        }

        /** A revision takes a number that is free for the moment. */
        private void insert(Rows table, Map<String, Object> values) {
            if (table.equals(Rows.REVISIONS)) {
                touchedProjects.add((String) values.get("project_id"));
                values.put("number", -1 - rows);
                values.remove(DIGEST);
            }
            tables.insert(table, values);
        }

        private void merge(Rows table, Map<String, Object> here, Map<String, Object> incoming) {
            boolean newer = age(table, incoming).compareTo(age(table, here)) > 0;
            Map<String, Object> kept = new LinkedHashMap<>(newer ? incoming : here);
            boolean deletedInBoth = here.containsKey(DELETED) && incoming.containsKey(DELETED);
            if (!deletedInBoth && kept.remove(DELETED) != null) {
                kept.remove(DIGEST);
            }
            if (same(kept, here)) {
                return;
            }
            if (here.get(VERSION) instanceof Long version) {
                kept.put(VERSION, 1 + Math.max(version, (Long) incoming.getOrDefault(VERSION, 0L)));
            }
            tables.update(table, kept);
            changed++;
        }

        private static Comparable<Object> age(Rows table, Map<String, Object> row) {
            Object age = row.get(table.age());
            if (age instanceof OffsetDateTime time) {
                return comparable(time.toInstant());
            }
            return comparable(age == null ? 0L : age);
        }

        @SuppressWarnings("unchecked")
        private static Comparable<Object> comparable(Object value) {
            return (Comparable<Object>) value;
        }

        private static boolean same(Map<String, Object> a, Map<String, Object> b) {
            return a.keySet().equals(b.keySet())
                    && a.entrySet().stream()
                            .allMatch(e -> e.getValue() instanceof byte[] bytes
                                    ? Arrays.equals(bytes, (byte[]) b.get(e.getKey()))
                                    : Objects.equals(e.getValue(), b.get(e.getKey())));
        }

        /** Revisions of both sides stand in the order in which they were saved. */
        void renumber() {
            at = Rows.REVISIONS.entry();
            Map<String, List<Map<String, Object>>> byProject = tables.read(Rows.REVISIONS).values().stream()
                    .collect(Collectors.groupingBy(r -> (String) r.get("project_id")));
            for (String project : touchedProjects) {
                List<Map<String, Object>> all = new ArrayList<>(byProject.getOrDefault(project, List.of()));
                all.sort(Comparator.comparing((Map<String, Object> r) -> (OffsetDateTime) r.get("saved_at"))
                        .thenComparing(r -> Math.abs((Integer) r.get("number"))));
                for (int i = 0; i < all.size(); i++) {
                    tables.renumber((String) all.get(i).get("id"), Integer.MIN_VALUE / 2 + i);
                }
                for (int i = 0; i < all.size(); i++) {
                    tables.renumber((String) all.get(i).get("id"), i + 1);
                }
            }
        }
    }
}
