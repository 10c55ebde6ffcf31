package craftmap.core.order.schedule;

import craftmap.core.order.climate.DryingLaw;
import craftmap.core.order.finding.OrderFinding;
import craftmap.core.order.finding.OrderFinding.Rule;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Looks for what a schedule asks one to mind. */
public final class Minding {
  /** A window shorter than this has one stand by. */
  static final Duration SHORT = Duration.ofMinutes(60);

  /** So many times as long as the label says is told, where it is for hours. */
  static final double SLOW = 1.5;

  static final Duration LONG = Duration.ofHours(3);

  /** Damper than this, labels are not to be trusted to the minute. */
  static final double DAMP_PERCENT = 60;

  /** What is dry this shortly before the next may be soft. */
  static final Duration BARELY = Duration.ofMinutes(15);

  private Minding() {}

  /** The worst first, then in the order of time. */
  public static List<OrderFinding> of(Problem problem, Schedule schedule, int now) {
    List<OrderFinding> found = new ArrayList<>();
    for (int i = 0; i < problem.size(); i++) {
      Placed step = schedule.of(id(problem, i)).orElseThrow();
      if (!problem.isDone(i) && step.to() < now) {
        found.add(
            new OrderFinding(
                Rule.LATE, step.stepId(), "", List.of(Duration.ofMinutes(now - step.to()))));
      }
      for (Problem.Follow f : problem.after(i)) {
        follow(problem, schedule, now, step, f, found);
      }
    }
    found.sort(
        Comparator.comparing((OrderFinding f) -> f.rule().level())
            .reversed()
            .thenComparing(f -> schedule.of(f.stepId()).orElseThrow().from())
            .thenComparing(f -> f.stepId()));
    return found;
  }

  private static void follow(
      Problem problem,
      Schedule schedule,
      int now,
      Placed step,
      Problem.Follow f,
      List<OrderFinding> found) {
    Placed next = schedule.of(id(problem, f.to())).orElseThrow();
    int from = step.to();
    if (f.link().atMost().isPresent()) {
      int fresh = problem.until(f.link(), from).orElseThrow();
      boolean missed = problem.isDone(f.to()) ? next.from() > fresh : f.missed() || now > fresh;
      if (missed && problem.isDone(f.from())) {
        found.add(
            new OrderFinding(
                Rule.WINDOW_MISSED,
                next.stepId(),
                step.stepId(),
                List.of(Duration.ofMinutes(fresh - from))));
      } else if (!problem.isDone(f.to()) && fresh - from < SHORT.toMinutes()) {
        found.add(
            new OrderFinding(
                Rule.SHORT_WINDOW,
                next.stepId(),
                step.stepId(),
                List.of(Duration.ofMinutes(fresh - from))));
      }
    }
    if (f.atLeast().isPresent() && !problem.isDone(f.to())) {
      int ready = problem.ready(f, from);
      Duration label = f.atLeast().get().label();
      if ((ready - from) >= SLOW * label.toMinutes() && ready - from >= LONG.toMinutes()) {
        found.add(
            new OrderFinding(
                Rule.SLOW_TO_DRY,
                step.stepId(),
                next.stepId(),
                List.of(Duration.ofMinutes(ready - from), label)));
      }
      boolean unsure =
          f.atLeast().get().law() == DryingLaw.WATER
              && problem.climate(Math.min(ready, problem.minutes())).dampPercent() > DAMP_PERCENT;
      if (unsure && next.from() - ready < BARELY.toMinutes()) {
        found.add(
            new OrderFinding(
                Rule.BARELY_DRY,
                next.stepId(),
                step.stepId(),
                List.of(Duration.ofMinutes(next.from() - ready))));
      }
    }
  }

  private static String id(Problem problem, int step) {
    return problem.work().steps().get(step).id();
  }
}
