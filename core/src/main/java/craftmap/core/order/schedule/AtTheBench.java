package craftmap.core.order.schedule;

import craftmap.core.order.work.WorkStep;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;

/**
 * Whoever stands at the bench: the steps that are left in their order, and what ripens meanwhile.
 */
public final class AtTheBench {
  private AtTheBench() {}

  /**
   * A step that is left.
   *
   * @param ready the minute from which it may be done, with all before it done as it is planned
   * @param until the minute until which it has to be begun
   * @param waits whether something before it is not done yet
   */
  public record Left(Placed placed, int ready, OptionalInt until, boolean waits) {}

  /** What is left to do on a piece, in the order in which it is planned. */
  public static List<Left> left(Problem problem, Schedule schedule, String pieceId) {
    List<Left> left = new ArrayList<>();
    for (int i = 0; i < problem.size(); i++) {
      WorkStep step = problem.work().steps().get(i);
      if (problem.isDone(i) || !step.pieceId().equals(pieceId)) {
        continue;
      }
      int until = Integer.MAX_VALUE;
      boolean waits = false;
      for (Problem.Follow f : problem.before(i)) {
        waits |= !problem.isDone(f.from());
        int end = schedule.of(problem.work().steps().get(f.from()).id()).orElseThrow().to();
        until = Math.min(until, problem.until(f.link(), end).orElse(Integer.MAX_VALUE));
      }
      left.add(
          new Left(
              schedule.of(step.id()).orElseThrow(),
              WhatNow.ready(problem, schedule, i),
              until == Integer.MAX_VALUE ? OptionalInt.empty() : OptionalInt.of(until),
              waits));
    }
    left.sort(
        Comparator.<Left>comparingInt(l -> l.placed().from())
            .thenComparing(l -> l.placed().stepId()));
    return left;
  }

  /**
   * Something that was done and dries, or rests.
   *
   * @param toStep what waits for it; empty where nothing does
   * @param since the minute at which it was finished
   * @param ripe the minute from which what waits may be done
   * @param until the minute until which it has to be
   */
  public record Ripening(String stepId, String toStep, int since, int ripe, OptionalInt until) {}

  /**
   * What is not ripe at a minute, or has to be followed in time; what is ripe first comes first. Of
   * several that wait for one, the one that may be done first is told.
   */
  public static List<Ripening> ripening(Problem problem, int now) {
    List<Ripening> all = new ArrayList<>();
    for (int i = 0; i < problem.size(); i++) {
      if (!problem.isDone(i)) {
        continue;
      }
      String id = problem.work().steps().get(i).id();
      int end = problem.earliest(i, 0, 0) + problem.duration(i);
      Ripening first = null;
      boolean waited = false;
      for (Problem.Follow f : problem.after(i)) {
        if (problem.isDone(f.to())) {
          continue;
        }
        waited = true;
        OptionalInt until = problem.until(f.link(), end);
        int ripe = problem.ripe(f.link(), end);
        if ((ripe > now || until.isPresent()) && (first == null || ripe < first.ripe())) {
          first = new Ripening(id, problem.work().steps().get(f.to()).id(), end, ripe, until);
        }
      }
      if (first == null && !waited && problem.movable(i, end) > now) {
        first = new Ripening(id, "", end, problem.movable(i, end), OptionalInt.empty());
      }
      if (first != null) {
        all.add(first);
      }
    }
    all.sort(Comparator.comparingInt(Ripening::ripe).thenComparing(Ripening::stepId));
    return all;
  }
}
