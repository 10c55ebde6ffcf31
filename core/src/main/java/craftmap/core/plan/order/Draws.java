package craftmap.core.plan.order;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.GroupReading;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * What each step takes out of a pot. The steps of a coat, or of a lay, together take what all of it
 * takes: the first coat more than its share where the ground drinks, a step that is done in parts
 * the same for each part.
 *
 * @param byStep by the step's id; none of what takes nothing
 */
public record Draws(Map<String, Draw> byStep) {
  public Draws {
    byStep = Map.copyOf(byStep);
  }

  /**
   * What one step takes.
   *
   * @param useId the coat or lay that it is a part of, as it is kept and booked
   * @param potId none where no pot was named
   */
  public record Draw(String useId, Optional<String> potId, double ml) {
    private Draw of(int parts) {
      return new Draw(useId, potId, ml / parts);
    }
  }

  public Optional<Draw> of(String stepId) {
    return Optional.ofNullable(byStep.get(stepId));
  }

  /** The steps that something is used in, in the order of the work. */
  public List<String> stepsOf(String useId, Work work) {
    return work.steps().stream()
        .map(WorkStep::id)
        .filter(id -> of(id).filter(d -> d.useId().equals(useId)).isPresent())
        .toList();
  }

  /** What the steps of a piece take, and what its mends do. */
  public static Draws of(AskedOrder asked, PlanReading reading, CoatsReading coats) {
    Map<String, Draw> all = new HashMap<>(planned(asked.work(), reading, coats).byStep());
    asked.mendDraws().forEach((id, m) -> all.put(id, m.draw()));
    return new Draws(all);
  }

  /** What the steps take that the plan asks for. */
  static Draws planned(Work work, PlanReading reading, CoatsReading coats) {
    Map<String, Integer> parts = new HashMap<>();
    work.steps().forEach(s -> parts.merge(s.wholeId(), 1, Integer::sum));
    Map<String, Draw> draws = new HashMap<>();
    Map<String, List<WorkStep>> ofLays = new HashMap<>();
    for (WorkStep step : work.steps()) {
      if (step.what().startsWith(Band.LAY)) {
        ofLays.computeIfAbsent(step.what(), w -> new ArrayList<>()).add(step);
      } else {
        ofBand(step, coats).ifPresent(d -> draws.put(step.id(), d.of(parts.get(step.wholeId()))));
      }
    }
    ofLays.forEach((what, steps) -> ofLay(what, steps, reading, draws));
    return new Draws(draws);
  }

  private static Optional<Draw> ofBand(WorkStep step, CoatsReading coats) {
    Optional<GroupReading> group = coats.group(step.row());
    Optional<BandReading> band = group.flatMap(g -> g.band(step.what()));
    return band.filter(b -> b.ml() > 0)
        .map(
            b ->
                new Draw(
                    CoatsReading.useId(group.orElseThrow(), b), b.potId(), b.mlOfCoat(step.n())));
  }

  /** Poured where it is cast, brushed where it is sized, else used as long as it is laid. */
  private static void ofLay(
      String what, List<WorkStep> steps, PlanReading reading, Map<String, Draw> draws) {
    Optional<LayReading.Laid> laid =
        reading.led(what.substring(Band.LAY.length())).filter(l -> l.takes().potMl() > 0);
    if (laid.isEmpty()) {
      return;
    }
    List<WorkStep> wet =
        first(steps, s -> s.doing() == Doing.CAST)
            .or(() -> first(steps, s -> s.doing() == Doing.SIZE))
            .orElse(steps.stream().filter(s -> s.doing() == Doing.LAY).toList());
    for (WorkStep step : wet) {
      draws.put(
          step.id(),
          new Draw(
                  laid.get().lay().id(),
                  laid.get().pot().map(p -> p.id()),
                  laid.get().takes().potMl())
              .of(wet.size()));
    }
  }

  private static Optional<List<WorkStep>> first(List<WorkStep> steps, Predicate<WorkStep> those) {
    List<WorkStep> found = steps.stream().filter(those).toList();
    return found.isEmpty() ? Optional.empty() : Optional.of(found);
  }
}
