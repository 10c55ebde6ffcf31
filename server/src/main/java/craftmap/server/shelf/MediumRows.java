package craftmap.server.shelf;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface MediumRows extends JpaRepository<MediumRow, String> {
  Optional<MediumRow> findByStudioIdAndId(String studioId, String id);

  List<MediumRow> findByStudioIdOrderByNameAscIdAsc(String studioId);

  /** As much of a medium as a pot on the shelf shows. */
  record Light(String id, String name, String generic, String role, String colour) {}

  @Query(
      """
      select new craftmap.server.shelf.MediumRows$Light(m.id, m.name, m.generic, m.role, m.colour)
      from MediumRow m
      where m.studioId = :studioId
      """)
  List<Light> light(String studioId);
}
