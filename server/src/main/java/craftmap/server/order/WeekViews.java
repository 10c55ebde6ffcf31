package craftmap.server.order;

import craftmap.core.measure.Level;
import craftmap.core.order.bench.Hours;
import craftmap.core.order.bench.Person;
import craftmap.core.order.finding.OrderFinding;
import craftmap.core.order.schedule.Placed;
import craftmap.core.order.schedule.Problem;
import craftmap.core.order.schedule.Promised;
import craftmap.core.order.schedule.Schedule;
import craftmap.core.order.work.Dry;
import craftmap.core.order.work.WorkStep;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Says what a schedule of all pieces comes to, day by day. */
final class WeekViews {
  private static final int DAYS = 7;

  /** Who has nothing to do for no longer than this stays with the piece. */
  private static final int PAUSE_MINUTES = 5;

  private final Orders.Task task;
  private final Orders.Solved solved;
  private final Problem problem;
  private final Schedule schedule;
  private final StepWords words;
  private final Clockwork clock;
  private final List<Orders.Worked> pieces;

  WeekViews(Orders.Task task, Orders.Solved solved) {
    this.task = task;
    this.solved = solved;
    this.problem = solved.problem();
    this.schedule = solved.schedule();
    this.words = new StepWords(task.worked());
    this.clock = new Clockwork(task.bench().zone());
    Map<String, Instant> ready = new HashMap<>();
    task.worked().forEach(w -> ready.put(w.piece().id(), solved.ready(w.piece().id())));
    this.pieces =
        task.worked().stream()
            .sorted(
                Comparator.comparing((Orders.Worked w) -> ready.get(w.piece().id()))
                    .thenComparing(w -> w.piece().id()))
            .toList();
  }

  /** Where there is nothing to do, or where it does not go. */
  static WeekView without(Optional<Orders.Task> asked, LocalDate from) {
    return new WeekView(
        from.toString(),
        asked.isEmpty(),
        Words.say(asked.isEmpty() ? "week.nothing" : "order.impossible"),
        asked
            .map(t -> Words.say("order.impossible.why", Clockwork.span(t.work().handsOn())))
            .orElseGet(() -> Words.say("week.nothing.why")),
        "",
        false,
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        null);
  }

  WeekView view(LocalDate from, int leftOut) {
    List<WeekView.WeekDayView> days = new ArrayList<>();
    for (int d = 0; d < DAYS; d++) {
      days.add(day(from.plusDays(d)));
    }
    Duration week =
        left()
            .filter(p -> isWithin(p, from))
            .map(p -> Duration.ofMinutes(p.to() - p.from()))
            .reduce(Duration.ZERO, Duration::plus);
    String ready = clock.dayAndTime(problem.instant(schedule.finish()), task.now());
    return new WeekView(
        from.toString(),
        true,
        Words.say("week.title", week.isZero() ? 0 : 1, Clockwork.span(week)),
        Words.say("week.summary", pieces.size(), ready, leftOut),
        solved.proof(),
        task.isLong() && !schedule.isProven(),
        task.bench().people().stream().map(Person::name).toList(),
        days,
        pieces.stream().map(this::piece).toList(),
        findings(),
        clock.at(problem.instant(schedule.finish())).toLocalDate().toString());
  }

  /** Each piece with what is next on it. */
  List<WeekView.WeekPieceView> nexts() {
    return pieces.stream().map(this::piece).toList();
  }

  private Stream<Placed> left() {
    return schedule.steps().stream().filter(p -> !task.isDone(p.stepId()));
  }

  private boolean isWithin(Placed p, LocalDate from) {
    LocalDate day = clock.at(problem.instant(p.from())).toLocalDate();
    return !day.isBefore(from) && day.isBefore(from.plusDays(DAYS));
  }

  private WorkStep step(Placed placed) {
    return problem.step(placed.stepId());
  }

  private int number(String pieceId) {
    for (int i = 0; i < pieces.size(); i++) {
      if (pieces.get(i).piece().id().equals(pieceId)) {
        return i;
      }
    }
    throw new IllegalStateException("impossible state: " + pieceId + " is not worked on");
  }

  // ---- days

  private WeekView.WeekDayView day(LocalDate date) {
    List<Placed> steps =
        schedule.steps().stream()
            .filter(p -> clock.at(problem.instant(p.from())).toLocalDate().equals(date))
            .toList();
    ZonedDateTime now = clock.at(task.now());
    Optional<String> hours = hours(date);
    return new WeekView.WeekDayView(
        date.toString(),
        clock.date(date.atStartOfDay(clock.zone()).toInstant()),
        hours.orElse(Words.say("week.nobody")),
        hours.isEmpty(),
        stints(steps),
        ripens(date),
        now.toLocalDate().equals(date) ? now.toLocalTime().toSecondOfDay() / 60 : null);
  }

  /** From the first who comes to the last who goes. */
  private Optional<String> hours(LocalDate date) {
    LocalTime from = null;
    LocalTime to = null;
    for (Person person : task.bench().people()) {
      if (person.off().contains(date)) {
        continue;
      }
      for (Hours.Stretch s : person.hours().on(date.getDayOfWeek())) {
        from = from == null || s.from().isBefore(from) ? s.from() : from;
        to = to == null || s.to().isAfter(to) ? s.to() : to;
      }
    }
    return from == null
        ? Optional.empty()
        : Optional.of(Words.say("order.times", clock.time(from), clock.time(to)));
  }

  private List<WeekView.StintView> stints(List<Placed> steps) {
    List<List<Placed>> runs = new ArrayList<>();
    for (int person = 0; person < task.bench().people().size(); person++) {
      int who = person;
      for (Placed p : steps.stream().filter(s -> s.person() == who).toList()) {
        List<Placed> last = runs.isEmpty() ? null : runs.getLast();
        boolean goesOn =
            last != null
                && last.getLast().person() == who
                && step(last.getLast()).pieceId().equals(step(p).pieceId())
                && p.from() - last.getLast().to() <= PAUSE_MINUTES;
        if (!goesOn) {
          last = new ArrayList<>();
          runs.add(last);
        }
        last.add(p);
      }
    }
    return runs.stream()
        .sorted(
            Comparator.comparingInt((List<Placed> r) -> r.getFirst().from())
                .thenComparingInt(r -> r.getFirst().person()))
        .map(this::stint)
        .toList();
  }

  private WeekView.StintView stint(List<Placed> run) {
    Placed first = run.getFirst();
    Instant from = problem.instant(first.from());
    Instant to = problem.instant(run.getLast().to());
    return new WeekView.StintView(
        number(step(first).pieceId()),
        first.person(),
        minuteOfDay(from),
        minuteOfDay(to),
        Words.say("order.times", clock.time(from), clock.time(to)),
        run.stream()
            .map(
                p ->
                    new WeekView.StintStepView(
                        p.stepId(),
                        words.full(step(p)),
                        Words.say(
                            "order.times",
                            clock.time(problem.instant(p.from())),
                            clock.time(problem.instant(p.to()))),
                        task.isDone(p.stepId())))
            .toList());
  }

  private int minuteOfDay(Instant at) {
    return clock.at(at).toLocalTime().toSecondOfDay() / 60;
  }

  /** What still dries at midnight, by piece and where. */
  private List<String> ripens(LocalDate date) {
    Instant midnight = date.plusDays(1).atStartOfDay(clock.zone()).toInstant();
    long minute = Duration.between(problem.begins(), midnight).toMinutes();
    Set<String> all = new LinkedHashSet<>();
    for (Placed p : schedule.steps()) {
      WorkStep step = step(p);
      Optional<Dry> wet = step.wet();
      if (wet.isPresent() && p.to() <= minute && problem.dryAt(p.stepId(), p.to()) > minute) {
        all.add(
            Words.say(
                "week.ripens",
                words.piece(step.pieceId()).plan().name(),
                Words.lower(words.row(step.pieceId(), step.row()))));
      }
    }
    return List.copyOf(all);
  }

  // ---- pieces

  private WeekView.WeekPieceView piece(Orders.Worked of) {
    String id = of.piece().id();
    Optional<LocalDate> wanted = of.plan().order().promised();
    Instant ready = solved.ready(id);
    String next =
        left()
            .filter(p -> step(p).pieceId().equals(id))
            .findFirst()
            .map(
                p ->
                    Words.say(
                        "order.next",
                        words.full(step(p)),
                        clock.dayAndTime(problem.instant(p.from()), task.now())))
            .orElse("");
    return new WeekView.WeekPieceView(
        id,
        of.plan().name(),
        next,
        Words.say("order.ready", clock.dayAndTime(ready, task.now())),
        wanted.map(w -> wanted(id, w.atStartOfDay(clock.zone()).toInstant())).orElse(""),
        wanted.map(w -> ready.isAfter(w.atStartOfDay(clock.zone()).toInstant())).orElse(false));
  }

  /** The day, and when it is fit to be used where that is later. */
  private String wanted(String pieceId, Instant day) {
    return Promised.of(problem, schedule, pieceId)
        .filter(p -> p.cured().isAfter(day))
        .map(p -> Words.say("week.wanted.curing", clock.date(day), clock.date(p.cured())))
        .orElseGet(() -> Words.say("week.wanted", clock.date(day)));
  }

  /** What stops, or may go wrong, on any of them. */
  private List<WeekView.WeekFindingView> findings() {
    long now = Duration.between(problem.begins(), task.now()).toMinutes();
    int minute = Math.clamp(now, -1, problem.minutes());
    return new OrderFindings(task, solved, words)
        .ofAll(minute).stream()
            .filter(f -> f.level() != Level.TIP)
            // told where the piece is: all pieces have it, where a fair is near
            .filter(f -> !f.rule().equals(OrderFinding.Rule.CURE_BEFORE_USE.name()))
            .map(
                f ->
                    new WeekView.WeekFindingView(
                        number(problem.step(f.stepId()).pieceId()),
                        f.stepId(),
                        f.level(),
                        f.text(),
                        f.why()))
            .toList();
  }
}
