package craftmap.server.order;

import craftmap.core.coats.Habits;
import craftmap.core.order.bench.Bench;
import craftmap.core.order.bench.Person;
import craftmap.core.order.schedule.Schedule;
import craftmap.core.plan.Plan;
import craftmap.server.bench.BenchDoc;
import craftmap.server.piece.document.CoatsMapper;
import craftmap.server.piece.edit.CoatEditDoc;
import craftmap.server.piece.edit.EditDoc;
import craftmap.server.piece.edit.OrderEditDoc;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Duration;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The same job otherwise: each lever and each school, with what it changes. */
@Component
class WhatIfs {
  /** Levers are tried by as much as a stove, or an open window, does. */
  static final double WARMER_CELSIUS = 3;

  static final double DRIER_PERCENT = 15;
  static final int MORE_PLACES = 4;

  private final Orders orders;

  WhatIfs(Orders orders) {
    this.orders = orders;
  }

  /**
   * One way to do it otherwise.
   *
   * @param minutes later, or sooner below 0
   * @param text what it changes
   * @param better whether it is ready sooner
   * @param edit what takes it, where it is done to the plan
   * @param bench what takes it, where it is done to the bench
   */
  record WhatIfView(
      String key,
      String title,
      int minutes,
      String text,
      boolean better,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) EditDoc edit,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) BenchDoc bench) {}

  private record Otherwise(
      String key, Orders.Task task, Optional<EditDoc> edit, Optional<Bench> bench) {}

  List<WhatIfView> of(Orders.Task task) {
    Optional<Orders.Solved> now = orders.comparable(task);
    // each is a schedule of its own: on more than one core they are made side by side
    return otherwise(task).parallelStream().map(other -> view(task, now, other)).toList();
  }

  private List<Otherwise> otherwise(Orders.Task task) {
    List<Otherwise> all = new ArrayList<>();
    Plan plan = task.piece().piece().plan();
    Habits habits = plan.coats().habits();
    for (Habits.Relief r : Habits.Relief.values()) {
      flip(task, habits, habits.with(r), "RELIEF." + r).ifPresent(all::add);
    }
    for (Habits.Primer p : Habits.Primer.values()) {
      flip(task, habits, habits.with(p), "PRIMER." + p).ifPresent(all::add);
    }
    for (Habits.Seal s : Habits.Seal.values()) {
      flip(task, habits, habits.with(s), "SEAL." + s).ifPresent(all::add);
    }
    for (Habits.DarkWax d : Habits.DarkWax.values()) {
      flip(task, habits, habits.with(d), "DARK_WAX." + d).ifPresent(all::add);
    }
    for (Habits.Lift l : Habits.Lift.values()) {
      flip(task, habits, habits.with(l), "LIFT." + l).ifPresent(all::add);
    }
    Bench bench = task.bench();
    bench("WARMER", task, bench.in(bench.climate().warmer(WARMER_CELSIUS)), all);
    bench("DRIER", task, bench.in(bench.climate().damper(-DRIER_PERCENT)), all);
    for (int room = 0; room < bench.rooms().size(); room++) {
      if (room != bench.driesIn()) {
        bench("DRIES_IN " + room, task, bench.dryingIn(room), all);
      }
    }
    if (!bench.fan()) {
      bench("FAN", task, bench.blown(true), all);
    }
    if (bench.people().size() < Bench.MOST_PEOPLE) {
      Person first = bench.people().getFirst();
      bench(
          "PERSON",
          task,
          bench.and(new Person(Words.say("order.another"), first.hours(), first.off())),
          all);
    }
    if (bench.places() + MORE_PLACES <= Bench.MOST_PLACES) {
      bench("ROOM", task, bench.withMorePlaces(MORE_PLACES), all);
    }
    ZonedDateTime tomorrow = task.begin().atZone(bench.zone()).plusDays(1);
    all.add(
        new Otherwise(
            "TOMORROW",
            task.from(tomorrow.toInstant()),
            Optional.of(new OrderEditDoc.BeginOn(tomorrow.toLocalDateTime().toString())),
            Optional.empty()));
    return all;
  }

  private static void bench(String key, Orders.Task task, Bench other, List<Otherwise> all) {
    all.add(new Otherwise(key, task.at(other), Optional.empty(), Optional.of(other)));
  }

  private Optional<Otherwise> flip(Orders.Task task, Habits now, Habits other, String key) {
    if (other.equals(now)) {
      return Optional.empty();
    }
    Orders.Task flipped = orders.with(task, other);
    boolean changes =
        !flipped.work().equals(task.work())
            || Differences.isMoreThanADrop(flipped.piece().ml() - task.piece().ml());
    return changes
        ? Optional.of(
            new Otherwise(
                key,
                flipped,
                Optional.of(new CoatEditDoc.ChooseHabits(CoatsMapper.doc(other))),
                Optional.empty()))
        : Optional.empty();
  }

  private WhatIfView view(Orders.Task task, Optional<Orders.Solved> now, Otherwise other) {
    Optional<Orders.Solved> then = orders.beside(other.task());
    String title =
        other
            .bench()
            .filter(b -> b.driesIn() != task.bench().driesIn())
            .map(b -> Words.say("whatif.DRIES_IN", Words.lower(b.rooms().get(b.driesIn()).name())))
            .orElseGet(() -> Words.say("whatif." + other.key()));
    EditDoc edit = other.edit().orElse(null);
    BenchDoc bench = other.bench().map(BenchDoc::of).orElse(null);
    if (now.isEmpty() || then.isEmpty()) {
      return new WhatIfView(
          other.key(),
          title,
          0,
          Words.say(then.isPresent() ? "whatif.goes" : "whatif.goesNot"),
          then.isPresent(),
          edit,
          bench);
    }
    Instant before = now.get().ready(task);
    Instant after = then.get().ready(other.task());
    int minutes = (int) Duration.between(before, after).toMinutes();
    return new WhatIfView(
        other.key(),
        title,
        minutes,
        text(task, now.get(), other, then.get(), minutes),
        minutes < 0,
        edit,
        bench);
  }

  private static String text(
      Orders.Task task, Orders.Solved now, Otherwise other, Orders.Solved then, int minutes) {
    List<String> parts = new ArrayList<>();
    parts.add(
        minutes == 0
            ? Words.say("whatif.same")
            : Words.say(
                minutes < 0 ? "whatif.sooner" : "whatif.later", Clockwork.span(Math.abs(minutes))));
    long hands = other.task().work().handsOn().minus(task.work().handsOn()).toMinutes();
    Differences.work(hands).ifPresent(parts::add);
    int visits = visits(then) - visits(now);
    if (visits != 0) {
      parts.add(
          Words.say(visits < 0 ? "whatif.fewerVisits" : "whatif.moreVisits", Math.abs(visits)));
    }
    Differences.volume(other.task().piece().ml() - task.piece().ml()).ifPresent(parts::add);
    Differences.risk(failing(other.task()) - failing(task)).ifPresent(parts::add);
    // what is only as good as was found in a moment is told as such
    boolean sure = now.schedule().isProven() && then.schedule().isProven();
    String text = String.join(", ", parts);
    return sure || minutes == 0 ? text : Words.say("whatif.about", text);
  }

  private static int visits(Orders.Solved solved) {
    Schedule schedule = solved.schedule();
    return schedule.visits(solved.problem());
  }

  private static int failing(Orders.Task task) {
    return task.piece().coats().failing();
  }
}
