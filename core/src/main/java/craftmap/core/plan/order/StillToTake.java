package craftmap.core.plan.order;

import craftmap.core.order.mishap.Mishap;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.StepChoice;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;

/**
 * What coats and lays still take: nothing more of what is booked, and only the rest of what some
 * steps are done of.
 *
 * @param booked uses that are booked as a whole, or of a step
 * @param share how much of a use is left, 0 to 1; all of those that are not in it
 * @param mendMl what mends still take of each pot
 */
public record StillToTake(
    Set<String> booked, Map<String, Double> share, Map<String, Double> mendMl) {
  public StillToTake {
    booked = Set.copyOf(booked);
    share = Map.copyOf(share);
    mendMl = Map.copyOf(mendMl);
  }

  /** By what of a piece is done, as it is planned. */
  public static StillToTake of(
      String pieceId, Ordering order, PlanReading reading, CoatsReading coats, Set<String> booked) {
    if (order.steps().values().stream().map(StepChoice::done).allMatch(d -> d.isEmpty())) {
      return new StillToTake(booked, Map.of(), Map.of());
    }
    AskedOrder asked = AskedOrder.of(pieceId, order, reading, coats);
    return of(asked.work(), Draws.of(asked, reading, coats), order, booked);
  }

  /** The same of steps that are known. */
  public static StillToTake of(Work work, Draws draws, Ordering order, Set<String> booked) {
    Map<String, Double> all = new HashMap<>();
    Map<String, Double> left = new HashMap<>();
    Map<String, Double> mends = new HashMap<>();
    for (WorkStep step : work.steps()) {
      draws
          .of(step.id())
          .ifPresent(
              d -> {
                boolean done = order.step(step.key()).done().isPresent();
                all.merge(d.useId(), d.ml(), Double::sum);
                left.merge(d.useId(), done ? 0 : d.ml(), Double::sum);
                if (Mishap.isMend(d.useId()) && !done) {
                  d.potId().ifPresent(pot -> mends.merge(pot, d.ml(), Double::sum));
                }
              });
    }
    Map<String, Double> share = new HashMap<>();
    left.forEach(
        (use, ml) -> {
          if (ml < all.get(use)) {
            share.put(use, ml / all.get(use));
          }
        });
    return new StillToTake(booked, share, mends);
  }

  /** Nothing of it was taken yet. */
  public static StillToTake all() {
    return new StillToTake(Set.of(), Map.of(), Map.of());
  }

  public double of(String useId, double ml) {
    return booked.contains(useId) ? 0 : ml * share.getOrDefault(useId, 1.0);
  }

  /** Whether nothing of it is left to take. */
  public boolean isDone(String useId) {
    return of(useId, 1) == 0;
  }
}
