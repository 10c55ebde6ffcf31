package craftmap.server.order;

import craftmap.core.coats.BandReading;
import craftmap.core.coats.Habits;
import craftmap.core.order.bench.Bench;
import craftmap.core.order.bench.Openings;
import craftmap.core.order.bench.Person;
import craftmap.core.order.schedule.CpScheduler;
import craftmap.core.order.schedule.ListScheduler;
import craftmap.core.order.schedule.Placed;
import craftmap.core.order.schedule.Problem;
import craftmap.core.order.schedule.Schedule;
import craftmap.core.order.schedule.Scheduler;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.Plan;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.order.AskedOrder;
import craftmap.core.plan.reading.PlanReading;
import craftmap.server.bench.Benches;
import craftmap.server.changes.WorkedOut;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Studio;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import craftmap.server.writing.Solves;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Puts the steps of pieces into days. */
@Service
class Orders {
  /** Looked at first, and where it does not go in that. */
  static final int DAYS_LOOKED_AT = 30;

  private static final List<Integer> DAYS = List.of(DAYS_LOOKED_AT, 120);

  /** Looked at where something was fixed to a day that is farther off. */
  private static final int DAYS_FOR_WHAT_IS_FIXED = 400;

  /** Of more pieces, those that are wanted last are not looked at for what is left to do. */
  private static final int MOST_LOOKED_AT = 60;

  /** Each knows of every minute of a month how far things have dried: about a megabyte. */
  private static final int MOST_KEPT = 48;

  /** What the solver may do about a schedule that is asked for, and about one beside it. */
  private static final double WORK = 0.3;

  private static final double WORK_BESIDE = 0.06;

  /** So many steps are put into days while somebody waits; of more, a job looks on. */
  static final int WHILE_ONE_WAITS = 120;

  private static final int ROUNDS_OF_MANY = 500;
  private static final int ROUNDS = 500;
  private static final int ROUNDS_BESIDE = 400;
  private static final long SEED = 1;

  private final Pieces pieces;
  private final PlanReadings readings;
  private final Benches benches;
  private final FoundOrders found;
  private final ToldOrders told;
  private final Clock clock;
  private final WorkedOut<Question, Optional<Solved>> schedules = new WorkedOut<>(MOST_KEPT);

  Orders(
      Pieces pieces,
      PlanReadings readings,
      Benches benches,
      FoundOrders found,
      ToldOrders told,
      Clock clock) {
    this.pieces = pieces;
    this.readings = readings;
    this.benches = benches;
    this.found = found;
    this.told = told;
    this.clock = clock;
  }

  private record Question(
      Work work, Bench bench, Instant begin, Problem.Settled settled, double solver) {}

  /** A schedule, and what it was made for. */
  record Solved(Problem problem, Schedule schedule) {
    /** When the piece itself is ready; those worked on in between may take longer. */
    Instant ready(Task task) {
      return ready(task.piece().piece().id());
    }

    /** When each step begins, by its id. */
    Map<String, Instant> begins() {
      Map<String, Instant> begins = new HashMap<>();
      schedule.steps().forEach(p -> begins.put(p.stepId(), problem.instant(p.from())));
      return begins;
    }

    /** How good it is: nothing can be sooner, or by how much it might be. */
    String proof() {
      return schedule.isProven()
          ? Words.say("order.proven")
          : Words.say("order.bound", Clockwork.span(schedule.finish() - schedule.least()));
    }

    Instant ready(String pieceId) {
      return problem.instant(
          schedule.steps().stream()
              .filter(s -> problem.step(s.stepId()).pieceId().equals(pieceId))
              .mapToInt(Placed::to)
              .max()
              .orElse(schedule.finish()));
    }
  }

  /** A piece that is worked on. */
  record Worked(SavedPlan piece, PlanReading reading, CoatsReading coats, AskedOrder asked) {
    Plan plan() {
      return piece.plan();
    }

    /** What all its coats take. */
    double ml() {
      return coats.groups().stream()
          .flatMap(g -> g.bands().stream())
          .mapToDouble(BandReading::ml)
          .sum();
    }
  }

  /**
   * What is to be put into days.
   *
   * @param worked the piece itself, and those worked on in between
   * @param settled what is done, and what is fixed
   * @param now the time it is
   */
  record Task(
      Studio studio,
      List<Worked> worked,
      Work work,
      Bench bench,
      Instant begin,
      Problem.Settled settled,
      Instant now) {
    Task at(Bench other) {
      return new Task(studio, worked, work, other, begin, settled, now);
    }

    Task from(Instant other) {
      return new Task(studio, worked, work, bench, other, settled, now);
    }

    Task of(Work other) {
      return new Task(studio, worked, other, bench, begin, settled, now);
    }

    Worked piece() {
      return worked.getFirst();
    }

    /** Whether it is more than is put into days as well as it can be while somebody waits. */
    boolean isLong() {
      return work.steps().size() > WHILE_ONE_WAITS;
    }

    boolean isDone(String stepId) {
      return settled.past().containsKey(stepId);
    }

    /** Planned anew, after it was told when steps begin. */
    Task told(Map<String, Instant> before) {
      return new Task(studio, worked, work, bench, begin, settled.told(before), now);
    }

    /** With a step that is to begin at a time, be it fixed to another already. */
    Task fixing(String stepId, Instant at) {
      Map<String, Instant> fixed = new HashMap<>(settled.fixed());
      fixed.put(stepId, at);
      return new Task(studio, worked, work, bench, begin, settled.fixing(fixed), now);
    }
  }

  /** A piece as it is saved, with what it is worked on together with. */
  Task task(Studio studio, String pieceId) {
    return task(studio, pieces.get(studio, pieceId));
  }

  @Solves
  Task task(Studio studio, SavedPlan piece) {
    List<SavedPlan> all = new ArrayList<>(List.of(piece));
    for (String other : piece.plan().order().together()) {
      find(studio, other).filter(o -> !o.id().equals(piece.id())).ifPresent(all::add);
    }
    List<Worked> worked = new ArrayList<>();
    for (SavedPlan each : all) {
      worked.add(worked(studio, each, each.plan()));
    }
    Instant now = clock.instant();
    Bench bench = benches.of(studio);
    Task task = task(studio, worked, bench, begin(piece.plan(), bench, now), now);
    return toldBefore(task).map(t -> task.told(t.begins())).orElse(task);
  }

  /** What was told of it before it was planned anew; none where nothing was. */
  Optional<ToldOrders.Told> toldBefore(Task task) {
    return told.find(task.studio(), task.piece().piece().id())
        .flatMap(t -> t.before(found.question(task)));
  }

  /** The order is told: when it has to be planned anew, that is what it keeps to. */
  void tell(Task task, Solved solved) {
    told.tell(task.studio(), task.piece().piece(), found.question(task), solved);
  }

  /**
   * Everything that is left to do in the studio, from today on.
   *
   * @param task none where nothing is left
   * @param leftOut how many pieces are too many to be woven together: those that are wanted first
   *     are, then those that are begun, then those that were looked after last
   */
  record Everything(Optional<Task> task, int leftOut) {}

  @Solves
  Everything all(Studio studio) {
    Instant now = clock.instant();
    Bench bench = benches.of(studio);
    List<SavedPlan> sorted =
        pieces.all(studio, false).stream()
            .sorted(
                Comparator.comparing(
                        (SavedPlan p) -> p.plan().order().promised().orElse(LocalDate.MAX))
                    .thenComparing(p -> !p.plan().order().isBegun())
                    .thenComparing(Comparator.comparing(SavedPlan::savedAt).reversed())
                    .thenComparing(SavedPlan::id))
            .toList();
    List<Worked> worked = new ArrayList<>();
    int leftOut = 0;
    int looked = 0;
    Instant first = Instant.MAX;
    for (SavedPlan each : sorted) {
      looked++;
      if (worked.size() == Ordering.MOST_TOGETHER || looked > MOST_LOOKED_AT) {
        leftOut++;
        continue;
      }
      Worked one = worked(studio, each, each.plan());
      Map<String, Ordering.Done> done = AskedOrder.done(each.id(), each.plan().order());
      if (one.asked().work().steps().stream().anyMatch(s -> !done.containsKey(s.id()))) {
        worked.add(one);
        Instant begin = begin(each.plan(), bench, now);
        first = begin.isBefore(first) ? begin : first;
      }
    }
    if (worked.isEmpty()) {
      return new Everything(Optional.empty(), 0);
    }
    // the same whatever was saved last: it is asked for again after each edit
    worked.sort(Comparator.comparing(w -> w.piece().id()));
    Instant today = now.atZone(bench.zone()).toLocalDate().atStartOfDay(bench.zone()).toInstant();
    return new Everything(
        Optional.of(task(studio, worked, bench, first.isBefore(today) ? today : first, now)),
        leftOut);
  }

  @Solves
  Worked worked(Studio studio, SavedPlan piece, Plan plan) {
    PlanReading reading = readings.read(studio, plan);
    CoatsReading coats = readings.coats(studio, plan);
    return new Worked(
        piece, reading, coats, AskedOrder.of(piece.id(), plan.order(), reading, coats));
  }

  private static Task task(
      Studio studio, List<Worked> worked, Bench bench, Instant begin, Instant now) {
    Work work = Work.NONE;
    Map<String, Problem.Past> past = new HashMap<>();
    Map<String, Instant> fixed = new HashMap<>();
    Map<String, Instant> begun = new HashMap<>();
    for (Worked each : worked) {
      each.plan()
          .order()
          .begins()
          .map(b -> b.atZone(bench.zone()).toInstant())
          .filter(begin::isBefore)
          .ifPresent(b -> begun.put(each.piece().id(), b));
      work = work.and(each.asked().work());
      AskedOrder.done(each.piece().id(), each.piece().plan().order())
          .forEach((step, d) -> past.put(step, new Problem.Past(d.at().minus(d.took()), d.at())));
      each.asked()
          .begins()
          .forEach((step, at) -> fixed.put(step, at.atZone(bench.zone()).toInstant()));
    }
    Set<String> known = work.steps().stream().map(WorkStep::id).collect(Collectors.toSet());
    past.keySet().retainAll(known);
    return new Task(
        studio, worked, work, bench, begin, new Problem.Settled(past, fixed, begun, Map.of()), now);
  }

  private Optional<SavedPlan> find(Studio studio, String id) {
    try {
      return Optional.of(pieces.get(studio, id)).filter(p -> !p.archived());
    } catch (NoSuchElementException gone) {
      return Optional.empty();
    }
  }

  /** The steps of a piece whose coats follow another school. */
  @Solves
  Task with(Task task, Habits habits) {
    SavedPlan piece = task.piece().piece();
    Plan plan = piece.plan();
    List<Worked> worked = new ArrayList<>(task.worked());
    worked.set(0, worked(task.studio(), piece, plan.with(plan.coats().with(habits))));
    return task(task.studio(), worked, task.bench(), task.begin(), task.now())
        .told(task.settled().told());
  }

  /** When it was said to begin; else the next time that somebody comes. */
  private static Instant begin(Plan plan, Bench bench, Instant now) {
    return plan.order()
        .begins()
        .map(b -> b.atZone(bench.zone()).toInstant())
        .orElseGet(() -> nextComing(bench, now));
  }

  private static Instant nextComing(Bench bench, Instant at) {
    Instant now = at.truncatedTo(ChronoUnit.MINUTES);
    int next = Openings.NEVER;
    for (Person person : bench.people()) {
      next =
          Math.min(
              next,
              Openings.of(person, bench.zone(), now, 60 * 24 * 30).all().stream()
                  .mapToInt(Openings.Opening::from)
                  // what has begun already is cut off at nothing
                  .filter(from -> from > 0)
                  .findFirst()
                  .orElse(Openings.NEVER));
    }
    return next == Openings.NEVER ? now : now.plusSeconds(60L * next);
  }

  /**
   * The best that is known; of many steps what was searched for, where that is better. None where
   * it does not go in the time that is looked at.
   */
  @Solves
  Optional<Solved> schedule(Task task) {
    Optional<Solved> quick = quick(task, WORK);
    if (quick.isEmpty() || !task.isLong()) {
      return quick;
    }
    Solved q = quick.get();
    return found
        .find(task.studio(), found.question(task), q.problem())
        .map(FoundOrders.FoundDoc::schedule)
        .filter(s -> !q.schedule().isBetterThan(s, q.problem()))
        .map(s -> new Solved(q.problem(), s))
        .or(() -> quick);
  }

  /** Found quickly: to be set beside {@link #comparable}. */
  @Solves
  Optional<Solved> beside(Task task) {
    return quick(task, WORK_BESIDE);
  }

  /**
   * What another way is set beside: of many steps nothing that was searched for, or every other way
   * would seem later for not having been.
   */
  @Solves
  Optional<Solved> comparable(Task task) {
    return task.isLong() ? beside(task) : schedule(task);
  }

  private Optional<Solved> quick(Task task, double work) {
    return schedules.of(
        new Question(task.work(), task.bench(), task.begin(), task.settled(), work),
        () -> solve(task, work));
  }

  private static List<Integer> days(Task task) {
    return isFarOff(task) ? List.of(DAYS_FOR_WHAT_IS_FIXED) : DAYS;
  }

  /** Whether something was fixed to a day that would not leave the rest a month to go in. */
  private static boolean isFarOff(Task task) {
    Instant last = task.begin().plus(DAYS.getLast() - DAYS.getFirst(), ChronoUnit.DAYS);
    return Stream.concat(
            task.settled().fixed().values().stream(), task.settled().begun().values().stream())
        .anyMatch(last::isBefore);
  }

  private static Scheduler scheduler(Task task, double work) {
    // of so many minutes as there are in a year, a solver would have to be told too much
    if (task.isLong() || isFarOff(task)) {
      return new ListScheduler(work == WORK ? ROUNDS_OF_MANY : ROUNDS_OF_MANY / 4, SEED);
    }
    return new CpScheduler(new ListScheduler(work == WORK ? ROUNDS : ROUNDS_BESIDE, SEED), work);
  }

  private static Optional<Solved> solve(Task task, double work) {
    for (int days : days(task)) {
      Problem problem = new Problem(task.work(), task.bench(), task.begin(), days, task.settled());
      Optional<Schedule> schedule = scheduler(task, work).schedule(problem);
      if (schedule.isPresent()) {
        return schedule.map(s -> new Solved(problem, s));
      }
    }
    return Optional.empty();
  }
}
