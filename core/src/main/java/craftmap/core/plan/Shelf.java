package craftmap.core.plan;

import craftmap.core.coats.CoatShelf;
import craftmap.core.design.Design;
import craftmap.core.design.FilmRoll;
import craftmap.core.log.Learned;
import craftmap.core.medium.PotLabel;
import java.util.List;
import java.util.Optional;

/** The designs and pots a plan refers to. */
public interface Shelf {
  Optional<Design> design(String id);

  Optional<PotLabel> pot(String id);

  /** What coats are put on from. */
  default CoatShelf coats() {
    return CoatShelf.BARE;
  }

  /** What the bench has taught. */
  default Learned learned() {
    return Learned.NONE;
  }

  /** Rolls of film and vinyl that there are to cut from. */
  default List<FilmRoll> films() {
    return List.of();
  }
}
