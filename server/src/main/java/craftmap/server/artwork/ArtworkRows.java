package craftmap.server.artwork;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ArtworkRows extends JpaRepository<ArtworkRow, String> {
  Optional<ArtworkRow> findByStudioIdAndId(String studioId, String id);
}
