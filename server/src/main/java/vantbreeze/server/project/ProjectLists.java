package vantbreeze.server.project;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
import java.time.Instant;
import java.util.List;
import org.hibernate.query.NativeQuery;
import org.springframework.stereotype.Component;

/** Lists over projects and revisions that leave out the briefs, which may be long. In SQL: it is not parsed at every start. */
@Component
class ProjectLists {

    private static final String SUMMARY = "r.fold, r.closed, r.envelope, r.snags, r.reason, r.rules";
    private static final String IS_NEWEST =
            "r.number = (select max(n.number) from revision n where n.project_id = r.project_id)";

    private final EntityManager database;

    ProjectLists(EntityManager database) {
        this.database = database;
    }

    /** All projects that are not deleted, changed last first. */
    List<ProjectJson.SummaryJson> projects() {
        return rows("select p.id, p.name, p.version, p.updated_at, " + SUMMARY
                        + " from project p left join revision r on r.project_id = p.id and " + IS_NEWEST
                        + " where p.deleted_at is null order by p.updated_at desc")
                .addScalar("id", String.class)
                .addScalar("name", String.class)
                .addScalar("version", Long.class)
                .addScalar("updated_at", Instant.class)
                .getResultList()
                .stream()
                .map(row -> ProjectJson.SummaryJson.of(
                        row.get("id", String.class),
                        row.get("name", String.class),
                        row.get("version", Long.class),
                        row.get("updated_at", Instant.class),
                        summary(row)))
                .toList();
    }

    /** All of a project, the newest first. */
    List<ProjectJson.RevisionJson> revisions(String projectId) {
        return rows("select r.number, r.saved_at, " + SUMMARY
                        + " from revision r where r.project_id = :project order by r.number desc")
                .addScalar("number", Integer.class)
                .addScalar("saved_at", Instant.class)
                .setParameter("project", projectId)
                .getResultList()
                .stream()
                .map(row -> new ProjectJson.RevisionJson(
                        row.get("number", Integer.class),
                        row.get("saved_at", Instant.class),
                        row.get("fold", String.class),
                        row.get("closed", String.class)))
                .toList();
    }

    private NativeQuery<Tuple> rows(String sql) {
        NativeQuery<Tuple> query = database.createNativeQuery(sql, Tuple.class).unwrap(NativeQuery.class);
        for (String column : List.of("fold", "closed", "envelope", "reason", "rules")) {
            query.addScalar(column, String.class);
        }
        return query.addScalar("snags", Integer.class);
    }

    private static Summary summary(Tuple row) {
        Integer snags = row.get("snags", Integer.class);
        return new Summary(
                row.get("fold", String.class),
                row.get("closed", String.class),
                row.get("envelope", String.class),
                snags == null ? 0 : snags,
                row.get("reason", String.class),
                row.get("rules", String.class));
    }

    /** The newest of each project where other rules worked it out, and all that nobody worked out; saved last first. */
    @SuppressWarnings("unchecked")
    List<Revision> notSummarised(String rules, int most) {
        return database.createNativeQuery(
                        "select r.* from revision r where r.rules is null or (r.rules <> :rules and " + IS_NEWEST
                                + ") order by r.saved_at desc",
                        Revision.class)
                .setParameter("rules", rules)
                .setMaxResults(most)
                .getResultList();
    }
}
