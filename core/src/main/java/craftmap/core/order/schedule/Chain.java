package craftmap.core.order.schedule;

import craftmap.core.order.work.Dry;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Why a schedule does not end sooner: from the last step back, what each of them waited for.
 *
 * @param links the first step first
 */
public record Chain(List<ChainLink> links) {
  public Chain {
    links = List.copyOf(links);
  }

  /** What a step waited for. */
  public enum Why {
    /** Nothing: it is the first. */
    BEGINS,
    /** What was done before has to dry. */
    DRIES,
    /** What was done before had to be finished. */
    FOLLOWS,
    /** Whoever does it did something else. */
    HANDS,
    /** Something else was done there, or with the same tool. */
    PLACE,
    /** Nobody was there, or it was too cold. */
    HOURS,
    /** The piece lay otherwise for something else, that had to dry first. */
    TURNED,
    /** There was no place where what it leaves wet could dry. */
    ROOM,
    /** The artist fixed when it begins. */
    FIXED
  }

  /**
   * One step of the chain.
   *
   * @param after the step it waited for
   * @param dry what had to dry
   * @param ready when it could have begun but for the hours
   */
  public record ChainLink(
      String stepId, Why why, Optional<String> after, Optional<Dry> dry, int ready) {}

  /** What one step waited for. */
  public static ChainLink why(Problem problem, Schedule schedule, String stepId) {
    return why(problem, schedule, schedule.of(stepId).orElseThrow());
  }

  public static Chain of(Problem problem, Schedule schedule) {
    List<ChainLink> links = new ArrayList<>();
    Optional<Placed> at =
        schedule.steps().stream()
            .max(Comparator.comparingInt(Placed::to).thenComparing(Placed::stepId));
    Set<String> seen = new HashSet<>();
    while (at.isPresent() && seen.add(at.get().stepId())) {
      ChainLink link = why(problem, schedule, at.get());
      links.addFirst(link);
      at = link.after().flatMap(schedule::of);
    }
    return new Chain(links);
  }

  private static ChainLink why(Problem problem, Schedule schedule, Placed placed) {
    int step = problem.number(placed.stepId());
    // what was ready last held it up, and of those what ended last
    Problem.Follow held = null;
    int ready = -1;
    for (Problem.Follow f : problem.before(step)) {
      Placed before = schedule.of(id(problem, f.from())).orElseThrow();
      int when = problem.ready(f, before.to());
      if (when > ready) {
        ready = when;
        held = f;
      }
    }
    Placed busy = null;
    boolean hands = false;
    for (Placed other : schedule.steps()) {
      boolean before = other.to() <= placed.from() && !other.stepId().equals(placed.stepId());
      boolean sameHands = other.person() == placed.person();
      boolean samePlace = problem.exclusions().exclude(step, problem.number(other.stepId()));
      if (before && (sameHands || samePlace) && (busy == null || other.to() > busy.to())) {
        busy = other;
        hands = !samePlace;
      }
    }
    Placed soft = null;
    int turnedAt = -1;
    for (Problem.Lying l : problem.lying(step)) {
      Placed other = schedule.of(id(problem, l.other())).orElseThrow();
      int firm = problem.firm(l.otherFirm(), other.to());
      if (other.from() < placed.from() && firm > turnedAt) {
        soft = other;
        turnedAt = firm;
      }
    }
    if (soft != null && turnedAt > Math.max(ready, busy == null ? -1 : busy.to())) {
      return new ChainLink(
          placed.stepId(), Why.TURNED, Optional.of(soft.stepId()), Optional.empty(), turnedAt);
    }
    int otherwise = Math.max(ready, busy == null ? -1 : busy.to());
    Optional<WetThings.InTheWay> wet = inTheWay(problem, schedule, placed, otherwise);
    if (wet.isPresent()) {
      return new ChainLink(
          placed.stepId(),
          Why.ROOM,
          wet.map(w -> id(problem, w.step())),
          Optional.empty(),
          wet.get().dry() - problem.duration(step));
    }
    boolean waited = Math.max(ready, busy == null ? -1 : busy.to()) >= placed.from();
    if (!waited && problem.fixed(step).orElse(-1) == placed.from()) {
      return new ChainLink(
          placed.stepId(), Why.FIXED, Optional.empty(), Optional.empty(), placed.from());
    }
    if (busy != null && busy.to() > ready && ready < placed.from()) {
      // held up by the hours after that, and not by the hands
      boolean gap = busy.to() < placed.from();
      return new ChainLink(
          placed.stepId(),
          gap ? Why.HOURS : hands ? Why.HANDS : Why.PLACE,
          Optional.of(busy.stepId()),
          Optional.empty(),
          busy.to());
    }
    if (held == null) {
      return new ChainLink(
          placed.stepId(), Why.BEGINS, Optional.empty(), Optional.empty(), placed.from());
    }
    Why why =
        ready < placed.from() ? Why.HOURS : held.atLeast().isPresent() ? Why.DRIES : Why.FOLLOWS;
    return new ChainLink(
        placed.stepId(), why, Optional.of(id(problem, held.from())), held.atLeast(), ready);
  }

  /** What lay where there would have been room for it, had it begun as soon as it could have. */
  private static Optional<WetThings.InTheWay> inTheWay(
      Problem problem, Schedule schedule, Placed placed, int ready) {
    int step = problem.number(placed.stepId());
    int sooner = problem.earliest(step, placed.person(), Math.max(0, ready));
    if (!problem.room().mayRunOut() || problem.isDone(step) || sooner >= placed.from()) {
      return Optional.empty();
    }
    return WetThings.of(problem, schedule, step)
        .inTheWay(step, sooner + problem.duration(step))
        .filter(w -> w.step() != step);
  }

  private static String id(Problem problem, int step) {
    return problem.work().steps().get(step).id();
  }
}
