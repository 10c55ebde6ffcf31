package craftmap.server.order;

import craftmap.core.order.bench.DryingPlace;
import craftmap.core.order.schedule.WhereItDries;
import craftmap.core.order.work.WorkStep;
import craftmap.server.words.Words;
import java.util.List;
import java.util.stream.Collectors;

/** Where what steps leave wet is put, in words; nothing where there is but one kind of place. */
final class DriesWords {
  private final StepWords words;
  private final WhereItDries where;
  private final boolean isTold;

  DriesWords(Orders.Task task, Orders.Solved solved, StepWords words) {
    this.words = words;
    this.where = WhereItDries.of(solved.problem(), solved.schedule());
    this.isTold = task.bench().dryingPlaces().size() > 1;
  }

  /** Of one thing the place alone, of several each with its own. */
  String text(WorkStep step) {
    List<WhereItDries.Spot> spots = where.after(step.id());
    if (!isTold || spots.isEmpty()) {
      return "";
    }
    if (spots.size() == 1) {
      return Words.say("order.dries", places(spots.getFirst()));
    }
    return Words.say(
        "order.dries",
        spots.stream()
            .map(
                s ->
                    Words.say("order.driesEach", words.thing(s.thing(), step.pieceId()), places(s)))
            .collect(Collectors.joining("; ")));
  }

  private static String places(WhereItDries.Spot spot) {
    return spot.places().stream()
        .map(DryingPlace::name)
        .map(Words::lower)
        .distinct()
        .collect(Collectors.joining(" " + Words.say("order.or") + " "));
  }
}
