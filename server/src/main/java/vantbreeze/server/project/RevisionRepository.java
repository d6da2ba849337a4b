package vantbreeze.server.project;

import java.util.Optional;
import org.springframework.data.repository.ListCrudRepository;

interface RevisionRepository extends ListCrudRepository<Revision, String> {

    Optional<Revision> findFirstByProjectIdOrderByNumberDesc(String projectId);

    Optional<Revision> findByProjectIdAndNumber(String projectId, int number);
}
