package craftmap.server.piece;

import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.PlanReading;
import craftmap.server.shelf.ShelfService;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/**
 * What was worked out lately, because one page asks for the same plan in several ways at once. A
 * reading follows from the plan, the tape, and the shelf as its stamp tells it; one that misses
 * something from the shelf is not kept.
 */
final class Readings {
  private static final int MOST = 48;

  /** What a reading follows from. */
  record Question(
      String studioId, TapeDivision tape, ShelfService.Stamp shelf, PlanDocument document) {}

  private final Map<Question, PlanReading> lately = new ConcurrentHashMap<>();

  PlanReading of(Question question, Supplier<PlanReading> work) {
    if (lately.size() > MOST) {
      lately.clear();
    }
    PlanReading reading = lately.computeIfAbsent(question, q -> work.get());
    if (reading.lays().stream().anyMatch(LayReading.Missing.class::isInstance)) {
      lately.remove(question);
    }
    return reading;
  }
}
