package craftmap.server.piece;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.NativeQuery;
import org.springframework.data.jpa.repository.Query;

interface EntryRows extends JpaRepository<EntryRow, Long> {
  String OF =
      """
      select new craftmap.server.piece.EntryOf(
        e.id, e.pieceId, e.parentId, e.madeAs, e.madeAt, e.told, e.toldNames, e.summary, e.madeBy)
      """;

  /** What a plan stands at, without the plan. */
  @Query(
      OF
          + """
          from EntryRow e where e.studioId = :studioId and e.pieceId = :pieceId and e.id = :id
          """)
  Optional<EntryOf> of(String studioId, String pieceId, Long id);

  /** The same of all pieces of a studio. */
  @Query(
      OF
          + """
          from PieceRow p, EntryRow e
          where p.studioId = :studioId and e.pieceId = p.id and e.id = p.currentEntryId
          """)
  List<EntryOf> currents(String studioId);

  /** The youngest entry made on top of another: where redo goes. */
  @Query(
      OF
          + """
          from EntryRow e
          where e.studioId = :studioId and e.pieceId = :pieceId and e.parentId = :id
            and e.madeAs = (
              select max(n.madeAs) from EntryRow n
              where n.pieceId = e.pieceId and n.parentId = e.parentId)
          """)
  Optional<EntryOf> next(String studioId, String pieceId, Long id);

  /** The same of all pieces of a studio. */
  @Query(
      OF
          + """
          from PieceRow p, EntryRow e
          where p.studioId = :studioId and e.pieceId = p.id and e.parentId = p.currentEntryId
            and e.madeAs = (
              select max(n.madeAs) from EntryRow n
              where n.pieceId = e.pieceId and n.parentId = e.parentId)
          """)
  List<EntryOf> nexts(String studioId);

  /** The plan of an entry. */
  @Query(
      """
      select e.document from EntryRow e
      where e.studioId = :studioId and e.pieceId = :pieceId and e.id = :id
      """)
  Optional<String> document(String studioId, String pieceId, Long id);

  boolean existsByParentId(Long parentId);

  /** Whether a change has been made, be it that its answer was lost. */
  boolean existsByPieceIdAndChangeId(String pieceId, String changeId);

  Optional<EntryRow> findByPieceIdAndId(String pieceId, Long id);

  /** The latest changes of a piece, newest first. */
  @Query(
      OF
          + """
          from EntryRow e where e.studioId = :studioId and e.pieceId = :pieceId
          order by e.madeAs desc
          """)
  List<EntryOf> latest(String studioId, String pieceId, Limit most);

  /** Some entries of a piece. */
  @Query(
      OF
          + """
          from EntryRow e
          where e.studioId = :studioId and e.pieceId = :pieceId and e.id in (:ids)
          """)
  List<EntryOf> all(String studioId, String pieceId, Collection<Long> ids);

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
