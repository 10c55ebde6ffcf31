package craftmap.server.piece;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.reading.PlanReading;
import craftmap.server.changes.Changes;
import java.util.function.Supplier;

/**
 * What was worked out lately, because one page asks for the same plan in several ways at once. A
 * reading follows from the plan, the tape, and the shelf as its stamp tells it; one that misses
 * something from the shelf is not kept.
 */
final class Readings {
  private static final int MOST = 48;

  /** What a reading follows from. */
  record Question(String studioId, TapeDivision tape, Changes.Stamp shelf, Plan plan) {}

  private final Cache<Question, PlanReading> lately =
      Caffeine.newBuilder().maximumSize(MOST).build();

  PlanReading of(Question question, Supplier<PlanReading> work) {
    PlanReading reading = lately.get(question, q -> work.get());
    if (reading.lays().stream().anyMatch(LayReading.Missing.class::isInstance)) {
      lately.invalidate(question);
    }
    return reading;
  }
}
