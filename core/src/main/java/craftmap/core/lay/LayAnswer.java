package craftmap.core.lay;

import java.util.List;

/** What a rule answers: options to choose from, or the reason why there are none. */
public sealed interface LayAnswer {
  /** At least one option, best first. */
  record Options(List<LayOption> ranked) implements LayAnswer {
    public Options {
      ranked = List.copyOf(ranked);
      if (ranked.isEmpty()) {
        throw new IllegalStateException("impossible state: options without an option");
      }
    }

    public LayOption best() {
      return ranked.getFirst();
    }
  }

  /** The motif is longer than the line between its end margins. */
  record TooLong(double byMm) implements LayAnswer {}

  /** The motif is taller than the face. */
  record TooTall(double byMm) implements LayAnswer {}

  /** The motif would fit the face, but the line runs too near an edge. */
  record OverTheEdge(double byMm, double nearestMm, double farthestMm) implements LayAnswer {}
}
