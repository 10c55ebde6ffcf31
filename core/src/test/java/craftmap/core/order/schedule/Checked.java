package craftmap.core.order.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.order.bench.Hours;
import craftmap.core.order.bench.Person;
import craftmap.core.order.climate.DryingLaw;
import craftmap.core.order.work.Apart;
import craftmap.core.order.work.Dry;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.Material;
import craftmap.core.order.work.Thing;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * Looks whether a schedule can be worked, by the clock on the wall and minute by minute, without
 * anything that the schedule was made with.
 */
final class Checked {
  private final Problem problem;
  private final Schedule schedule;
  private final Work work;
  private final String anyHour;

  private Checked(Problem problem, Schedule schedule, String anyHour) {
    this.anyHour = anyHour;
    this.problem = problem;
    this.schedule = schedule;
    this.work = problem.work();
  }

  static void check(Problem problem, Schedule schedule) {
    check(problem, schedule, "");
  }

  /**
   * The same but for the hours of one step.
   *
   * @param anyHour a step for which somebody is there at whatever hour
   */
  static void check(Problem problem, Schedule schedule, String anyHour) {
    Checked checked = new Checked(problem, schedule, anyHour);
    checked.everyStepIsDoneOnce();
    checked.everybodyIsThereAndDoesOneThing();
    checked.nothingIsDoneTwiceAtOnce();
    checked.everyWaitIsWaited();
    checked.placesDo();
    checked.nothingIsTurnedOntoWhatIsSoft();
    checked.whatThereIsOneOfIsNotTakenFromUnderWhatIsWet();
  }

  private void everyStepIsDoneOnce() {
    assertThat(schedule.steps().stream().map(Placed::stepId))
        .containsExactlyInAnyOrderElementsOf(work.steps().stream().map(WorkStep::id).toList());
    for (Placed p : schedule.steps()) {
      assertThat(p.to() - p.from())
          .isEqualTo((int) Math.ceil(work.step(p.stepId()).handsOn().toSeconds() / 60.0));
    }
  }

  private void everybodyIsThereAndDoesOneThing() {
    for (Placed p : schedule.steps()) {
      Person person = problem.bench().people().get(p.person());
      ZonedDateTime from = clock(p.from());
      boolean there = false;
      for (Hours.Stretch s : person.hours().on(from.getDayOfWeek())) {
        Instant begins = from.toLocalDate().atTime(s.from()).atZone(from.getZone()).toInstant();
        Instant ends = from.toLocalDate().atTime(s.to()).atZone(from.getZone()).toInstant();
        there |=
            !begins.isAfter(problem.instant(p.from())) && !ends.isBefore(problem.instant(p.to()));
      }
      there |= p.stepId().equals(anyHour);
      assertThat(there).as("%s is there for %s at %s", person.name(), p, from).isTrue();
      if (!p.stepId().equals(anyHour)) {
        assertThat(person.off()).doesNotContain(from.toLocalDate());
      }
      double least = work.step(p.stepId()).material().minimumCelsius();
      for (int m = p.from(); m < p.to() && least > Material.ANY_COLD; m++) {
        var climate = problem.bench().climate().at(clock(m).getHour());
        assertThat(climate.celsius()).isGreaterThanOrEqualTo(least);
        assertThat(climate.dampPercent()).isLessThanOrEqualTo(85);
      }
    }
    apart((a, b) -> a.person() == b.person(), "one pair of hands");
  }

  private void nothingIsDoneTwiceAtOnce() {
    apart(
        (a, b) ->
            !Collections.disjoint(work.step(a.stepId()).on(), work.step(b.stepId()).on())
                || !Collections.disjoint(
                    work.step(a.stepId()).with(), work.step(b.stepId()).with()),
        "one place, one tool");
  }

  private interface Pair {
    boolean exclude(Placed a, Placed b);
  }

  private void apart(Pair pair, String why) {
    List<Placed> steps = schedule.steps();
    for (int i = 0; i < steps.size(); i++) {
      for (int j = i + 1; j < steps.size(); j++) {
        if (pair.exclude(steps.get(i), steps.get(j))) {
          assertThat(
                  steps.get(i).to() <= steps.get(j).from()
                      || steps.get(j).to() <= steps.get(i).from())
              .as("%s: %s and %s", why, steps.get(i), steps.get(j))
              .isTrue();
        }
      }
    }
  }

  private void everyWaitIsWaited() {
    for (Link link : work.links()) {
      int end = schedule.of(link.from()).orElseThrow().to();
      int begin = schedule.of(link.to()).orElseThrow().from();
      assertThat(begin).as(link.toString()).isGreaterThanOrEqualTo(end);
      link.atLeast()
          .ifPresent(
              d ->
                  assertThat(dried(end, begin, here(d).law()))
                      .as("%s, from %s to %s", link, clock(end), clock(begin))
                      .isGreaterThanOrEqualTo(here(d).label().toSeconds() / 60.0 - 1e-6));
      link.atMost()
          .ifPresent(
              d ->
                  assertThat(dried(end, begin, d.law()))
                      .as("%s, from %s to %s", link, clock(end), clock(begin))
                      .isLessThanOrEqualTo(d.label().toSeconds() / 60.0 + 1e-6));
    }
  }

  private Dry here(Dry dry) {
    return problem.bench().fan() && dry.forWhat() == Dry.For.TOUCH
        ? new Dry(dry.forWhat(), dry.label().dividedBy(2), dry.law())
        : dry;
  }

  private double dried(int from, int to, DryingLaw law) {
    double all = 0;
    for (int m = from; m < to; m++) {
      all += 1 / law.factor(problem.bench().climate().at(clock(m).getHour()));
    }
    return all;
  }

  private void placesDo() {
    Lying lying = new Lying();
    for (Placed p : schedule.steps()) {
      WorkStep step = work.step(p.stepId());
      step.wet()
          .ifPresent(
              d -> {
                int m = p.to();
                double label = here(d).label().toSeconds() / 60.0;
                for (double dry = 0; dry < label - 1e-6 && m < problem.minutes(); m++) {
                  dry += 1 / d.law().factor(problem.bench().climate().at(clock(m).getHour()));
                }
                for (Thing thing : work.wetAfter(step)) {
                  if (problem.bench().dryingPlaces().stream()
                      .anyMatch(b -> b.holds(thing.size()))) {
                    lying.add(thing, p.to(), m);
                  }
                }
              });
    }
    assertThat(lying.findsRoom(problem.bench().dryingPlaces()))
        .as("all that is wet finds room on %s: %s", problem.bench().dryingPlaces(), schedule)
        .isTrue();
  }

  private void nothingIsTurnedOntoWhatIsSoft() {
    for (Apart two : work.apart()) {
      Placed one = schedule.of(two.step()).orElseThrow();
      Placed other = schedule.of(two.other()).orElseThrow();
      boolean oneFirst = isFirm(two.firm(), one.to(), other.from());
      boolean otherFirst = isFirm(two.otherFirm(), other.to(), one.from());
      assertThat(oneFirst || otherFirst).as("%s and %s", one, other).isTrue();
    }
  }

  private void whatThereIsOneOfIsNotTakenFromUnderWhatIsWet() {
    for (Placed one : schedule.steps()) {
      WorkStep keeps = work.step(one.stepId());
      for (Placed other : schedule.steps()) {
        WorkStep needs = work.step(other.stepId());
        boolean sameLay =
            keeps.pieceId().equals(needs.pieceId()) && keeps.what().equals(needs.what());
        if (!sameLay
            && keeps.kept().isPresent()
            && !Collections.disjoint(keeps.with(), needs.with())
            && other.from() >= one.from()) {
          assertThat(isFirm(keeps.kept(), one.to(), other.from()))
              .as("%s is free for %s", keeps.with(), other)
              .isTrue();
        }
      }
    }
  }

  private boolean isFirm(Optional<Dry> firm, int end, int begin) {
    return end <= begin
        && firm.map(d -> dried(end, begin, d.law()) >= here(d).label().toSeconds() / 60.0 - 1e-6)
            .orElse(true);
  }

  private ZonedDateTime clock(int minute) {
    return problem.instant(minute).atZone(problem.bench().zone());
  }

  static LocalTime time(Problem problem, int minute) {
    return problem.instant(minute).atZone(problem.bench().zone()).toLocalTime();
  }
}
