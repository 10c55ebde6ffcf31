package craftmap.server.piece;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import craftmap.core.plan.coats.CoatsReading;
import java.util.function.Supplier;

/**
 * Coats that were worked out lately: the map, the route and Gather ask for the same ones. They
 * follow from the plan, the tape, and the shelf with all its levels as its stamp tells them.
 */
final class CoatsLately {
  private static final int MOST = 48;

  private final Cache<Readings.Question, CoatsReading> lately =
      Caffeine.newBuilder().maximumSize(MOST).build();

  CoatsReading of(Readings.Question question, Supplier<CoatsReading> work) {
    return lately.get(question, q -> work.get());
  }
}
