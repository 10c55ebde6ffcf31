package craftmap.server.artwork;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.NativeQuery;

interface ArtworkRows extends JpaRepository<ArtworkRow, String> {
  Optional<ArtworkRow> findByStudioIdAndId(String studioId, String id);

  /** The names of designs that have it as their picture, those taken off the shelf as well. */
  @NativeQuery("select name from design where studio_id = :studioId and artwork_id = :id limit 1")
  List<String> usedBy(String studioId, String id);
}
