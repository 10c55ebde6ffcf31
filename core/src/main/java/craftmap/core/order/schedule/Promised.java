package craftmap.core.order.schedule;

import craftmap.core.order.climate.DryingLaw;
import craftmap.core.order.finding.OrderFinding;
import craftmap.core.order.finding.OrderFinding.Rule;
import craftmap.core.order.work.Dry;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * When a piece is ready, and when it bears being used: all that was put on it has cured.
 *
 * @param ready the minute at which its last step ends
 * @param readyStep that step
 * @param cured when all of it has cured; from when it is ready on at the earliest
 * @param curedStep what cures last
 */
public record Promised(int ready, String readyStep, Instant cured, Optional<String> curedStep) {
  /** None of a piece with nothing to do. */
  public static Optional<Promised> of(Problem problem, Schedule schedule, String pieceId) {
    List<Placed> own =
        schedule.steps().stream()
            .filter(s -> problem.step(s.stepId()).pieceId().equals(pieceId))
            .toList();
    if (own.isEmpty()) {
      return Optional.empty();
    }
    Placed last =
        own.stream()
            .max(Comparator.comparingInt(Placed::to).thenComparing(Placed::stepId))
            .orElseThrow();
    Instant cured = problem.instant(last.to());
    Optional<String> step = Optional.empty();
    for (Placed p : own) {
      Optional<Dry> cure = problem.step(p.stepId()).material().cured();
      if (cure.isPresent()) {
        Instant at = cured(problem, p.to(), cure.get());
        if (at.isAfter(cured)) {
          cured = at;
          step = Optional.of(p.stepId());
        }
      }
    }
    return Optional.of(new Promised(last.to(), last.stepId(), cured, step));
  }

  /** By the clock; a cure of weeks goes on past what is looked at, as warm as it was on the way. */
  private static Instant cured(Problem problem, int end, Dry cure) {
    int at = problem.firm(Optional.of(cure), end);
    if (at <= problem.minutes()) {
      return problem.instant(at);
    }
    double passed = problem.passed(end, problem.minutes(), cure.law());
    double share = passed / Math.max(1, problem.minutes() - end);
    double left = cure.label().toSeconds() / 60.0 - passed;
    double pace = share > 0 ? share : 1 / DryingLaw.MOST;
    return problem
        .instant(problem.minutes())
        .plus((long) Math.ceil(left / pace), ChronoUnit.MINUTES);
  }

  /** What is to be minded if it is wanted at a time. */
  public List<OrderFinding> wantedAt(Problem problem, Instant wanted) {
    List<OrderFinding> found = new ArrayList<>();
    Instant done = problem.instant(ready);
    if (done.isAfter(wanted)) {
      found.add(OrderFinding.of(Rule.AFTER_PROMISE, readyStep, "", Duration.between(wanted, done)));
    } else if (cured.isAfter(wanted)) {
      found.add(
          OrderFinding.of(
              Rule.CURE_BEFORE_USE,
              curedStep.orElse(readyStep),
              "",
              Duration.between(wanted, cured)));
    }
    return found;
  }
}
