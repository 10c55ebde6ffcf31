package craftmap.server.piece;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.NativeQuery;

interface EntryRows extends JpaRepository<EntryRow, Long> {
  /** The youngest entry made on top of another: where redo goes. */
  Optional<EntryRow> findFirstByPieceIdAndParentIdOrderByMadeAsDesc(String pieceId, Long parentId);

  boolean existsByParentId(Long parentId);

  /** Whether a change has been made, be it that its answer was lost. */
  boolean existsByPieceIdAndChangeId(String pieceId, String changeId);

  Optional<EntryRow> findByPieceIdAndId(String pieceId, Long id);

  /** The latest changes of a piece, newest first. */
  List<EntryRow> findFirst5ByPieceIdOrderByMadeAsDesc(String pieceId);

  /** More of them than anyone reads, newest first. */
  List<EntryRow> findFirst200ByPieceIdOrderByMadeAsDesc(String pieceId);

  /** Before they go: entries point to each other. */
  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @NativeQuery(
      "update plan_entry set parent_id = null where studio_id = :studioId and piece_id = :pieceId")
  int letGo(String studioId, String pieceId);

  /** The whole history of a piece. */
  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @NativeQuery("delete from plan_entry where studio_id = :studioId and piece_id = :pieceId")
  int forget(String studioId, String pieceId);
}
