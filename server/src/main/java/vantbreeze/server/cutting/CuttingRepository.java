package vantbreeze.server.cutting;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface CuttingRepository extends JpaRepository<CuttingPlan, String> {

    List<CuttingPlan> findTop20ByOrderByCreatedAtDesc();
}
