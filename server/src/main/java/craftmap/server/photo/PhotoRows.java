package craftmap.server.photo;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PhotoRows extends JpaRepository<PhotoRow, String> {
  /** Without their pictures, which are large. */
  @Query(
      """
      select new craftmap.server.photo.PhotoLine(
        p.id, p.stage, p.caption, p.faceId, p.stepKey, p.widthPx, p.heightPx, p.madeAt, p.changes)
      from PhotoRow p
      where p.studioId = :studioId and p.pieceId = :pieceId
      order by p.madeAt, p.id
      """)
  List<PhotoLine> ofPiece(String studioId, String pieceId);

  @Query(
      """
      select new craftmap.server.photo.PhotoLine(
        p.id, p.stage, p.caption, p.faceId, p.stepKey, p.widthPx, p.heightPx, p.madeAt, p.changes)
      from PhotoRow p
      where p.studioId = :studioId and p.id = :id
      """)
  Optional<PhotoLine> one(String studioId, String id);

  @Query("select p.pieceId from PhotoRow p where p.studioId = :studioId and p.id = :id")
  Optional<String> pieceOf(String studioId, String id);

  Optional<PhotoRow> findByStudioIdAndId(String studioId, String id);

  long countByStudioIdAndPieceId(String studioId, String pieceId);

  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query("delete from PhotoRow p where p.studioId = :studioId and p.pieceId = :pieceId")
  int forget(String studioId, String pieceId);
}
