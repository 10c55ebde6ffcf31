package craftmap.core.plan;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Optional;

/**
 * What the artist decided about one step.
 *
 * @param takes how long it takes, where that is other than is usual
 * @param begins when it is to begin, by the studio's clock; no sooner in any case
 * @param parts in how many parts it is done
 * @param done that it is done
 */
public record StepChoice(
    Optional<Duration> takes,
    Optional<LocalDateTime> begins,
    int parts,
    Optional<Ordering.Done> done) {
  public static final StepChoice NONE =
      new StepChoice(Optional.empty(), Optional.empty(), 1, Optional.empty());

  public static final int MOST_PARTS = 12;

  public StepChoice {
    takes.ifPresent(Ordering::checkTime);
    begins.ifPresent(b -> Ordering.checkYear(b.getYear(), b));
    if (parts < 1 || parts > MOST_PARTS) {
      throw new RefusedInput(
          "parts-of-the-step", given(parts), said("cannot-be"), said("1-to", given(MOST_PARTS)));
    }
  }

  public boolean isNone() {
    return equals(NONE);
  }

  StepChoice notBegun() {
    return new StepChoice(takes, Optional.empty(), parts, Optional.empty());
  }

  public StepChoice taking(Optional<Duration> time) {
    return new StepChoice(time, begins, parts, done);
  }

  public StepChoice beginning(Optional<LocalDateTime> at) {
    return new StepChoice(takes, at, parts, done);
  }

  public StepChoice inParts(int count) {
    return new StepChoice(takes, begins, count, done);
  }

  public StepChoice done(Optional<Ordering.Done> how) {
    return new StepChoice(takes, begins, parts, how);
  }
}
