package craftmap.core.plan;

import craftmap.core.lay.rule.LayAnswer;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;

/** Keeps everything, and counts what had to be worked out. */
public final class KeptAnswers implements LayAnswers {
  private final Map<Asked, LayAnswer> known = new HashMap<>();
  private int worked;

  @Override
  public LayAnswer of(Asked asked, Supplier<LayAnswer> work) {
    LayAnswer answer = known.get(asked);
    if (answer == null) {
      worked++;
      answer = work.get();
      known.put(asked, answer);
    }
    return answer;
  }

  /** How many had to be worked out. */
  public int worked() {
    return worked;
  }
}
