package craftmap.server.order;

import craftmap.core.measure.Times;
import craftmap.core.order.bench.Openings;
import craftmap.core.order.bench.Person;
import craftmap.core.order.finding.OrderFinding;
import craftmap.core.order.schedule.Chain;
import craftmap.core.order.schedule.Minding;
import craftmap.core.order.schedule.Placed;
import craftmap.core.order.schedule.Problem;
import craftmap.core.order.schedule.Schedule;
import craftmap.core.order.schedule.Slack;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.WorkStep;
import craftmap.server.words.Words;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** Says what a schedule comes to, by the studio's clock. */
final class OrderViews {
  private final Orders.Task task;
  private final Orders.Solved solved;
  private final Problem problem;
  private final Schedule schedule;
  private final StepWords words;
  private final Clockwork clock;
  private final Map<String, Integer> latest;
  private final Chain chain;

  OrderViews(Orders.Task task, Orders.Solved solved) {
    this.task = task;
    this.solved = solved;
    this.problem = solved.problem();
    this.schedule = solved.schedule();
    this.words = new StepWords(task.worked());
    this.clock = new Clockwork(task.bench().zone());
    this.latest = Slack.latestBeginnings(problem, schedule);
    this.chain = Chain.of(problem, schedule);
  }

  /** Where it goes nowhere: what there is to do, and that it does not go. */
  static OrderView impossible(Orders.Task task, List<OrderView.TogetherView> together) {
    return new OrderView(
        new Clockwork(task.bench().zone()).at(task.begin()).toLocalDateTime().toString(),
        task.piece().piece().plan().order().begins().isPresent(),
        false,
        Words.say("order.impossible"),
        Words.say("order.impossible.why", Clockwork.span(task.work().handsOn())),
        "",
        false,
        0,
        nowAt(task),
        0,
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        together,
        task.bench().people().stream().map(Person::name).toList());
  }

  OrderView view(List<OrderView.TogetherView> together) {
    boolean nothing = schedule.steps().isEmpty();
    int now = now();
    return new OrderView(
        clock.at(task.begin()).toLocalDateTime().toString(),
        task.piece().piece().plan().order().begins().isPresent(),
        true,
        title(),
        nothing ? Words.say("order.nothing.why") : summary(),
        nothing ? "" : proof(),
        schedule.isProven(),
        now,
        nowAt(task),
        end(),
        days(),
        openings(),
        rows(),
        visits(),
        nothing ? List.of() : reasons(),
        Minding.of(problem, schedule, now).stream().map(this::finding).toList(),
        together,
        task.bench().people().stream().map(Person::name).toList());
  }

  private static String nowAt(Orders.Task task) {
    return new Clockwork(task.bench().zone())
        .at(task.now())
        .toLocalDateTime()
        .truncatedTo(ChronoUnit.MINUTES)
        .toString();
  }

  private int now() {
    long now = ChronoUnit.MINUTES.between(problem.begins(), task.now());
    return Math.clamp(now, -1, problem.minutes());
  }

  String title() {
    if (schedule.steps().isEmpty()) {
      return Words.say("order.nothing");
    }
    boolean all = schedule.steps().stream().allMatch(s -> task.past().containsKey(s.stepId()));
    return Words.say(
        all ? "order.done" : "order.ready", clock.dayAndTime(solved.ready(task), task.now()));
  }

  private String summary() {
    Duration hands =
        problem.work().steps().stream()
            .filter(s -> !task.past().containsKey(s.id()))
            .map(WorkStep::handsOn)
            .reduce(Duration.ZERO, Duration::plus);
    String others =
        task.worked().stream()
            .skip(1)
            .map(w -> Words.say("order.the", Words.lower(w.piece().plan().name())))
            .collect(Collectors.joining(", "));
    return Words.say(
        others.isEmpty() ? "order.summary" : "order.summary.together",
        Clockwork.span(hands),
        schedule.visits(problem),
        others);
  }

  private String proof() {
    if (schedule.isProven()) {
      return Words.say("order.proven");
    }
    return Words.say("order.bound", Clockwork.span(schedule.finish() - schedule.least()));
  }

  // ---- the chart

  private int end() {
    int last = schedule.finish();
    for (OrderView.OpeningView o : openings(last)) {
      last = Math.max(last, o.to());
    }
    return last;
  }

  private List<OrderView.OpeningView> openings() {
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

  private List<OrderView.DayView> days() {
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
    return problem.work().step(placed.stepId());
  }

  private List<OrderView.RowView> rows() {
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
    int slack = latest.get(placed.stepId()) - placed.from();
    Instant from = problem.instant(placed.from());
    boolean done = task.past().containsKey(step.id());
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
            : slack > 0
                ? Words.say("order.slack", Clockwork.span(slack))
                : Words.say("order.noSlack"),
        Clockwork.span(step.handsOn()),
        Times.minutes(step.handsOn()),
        !words.piece(step.pieceId()).piece().plan().order().takes().containsKey(step.key()),
        waits(placed, step));
  }

  private List<OrderView.WaitView> waits(Placed placed, WorkStep step) {
    List<OrderView.WaitView> waits = new ArrayList<>();
    for (Link link : problem.work().links()) {
      if (!link.from().equals(step.id()) || link.atLeast().isEmpty() && link.atMost().isEmpty()) {
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

  // ---- beside the chart

  private List<OrderView.VisitView> visits() {
    Map<LocalDate, List<Placed>> days = new TreeMap<>();
    for (Placed p : schedule.steps()) {
      if (!task.past().containsKey(p.stepId())) {
        days.computeIfAbsent(
                clock.at(problem.instant(p.from())).toLocalDate(), d -> new ArrayList<>())
            .add(p);
      }
    }
    List<OrderView.VisitView> visits = new ArrayList<>();
    days.forEach(
        (day, steps) -> {
          int from = steps.stream().mapToInt(Placed::from).min().orElseThrow();
          int to = steps.stream().mapToInt(Placed::to).max().orElseThrow();
          Instant begins = problem.instant(from);
          Set<String> what = new LinkedHashSet<>();
          steps.forEach(s -> what.add(Words.lower(words.brief(step(s)))));
          visits.add(
              new OrderView.VisitView(
                  from,
                  to,
                  Words.say(
                      "order.fromTo",
                      clock.day(begins, task.begin()),
                      clock.time(begins),
                      clock.time(problem.instant(to))),
                  String.join(", ", what)));
        });
    return visits;
  }

  /** The chain in words; of what follows at once, only the first and the last. */
  private List<OrderView.ReasonView> reasons() {
    List<OrderView.ReasonView> reasons = new ArrayList<>();
    Set<String> said = new HashSet<>();
    for (Chain.ChainLink link : chain.links()) {
      Placed placed = schedule.of(link.stepId()).orElseThrow();
      Instant from = problem.instant(placed.from());
      String text =
          Words.say(
              "order.why." + link.why(),
              words.full(step(placed)),
              clock.dayAndTime(from, task.begin()),
              link.after()
                  .flatMap(schedule::of)
                  .map(a -> words.full(step(a)))
                  .map(Words::lower)
                  .orElse(""),
              link.after()
                  .flatMap(schedule::of)
                  .map(a -> Clockwork.span(Math.max(0, link.ready() - a.to())))
                  .orElse(""),
              clock.dayAndTime(problem.instant(Math.max(0, link.ready())), task.begin()));
      if (said.add(text)) {
        reasons.add(new OrderView.ReasonView(link.stepId(), text));
      }
    }
    return reasons;
  }

  private OrderView.OrderFindingView finding(OrderFinding f) {
    List<Object> all = new ArrayList<>();
    all.add(words.full(problem.work().step(f.stepId())));
    all.add(f.other().isEmpty() ? "" : Words.lower(words.full(problem.work().step(f.other()))));
    f.times().forEach(t -> all.add(Clockwork.span(t)));
    Placed placed = schedule.of(f.stepId()).orElseThrow();
    while (all.size() < 4) {
      all.add("");
    }
    all.add(clock.dayAndTime(problem.instant(placed.from()), task.begin()));
    return new OrderView.OrderFindingView(
        f.rule().name(),
        f.rule().level(),
        f.stepId(),
        Words.say("order.found." + f.rule(), all.toArray()),
        Words.say("order.found." + f.rule() + ".why"));
  }
}
