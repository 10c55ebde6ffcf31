package craftmap.server.coats;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface SchemeRows extends JpaRepository<SchemeRow, String> {
  List<SchemeRow> findByStudioIdOrderByNameAscIdAsc(String studioId);

  Optional<SchemeRow> findByStudioIdAndId(String studioId, String id);

  Optional<SchemeRow> findByStudioIdAndName(String studioId, String name);
}
