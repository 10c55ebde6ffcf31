package craftmap.core.medium;

/** How much of the ground one coat hides, by the class on the label. */
public enum Hiding {
  LOW(0.5),
  FAIR(0.65),
  GOOD(0.8),
  STRONG(0.9);

  private final double share;

  Hiding(double share) {
    this.share = share;
  }

  public double share() {
    return share;
  }
}
