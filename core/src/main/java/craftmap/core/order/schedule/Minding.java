package craftmap.core.order.schedule;

import craftmap.core.order.bench.Openings;
import craftmap.core.order.climate.DryingLaw;
import craftmap.core.order.finding.OrderFinding;
import craftmap.core.order.finding.OrderFinding.Rule;
import craftmap.core.order.finding.OrderMend;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.Dry;
import craftmap.core.order.work.Material;
import craftmap.core.order.work.Thing;
import craftmap.core.order.work.WorkStep;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Looks for what a schedule asks one to mind. */
public final class Minding {
  /** A window shorter than this has one stand by. */
  static final Duration SHORT = Duration.ofMinutes(60);

  /** So many times as long as the label says is told, where it is for hours. */
  static final double SLOW = 1.5;

  static final Duration LONG = Duration.ofHours(3);

  /** Damper than this, labels are not to be trusted to the minute. */
  static final double DAMP_PERCENT = 60;

  /** What is dry this shortly before the next may be soft. */
  static final Duration BARELY = Duration.ofMinutes(15);

  private static final int DAY = 24 * 60;

  /** So far ahead a warmer hour is looked for. */
  private static final int HOURS_AHEAD = 24 * 14;

  /** Whether it could be begun sooner is looked at every so many minutes. */
  private static final int LOOKS_EVERY = 5;

  private final Problem problem;
  private final Schedule schedule;
  private final int now;
  private final Map<Integer, Placed> placed = new HashMap<>();
  private final List<OrderFinding> found = new ArrayList<>();

  private Minding(Problem problem, Schedule schedule, int now) {
    this.problem = problem;
    this.schedule = schedule;
    this.now = now;
    for (int i = 0; i < problem.size(); i++) {
      placed.put(i, schedule.of(step(i).id()).orElseThrow());
    }
  }

  /** The worst first, then in the order of time. */
  public static List<OrderFinding> of(Problem problem, Schedule schedule, int now) {
    Minding minding = new Minding(problem, schedule, now);
    for (int i = 0; i < problem.size(); i++) {
      minding.look(i);
      for (Problem.Follow f : problem.after(i)) {
        minding.window(f);
        minding.held(f);
        minding.wait(f);
      }
    }
    minding.keepsADay();
    minding.findsNoRoom();
    return sorted(schedule, minding.found);
  }

  /** The worst first, then in the order of time. */
  public static List<OrderFinding> sorted(Schedule schedule, List<OrderFinding> found) {
    return found.stream()
        .sorted(
            Comparator.comparing((OrderFinding f) -> f.rule().level())
                .reversed()
                .thenComparing(f -> schedule.of(f.stepId()).orElseThrow().from())
                .thenComparing(OrderFinding::stepId)
                .thenComparing(OrderFinding::rule))
        .toList();
  }

  private WorkStep step(int number) {
    return problem.work().steps().get(number);
  }

  private static Duration minutes(int minutes) {
    return Duration.ofMinutes(minutes);
  }

  // ---- a step by itself

  private void look(int i) {
    Placed at = placed.get(i);
    if (problem.isDone(i)) {
      return;
    }
    if (at.to() < now) {
      found.add(
          OrderFinding.of(Rule.LATE, at.stepId(), "", minutes(now - at.to()))
              .mended(new OrderMend.FromNow()));
    }
    fixed(i, at);
    batch(i, at);
    workable(i, at);
    cold(i, at);
  }

  private void fixed(int i, Placed at) {
    int wanted = problem.fixed(i).orElse(at.from());
    if (wanted == at.from()) {
      return;
    }
    Optional<Problem.Follow> wet =
        problem.before(i).stream()
            .filter(f -> f.atLeast().isPresent())
            .filter(f -> problem.ready(f, placed.get(f.from()).to()) > wanted)
            .max(Comparator.comparingInt(f -> problem.ready(f, placed.get(f.from()).to())));
    Rule rule = wet.isPresent() ? Rule.FIXED_TOO_SOON : Rule.FIXED_MOVED;
    String before = wet.map(f -> step(f.from()).id()).orElse("");
    found.add(
        OrderFinding.of(rule, at.stepId(), before, minutes(at.from() - wanted))
            .mended(
                new OrderMend.BeginAt(at.stepId(), at.from()),
                new OrderMend.LeaveOpen(at.stepId())));
  }

  /** A mix is used up while it is thin: what takes longer is mixed in parts. */
  private void batch(int i, Placed at) {
    step(i).material().batch().ifPresent(b -> inTime(Rule.POT_LIFE, i, at, b));
  }

  private void workable(int i, Placed at) {
    Rule rule = step(i).doing() == Doing.COAT ? Rule.BLEND_WET : Rule.EMBOSS_WET;
    step(i).material().workable().ifPresent(w -> inTime(rule, i, at, w));
  }

  private void inTime(Rule rule, int i, Placed at, Dry open) {
    int aside = (int) step(i).material().aside().toMinutes();
    int takes = problem.duration(i) - aside;
    int most = problem.lasts(open, at.from());
    if (takes <= most) {
      return;
    }
    OrderFinding late = OrderFinding.of(rule, at.stepId(), "", minutes(takes), minutes(most));
    // in parts it is done at other hours: as many as it takes at the worst of them
    int least = most;
    for (int m = at.from(); m < at.from() + DAY && m < problem.minutes(); m += 60) {
      least = Math.min(least, problem.lasts(open, m));
    }
    String whole = step(i).wholeId();
    int all = 0;
    for (int k = 0; k < problem.size(); k++) {
      all += step(k).wholeId().equals(whole) ? problem.duration(k) : 0;
    }
    found.add(
        least > 0
            ? late.mended(new OrderMend.InParts(at.stepId(), Math.ceilDiv(all - aside, least)))
            : late);
  }

  /** A film that gets too cold before it is touch-dry does not close. */
  private void cold(int i, Placed at) {
    double least = step(i).material().minimumCelsius();
    if (least == Material.ANY_COLD) {
      return;
    }
    int ready = 0;
    for (Problem.Follow f : problem.before(i)) {
      ready = Math.max(ready, problem.ready(f, placed.get(f.from()).to()));
    }
    int open = problem.openings(at.person()).earliest(ready, problem.duration(i));
    if (open < at.from()
        && open >= problem.notBefore()
        && !problem.allows(i, open)
        && problem.earliest(i, ready) == at.from()) {
      found.add(OrderFinding.of(Rule.WAITS_FOR_WARMTH, at.stepId(), "", minutes(at.from() - open)));
    }
    if (staysWarm(i, at.from())) {
      return;
    }
    OrderFinding cold =
        OrderFinding.of(
            Rule.COLD_NIGHT, at.stepId(), "", minutes(problem.movable(i, at.to()) - at.to()));
    found.add(
        warmBeginning(i, at)
            .map(m -> cold.mended(new OrderMend.BeginAt(at.stepId(), m)))
            .orElse(cold));
  }

  private boolean staysWarm(int i, int begin) {
    int end = begin + problem.duration(i);
    int dry = Math.min(problem.movable(i, end), problem.minutes());
    double least = step(i).material().minimumCelsius();
    for (int m = end; m < dry; m++) {
      if (problem.climate(m).celsius() < least) {
        return false;
      }
    }
    return true;
  }

  private Optional<Integer> warmBeginning(int i, Placed at) {
    int by = Math.min(problem.minutes(), at.from() + HOURS_AHEAD * 60);
    for (int from = at.from() + 1; from < by; ) {
      int begin = problem.earliest(i, from);
      if (begin >= Math.min(by, Openings.NEVER)) {
        break;
      }
      if (staysWarm(i, begin)) {
        return Optional.of(begin);
      }
      from = begin + 15;
    }
    return Optional.empty();
  }

  // ---- one step after another

  private void window(Problem.Follow f) {
    if (f.link().atMost().isEmpty()) {
      return;
    }
    Placed step = placed.get(f.from());
    Placed next = placed.get(f.to());
    int from = step.to();
    int fresh = problem.until(f.link(), from).orElseThrow();
    boolean missed = problem.isDone(f.to()) ? next.from() > fresh : f.missed() || now > fresh;
    if (missed && problem.isDone(f.from())) {
      OrderFinding late =
          OrderFinding.of(Rule.WINDOW_MISSED, next.stepId(), step.stepId(), minutes(fresh - from));
      found.add(problem.isDone(f.to()) ? late : late.mended(new OrderMend.DoAgain(step.stepId())));
    } else if (!problem.isDone(f.to()) && fresh - from < SHORT.toMinutes()) {
      found.add(
          OrderFinding.of(Rule.SHORT_WINDOW, next.stepId(), step.stepId(), minutes(fresh - from)));
    }
  }

  /**
   * What could be begun sooner, were it not that nobody would be there for what has to follow it:
   * whenever before it somebody had time for it.
   */
  private void held(Problem.Follow f) {
    if (f.atMost().isEmpty() || problem.isDone(f.from())) {
      return;
    }
    Placed at = placed.get(f.from());
    int ready = 0;
    for (Problem.Follow b : problem.before(f.from())) {
      ready = Math.max(ready, problem.ready(b, placed.get(b.from()).to()));
    }
    int first = -1;
    for (int begin = problem.earliest(f.from(), ready);
        begin < at.from();
        begin = problem.earliest(f.from(), begin + LOOKS_EVERY)) {
      if (!isFree(f.from(), begin)) {
        continue;
      }
      int end = begin + problem.duration(f.from());
      if (problem.earliest(f.to(), problem.ready(f, end)) <= problem.fresh(f, end)) {
        return; // it could have been begun then: it is something else that it waits for
      }
      first = first < 0 ? begin : first;
    }
    if (first >= 0) {
      int end = first + problem.duration(f.from());
      found.add(
          OrderFinding.of(
              Rule.HELD_FOR_WINDOW,
              at.stepId(),
              placed.get(f.to()).stepId(),
              minutes(at.from() - first),
              minutes(problem.fresh(f, end) - end)));
    }
  }

  /** Whether somebody has time for it then, and its place and its tools are free. */
  private boolean isFree(int step, int begin) {
    int end = begin + problem.duration(step);
    for (int[] set : problem.exclusions().of(step)) {
      for (int other : set) {
        Placed o = placed.get(other);
        if (other != step && o.from() < end && o.to() > begin) {
          return false;
        }
      }
    }
    String own = placed.get(step).stepId();
    for (int p = 0; p < problem.people(); p++) {
      int person = p;
      if (problem.earliest(step, p, begin) == begin
          && schedule.steps().stream()
              .noneMatch(
                  s ->
                      s.person() == person
                          && !s.stepId().equals(own)
                          && s.from() < end
                          && s.to() > begin)) {
        return true;
      }
    }
    return false;
  }

  private void wait(Problem.Follow f) {
    if (f.atLeast().isEmpty()) {
      return;
    }
    Dry wait = f.atLeast().get();
    Placed step = placed.get(f.from());
    Placed next = placed.get(f.to());
    int from = step.to();
    int ready = problem.ready(f, from);
    if (problem.isDone(f.to())) {
      if (problem.isDone(f.from()) && next.from() < ready) {
        found.add(
            OrderFinding.of(
                Rule.DONE_TOO_SOON, next.stepId(), step.stepId(), minutes(ready - next.from())));
      }
      return;
    }
    if (ready - from >= SLOW * wait.label().toMinutes() && ready - from >= LONG.toMinutes()) {
      found.add(
          OrderFinding.of(
              Rule.SLOW_TO_DRY, step.stepId(), next.stepId(), minutes(ready - from), wait.label()));
    }
    boolean unsure =
        wait.law() == DryingLaw.WATER
            && problem.climate(Math.min(ready, problem.minutes())).dampPercent() > DAMP_PERCENT;
    int barely = (int) BARELY.toMinutes();
    if (unsure && next.from() - ready < barely) {
      OrderFinding soft =
          OrderFinding.of(
              Rule.BARELY_DRY, next.stepId(), step.stepId(), minutes(next.from() - ready));
      int later = problem.earliest(f.to(), ready + barely);
      boolean inTime =
          problem.before(f.to()).stream()
              .allMatch(b -> later <= problem.fresh(b, placed.get(b.from()).to()));
      found.add(
          inTime && later < problem.minutes()
              ? soft.mended(new OrderMend.BeginAt(next.stepId(), later))
              : soft);
    }
  }

  // ---- where it dries

  /** Told once of each thing, where it is wet first. */
  private void findsNoRoom() {
    Set<Thing> told = new HashSet<>();
    for (Placed at : schedule.steps()) {
      int step = problem.number(at.stepId());
      if (problem.isDone(step)) {
        continue;
      }
      List<Thing> things = problem.room().homeless(step).stream().filter(told::add).toList();
      if (!things.isEmpty()) {
        found.add(
            OrderFinding.of(Rule.NO_PLACE_TO_DRY, at.stepId(), "")
                .about(things)
                .counting(things.size()));
      }
    }
  }

  // ---- what is mixed for a day

  private void keepsADay() {
    Map<List<String>, List<Placed>> uses = new LinkedHashMap<>();
    for (Placed at : schedule.steps()) {
      WorkStep step = problem.step(at.stepId());
      if (step.material().keepsADay() && at.from() >= problem.notBefore()) {
        uses.computeIfAbsent(
                List.of(step.pieceId(), step.material().mediumId()), k -> new ArrayList<>())
            .add(at);
      }
    }
    for (List<Placed> each : uses.values()) {
      Set<Integer> days = new HashSet<>();
      each.forEach(p -> days.add(problem.openings(p.person()).day(p.from())));
      if (days.size() > 1) {
        found.add(
            OrderFinding.of(Rule.CASEIN_FRESH, each.getFirst().stepId(), "").counting(days.size()));
      }
    }
  }
}
