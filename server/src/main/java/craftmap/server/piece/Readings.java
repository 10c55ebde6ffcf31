package craftmap.server.piece;

import craftmap.core.log.Learned;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import craftmap.server.changes.Changes;
import craftmap.server.changes.WorkedOut;
import java.util.function.Supplier;

/**
 * What plans came to lately: the map, the route and Gather ask for the same ones. A reading follows
 * from the plan, the tape, and the shelf as its stamp tells it; one that misses something from the
 * shelf is not kept.
 */
final class Readings {
  private static final int MOST = 48;

  /** What a reading follows from. */
  record Question(
      String studioId, TapeDivision tape, Changes.Stamp shelf, Learned learned, Plan plan) {}

  private final WorkedOut<Question, PlanReading> lays = new WorkedOut<>(MOST);
  private final WorkedOut<Question, CoatsReading> coats = new WorkedOut<>(MOST);

  PlanReading of(Question question, Supplier<PlanReading> work) {
    PlanReading reading = lays.of(question, work);
    if (reading.lays().stream().anyMatch(LayReading.Missing.class::isInstance)) {
      lays.forget(question);
    }
    return reading;
  }

  /** Of the coats, whose stamp tells the levels of all pots too. */
  CoatsReading coats(Question question, Supplier<CoatsReading> work) {
    return coats.of(question, work);
  }
}
