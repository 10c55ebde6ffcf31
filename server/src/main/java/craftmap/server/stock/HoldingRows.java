package craftmap.server.stock;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface HoldingRows extends JpaRepository<HoldingRow, String> {
  List<HoldingRow> findByStudioIdAndDesignIdOrderByNumberAsc(String studioId, String designId);

  List<HoldingRow> findByStudioIdAndMediumIdOrderByNumberAsc(String studioId, String mediumId);

  Optional<HoldingRow> findByStudioIdAndId(String studioId, String id);

  Optional<HoldingRow> findByStudioIdAndNumber(String studioId, long number);
}
