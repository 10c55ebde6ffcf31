package craftmap.server.stock;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LedgerRows extends JpaRepository<LedgerRow, Long> {
  /** What happened to some stocks, youngest first; in the order of time on whatever server. */
  @Query(
      """
      select e from LedgerRow e
      where e.studioId = :studioId and e.holdingId in (:holdingIds)
      order by e.madeAt desc, e.id desc
      """)
  List<LedgerRow> latest(String studioId, Collection<String> holdingIds, Limit most);

  /** What all entries of a stock come to. */
  record Total(String holdingId, long entries, BigDecimal quantity) {}

  @Query(
      """
      select new craftmap.server.stock.LedgerRows$Total(
        e.holdingId, count(e), sum(e.quantity))
      from LedgerRow e
      where e.studioId = :studioId and e.holdingId in (:holdingIds)
      group by e.holdingId
      """)
  List<Total> totals(String studioId, Collection<String> holdingIds);

  @Query(
      """
      select coalesce(sum(e.quantity), 0) from LedgerRow e
      where e.studioId = :studioId and e.holdingId = :holdingId and e.madeAt < :before
      """)
  BigDecimal levelBefore(String studioId, String holdingId, Instant before);
}
