package craftmap.server.supplier;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ShoppingLines extends JpaRepository<ShoppingLine, String> {
  List<ShoppingLine> findByStudioIdOrderByMadeAtAscIdAsc(String studioId);

  Optional<ShoppingLine> findByStudioIdAndId(String studioId, String id);
}
