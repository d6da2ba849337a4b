package vantbreeze.server.post;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface DrawerRepository extends JpaRepository<DrawerEnvelope, String> {

    List<DrawerEnvelope> findByDeletedAtIsNullOrderByNameAsc();
}
