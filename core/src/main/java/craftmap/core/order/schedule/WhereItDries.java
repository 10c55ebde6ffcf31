package craftmap.core.order.schedule;

import craftmap.core.order.bench.DryingPlace;
import craftmap.core.order.work.Thing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Where what steps leave wet is to be put, so that all of it finds room and nothing wet is moved;
 * once dry, a thing goes back to where it lay before where it can.
 *
 * @param byStep by the step's id; nothing of a step that leaves nothing wet, or something that
 *     finds room nowhere
 */
public record WhereItDries(Map<String, List<Spot>> byStep) {
  /**
   * A thing and where it lies.
   *
   * @param places any of these
   */
  public record Spot(Thing thing, List<DryingPlace> places) {}

  public WhereItDries {
    byStep = Map.copyOf(byStep);
  }

  public static WhereItDries of(Problem problem, Schedule schedule) {
    WetThings all = WetThings.settled(problem, schedule);
    if (all.isOverfull()) {
      // it goes, but not with everything put down as it comes: nothing is told rather than a guess
      return new WhereItDries(Map.of());
    }
    Map<String, List<Spot>> byStep = new HashMap<>();
    for (Placed p : schedule.steps()) {
      int step = problem.number(p.stepId());
      List<Spot> spots = new ArrayList<>();
      all.after(step).forEach((t, k) -> spots.add(new Spot(problem.room().thing(t), k.places())));
      if (!spots.isEmpty() && problem.room().homeless(step).isEmpty()) {
        byStep.put(p.stepId(), List.copyOf(spots));
      }
    }
    return new WhereItDries(byStep);
  }

  public List<Spot> after(String stepId) {
    return byStep.getOrDefault(stepId, List.of());
  }
}
