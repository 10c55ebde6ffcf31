package craftmap.core.surface;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.colour.Colour;
import craftmap.core.measure.RefusedInput;
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

  /** A zone of it; refused where it has none by that id. */
  public Zone zone(String id) {
    return marks.zones().stream()
        .filter(z -> z.id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new RefusedInput(
                    "zone", given(id), said("is-not-on-this-face"), said("one-of-its-zones")));
  }

  public List<KeepOut> keepOuts() {
    return marks.keepOuts();
  }

  public List<Blemish> blemishes() {
    return marks.blemishes();
  }
}
