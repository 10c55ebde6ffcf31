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
 * @param front where the front of a round thing is on it
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
    Marks marks,
    FrontDatum front) {
  public Face {
    exposure = Set.copyOf(exposure);
  }

  /** With its front in the middle, as most have. */
  public Face(
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
    this(
        id,
        name,
        outline,
        makeUp,
        finish,
        ground,
        exposure,
        edgeDepthMm,
        relief,
        marks,
        FrontDatum.MIDDLE);
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
