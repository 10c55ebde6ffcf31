package craftmap.core.lay;

/**
 * How the motifs of a run share out its line. The order is the last word in a ranking, so that two
 * options that are otherwise alike never change places.
 */
public enum RunKind {
  /** A motif on the middle of the line, the gap as wished. */
  MOTIF_ON_CENTRE(true),
  /** A gap on the middle of the line, the gap as wished. */
  GAP_ON_CENTRE(true),
  /** The ends as wide as the gaps. */
  SPREAD(true),
  /** The first and the last motif at the end margin. */
  FLUSH(true),
  /** The gap as wished, starting at the end margin where the tape starts. */
  FROM_START(false),
  /** The gap as wished, ending at the end margin where the tape ends. */
  FROM_END(false),
  /** Running off both ends, a motif on the middle. */
  OFF_ENDS_MOTIF_ON_CENTRE(true),
  /** Running off both ends, a gap on the middle. */
  OFF_ENDS_GAP_ON_CENTRE(true);

  private final boolean symmetrical;

  RunKind(boolean symmetrical) {
    this.symmetrical = symmetrical;
  }

  public boolean symmetrical() {
    return symmetrical;
  }

  public boolean runsOff() {
    return this == OFF_ENDS_MOTIF_ON_CENTRE || this == OFF_ENDS_GAP_ON_CENTRE;
  }
}
