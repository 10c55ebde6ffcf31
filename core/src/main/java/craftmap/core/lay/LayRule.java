package craftmap.core.lay;

import craftmap.core.design.StencilDesign;
import craftmap.core.surface.Face;

/** A rule by which a design is laid on a face. */
public sealed interface LayRule permits Run {
  /** What the rule makes of this design on this face. */
  LayAnswer lay(Face face, StencilDesign stencil);
}
