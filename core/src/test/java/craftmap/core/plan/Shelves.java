package craftmap.core.plan;

import craftmap.core.design.Design;
import craftmap.core.medium.PotLabel;
import java.util.Optional;
import java.util.function.Function;

/** Shelves with as little on them as a test needs. */
public final class Shelves {
  private Shelves() {}

  public static Shelf of(
      Function<String, Optional<Design>> designs, Function<String, Optional<PotLabel>> pots) {
    return new Shelf() {
      @Override
      public Optional<Design> design(String id) {
        return designs.apply(id);
      }

      @Override
      public Optional<PotLabel> pot(String id) {
        return pots.apply(id);
      }
    };
  }

  /** One design under whatever id, and one pot or none. */
  public static Shelf with(Design design, Optional<PotLabel> pot) {
    return of(id -> Optional.of(design), id -> pot);
  }

  public static Shelf empty() {
    return of(id -> Optional.empty(), id -> Optional.empty());
  }
}
