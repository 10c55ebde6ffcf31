package craftmap.server.piece;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface EntryRows extends JpaRepository<EntryRow, Long> {
  /** The youngest entry made on top of another: where redo goes. */
  Optional<EntryRow> findFirstByPieceIdAndParentIdOrderByIdDesc(String pieceId, Long parentId);

  boolean existsByParentId(Long parentId);

  Optional<EntryRow> findByPieceIdAndId(String pieceId, Long id);

  /** The latest changes of a piece, newest first. */
  List<EntryRow> findFirst10ByPieceIdOrderByMadeAtDescIdDesc(String pieceId);
}
