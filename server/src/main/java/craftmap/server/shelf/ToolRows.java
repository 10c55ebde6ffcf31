package craftmap.server.shelf;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ToolRows extends JpaRepository<ToolRow, String> {
  List<ToolRow> findByStudioIdOrderByNameAscIdAsc(String studioId);

  Optional<ToolRow> findByStudioIdAndId(String studioId, String id);
}
