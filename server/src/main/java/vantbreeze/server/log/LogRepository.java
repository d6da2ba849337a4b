package vantbreeze.server.log;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface LogRepository extends JpaRepository<LogEntry, String> {

    List<LogEntry> findByDeletedAtIsNullOrderByMadeOnDescCreatedAtDesc();
}
