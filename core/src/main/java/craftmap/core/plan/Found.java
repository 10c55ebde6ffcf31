package craftmap.core.plan;

import craftmap.core.colour.Colour;
import craftmap.core.measure.LengthRange;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Relief;
import craftmap.core.surface.outline.Outline;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * What was found, and decided, on one face. What is empty is as the form gives it.
 *
 * @param name another name than the form's
 * @param outline another outline than the form's
 * @param shown whether it is on the map
 * @param comesOff whether it is a part that comes off
 * @param standing whether it is the form's, taken off the piece, or added to it
 * @param ownMarks true where the form's own marks do not count any more
 */
public record Found(
    Optional<String> name,
    Optional<Outline> outline,
    MakeUp makeUp,
    Finish finish,
    Colour ground,
    Set<Exposure> exposure,
    OptionalDouble edgeDepthMm,
    Optional<Relief> relief,
    Optional<Boolean> shown,
    Optional<Boolean> comesOff,
    Standing standing,
    boolean ownMarks,
    Marks marks) {
  /** Where a face comes from. */
  public enum Standing {
    OF_THE_FORM,
    REMOVED,
    ADDED
  }

  public static final Colour UNPAINTED = new Colour("#D9CFBC");

  public Found {
    exposure = Set.copyOf(exposure);
    if (edgeDepthMm.isPresent()) {
      LengthRange.DISTANCE.check("Depth of the edge", edgeDepthMm.getAsDouble());
    }
  }

  /** A face on which nothing was found yet. */
  public static Found nothing() {
    return new Found(
        Optional.empty(),
        Optional.empty(),
        MakeUp.WOOD,
        Finish.BARE,
        UNPAINTED,
        Set.of(),
        OptionalDouble.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Standing.OF_THE_FORM,
        false,
        Marks.NONE);
  }
}
