package craftmap.core.medium;

/** Parts of a two-part medium: four to one, by volume or by weight. */
public record Mix(double partA, double partB, SoldBy by) {
  /** How much of the first part a quantity has. */
  public double shareOfA() {
    return partA / (partA + partB);
  }
}
