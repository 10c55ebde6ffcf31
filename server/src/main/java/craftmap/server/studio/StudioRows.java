package craftmap.server.studio;

import org.springframework.data.jpa.repository.JpaRepository;

interface StudioRows extends JpaRepository<StudioRow, String> {}
