package craftmap.server.logbook;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LogRows extends JpaRepository<LogRow, LogRow.Key> {
  List<LogRow> findByStudioIdAndPieceIdAndStandsTrueOrderByHappenedAscIdAsc(
      String studioId, String pieceId);

  List<LogRow> findByStudioIdAndPieceIdAndStepKeyAndKindInAndStandsTrue(
      String studioId, String pieceId, String stepKey, Collection<LogEntry.LogKind> kinds);

  Optional<LogRow> findFirstByStudioIdAndPieceIdAndStepKeyAndKindAndHappenedOrderByToldAtDescIdDesc(
      String studioId, String pieceId, String stepKey, LogEntry.LogKind kind, Instant happened);

  List<LogRow> findByStudioIdAndPieceIdAndKind(
      String studioId, String pieceId, LogEntry.LogKind kind);

  @Query(
      """
      select max(r.toldAt) from LogRow r
      where r.studioId = :studioId and r.pieceId = :pieceId and r.stepKey = :stepKey
        and r.kind in :kinds
      """)
  Instant lastTold(
      String studioId, String pieceId, String stepKey, Collection<LogEntry.LogKind> kinds);

  @Query(
      """
      select r from LogRow r
      where r.studioId = :studioId and r.stands = true and r.kind in :kinds
        and (:pieceId is null or r.pieceId = :pieceId)
        and (:before is null or r.happened < :before)
        and (r.document like :like escape '!' or r.note like :like escape '!')
      order by r.happened desc, r.id desc
      """)
  List<LogRow> lately(
      String studioId,
      String pieceId,
      Instant before,
      Collection<LogEntry.LogKind> kinds,
      String like,
      Limit limit);
}
