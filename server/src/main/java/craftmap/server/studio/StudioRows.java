package craftmap.server.studio;

import craftmap.server.writing.Solves;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface StudioRows extends JpaRepository<StudioRow, String> {
  /** With every request: a question by itself. */
  @Override
  @Solves
  Optional<StudioRow> findById(String id);
}
