package craftmap.server.piece;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PieceRows extends JpaRepository<PieceRow, String> {
  List<PieceRow> findByStudioIdOrderByMadeAtAscIdAsc(String studioId);

  Optional<PieceRow> findByStudioIdAndId(String studioId, String id);

  /**
   * Makes an entry current if nobody else saved since {@code version}.
   *
   * @return 1 when this save won, 0 when another did
   */
  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query(
      """
      update PieceRow p
      set p.version = p.version + 1, p.currentEntryId = :entryId
      where p.studioId = :studioId and p.id = :id and p.version = :version
      """)
  int move(String studioId, String id, long version, Long entryId);
}
