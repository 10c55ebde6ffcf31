package craftmap.server.order;

import craftmap.core.order.schedule.Placed;
import craftmap.core.order.work.WorkStep;
import craftmap.server.words.Words;
import java.time.Instant;
import java.util.Optional;

/** What is next on a piece, and when. */
final class Nexts {
  private final Orders.Task task;
  private final Orders.Solved solved;
  private final Clockwork clock;

  Nexts(Orders.Task task, Orders.Solved solved) {
    this.task = task;
    this.solved = solved;
    this.clock = new Clockwork(task.bench().zone());
  }

  OrderController.NextView view() {
    String own = task.piece().piece().id();
    boolean any = solved.problem().work().steps().stream().anyMatch(s -> s.pieceId().equals(own));
    if (!any) {
      return new OrderController.NextView("", "", false);
    }
    Instant ready = solved.ready(task);
    Optional<Placed> next =
        solved.schedule().steps().stream()
            .filter(p -> step(p).pieceId().equals(own) && !task.isDone(p.stepId()))
            .findFirst();
    if (next.isEmpty()) {
      return new OrderController.NextView(
          Words.say("order.done", clock.dayAndTime(ready, task.now())), "", false);
    }
    return new OrderController.NextView(
        Words.say(
            "order.next",
            new StepWords(task.worked()).full(step(next.get())),
            clock.dayAndTime(solved.problem().instant(next.get().from()), task.now())),
        Words.say("order.ready", clock.dayAndTime(ready, task.now())),
        isLate(ready));
  }

  private boolean isLate(Instant ready) {
    return task.piece()
        .plan()
        .order()
        .promised()
        .map(d -> ready.isAfter(d.atStartOfDay(task.bench().zone()).toInstant()))
        .orElse(false);
  }

  private WorkStep step(Placed placed) {
    return solved.problem().work().step(placed.stepId());
  }
}
