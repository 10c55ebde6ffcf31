package craftmap.server.order;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.order.schedule.Chain;
import craftmap.core.order.schedule.Placed;
import craftmap.core.order.work.WorkStep;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.function.Function;

/** A step that is dragged to another time. */
final class Dragged {
  private final Orders.Task task;
  private final Orders.Solved now;
  private final Function<Orders.Task, Optional<Orders.Solved>> solver;
  private final Clockwork clock;

  Dragged(
      Orders.Task task, Orders.Solved now, Function<Orders.Task, Optional<Orders.Solved>> solver) {
    this.task = task;
    this.now = now;
    this.solver = solver;
    this.clock = new Clockwork(task.bench().zone());
  }

  /**
   * Where it comes to lie, all else put around it.
   *
   * @param key what its own piece calls the step
   * @param minute of the schedule as it is now
   */
  OrderController.BeginsView to(String key, int minute) {
    String own = task.piece().piece().id();
    WorkStep step =
        task.work().steps().stream()
            .filter(s -> s.pieceId().equals(own) && s.key().equals(key))
            .findFirst()
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "step", given(key), said("is-unknown"), said("a-step-of-the-piece")));
    if (minute < 0 || minute >= now.problem().minutes()) {
      throw new RefusedInput(
          "minute",
          given(minute),
          said("is-not-possible"),
          said("1-to", given(now.problem().minutes())));
    }
    Instant at = now.problem().instant(minute);
    Orders.Task then = task.fixing(step.id(), at);
    Optional<Orders.Solved> solved = solver.apply(then);
    if (solved.isEmpty()) {
      throw new RefusedInput(
          "minute", given(minute), said("does-not-go"), said("a-time-at-which-the-rest-goes"));
    }
    Orders.Solved s = solved.get();
    Placed placed =
        s.schedule().steps().stream()
            .filter(p -> s.problem().step(p.stepId()).wholeId().equals(step.wholeId()))
            .filter(p -> s.problem().step(p.stepId()).key().equals(key))
            .findFirst()
            .orElseThrow();
    Instant begins = s.problem().instant(placed.from());
    boolean kept = begins.equals(at);
    String text =
        kept
            ? Words.say("order.begins", clock.dayAndTime(begins, task.begin()))
            : new StepWords(then.worked())
                .why(
                    s.problem(),
                    s.schedule(),
                    Chain.why(s.problem(), s.schedule(), placed.stepId()),
                    clock,
                    task.begin());
    return new OrderController.BeginsView(
        clock.at(begins).toLocalDateTime().toString(), kept, text, ready(then, s));
  }

  private String ready(Orders.Task then, Orders.Solved with) {
    Instant ready = with.ready(then);
    String when = clock.dayAndTime(ready, task.begin());
    Duration later = Duration.between(now.ready(task), ready);
    return later.isPositive()
        ? Words.say("order.readyLater", when, Clockwork.span(later))
        : Words.say("order.ready", when);
  }
}
