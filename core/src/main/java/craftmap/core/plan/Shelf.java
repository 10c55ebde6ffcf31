package craftmap.core.plan;

import craftmap.core.design.Stencil;
import craftmap.core.medium.Paint;
import java.util.Optional;

/** The designs and paints a plan refers to. */
public interface Shelf {
  Optional<Stencil> stencil(String id);

  Optional<Paint> paint(String id);
}
