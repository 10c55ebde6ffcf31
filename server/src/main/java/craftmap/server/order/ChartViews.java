package craftmap.server.order;

import craftmap.core.measure.Times;
import craftmap.core.order.bench.Openings;
import craftmap.core.order.schedule.Chain;
import craftmap.core.order.schedule.Placed;
import craftmap.core.order.schedule.Problem;
import craftmap.core.order.schedule.Schedule;
import craftmap.core.order.schedule.Slack;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.server.piece.document.OrderingDoc;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Says what stands where on the chart of a schedule. */
final class ChartViews {
  private final Orders.Task task;
  private final Problem problem;
  private final Schedule schedule;
  private final StepWords words;
  private final Clockwork clock;
  private final Map<String, Integer> latest;
  private final Chain chain;
  private final Set<String> moved;
  private final DriesWords dries;

  /** What waits for each step at once. */
  private final Map<String, List<String>> next = new HashMap<>();

  ChartViews(Orders.Task task, Orders.Solved solved, StepWords words, Chain chain) {
    this.task = task;
    this.problem = solved.problem();
    this.schedule = solved.schedule();
    this.words = words;
    this.clock = new Clockwork(task.bench().zone());
    this.latest = Slack.latestBeginnings(problem, schedule);
    this.chain = chain;
    this.moved = Set.copyOf(schedule.moved(problem));
    this.dries = new DriesWords(task, solved, words);
    problem
        .work()
        .links()
        .forEach(l -> next.computeIfAbsent(l.from(), f -> new ArrayList<>()).add(l.to()));
  }

  int end() {
    int last = schedule.finish();
    for (OrderView.OpeningView o : openings(last)) {
      last = Math.max(last, o.to());
    }
    return last;
  }

  List<OrderView.OpeningView> openings() {
    return openings(schedule.finish());
  }

  /** Of everybody together, until the day on which it ends. */
  private List<OrderView.OpeningView> openings(int finish) {
    List<int[]> all = new ArrayList<>();
    LocalDate lastDay = clock.at(problem.instant(finish)).toLocalDate();
    for (int p = 0; p < task.bench().people().size(); p++) {
      for (Openings.Opening o : problem.openings(p).all()) {
        if (!clock.at(problem.instant(o.from())).toLocalDate().isAfter(lastDay)) {
          all.add(new int[] {o.from(), o.to()});
        }
      }
    }
    all.sort(Comparator.comparingInt(o -> o[0]));
    List<OrderView.OpeningView> merged = new ArrayList<>();
    for (int[] o : all) {
      if (!merged.isEmpty() && merged.getLast().to() >= o[0]) {
        OrderView.OpeningView last = merged.removeLast();
        merged.add(new OrderView.OpeningView(last.from(), Math.max(last.to(), o[1])));
      } else {
        merged.add(new OrderView.OpeningView(o[0], o[1]));
      }
    }
    return merged;
  }

  List<OrderView.DayView> days() {
    List<OrderView.DayView> days = new ArrayList<>();
    LocalDate day = clock.at(problem.begins()).toLocalDate();
    LocalDate last = clock.at(problem.instant(end())).toLocalDate();
    while (!day.isAfter(last)) {
      Instant from = day.atStartOfDay(clock.zone()).toInstant();
      Instant to = day.plusDays(1).atStartOfDay(clock.zone()).toInstant();
      days.add(new OrderView.DayView(minute(from), minute(to), clock.date(from), day.toString()));
      day = day.plusDays(1);
    }
    return days;
  }

  private int minute(Instant at) {
    return (int) ChronoUnit.MINUTES.between(problem.begins(), at);
  }

  private WorkStep step(Placed placed) {
    return problem.step(placed.stepId());
  }

  List<OrderView.RowView> rows() {
    Set<String> onChain =
        chain.links().stream().map(Chain.ChainLink::stepId).collect(Collectors.toSet());
    String own = task.piece().piece().id();
    Map<List<String>, List<OrderView.StepView>> rows = new LinkedHashMap<>();
    // own rows first, as one walks round the piece
    for (WorkStep step : problem.work().steps()) {
      rows.computeIfAbsent(List.of(step.pieceId(), step.row()), k -> new ArrayList<>());
    }
    for (Placed placed : schedule.steps()) {
      WorkStep step = step(placed);
      rows.get(List.of(step.pieceId(), step.row())).add(view(placed, step, onChain));
    }
    return rows.entrySet().stream()
        .map(
            e ->
                new OrderView.RowView(
                    String.join(" ", e.getKey()),
                    e.getKey().get(0),
                    words.row(e.getKey().get(0), e.getKey().get(1)),
                    words.piece(e.getKey().get(0)).piece().plan().name(),
                    e.getKey().get(0).equals(own),
                    e.getValue()))
        .toList();
  }

  private OrderView.StepView view(Placed placed, WorkStep step, Set<String> onChain) {
    Ordering order = words.piece(step.pieceId()).plan().order();
    boolean fixed =
        task.settled().fixed().containsKey(step.wholeId())
            || task.settled().fixed().containsKey(step.pieceId() + ":" + step.key());
    int slack = latest.get(placed.stepId()) - placed.from();
    Instant from = problem.instant(placed.from());
    boolean done = task.isDone(step.id());
    return new OrderView.StepView(
        step.id(),
        step.key(),
        step.doing(),
        words.brief(step),
        words.full(step),
        placed.from(),
        placed.to(),
        Words.say(
            "order.fromTo",
            clock.day(from, task.begin()),
            clock.time(from),
            clock.time(problem.instant(placed.to()))),
        Words.say("order.times", clock.time(from), clock.time(problem.instant(placed.to()))),
        placed.person(),
        done,
        onChain.contains(step.id()),
        done
            ? Words.say("order.isDone")
            : fixed
                ? Words.say(moved.contains(step.id()) ? "order.isMoved" : "order.isFixed")
                : slack > 0
                    ? Words.say("order.slack", Clockwork.span(slack))
                    : Words.say("order.noSlack"),
        Clockwork.span(step.handsOn()),
        Times.minutes(step.handsOn()),
        order.step(step.key()).takes().isEmpty(),
        clock.at(from).toLocalDateTime().toString(),
        fixed,
        order.step(step.wholeKey()).parts(),
        step.wholeKey(),
        step.doing() == Doing.OWN
            ? OrderingDoc.OwnStepDoc.of(order.own().get(step.wholeKey()))
            : null,
        dries.text(step),
        firsts(step, order),
        waiting(step),
        waits(placed, step));
  }

  /** Wholes of the same piece that wait for it, be it by way of others. */
  private List<String> waiting(WorkStep step) {
    Set<String> all = new TreeSet<>();
    Deque<String> open = new ArrayDeque<>(List.of(step.id()));
    Set<String> seen = new HashSet<>();
    while (!open.isEmpty()) {
      for (String next : next.getOrDefault(open.remove(), List.of())) {
        if (seen.add(next)) {
          open.add(next);
          WorkStep waits = problem.step(next);
          if (waits.pieceId().equals(step.pieceId())) {
            all.add(waits.wholeKey());
          }
        }
      }
    }
    return List.copyOf(all);
  }

  /** Steps that were put before it. */
  private List<OrderView.FirstView> firsts(WorkStep step, Ordering order) {
    List<OrderView.FirstView> firsts = new ArrayList<>();
    for (Ordering.Bar bar : order.bars()) {
      if (bar.next().equals(step.wholeKey())) {
        problem.work().steps().stream()
            .filter(s -> s.pieceId().equals(step.pieceId()) && s.wholeKey().equals(bar.first()))
            .findFirst()
            .ifPresent(s -> firsts.add(new OrderView.FirstView(bar.first(), words.full(s))));
      }
    }
    return firsts;
  }

  private List<OrderView.WaitView> waits(Placed placed, WorkStep step) {
    List<OrderView.WaitView> waits = new ArrayList<>();
    for (Link link : problem.work().links()) {
      boolean asks = link.atLeast().isPresent() || link.atMost().isPresent();
      boolean outOfTurn = task.isDone(link.to()) && !task.isDone(link.from());
      if (!link.from().equals(step.id()) || !asks || outOfTurn) {
        continue;
      }
      int ripe = problem.ripe(link, placed.to());
      Integer until = problem.until(link, placed.to()).stream().boxed().findFirst().orElse(null);
      waits.add(
          new OrderView.WaitView(
              link.to(),
              Math.min(ripe, problem.minutes()),
              until,
              link.atLeast()
                  .map(
                      d ->
                          Words.say(
                              "order.wait." + d.forWhat(), Clockwork.span(ripe - placed.to())))
                  .orElse(""),
              Clockwork.span(ripe - placed.to()),
              until == null
                  ? null
                  : Words.say("order.window", Clockwork.span(until - placed.to()))));
    }
    waits.sort(Comparator.comparingInt(OrderView.WaitView::ripe));
    return waits;
  }
}
