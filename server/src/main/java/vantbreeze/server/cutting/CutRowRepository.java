package vantbreeze.server.cutting;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface CutRowRepository extends JpaRepository<CutRow, String> {

    List<CutRow> findByPlan(String plan);
}
