package craftmap.server.shelf;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface StencilRows extends JpaRepository<StencilRow, String> {
  List<StencilRow> findByStudioIdOrderByShelfOrderAscIdAsc(String studioId);

  Optional<StencilRow> findByStudioIdAndId(String studioId, String id);
}
