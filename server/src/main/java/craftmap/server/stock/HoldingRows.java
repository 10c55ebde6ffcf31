package craftmap.server.stock;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface HoldingRows extends JpaRepository<HoldingRow, String> {
  Optional<HoldingRow> findByStudioIdAndId(String studioId, String id);
}
