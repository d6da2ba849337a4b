package vantbreeze.server.backup;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import vantbreeze.server.store.Received;
import vantbreeze.server.store.Rows;
import vantbreeze.server.web.Text;

/** Looks a backup through, row by row, before anything is changed. */
final class Survey {

    private static final int LONGEST_WHY = 200;

    private final List<Received> received;
    private final Staged staged;
    private final Set<String> projects = new HashSet<>();
    private final Set<String> withRevision = new HashSet<>();

    Survey(List<Received> received, Staged staged) {
        this.received = received;
        this.staged = staged;
    }

    /** @throws BackupFault naming the first entry that cannot be kept */
    void look(Map<Rows, RowReader> readers, Progress progress) {
        readers.forEach((rows, reader) -> reader.forEach(progress, row -> look(rows, row)));
        projects.removeAll(withRevision);
        if (!projects.isEmpty()) {
            throw new BackupFault(
                    Rows.PROJECTS.entry(),
                    "the card (%s) has no revision"
                            .formatted(projects.iterator().next()));
        }
    }

    private void look(Rows rows, Map<String, Object> row) {
        if (rows.equals(Rows.PROJECTS)) {
            projects.add((String) row.get("id"));
        } else if (rows.equals(Rows.REVISIONS)) {
            String project = (String) row.get("project_id");
            if (!projects.contains(project)) {
                throw new BackupFault(rows.entry(), "the card (%s) of a revision is not in it".formatted(project));
            }
            withRevision.add(project);
        }
        received.stream().filter(r -> r.rows().equals(rows)).forEach(r -> {
            Map<String, Object> kept = received(r, row);
            if (!kept.equals(row)) {
                staged.keep(rows, kept);
            }
        });
    }

    private static Map<String, Object> received(Received by, Map<String, Object> row) {
        try {
            return by.received(row);
        } catch (Progress.Cancelled e) {
            throw e;
        } catch (RuntimeException e) {
            throw new BackupFault(
                    by.rows().entry(),
                    "the row (%s) cannot be kept: %s"
                            .formatted(row.get(by.rows().key()), why(e)));
        }
    }

    /** @return the first line of a failure's message */
    static String why(RuntimeException e) {
        return Text.upTo(
                LONGEST_WHY, String.valueOf(e.getMessage()).lines().findFirst().orElse(""));
    }
}
