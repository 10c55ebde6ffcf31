package craftmap.server.shelf;

import craftmap.core.design.DesignKind;
import craftmap.core.design.Rights;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface DesignRows extends JpaRepository<DesignRow, String> {
  Optional<DesignRow> findByStudioIdAndId(String studioId, String id);

  @Query(
      """
      select d from DesignRow d
      where d.studioId = :studioId and d.gone = false and d.kind in :kinds
      order by d.shelfOrder, d.id
      """)
  List<DesignRow> ofKinds(String studioId, Collection<DesignKind> kinds);

  @Query(
      """
      select d from DesignRow d
      where d.studioId = :studioId and d.gone = false
      order by d.shelfOrder, d.id
      """)
  List<DesignRow> all(String studioId);

  /** As much of a design as a card on the shelf shows. */
  record Light(
      String id,
      DesignKind kind,
      String name,
      String motif,
      Rights rights,
      String artworkId,
      double sheetWidthMm,
      double sheetHeightMm,
      double printWidthMm,
      double printHeightMm,
      String colours,
      String shade) {}

  @Query(
      """
      select new craftmap.server.shelf.DesignRows$Light(
        d.id, d.kind, d.name, d.motif, d.rights, d.artworkId, d.sheetWidthMm, d.sheetHeightMm,
        d.printWidthMm, d.printHeightMm, d.colours, d.shade)
      from DesignRow d
      where d.studioId = :studioId and d.gone = false
      order by d.shelfOrder, d.id
      """)
  List<Light> light(String studioId);
}
