package vantbreeze.server.photo;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PhotoRepository extends JpaRepository<Photo, String> {

    @Query("select p.id from Photo p")
    List<String> ids();
}
