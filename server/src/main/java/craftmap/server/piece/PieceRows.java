package craftmap.server.piece;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.NativeQuery;
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

  /** Takes hold of a piece until the transaction ends: who comes next sees what was done. */
  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @NativeQuery("update piece set held = held + 1 where studio_id = :studioId and id = :id")
  int hold(String studioId, String id);

  /** Takes hold of one that is only tried on; of none where it is kept, or gone, by now. */
  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @NativeQuery(
      "update piece set held = held + 1 where studio_id = :studioId and id = :id and practice")
  int holdPractice(String studioId, String id);

  /** Before its history goes: it has no current entry any more. */
  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @NativeQuery("update piece set current_entry_id = null where studio_id = :studioId and id = :id")
  int forget(String studioId, String id);

  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @NativeQuery("delete from piece where studio_id = :studioId and id = :id")
  int delete(String studioId, String id);

  /** Those begun to try things on before a time. */
  List<PieceRow> findByStudioIdAndPracticeTrueAndMadeAtBefore(String studioId, Instant before);

  /**
   * Into the archive at a time, or out of it with none, and then it is a piece as all others;
   * nothing else of it is touched.
   */
  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query(
      """
      update PieceRow p
      set p.archivedAt = :at, p.practice = (case when :at is null then false else p.practice end)
      where p.studioId = :studioId and p.id = :id
      """)
  int archive(String studioId, String id, Instant at);
}
