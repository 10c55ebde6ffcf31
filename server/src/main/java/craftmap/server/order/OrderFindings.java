package craftmap.server.order;

import craftmap.core.measure.TapeDivision;
import craftmap.core.order.finding.OrderFinding;
import craftmap.core.order.finding.OrderMend;
import craftmap.core.order.schedule.Minding;
import craftmap.core.order.schedule.Placed;
import craftmap.core.order.schedule.Problem;
import craftmap.core.order.schedule.Promised;
import craftmap.core.order.schedule.Schedule;
import craftmap.core.order.work.Thing;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.StepChoice;
import craftmap.server.piece.edit.EditDoc;
import craftmap.server.piece.edit.OrderEditDoc;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What is to be minded about a schedule, in words, with what ends it. */
final class OrderFindings {
  private static final int MINUTES_STEP = 5;

  private final Orders.Task task;
  private final Problem problem;
  private final Schedule schedule;
  private final StepWords words;
  private final Clockwork clock;
  private final String own;

  OrderFindings(Orders.Task task, Orders.Solved solved, StepWords words) {
    this.task = task;
    this.problem = solved.problem();
    this.schedule = solved.schedule();
    this.words = words;
    this.clock = new Clockwork(task.bench().zone());
    this.own = task.piece().piece().id();
  }

  /** Of the piece itself and of how it is woven in, the worst first. */
  List<OrderView.OrderFindingView> views(int now) {
    return views(now, List.of(task.piece()));
  }

  /** Of all pieces alike, the worst first. */
  List<OrderView.OrderFindingView> ofAll(int now) {
    return views(now, task.worked());
  }

  private List<OrderView.OrderFindingView> views(int now, List<Orders.Worked> of) {
    if (schedule.steps().isEmpty()) {
      return List.of();
    }
    List<OrderFinding> all = new ArrayList<>(Minding.of(problem, schedule, now));
    for (Orders.Worked each : of) {
      String id = each.piece().id();
      wanted(each)
          .flatMap(w -> Promised.of(problem, schedule, id).map(p -> p.wantedAt(problem, w)))
          .ifPresent(all::addAll);
      unkept(each, all);
    }
    return Minding.sorted(schedule, all).stream().map(this::view).toList();
  }

  /** All of it is to be ready before the day on which it is wanted. */
  private Optional<Instant> wanted(Orders.Worked of) {
    return of.plan().order().promised().map(d -> d.atStartOfDay(task.bench().zone()).toInstant());
  }

  private void unkept(Orders.Worked of, List<OrderFinding> all) {
    for (Ordering.Bar bar : of.asked().unkept()) {
      String first = of.piece().id() + ":" + bar.first();
      String next = of.piece().id() + ":" + bar.next();
      for (WorkStep step : problem.work().steps()) {
        if (step.wholeId().equals(next)) {
          problem.work().steps().stream()
              .filter(s -> s.wholeId().equals(first))
              .findFirst()
              .ifPresent(
                  f ->
                      all.add(
                          OrderFinding.of(OrderFinding.Rule.ORDER_UNKEPT, step.id(), f.id())
                              .mended(new OrderMend.LeaveOrderOpen(bar.first(), bar.next()))));
          break;
        }
      }
    }
  }

  private OrderView.OrderFindingView view(OrderFinding f) {
    List<Object> all = new ArrayList<>();
    all.add(words.full(problem.step(f.stepId())));
    all.add(f.other().isEmpty() ? "" : Words.lower(words.full(problem.step(f.other()))));
    f.times().forEach(t -> all.add(Clockwork.span(t)));
    Placed placed = schedule.of(f.stepId()).orElseThrow();
    while (all.size() < 4) {
      all.add("");
    }
    all.add(clock.dayAndTime(problem.instant(placed.from()), task.begin()));
    all.add(f.count());
    all.add(
        Optional.ofNullable(task.settled().fixed().get(f.stepId()))
            .map(at -> clock.dayAndTime(at, task.begin()))
            .orElse(""));
    all.add(f.things().stream().map(this::thing).collect(Collectors.joining(", ")));
    return new OrderView.OrderFindingView(
        f.rule().name(),
        f.rule().level(),
        f.stepId(),
        Words.say("order.found." + f.rule(), all.toArray()),
        Words.say("order.found." + f.rule() + ".why"),
        f.mends().stream().flatMap(m -> mend(f, m).stream()).toList());
  }

  /** With what it covers, where that is known. */
  private String thing(Thing thing) {
    TapeDivision tape = task.studio().tape();
    String name = words.thing(thing, own);
    return thing
        .size()
        .map(s -> Words.say("order.thing", name, tape.show(s.longMm()), tape.show(s.shortMm())))
        .orElse(name);
  }

  /** None where it would be done to another piece. */
  private Optional<OrderView.OrderMendView> mend(OrderFinding f, OrderMend mend) {
    WorkStep step = problem.step(f.stepId());
    return switch (mend) {
      case OrderMend.InParts(String id, int parts) ->
          edited(id, s -> new OrderEditDoc.StepInParts(s.wholeKey(), parts))
              .filter(e -> parts <= StepChoice.MOST_PARTS)
              .map(e -> new OrderView.OrderMendView(Words.say("order.mend.parts", parts), e));
      case OrderMend.BeginAt(String id, int minute) ->
          edited(id, s -> new OrderEditDoc.StepBegins(s.key(), local(problem.instant(minute))))
              .map(
                  e ->
                      new OrderView.OrderMendView(
                          Words.say(
                              "order.mend.at",
                              words.brief(step),
                              clock.dayAndTime(problem.instant(minute), task.begin())),
                          e));
      case OrderMend.LeaveOpen(String id) ->
          edited(id, s -> new OrderEditDoc.StepBegins(s.key(), null))
              .map(e -> new OrderView.OrderMendView(Words.say("order.mend.open"), e));
      case OrderMend.DoAgain(String id) ->
          edited(id, s -> new OrderEditDoc.StepDone(s.key(), null))
              .map(
                  e ->
                      new OrderView.OrderMendView(
                          Words.say("order.mend.again", Words.lower(words.title(problem.step(id)))),
                          e));
      case OrderMend.FromNow _ ->
          Optional.of(
              new OrderView.OrderMendView(
                  Words.say("order.mend.now"), new OrderEditDoc.BeginOn(local(soon()))));
      case OrderMend.LeaveOrderOpen(String first, String next) ->
          Optional.of(
              new OrderView.OrderMendView(
                  Words.say("order.mend.order"), new OrderEditDoc.PutFirst(first, next, false)));
    };
  }

  private interface Edit {
    EditDoc of(WorkStep step);
  }

  private Optional<EditDoc> edited(String stepId, Edit edit) {
    return Optional.of(problem.step(stepId)).filter(s -> s.pieceId().equals(own)).map(edit::of);
  }

  private Instant soon() {
    long step = 60L * MINUTES_STEP;
    return Instant.ofEpochSecond(Math.ceilDiv(task.now().getEpochSecond(), step) * step);
  }

  private String local(Instant at) {
    return clock.at(at).toLocalDateTime().toString();
  }
}
