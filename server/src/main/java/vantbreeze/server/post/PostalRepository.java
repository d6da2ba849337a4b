package vantbreeze.server.post;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface PostalRepository extends JpaRepository<PostalRow, String> {

    List<PostalRow> findByDeletedAtIsNullOrderByPlaceAsc();
}
