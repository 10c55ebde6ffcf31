package craftmap.core.surface;

import craftmap.core.colour.Colour;
import craftmap.core.surface.outline.Outline;
import java.util.List;
import java.util.Set;

/**
 * One workable surface of a piece, unrolled flat at true size.
 *
 * @param edgeDepthMm how deep its edge is where that is worked too; nothing where it is not
 */
public record Face(
    String id,
    String name,
    Outline outline,
    MakeUp makeUp,
    Finish finish,
    Colour ground,
    Set<Exposure> exposure,
    double edgeDepthMm,
    Relief relief,
    Marks marks) {
  public Face {
    exposure = Set.copyOf(exposure);
  }

  public List<KeepOut> keepOuts() {
    return marks.keepOuts();
  }

  public List<Blemish> blemishes() {
    return marks.blemishes();
  }
}
