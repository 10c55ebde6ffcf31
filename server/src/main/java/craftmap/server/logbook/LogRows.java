package craftmap.server.logbook;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LogRows extends JpaRepository<LogRow, LogRow.Key> {
  List<LogRow> findByStudioIdAndPieceIdAndStandsTrueOrderByHappenedAscIdAsc(
      String studioId, String pieceId);

  List<LogRow> findByStudioIdAndPieceIdAndStepKeyAndKindInAndStandsTrue(
      String studioId, String pieceId, String stepKey, Collection<LogEntry.LogKind> kinds);

  @Query(
      """
      select max(r.toldAt) from LogRow r
      where r.studioId = :studioId and r.pieceId = :pieceId and r.stepKey = :stepKey
        and r.kind in :kinds
      """)
  Instant lastTold(
      String studioId, String pieceId, String stepKey, Collection<LogEntry.LogKind> kinds);

  boolean existsByStudioIdAndPieceId(String studioId, String pieceId);
}
