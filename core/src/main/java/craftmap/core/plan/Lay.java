package craftmap.core.plan;

import craftmap.core.lay.LayRule;
import craftmap.core.lay.RunPick;
import craftmap.core.measure.RefusedInput;
import craftmap.core.medium.StencilPaint;
import java.util.Optional;

/**
 * One decision: this design goes on this face by this rule, in this paint.
 *
 * @param pick the artist's own choice among the options; none to follow the best
 */
public record Lay(
    String id,
    String faceId,
    String designId,
    LayRule rule,
    Optional<RunPick> pick,
    String paintId,
    int coats) {
  public Lay {
    if (coats < 1 || coats > StencilPaint.MOST_COATS) {
      throw new RefusedInput(
          "Coats", "" + coats, "is not a number of coats", "1 to " + StencilPaint.MOST_COATS);
    }
  }
}
