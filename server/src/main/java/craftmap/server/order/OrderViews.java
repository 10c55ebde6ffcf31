package craftmap.server.order;

import craftmap.core.order.bench.Person;
import craftmap.core.order.schedule.Chain;
import craftmap.core.order.schedule.Placed;
import craftmap.core.order.schedule.Problem;
import craftmap.core.order.schedule.Promised;
import craftmap.core.order.schedule.Schedule;
import craftmap.core.order.work.WorkStep;
import craftmap.server.coats.GroupNames;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
  private final Chain chain;
  private final ChartViews chart;

  OrderViews(Orders.Task task, Orders.Solved solved) {
    this.task = task;
    this.solved = solved;
    this.problem = solved.problem();
    this.schedule = solved.schedule();
    this.words = new StepWords(task.worked());
    this.clock = new Clockwork(task.bench().zone());
    this.chain = Chain.of(problem, schedule);
    this.chart = new ChartViews(task, solved, words, chain);
  }

  /** Where it goes nowhere: what there is to do, and that it does not go. */
  static OrderView impossible(Orders.Task task, List<OrderView.TogetherView> together) {
    return new OrderView(
        new Clockwork(task.bench().zone()).at(task.begin()).toLocalDateTime().toString(),
        task.piece().plan().order().begins().isPresent(),
        false,
        Words.say("order.impossible"),
        Words.say("order.impossible.why", Clockwork.span(task.work().handsOn())),
        "",
        false,
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
        task.bench().people().stream().map(Person::name).toList(),
        promised(task),
        "",
        List.of(),
        null);
  }

  /** The day on which it is wanted; absent where it is on none. */
  private static String promised(Orders.Task task) {
    return task.piece().plan().order().promised().map(LocalDate::toString).orElse(null);
  }

  /**
   * @param before what was told before it was planned anew
   */
  OrderView view(List<OrderView.TogetherView> together, Optional<ToldOrders.Told> before) {
    boolean nothing = schedule.steps().isEmpty();
    int now = now();
    return new OrderView(
        clock.at(task.begin()).toLocalDateTime().toString(),
        task.piece().plan().order().begins().isPresent(),
        true,
        title(),
        nothing ? Words.say("order.nothing.why") : summary(),
        nothing ? "" : solved.proof(),
        schedule.isProven(),
        task.isLong() && !schedule.isProven(),
        now,
        nowAt(task),
        chart.end(),
        chart.days(),
        chart.openings(),
        chart.rows(),
        visits(),
        nothing ? List.of() : reasons(),
        new OrderFindings(task, solved, words).views(now),
        together,
        task.bench().people().stream().map(Person::name).toList(),
        promised(task),
        cured(),
        groups(),
        before
            .filter(b -> task.piece().plan().order().isBegun())
            .flatMap(b -> new PlannedAnew(task, solved, words).view(b))
            .orElse(null));
  }

  /** When all of it bears what its labels promise, where that is later than it is ready. */
  private String cured() {
    return Promised.of(problem, schedule, task.piece().piece().id())
        .filter(p -> p.curedStep().isPresent())
        .map(p -> Words.say("order.cured", clock.date(p.cured())))
        .orElse("");
  }

  /** Groups that a step of one's own may be done to. */
  private List<OrderView.GroupChoiceView> groups() {
    Orders.Worked own = task.piece();
    GroupNames names = new GroupNames(own.reading());
    return own.coats().groups().stream()
        .map(g -> new OrderView.GroupChoiceView(g.group().id(), names.name(g.group())))
        .toList();
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
    boolean all = schedule.steps().stream().allMatch(s -> task.isDone(s.stepId()));
    return Words.say(
        all ? "order.done" : "order.ready", clock.dayAndTime(solved.ready(task), task.now()));
  }

  private String summary() {
    Duration hands =
        problem.work().steps().stream()
            .filter(s -> !task.isDone(s.id()))
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
        others,
        schedule.changes(problem));
  }

  // ---- beside the chart

  private List<OrderView.VisitView> visits() {
    Map<LocalDate, List<Placed>> days = new TreeMap<>();
    for (Placed p : schedule.steps()) {
      if (!task.isDone(p.stepId())) {
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

  private WorkStep step(Placed placed) {
    return problem.step(placed.stepId());
  }

  /** The chain in words; of what follows at once, only the first and the last. */
  private List<OrderView.ReasonView> reasons() {
    List<OrderView.ReasonView> reasons = new ArrayList<>();
    Set<String> said = new HashSet<>();
    for (Chain.ChainLink link : chain.links()) {
      String text = words.why(problem, schedule, link, clock, task.begin());
      if (said.add(text)) {
        reasons.add(new OrderView.ReasonView(link.stepId(), text));
      }
    }
    return reasons;
  }
}
