package craftmap.server.shelf;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface PotRows extends JpaRepository<PotRow, String> {
  List<PotRow> findByStudioIdOrderByShelfOrderAscIdAsc(String studioId);

  Optional<PotRow> findByStudioIdAndId(String studioId, String id);

  /** The pot, held so that no one else books on it until this transaction ends. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select p from PotRow p where p.studioId = :studioId and p.id = :id")
  Optional<PotRow> hold(String studioId, String id);
}
