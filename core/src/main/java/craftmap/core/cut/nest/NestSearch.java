package craftmap.core.cut.nest;

/**
 * How a plan is looked for.
 *
 * @param seed another one is another try; the same one finds the same plan
 * @param tries how often the best plan is taken apart and filled again
 * @param exactParts up to so many parts a solver proves the plan, or finds a better one
 * @param exactWork what the solver may do, in its own measure, which is the same on any machine
 */
public record NestSearch(
    Preference preference, long seed, int tries, int exactParts, double exactWork) {
  /** What counts once the fewest new sheets are opened. */
  public enum Preference {
    /** The largest single leftover. */
    LARGEST_LEFTOVER,
    /** The fewest straight cuts from edge to edge. */
    FEWEST_CUTS,
    /** Leftovers of the shelf stay there: only whole sheets are cut. */
    LEFTOVERS_KEPT
  }

  /** What is ready at once. */
  public static NestSearch quick(Preference preference) {
    return new NestSearch(preference, 1, 300, 10, 0.5);
  }

  /** For how many sheets a lay takes, many times over while it is dragged. */
  public static NestSearch forLaying() {
    return new NestSearch(Preference.LARGEST_LEFTOVER, 1, 40, 0, 0);
  }

  /** What is worth waiting for. */
  public static NestSearch thorough(Preference preference, long seed) {
    return new NestSearch(preference, seed, 30_000, 18, 30);
  }
}
