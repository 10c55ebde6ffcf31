package craftmap.server.piece;

import craftmap.server.shelf.Available;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

/** What lies free on the shelf of each design; looked up once, and only if a lay uses any up. */
final class FreeStock {
  private final Supplier<Map<String, Available>> shelf;
  private Map<String, Available> free;

  FreeStock(Supplier<Map<String, Available>> shelf) {
    this.shelf = shelf;
  }

  Optional<Available> of(String designId) {
    if (free == null) {
      free = shelf.get();
    }
    return Optional.ofNullable(free.get(designId));
  }
}
