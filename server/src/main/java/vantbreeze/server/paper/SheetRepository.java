package vantbreeze.server.paper;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface SheetRepository extends JpaRepository<DrawerSheet, String> {

    List<DrawerSheet> findByDeletedAtIsNullOrderByCreatedAtAsc();
}
