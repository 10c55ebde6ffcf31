package craftmap.server.stock;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LedgerRows extends JpaRepository<LedgerRow, Long> {
  List<LedgerRow> findByStudioIdAndHoldingIdOrderByIdAsc(String studioId, String holdingId);

  @Query("select coalesce(sum(e.quantity), 0) from LedgerRow e where e.holdingId = :holdingId")
  BigDecimal level(String holdingId);

  @Query(
      """
      select coalesce(sum(e.quantity), 0) from LedgerRow e
      where e.studioId = :studioId and e.holdingId = :holdingId and e.madeAt < :before
      """)
  BigDecimal levelBefore(String studioId, String holdingId, Instant before);

  /** The uses booked for a piece's lays that were not taken back. */
  @Query(
      """
      select e from LedgerRow e
      where e.studioId = :studioId
        and e.pieceId = :pieceId
        and e.kind = craftmap.core.supply.EntryKind.USED
        and not exists (select 1 from LedgerRow b where b.takesBack = e.id)
      order by e.id
      """)
  List<LedgerRow> standingUses(String studioId, String pieceId);

  @Query(
      """
      select e from LedgerRow e
      where e.studioId = :studioId
        and e.pieceId = :pieceId
        and e.layId = :layId
        and e.kind = craftmap.core.supply.EntryKind.USED
        and not exists (select 1 from LedgerRow b where b.takesBack = e.id)
      """)
  Optional<LedgerRow> standingUse(String studioId, String pieceId, String layId);
}
