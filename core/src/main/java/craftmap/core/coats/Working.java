package craftmap.core.coats;

import java.time.Duration;
import java.util.Optional;

/** How a band is worked: in which batches, and how much of it at once. */
public record Working(Optional<Batches> batches, Optional<Wet> wet) {
  /** So often bubbles are driven out of a pour. */
  public static final int TORCHED = 3;

  /** Minutes between two rounds with the torch. */
  public static final int TORCHED_FROM = 2;

  public static final int TORCHED_TO = 3;

  /** Dry for a night, before anything is poured over it. */
  public static final Duration DRY_BEFORE_A_POUR = Duration.ofHours(12);

  public static final Working ANYHOW = new Working(Optional.empty(), Optional.empty());

  /**
   * What has to be finished while it is wet.
   *
   * @param staysMm2 what can be kept wet: the open time by the speed of the tool
   * @param areaMm2 what should be
   */
  public record Wet(Duration openTime, double staysMm2, double areaMm2) {
    /** So many sections keep each of them wet until it is done. */
    public int sections() {
      return Math.max(1, (int) Math.ceil(areaMm2 / staysMm2 - 1e-9));
    }
  }
}
