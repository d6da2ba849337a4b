package vantbreeze.server.backup;

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
import java.util.function.Function;
import java.util.stream.Collectors;
import vantbreeze.server.store.ReadBack;
import vantbreeze.server.store.Rows;
import vantbreeze.server.store.Tables;

/** Brings rows in, within one transaction: the newer of two stays, what was deleted on one side alone comes back. */
final class Merge {

    private static final String DELETED = "deleted_at";
    private static final String VERSION = "version";
    private static final String DIGEST = "digest";
    private static final String NUMBER = "number";
    private static final String PROJECT = "project_id";

    private final Tables tables;
    private final Map<Rows, ReadBack> readBack;
    private final Set<String> touchedProjects = new HashSet<>();
    private int rows;
    private int added;
    private int changed;

    Merge(Tables tables, List<ReadBack> readBack) {
        this.tables = tables;
        this.readBack = readBack.stream().collect(Collectors.toMap(ReadBack::rows, Function.identity()));
    }

    /** @throws BackupFault if the row is not as it was written */
    void take(Rows table, Map<String, Object> row) {
        rows++;
        Map<String, Object> here =
                tables.find(table, String.valueOf(row.get(table.key()))).orElse(null);
        if (here != null) {
            merge(table, here, row);
        } else if (!isShippedTwice(table, row)) {
            insert(table, row);
            added++;
        }
    }

    BackupService.Restored done() {
        touchedProjects.forEach(this::renumber);
        return new BackupService.Restored(rows, added, changed);
    }

    /** Earlier versions gave the postal table that comes with them other ids on every machine. */
    private boolean isShippedTwice(Rows table, Map<String, Object> row) {
        if (!table.equals(Rows.POSTAL)) {
            return false;
        }
        Map<String, Object> said = content(row);
        boolean[] found = {false};
        tables.forEach(table, here -> found[0] |= same(content(here), said));
        return found[0];
    }

    private static Map<String, Object> content(Map<String, Object> row) {
        Map<String, Object> content = new LinkedHashMap<>(row);
        content.keySet().removeAll(Set.of("id", VERSION, DIGEST, "place"));
        return content;
    }

    private void insert(Rows table, Map<String, Object> row) {
        if (table.equals(Rows.PROJECTS)) {
            touchedProjects.add((String) row.get("id"));
        } else if (table.equals(Rows.REVISIONS)) {
            touchedProjects.add((String) row.get(PROJECT));
            makeWay((String) row.get(PROJECT), (Integer) row.get(NUMBER));
        }
        tables.insert(table, row);
        settle(table, row);
    }

    /** What has the number already takes another until all of them stand in order. */
    private void makeWay(String project, int number) {
        tables.forEach(Rows.REVISIONS, PROJECT, project, here -> {
            if (here.get(NUMBER).equals(number)) {
                tables.renumber((String) here.get("id"), -number);
            }
        });
    }

    /** A row says of itself what it has to hold; one that says nothing is told so from now on. */
    private void settle(Rows table, Map<String, Object> row) {
        String key = String.valueOf(row.get(table.key()));
        Object told = row.get(DIGEST);
        if (told == null) {
            tables.seal(table, key);
        } else if (!told.equals(tables.digestNow(table, key))) {
            throw new BackupFault(table.entry(), "the row (%s) is not as it was written".formatted(key));
        }
        if (readBack.containsKey(table)) {
            requireReadable(readBack.get(table), key);
        }
    }

    private static void requireReadable(ReadBack reader, String key) {
        try {
            reader.readBack(key);
        } catch (RuntimeException e) {
            throw new BackupFault(
                    reader.rows().entry(), "the row (%s) cannot be kept: %s".formatted(key, Survey.why(e)));
        }
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
        settle(table, kept);
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
    private void renumber(String project) {
        record Saved(String id, int number, OffsetDateTime at) {}
        List<Saved> all = new ArrayList<>();
        tables.forEach(
                Rows.REVISIONS,
                PROJECT,
                project,
                row -> all.add(new Saved(
                        (String) row.get("id"), (Integer) row.get(NUMBER), (OffsetDateTime) row.get("saved_at"))));
        if (all.isEmpty()) {
            throw new BackupFault(Rows.PROJECTS.entry(), "the card (%s) has no revision".formatted(project));
        }
        all.sort(Comparator.comparing(Saved::at).thenComparing(saved -> Math.abs(saved.number())));
        for (int i = 0; i < all.size(); i++) {
            tables.renumber(all.get(i).id(), Integer.MIN_VALUE / 2 + i);
        }
        for (int i = 0; i < all.size(); i++) {
            tables.renumber(all.get(i).id(), i + 1);
            if (all.get(i).number() != i + 1) {
                tables.seal(Rows.REVISIONS, all.get(i).id());
            }
        }
    }
}
