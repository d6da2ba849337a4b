package vantbreeze.server.embellishment;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface EmbellishmentRepository extends JpaRepository<EmbellishmentRow, String> {

    List<EmbellishmentRow> findByDeletedAtIsNullOrderByNameAsc();
}
