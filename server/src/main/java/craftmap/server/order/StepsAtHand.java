package craftmap.server.order;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.log.Observation;
import craftmap.core.log.Topic;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.Times;
import craftmap.core.order.bench.Bench;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.Drying;
import craftmap.core.order.mishap.Trouble;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.order.Draws;
import craftmap.core.plan.order.Lessons;
import craftmap.core.plan.order.Remedies;
import craftmap.core.supply.Container;
import craftmap.server.bench.Benches;
import craftmap.server.logbook.Details;
import craftmap.server.piece.PlanReadings;
import craftmap.server.shelf.Pot;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Studio;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What the plan knows of a step at the moment at which something is told of it. */
@Component
class StepsAtHand {
  private final Benches benches;
  private final ShelfService shelf;
  private final PlanReadings readings;

  /** Longer nobody waits for anything to dry. */
  private static final long MOST_LOOKED_AT = 60L * 24 * 30;

  StepsAtHand(Benches benches, ShelfService shelf, PlanReadings readings) {
    this.readings = readings;
    this.benches = benches;
    this.shelf = shelf;
  }

  /** What was told of the pot; any of it may be absent. */
  record Used(Double usedMl, Double levelMl, Double weighsG) {
    static final Used AS_PLANNED = new Used(null, null, null);
  }

  Optional<WorkStep> step(Orders.Worked worked, String key) {
    return worked.asked().work().steps().stream().filter(s -> s.key().equals(key)).findFirst();
  }

  /** Of a step that nothing was done to, as far as the plan knows it still. */
  Details details(Studio studio, Orders.Worked worked, Optional<WorkStep> step) {
    return step.map(s -> details(studio, worked, s, Optional.empty(), Used.AS_PLANNED))
        .orElse(
            new Details(
                worked.piece().name(), "", "", "", "", 0, 0, 0, null, null, 0, 0, null, null));
  }

  /** Of a step that was done. */
  Details details(
      Studio studio, Orders.Worked worked, WorkStep step, Ordering.Done done, Used used) {
    return details(studio, worked, step, Optional.of(done), used);
  }

  private Details details(
      Studio studio, Orders.Worked worked, WorkStep step, Optional<Ordering.Done> done, Used used) {
    Optional<BandReading> band = worked.coats().group(step.row()).flatMap(g -> g.band(step.what()));
    Optional<Band.Coat> coat =
        band.map(BandReading::band).filter(Band.Coat.class::isInstance).map(Band.Coat.class::cast);
    Optional<Draws.Draw> draw =
        Draws.of(worked.asked(), worked.reading(), worked.coats()).of(step.id());
    Optional<Pot> pot = draw.flatMap(Draws.Draw::potId).flatMap(p -> shelf.pot(studio.id(), p));
    Optional<Climate> climate = done.map(d -> climate(benches.of(studio), d.at()));
    return new Details(
        worked.piece().name(),
        new StepWords(List.of(worked)).full(step),
        step.doing().name(),
        coat.map(c -> c.tool().kind().name()).orElse(""),
        pot.map(p -> p.medium().name())
            .or(() -> band.flatMap(BandReading::product).map(p -> p.medium().name()))
            .orElse(""),
        step.minutes(),
        done.map(d -> d.took().toSeconds() / 60.0).orElse(0.0),
        draw.map(Draws.Draw::ml).orElse(0.0),
        used.usedMl(),
        level(pot, used),
        climate.map(Climate::celsius).orElse(0.0),
        climate.map(Climate::dampPercent).orElse(0.0),
        null,
        null);
  }

  /**
   * What a step that is done teaches.
   *
   * @param usedMl as somebody measured it
   */
  List<Observation> teaches(
      Orders.Worked worked, WorkStep step, Duration took, Optional<Double> usedMl) {
    return lessons(worked).of(step, Times.minutes(took), usedMl);
  }

  /** What was used by what is told of it: as measured, or by what was in the pot and is left. */
  Optional<Double> used(Studio studio, Orders.Worked worked, WorkStep step, Details told) {
    if (told.usedMl() != null || told.levelMl() == null) {
      return Optional.ofNullable(told.usedMl());
    }
    return Draws.of(worked.asked(), worked.reading(), worked.coats())
        .of(step.id())
        .flatMap(Draws.Draw::potId)
        .flatMap(p -> shelf.pot(studio.id(), p))
        .map(p -> p.levelMl() - told.levelMl())
        .filter(ml -> ml > 0);
  }

  /**
   * What it teaches that a step was found dry, or wet still.
   *
   * @param done when it was finished
   * @param wet when it was found wet last, where it was
   * @param at when it was looked at
   */
  Optional<Observation> found(
      Studio studio,
      Orders.Worked worked,
      WorkStep step,
      Instant done,
      Optional<Instant> wet,
      Instant at,
      boolean dry) {
    Optional<String> medium = lessons(worked).leavesWet(step);
    if (medium.isEmpty() || step.wet().isEmpty() || !at.isAfter(done)) {
      return Optional.empty();
    }
    Bench bench = benches.of(studio);
    int minutes = Math.toIntExact(Math.min(MOST_LOOKED_AT, ChronoUnit.MINUTES.between(done, at)));
    Drying drying = new Drying(done, minutes, bench.zone(), bench.climate());
    double label =
        Times.minutes(step.wet().get().label())
            / readings
                .learned(studio, worked.plan())
                .estimate(Topic.dries(medium.get()), 1)
                .value();
    double passed = drying.passed(0, minutes, step.wet().get().law()) / label;
    double until =
        wet.map(
                w ->
                    drying.passed(
                            0,
                            Math.clamp(ChronoUnit.MINUTES.between(done, w), 0, minutes),
                            step.wet().get().law())
                        / label)
            .orElse(0.0);
    return Optional.of(
        dry ? Observation.dry(medium.get(), until, passed) : Observation.wet(medium.get(), passed));
  }

  /** What helps where something went wrong with a step. */
  Remedies.Offer offer(Orders.Worked worked, WorkStep step, Trouble trouble) {
    return new Remedies(worked.asked(), worked.reading(), worked.coats())
        .of(step).stream()
            .filter(o -> o.trouble() == trouble)
            .findFirst()
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "trouble",
                        given(trouble),
                        said("does-not-happen-to-this-step"),
                        said("one-of-those-told-of-it")));
  }

  private static Lessons lessons(Orders.Worked worked) {
    return new Lessons(worked.asked(), worked.reading(), worked.coats());
  }

  private static Double level(Optional<Pot> pot, Used used) {
    if (used.weighsG() == null) {
      return used.levelMl();
    }
    Pot weighed =
        pot.orElseThrow(
            () ->
                new RefusedInput(
                    "weighs-g",
                    said("a-weight"),
                    said("says-nothing-of-no-pot"),
                    said("a-step-with-a-pot")));
    Container container =
        weighed
            .holding()
            .container()
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "weighs-g",
                        said("a-weight"),
                        said("says-nothing-of-no-pot"),
                        said("a-step-with-a-pot")));
    return weighed.ml(
        container
            .byWeight(BigDecimal.valueOf(used.weighsG()), weighed.medium().mixing().densityGPerMl())
            .doubleValue());
  }

  private static Climate climate(Bench bench, Instant at) {
    return bench.climate().at(at.atZone(bench.zone()).getHour());
  }
}
