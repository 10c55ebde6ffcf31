package craftmap.server.piece;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface MoveRows extends JpaRepository<MoveRow, MoveRow.Key> {
  /** What was done since a version, newest first. */
  List<MoveRow> findByStudioIdAndPieceIdAndVersionGreaterThanOrderByVersionDesc(
      String studioId, String pieceId, long version);

  /** The latest that went about in one of some ways, newest first. */
  List<MoveRow> findFirst200ByStudioIdAndPieceIdAndWayInOrderByVersionDesc(
      String studioId, String pieceId, Collection<MoveRow.Way> ways);

  /** Those that nobody has an older version of any more. */
  @Modifying
  @Query(
      """
      delete from MoveRow m
      where m.studioId = :studioId and m.pieceId = :pieceId and m.version <= :version
      """)
  int forgetUntil(String studioId, String pieceId, long version);
}
