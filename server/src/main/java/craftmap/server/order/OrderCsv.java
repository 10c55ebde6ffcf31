package craftmap.server.order;

import craftmap.core.measure.Decimals;
import craftmap.core.order.schedule.Placed;
import craftmap.core.order.schedule.Problem;
import craftmap.core.order.work.WorkStep;
import craftmap.server.fields.Csv;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;

/** The order as a table: a row for each step, in the order in which they begin. */
final class OrderCsv {
  private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

  private OrderCsv() {}

  static String of(Orders.Task task, Orders.Solved solved) {
    Problem problem = solved.problem();
    StepWords words = new StepWords(task.worked());
    Clockwork clock = new Clockwork(task.bench().zone());
    List<List<?>> rows = new ArrayList<>();
    for (Placed placed : solved.schedule().steps()) {
      WorkStep step = problem.step(placed.stepId());
      rows.add(
          List.of(
              TIME.format(clock.at(problem.instant(placed.from()))),
              TIME.format(clock.at(problem.instant(placed.to()))),
              words.piece(step.pieceId()).piece().plan().name(),
              words.row(step.pieceId(), step.row()),
              words.title(step),
              Decimals.show(step.handsOn().toSeconds() / 60.0, 1),
              task.bench().people().get(placed.person()).name(),
              Words.say(task.isDone(step.id()) ? "order.csv.done" : "order.csv.open")));
    }
    return Csv.of(
        List.of("begins", "ends", "piece", "on", "step", "minutes", "who", "state"), rows);
  }
}
