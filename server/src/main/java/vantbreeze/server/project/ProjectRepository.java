package vantbreeze.server.project;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ProjectRepository extends JpaRepository<Project, String> {

    /** A project and what became of its newest brief; without the brief itself, which may be long. */
    record Line(Project project, Summary summary) {}

    default List<Line> lines() {
        return rows().stream()
                .map(row -> new Line((Project) row[0], (Summary) row[1]))
                .toList();
    }

    @Query("""
            select p, r.summary from Project p
            left join Revision r on r.projectId = p.id
                and r.number = (select max(n.number) from Revision n where n.projectId = p.id)
            where p.deletedAt is null order by p.updatedAt desc""")
    List<Object[]> rows();
}
