package craftmap.server.order;

import craftmap.core.order.schedule.Moved;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Says what is otherwise than it was told, after the day went otherwise. */
final class PlannedAnew {
  /** What begins that much sooner or later on the same day would hardly be noticed. */
  private static final Duration HARDLY = Duration.ofMinutes(15);

  private static final int MOST_TOLD = 6;

  private final Orders.Task task;
  private final Orders.Solved solved;
  private final StepWords words;
  private final Clockwork clock;

  PlannedAnew(Orders.Task task, Orders.Solved solved, StepWords words) {
    this.task = task;
    this.solved = solved;
    this.words = words;
    this.clock = new Clockwork(task.bench().zone());
  }

  /** None where all is as it was told. */
  Optional<OrderView.PlannedAnewView> view(ToldOrders.Told before) {
    List<Moved> all = Moved.of(solved.problem(), solved.schedule(), before.begins());
    if (all.isEmpty()) {
      return Optional.empty();
    }
    List<Moved> told = all.stream().filter(this::isNoticed).limit(MOST_TOLD).toList();
    List<Moved> rest = new ArrayList<>(all);
    rest.removeAll(told);
    return Optional.of(
        new OrderView.PlannedAnewView(
            title(before.ready()), told.stream().map(this::view).toList(), rest(rest)));
  }

  private boolean isNoticed(Moved moved) {
    return moved.by().compareTo(HARDLY) >= 0
        || !clock.at(moved.before()).toLocalDate().equals(clock.at(moved.after()).toLocalDate());
  }

  private String title(Instant before) {
    Duration later = Duration.between(before, solved.ready(task));
    return later.isZero()
        ? Words.say("order.anew.same")
        : Words.say(
            later.isNegative() ? "order.anew.sooner" : "order.anew.later",
            Clockwork.span(later.abs()));
  }

  private OrderView.MovedView view(Moved moved) {
    return new OrderView.MovedView(
        moved.stepId(),
        words.full(solved.problem().step(moved.stepId())),
        Words.say(
            "order.anew.moved",
            clock.dayAndTime(moved.after(), task.begin()),
            clock.dayAndTime(moved.before(), task.begin())));
  }

  private static String rest(List<Moved> rest) {
    return rest.stream()
        .map(Moved::by)
        .max(Duration::compareTo)
        .map(most -> Words.say("order.anew.rest", rest.size(), Clockwork.span(most)))
        .orElse("");
  }
}
