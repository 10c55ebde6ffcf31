package craftmap.server.stock;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ClaimRows extends JpaRepository<ClaimRow, ClaimRow.Key> {
  /** Who asked first comes first; the ids only make equal moments an order. */
  String IN_ORDER = " order by c.since, c.key.pieceId, c.key.layId";

  @Query("select c from ClaimRow c where c.key.holdingId = :holdingId" + IN_ORDER)
  List<ClaimRow> onHolding(String holdingId);

  @Query("select c from ClaimRow c where c.studioId = :studioId" + IN_ORDER)
  List<ClaimRow> ofStudio(String studioId);
}
