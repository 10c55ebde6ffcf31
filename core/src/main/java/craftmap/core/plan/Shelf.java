package craftmap.core.plan;

import craftmap.core.design.StencilDesign;
import craftmap.core.medium.Paint;
import java.util.Optional;

/** The designs and paints a plan refers to. */
public interface Shelf {
  Optional<StencilDesign> stencil(String id);

  Optional<Paint> paint(String id);
}
