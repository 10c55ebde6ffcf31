package craftmap.core.order.schedule;

import static craftmap.core.order.schedule.Works.MONDAY;
import static craftmap.core.order.schedule.Works.bench;
import static craftmap.core.order.schedule.Works.dry;
import static craftmap.core.order.schedule.Works.link;
import static craftmap.core.order.schedule.Works.step;
import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.order.bench.Bench;
import craftmap.core.order.bench.Hours;
import craftmap.core.order.work.Work;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class AtTheBenchTest {
  private static final Bench NINE_TO_FIVE = bench(Hours.Stretch.of(9, 17));
  private static final Work FOIL =
      new Work(
          List.of(step("size", 20), step("foil", 30), step("seal", 15)),
          List.of(link("size", "foil", 30).within(dry(90)), link("foil", "seal", 10)));

  private static Problem done(Work work, Map<String, Problem.Past> past) {
    return new Problem(work, NINE_TO_FIVE, MONDAY, 14, Problem.Settled.past(past));
  }

  private static Instant at(int minute) {
    return MONDAY.plusSeconds(60L * minute);
  }

  @Test
  void whatIsLeftComesInItsOrderWithItsWindow() {
    Problem problem = done(FOIL, Map.of("size", new Problem.Past(at(0), at(23))));
    Schedule schedule = new ListScheduler(30, 1).schedule(problem).orElseThrow();
    List<AtTheBench.Left> left = AtTheBench.left(problem, schedule, "piece");
    assertThat(left).extracting(l -> l.placed().stepId()).containsExactly("foil", "seal");
    assertThat(left.getFirst().ready()).isEqualTo(23 + 30);
    assertThat(left.getFirst().until()).hasValue(23 + 90);
    assertThat(left.getFirst().waits()).isFalse();
    assertThat(left.getLast().waits()).isTrue();
    assertThat(left.getLast().until()).isEmpty();
    assertThat(AtTheBench.left(problem, schedule, "another")).isEmpty();
  }

  @Test
  void whatWasDoneRipensUntilItIsFollowed() {
    Problem problem = done(FOIL, Map.of("size", new Problem.Past(at(0), at(23))));
    AtTheBench.Ripening size = AtTheBench.ripening(problem, 40).getFirst();
    assertThat(size.toStep()).isEqualTo("foil");
    assertThat(size.since()).isEqualTo(23);
    assertThat(size.ripe()).isEqualTo(53);
    assertThat(size.until()).hasValue(113);
    // ripe, and told still: it has to be followed in time
    assertThat(AtTheBench.ripening(problem, 100)).hasSize(1);
    Problem followed =
        done(
            FOIL,
            Map.of(
                "size", new Problem.Past(at(0), at(23)),
                "foil", new Problem.Past(at(60), at(90))));
    assertThat(AtTheBench.ripening(followed, 95))
        .extracting(AtTheBench.Ripening::stepId)
        .containsExactly("foil");
    // no window: once it is ripe there is nothing to wait for
    assertThat(AtTheBench.ripening(followed, 101)).isEmpty();
  }

  /** Seeded studios: a step that is left is planned no sooner than it is ready, nor too late. */
  @Test
  void nothingIsPlannedBeforeItIsReadyOrAfterItsWindow() {
    int windows = 0;
    for (int seed = 0; seed < 60; seed++) {
      Random dice = new Random(seed);
      Work work = Works.any(dice, 3, 4, true);
      Bench bench = Works.anyBench(dice, 1 + dice.nextInt(2));
      Problem first = new Problem(work, bench, MONDAY, 30);
      Optional<Schedule> planned = new ListScheduler(20, seed).schedule(first);
      if (planned.isEmpty()) {
        continue;
      }
      Map<String, Problem.Past> past = new HashMap<>();
      for (Placed p : planned.get().steps().subList(0, dice.nextInt(5))) {
        past.put(p.stepId(), new Problem.Past(first.instant(p.from()), first.instant(p.to())));
      }
      Problem problem = new Problem(work, bench, MONDAY, 30, Problem.Settled.past(past));
      Optional<Schedule> schedule = new ListScheduler(20, seed).schedule(problem);
      int told = 0;
      for (String piece : List.of("piece0", "piece1", "piece2")) {
        for (AtTheBench.Left l :
            schedule.map(s -> AtTheBench.left(problem, s, piece)).orElse(List.of())) {
          told++;
          assertThat(l.placed().from()).as("seed %d", seed).isGreaterThanOrEqualTo(l.ready());
          if (l.until().isPresent()) {
            windows++;
            assertThat(l.placed().from())
                .as("seed %d", seed)
                .isLessThanOrEqualTo(l.until().getAsInt());
          }
        }
      }
      if (schedule.isPresent()) {
        assertThat(told).isEqualTo(problem.size() - past.size());
      }
    }
    assertThat(windows).isGreaterThan(20);
  }
}
