package craftmap.core.plan.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.Built;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.Habits;
import craftmap.core.coats.StepKind;
import craftmap.core.coats.Wish;
import craftmap.core.colour.Colour;
import craftmap.core.medium.Drying;
import craftmap.core.medium.ToolKind;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.Dry;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Part;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class StepsReaderTest {
  private static Work steps(Built built, Part... parts) {
    return StepsReader.of(
        "chest",
        new PlanReading(List.of(), List.of(), List.of(parts), List.of(), false),
        new CoatsReading(Habits.USUAL, List.of(built.read())),
        Set.of());
  }

  private static Built painted() {
    return Built.painted("#6B4A2F", "#B3202A").paint("red", "#B3202A", 0.6).pot("clear-satin");
  }

  private static Link link(Work work, WorkStep from, WorkStep to) {
    return work.links().stream()
        .filter(l -> l.from().equals(from.id()) && l.to().equals(to.id()))
        .findFirst()
        .orElseThrow();
  }

  private static List<WorkStep> of(Work work, Doing doing) {
    return work.steps().stream().filter(s -> s.doing() == doing).toList();
  }

  @Test
  void everyCoatIsAStepThatWaitsForTheOneBefore() {
    Built built = painted();
    BandReading ground = built.read().band(Band.GROUND).orElseThrow();
    int times = ((Band.Coat) ground.band()).times();
    Drying drying = ((Band.Coat) ground.band()).of().medium().drying();
    Work work = steps(built);
    List<WorkStep> coats =
        of(work, Doing.COAT).stream().filter(s -> s.what().equals(Band.GROUND)).toList();
    assertThat(coats).hasSize(times);
    for (int n = 1; n < times; n++) {
      Dry dry = link(work, coats.get(n - 1), coats.get(n)).atLeast().orElseThrow();
      assertThat(dry.forWhat()).isEqualTo(Dry.For.RECOAT);
      assertThat(dry.label()).isEqualTo(drying.recoatFrom());
    }
    assertThat(
            coats.stream().map(WorkStep::handsOn).reduce(Duration.ZERO, Duration::plus).toSeconds())
        .isCloseTo(ground.handsOn().toSeconds(), within((long) times));
  }

  /**
   * Dust may be wiped off what may not be painted over yet: the paint goes on drying all the same.
   */
  @Test
  void whatIsDoneDryInBetweenDoesNotShortenTheWait() {
    Built built = painted().step(StepKind.DISTRESS);
    Work work = steps(built);
    WorkStep rubbed = of(work, Doing.DISTRESS).getFirst();
    WorkStep lastPaint =
        of(work, Doing.COAT).stream().filter(s -> s.what().equals(Band.GROUND)).toList().getLast();
    WorkStep seal =
        of(work, Doing.COAT).stream()
            .filter(s -> s.what().equals(Band.SEAL))
            .findFirst()
            .orElseThrow();
    assertThat(link(work, lastPaint, rubbed).atLeast()).isPresent();
    assertThat(link(work, rubbed, seal).atLeast()).isEmpty();
    assertThat(link(work, lastPaint, seal).atLeast().orElseThrow().forWhat())
        .isEqualTo(Dry.For.RECOAT);
  }

  /** Tape comes off while the last coat over it is soft. */
  @Test
  void tapeComesOffBeforeTheLastCoatIsDry() {
    Work work = steps(painted().masked(1433).step(StepKind.MASK));
    WorkStep off = of(work, Doing.UNMASK).getFirst();
    Link last =
        work.links().stream().filter(l -> l.to().equals(off.id())).findFirst().orElseThrow();
    assertThat(work.step(last.from()).doing()).isEqualTo(Doing.COAT);
    assertThat(last.atLeast()).isEmpty();
    assertThat(last.atMost().orElseThrow().forWhat()).isEqualTo(Dry.For.FRESH);
    assertThat(steps(painted()).steps()).noneMatch(s -> s.doing() == Doing.UNMASK);
  }

  /** There is one sprayer: what is sprayed is never sprayed by two at once; brushes there are. */
  @Test
  void whatIsSprayedTakesTheOnlySprayer() {
    Wish sprayed =
        new Wish(
            Optional.empty(),
            OptionalInt.empty(),
            Optional.of(ToolKind.SPRAYER),
            Optional.empty(),
            OptionalInt.empty(),
            0);
    List<WorkStep> coats = of(steps(painted().wish(Band.GROUND, sprayed)), Doing.COAT);
    List<WorkStep> ground = coats.stream().filter(s -> s.what().equals(Band.GROUND)).toList();
    assertThat(ground).isNotEmpty().allMatch(s -> s.with().equals(ground.getFirst().with()));
    assertThat(ground.getFirst().with()).hasSize(1);
    assertThat(coats)
        .filteredOn(s -> !s.what().equals(Band.GROUND))
        .isNotEmpty()
        .allMatch(s -> s.with().isEmpty());
  }

  @Test
  void hardwareComesOffFirstAndGoesBackLast() {
    Part lid = new Part(1, "Lid", List.of("lid"), List.of(new Part.Fitting("Hinge", 7)));
    Work work = steps(painted(), lid);
    WorkStep off = of(work, Doing.HARDWARE_OFF).getFirst();
    WorkStep on = of(work, Doing.HARDWARE_ON).getFirst();
    assertThat(off.handsOn()).isEqualTo(Duration.ofSeconds(Math.round((5 + 7 * 1.5) * 60)));
    assertThat(work.links()).noneMatch(l -> l.to().equals(off.id()));
    assertThat(work.links()).noneMatch(l -> l.from().equals(on.id()));
    WorkStep seal = of(work, Doing.COAT).getLast();
    assertThat(link(work, seal, on).atLeast().orElseThrow().forWhat()).isEqualTo(Dry.For.HANDLE);
    // nothing is unscrewed from what is left as it is
    assertThat(steps(Built.bareWood(), lid).steps()).isEmpty();
  }

  /** A blend is put on colour beside colour, without waiting in between. */
  @Test
  void coloursOfABlendDoNotWaitForEachOther() {
    Built built =
        Built.painted("#6B4A2F", "#1F4650")
            .paint("teal", "#1F4650", 0.8)
            .paint("sand", "#E4D7B5", 0.8)
            .blended(151.7, "teal", "sand");
    Work work = steps(built);
    List<WorkStep> coats = of(work, Doing.COAT);
    WorkStep first = coats.stream().filter(s -> s.what().equals(Band.GROUND)).toList().getLast();
    WorkStep second =
        coats.stream()
            .filter(s -> s.what().equals(Band.ADDED + "blend-1"))
            .findFirst()
            .orElseThrow();
    assertThat(link(work, first, second).atLeast()).isEmpty();
  }

  /**
   * Over seeded build-ups: all work of all bands is in the steps, whatever stands over a coat waits
   * for it at least as long as its label says, and no place is taken longer than the next waits.
   */
  @Test
  void nothingIsPutOnBeforeWhatIsUnderItIsDry() {
    Random dice = new Random(8128);
    for (int i = 0; i < 120; i++) {
      Built built = any(dice);
      GroupReading reading = built.read();
      Work work = steps(built);
      double bands =
          reading.bands().stream()
              .filter(b -> !(b.band() instanceof Band.OfLay))
              .mapToDouble(b -> b.handsOn().toSeconds())
              .sum();
      double done =
          work.steps().stream()
              .filter(s -> s.doing() != Doing.UNMASK)
              .mapToDouble(s -> s.handsOn().toSeconds())
              .sum();
      assertThat(done).isCloseTo(bands, within((double) work.steps().size()));
      Map<String, WorkStep> last = new HashMap<>();
      for (WorkStep step : work.steps()) {
        if (step.doing() == Doing.COAT) {
          Optional.ofNullable(last.get(step.row())).ifPresent(b -> waits(work, reading, b, step));
          last.put(step.row(), step);
        }
        step.wet()
            .ifPresent(
                wet ->
                    work.links().stream()
                        .filter(l -> l.from().equals(step.id()))
                        .filter(l -> work.step(l.to()).doing() == Doing.COAT)
                        .flatMap(l -> l.atLeast().stream())
                        .forEach(l -> assertThat(l.label()).isGreaterThanOrEqualTo(wet.label())));
      }
    }
  }

  private static void waits(Work work, GroupReading reading, WorkStep before, WorkStep after) {
    Drying drying = reading.buildUp().coat(before.what()).orElseThrow().of().medium().drying();
    assertThat(
            work.links().stream()
                .filter(l -> l.from().equals(before.id()))
                .filter(l -> l.to().equals(after.id()))
                .flatMap(l -> l.atLeast().stream())
                .map(Dry::label))
        .as("%s before %s", before.id(), after.id())
        .anyMatch(l -> l.compareTo(drying.recoatFrom()) >= 0);
  }

  private static Built any(Random dice) {
    MakeUp[] makeUps = {MakeUp.WOOD, MakeUp.LAMINATE, MakeUp.METAL, MakeUp.BOARD};
    Built built =
        Built.of(
                makeUps[dice.nextInt(makeUps.length)],
                Finish.values()[dice.nextInt(Finish.values().length)],
                hex(dice),
                hex(dice))
            .area(40_000 + dice.nextInt(900_000) + 0.7)
            .masked(dice.nextInt(3) * 411.3)
            .paint("a", hex(dice), 0.4 + dice.nextDouble() * 0.5)
            .pot("clear-satin")
            .pot("clear-wax")
            .pot("dark-wax")
            .pot("stain-block")
            .pot("bonding-primer")
            .pot("all-purpose-primer");
    if (dice.nextBoolean()) {
      built.damaged("chip", 9.3);
    }
    if (dice.nextBoolean()) {
      built.added("d", "dark-wax");
    }
    if (dice.nextInt(3) == 0) {
      built.step(StepKind.DISTRESS);
    }
    return built;
  }

  private static String hex(Random dice) {
    return Colour.ofRgb(dice.nextInt(256), dice.nextInt(256), dice.nextInt(256)).hex();
  }
}
