package craftmap.core.plan;

import craftmap.core.design.Design;
import craftmap.core.medium.Paint;
import java.util.Optional;

/** The designs and paints a plan refers to. */
public interface Shelf {
  Optional<Design> design(String id);

  Optional<Paint> paint(String id);
}
