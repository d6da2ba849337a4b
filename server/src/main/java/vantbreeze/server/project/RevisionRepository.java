package vantbreeze.server.project;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;

interface RevisionRepository extends ListCrudRepository<Revision, String> {

    /** A revision without its brief. */
    record Line(int number, Instant savedAt, Summary summary) {}

    default List<Line> lines(String projectId) {
        return rows(projectId).stream()
                .map(row -> new Line((Integer) row[0], (Instant) row[1], (Summary) row[2]))
                .toList();
    }

    Optional<Revision> findFirstByProjectIdOrderByNumberDesc(String projectId);

    Optional<Revision> findByProjectIdAndNumber(String projectId, int number);

    @Query("""
            select r.number, r.savedAt, r.summary from Revision r
            where r.projectId = :projectId order by r.number desc""")
    List<Object[]> rows(String projectId);

    /** The newest of each project where other rules worked it out, and all that nobody worked out; newest first. */
    @Query("""
            select r from Revision r where r.summary.rules is null or (r.summary.rules <> :rules
                and r.number = (select max(n.number) from Revision n where n.projectId = r.projectId))
            order by r.savedAt desc""")
    List<Revision> notSummarised(String rules, Limit most);
}
