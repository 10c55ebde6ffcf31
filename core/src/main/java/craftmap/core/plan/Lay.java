package craftmap.core.plan;

import craftmap.core.lay.Eye;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Pick;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.medium.StencilPaint;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One decision: this design goes on this face by this rule, in this paint.
 *
 * @param designId a design of the shelf; none for lettering, which brings its own
 * @param cornerDesignId what sits in the corners of a border, where that is another design
 * @param pick the artist's own choice among the options; none to follow the best
 * @param paintId what it is painted, or pasted, with; none for what is not
 * @param clearMm it goes around what was laid before it, this far clear; none where it does not
 * @param hidden not drawn; it counts all the same
 * @param locked not to be changed by a slip of the hand
 */
public record Lay(
    String id,
    String faceId,
    Optional<String> designId,
    Optional<String> cornerDesignId,
    LayRule rule,
    Optional<Pick> pick,
    Optional<String> paintId,
    int coats,
    OptionalDouble clearMm,
    Eye eye,
    boolean hidden,
    boolean locked) {
  public Lay {
    if (coats < 1 || coats > StencilPaint.MOST_COATS) {
      throw new RefusedInput(
          "Coats", "" + coats, "is not a number of coats", "1 to " + StencilPaint.MOST_COATS);
    }
    if (clearMm.isPresent()) {
      LengthRange.DISTANCE.check("Clear of what is there by", clearMm.getAsDouble());
    }
    if (designId.isEmpty() && rule.kind().needsDesign()) {
      throw new RefusedInput("Design", "none", "is missing", "a design of the shelf");
    }
  }

  /** A lay as it begins: nothing picked, nothing by eye. */
  public static Lay fresh(
      String id,
      String faceId,
      Optional<String> designId,
      LayRule rule,
      Optional<String> paintId,
      int coats) {
    return new Lay(
        id,
        faceId,
        designId,
        Optional.empty(),
        rule,
        Optional.empty(),
        paintId,
        coats,
        OptionalDouble.empty(),
        Eye.NONE,
        false,
        false);
  }

  public Lay withPick(Pick other) {
    return new Lay(
        id,
        faceId,
        designId,
        cornerDesignId,
        rule,
        Optional.of(other),
        paintId,
        coats,
        clearMm,
        eye,
        hidden,
        locked);
  }
}
