package craftmap.server.stock;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface HoldingRows extends JpaRepository<HoldingRow, String> {
  List<HoldingRow> findByStudioIdAndDesignIdOrderByNumberAsc(String studioId, String designId);

  List<HoldingRow> findByStudioIdAndMediumIdOrderByNumberAsc(String studioId, String mediumId);

  Optional<HoldingRow> findByStudioIdAndId(String studioId, String id);

  Optional<HoldingRow> findByStudioIdAndNumber(String studioId, long number);

  /** The stock, held so that no one else books on it until this transaction ends. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select h from HoldingRow h where h.studioId = :studioId and h.id = :id")
  Optional<HoldingRow> hold(String studioId, String id);
}
