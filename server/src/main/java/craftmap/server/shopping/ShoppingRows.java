package craftmap.server.shopping;

import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface ShoppingRows extends JpaRepository<ShoppingRow, String> {
  List<ShoppingRow> findByStudioIdAndBoughtAtIsNullOrderByMadeAtAscIdAsc(String studioId);

  List<ShoppingRow> findByStudioIdAndBoughtAtIsNotNullOrderByBoughtAtDescIdDesc(
      String studioId, Limit limit);

  Optional<ShoppingRow> findByStudioIdAndId(String studioId, String id);
}
