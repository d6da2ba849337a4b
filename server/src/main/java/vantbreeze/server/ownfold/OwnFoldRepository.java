package vantbreeze.server.ownfold;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnFoldRepository extends JpaRepository<OwnFold, String> {

    List<OwnFold> findByDeletedAtIsNullOrderByNameAsc();
}
