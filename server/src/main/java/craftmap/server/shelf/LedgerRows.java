package craftmap.server.shelf;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LedgerRows extends JpaRepository<LedgerRow, Long> {
  List<LedgerRow> findByStudioIdAndPotIdOrderByIdAsc(String studioId, String potId);

  @Query("select coalesce(sum(e.changeMl), 0) from LedgerRow e where e.potId = :potId")
  BigDecimal level(String potId);

  record PotLevel(String potId, BigDecimal levelMl) {}

  @Query(
      """
      select new craftmap.server.shelf.LedgerRows$PotLevel(e.potId, sum(e.changeMl))
      from LedgerRow e
      where e.studioId = :studioId
      group by e.potId
      """)
  List<PotLevel> levels(String studioId);

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
