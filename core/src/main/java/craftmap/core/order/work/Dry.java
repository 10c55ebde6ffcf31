package craftmap.core.order.work;

import craftmap.core.order.climate.DryingLaw;
import java.time.Duration;

/**
 * A time that a label tells: how long something takes to be dry enough for what follows, or how
 * long it stays fit for it.
 *
 * @param label at the climate labels speak of
 */
public record Dry(For forWhat, Duration label, DryingLaw law) {
  /** What it has to be dry enough for, or open for. */
  public enum For {
    TOUCH,
    RECOAT,
    TAPE,
    HANDLE,
    SAND,
    POUR,
    /** Hard enough to come out of its mould. */
    CAST,
    /** Tacky, neither wet nor dry. */
    TACK,
    /** Left alone for as long as the artist says. */
    REST,
    /** Cured: bears what its label promises. */
    USE,
    /** Worked on while it is wet or fresh. */
    FRESH
  }

  /** A fan, or a dryer, halves the time until it is touch-dry, and no other. */
  private static final int BLOWN = 2;

  /** The same for another time. */
  public Dry lasting(Duration other) {
    return new Dry(forWhat, other, law);
  }

  public Dry blown() {
    return forWhat == For.TOUCH ? lasting(Duration.ofNanos(label.toNanos() / BLOWN)) : this;
  }
}
