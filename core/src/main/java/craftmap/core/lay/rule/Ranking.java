package craftmap.core.lay.rule;

import craftmap.core.lay.Criterion;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Puts options in order and says what put each behind the best. */
public final class Ranking {
  private Ranking() {}

  /** The options with {@link LayOption#behindBy} filled in, best first. */
  public static List<LayOption> rank(List<LayOption> options) {
    List<LayOption> sorted = new ArrayList<>(options);
    // Standings tell kinds apart; within a kind, options differ by gap or count.
    sorted.sort(Comparator.comparing(LayOption::standing));
    List<LayOption> ranked = new ArrayList<>(sorted.size());
    for (LayOption option : sorted) {
      Optional<Criterion> behindBy =
          ranked.isEmpty()
              ? Optional.empty()
              : option.standing().worseBy(ranked.getFirst().standing());
      ranked.add(option.behindBy(behindBy));
    }
    return ranked;
  }
}
