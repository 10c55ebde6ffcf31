package craftmap.core.plan;

import craftmap.core.design.Design;
import craftmap.core.medium.PotLabel;
import java.util.Optional;

/** The designs and pots a plan refers to. */
public interface Shelf {
  Optional<Design> design(String id);

  Optional<PotLabel> pot(String id);
}
