package craftmap.server.piece;

import craftmap.core.coats.CoatShelf;
import craftmap.core.design.Design;
import craftmap.core.design.FilmRoll;
import craftmap.core.log.Learned;
import craftmap.core.medium.PotLabel;
import craftmap.core.plan.Shelf;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The shelf as one reading saw it. Whoever would see all of it the same would read the same, be it
 * that something else was put on the shelf since.
 */
final class SeenShelf implements Shelf {
  private final Shelf shelf;
  private final Map<String, Optional<Design>> designs = new HashMap<>();
  private final Map<String, Optional<PotLabel>> pots = new HashMap<>();
  private Optional<List<FilmRoll>> films = Optional.empty();
  private Optional<CoatShelf> coats = Optional.empty();

  SeenShelf(Shelf shelf) {
    this.shelf = shelf;
  }

  /** Whether all that was seen is so on another shelf, or on the same one later. */
  boolean isSeenOn(Shelf other) {
    return shelf.learned().equals(other.learned())
        && designs.entrySet().stream().allMatch(d -> d.getValue().equals(other.design(d.getKey())))
        && pots.entrySet().stream().allMatch(p -> p.getValue().equals(other.pot(p.getKey())))
        && films.map(f -> f.equals(other.films())).orElse(true)
        && coats.map(c -> c.equals(other.coats())).orElse(true);
  }

  @Override
  public Optional<Design> design(String id) {
    return designs.computeIfAbsent(id, shelf::design);
  }

  @Override
  public Optional<PotLabel> pot(String id) {
    return pots.computeIfAbsent(id, shelf::pot);
  }

  @Override
  public Learned learned() {
    return shelf.learned();
  }

  @Override
  public List<FilmRoll> films() {
    films = Optional.of(films.orElseGet(shelf::films));
    return films.get();
  }

  @Override
  public CoatShelf coats() {
    coats = Optional.of(coats.orElseGet(shelf::coats));
    return coats.get();
  }
}
