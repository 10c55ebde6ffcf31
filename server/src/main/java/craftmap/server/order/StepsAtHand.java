package craftmap.server.order;

import static craftmap.core.measure.Figure.said;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.measure.RefusedInput;
import craftmap.core.order.bench.Bench;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.order.Draws;
import craftmap.core.supply.Container;
import craftmap.server.bench.Benches;
import craftmap.server.logbook.Details;
import craftmap.server.shelf.Pot;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Studio;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What the plan knows of a step at the moment at which something is told of it. */
@Component
class StepsAtHand {
  private final Benches benches;
  private final ShelfService shelf;

  StepsAtHand(Benches benches, ShelfService shelf) {
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
        .orElse(new Details(worked.piece().name(), "", "", "", "", 0, 0, 0, null, null, 0, 0));
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
        Draws.of(worked.asked().work(), worked.reading(), worked.coats()).of(step.id());
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
        climate.map(Climate::dampPercent).orElse(0.0));
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
