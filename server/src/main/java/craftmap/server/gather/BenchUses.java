package craftmap.server.gather;

import craftmap.core.order.work.Work;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.Plan;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.order.AskedOrder;
import craftmap.core.plan.order.Draws;
import craftmap.core.plan.order.Spoiled;
import craftmap.core.plan.order.StillToTake;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.supply.Booking;
import craftmap.server.logbook.LogEntry;
import craftmap.server.logbook.Logbook;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.Pot;
import craftmap.server.shelf.ShelfService;
import craftmap.server.stock.Holding;
import craftmap.server.stock.Ledger;
import craftmap.server.stock.Use;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * What the steps that are done took out of pots. The ledger follows the plan: what is done and not
 * booked is booked, what is booked and not done after all is taken back; so it comes to the same
 * whichever way a step came to be done, and however often anybody said so. What was booked stays as
 * it was booked, whatever the plan would take by now.
 */
@Component
class BenchUses {
  private static final double A_DROP_ML = 0.0005;

  private final PlanReadings readings;
  private final ShelfService shelf;
  private final Ledger ledger;
  private final Logbook log;

  BenchUses(PlanReadings readings, ShelfService shelf, Ledger ledger, Logbook log) {
    this.readings = readings;
    this.shelf = shelf;
    this.ledger = ledger;
    this.log = log;
  }

  /**
   * What the steps of a coat or lay took that are done.
   *
   * @param bookedMl as it is in the ledger; less than what was used where no pot was named then
   * @param done how many of its steps are done
   */
  record Worked(double bookedMl, int done, int steps) {
    boolean isAll() {
      return done > 0 && done == steps;
    }
  }

  /**
   * The steps of a piece, what they take, and which of them are done.
   *
   * @param used what is booked for the piece, of whole lays and of steps
   * @param still what is left to take
   */
  record Steps(
      AskedOrder asked,
      Draws draws,
      Ordering order,
      Map<String, Use.Booked> used,
      StillToTake still) {
    private Work work() {
      return asked.work();
    }

    /** What is still needed of a design once more, because it went wrong. */
    double spoiled(String designId) {
      return asked.spoiled().entrySet().stream()
          .filter(s -> s.getValue().designId().equals(designId))
          .filter(s -> order.step(work().step(s.getKey()).key()).done().isEmpty())
          .mapToDouble(s -> s.getValue().quantity())
          .sum();
    }

    Worked worked(String useId, Pot pot) {
      double booked = 0;
      int done = 0;
      List<String> steps = draws.stepsOf(useId, work());
      for (String id : steps) {
        String key = work().step(id).key();
        Use.Booked standing = used.get(Use.ofStep(key));
        booked += standing == null ? 0 : pot.ml(standing.quantity().doubleValue());
        if (order.step(key).done().isPresent()) {
          done++;
        }
      }
      return new Worked(booked, done, steps.size());
    }
  }

  /** Those of a piece; nothing is worked out of one on which nothing is done yet. */
  Steps steps(Studio studio, SavedPlan piece, Map<String, Use.Booked> used) {
    Plan plan = piece.plan();
    Ordering order = plan.order();
    if (order.steps().values().stream().allMatch(s -> s.done().isEmpty())) {
      return new Steps(
          AskedOrder.NONE,
          new Draws(Map.of()),
          order,
          used,
          new StillToTake(used.keySet(), Map.of(), Map.of()));
    }
    PlanReading reading = readings.read(studio, plan);
    CoatsReading coats = readings.coats(studio, plan);
    AskedOrder asked = AskedOrder.of(piece.id(), order, reading, coats);
    Draws draws = Draws.of(asked, reading, coats);
    return new Steps(
        asked, draws, order, used, StillToTake.of(asked.work(), draws, order, used.keySet()));
  }

  /**
   * Has the ledger follow what is done of a piece that somebody holds; nothing of what is tried.
   *
   * @return what is booked for the piece by then
   */
  Map<String, Use.Booked> follow(Studio studio, SavedPlan piece) {
    Map<String, Use.Booked> used = ledger.usedByLay(studio.id(), piece.id());
    if (piece.practice()) {
      return used;
    }
    Ordering order = piece.plan().order();
    List<String> back =
        used.keySet().stream()
            .filter(
                u ->
                    Use.stepOf(u)
                        .or(() -> Use.spoiledBy(u))
                        .filter(k -> order.step(k).done().isEmpty())
                        .isPresent())
            .toList();
    for (String useId : back) {
      ledger.takeBackUse(
          studio.id(), piece.id(), useId, Words.say("done.takenBack", piece.name()), "");
    }
    List<String> open =
        order.steps().entrySet().stream()
            .filter(s -> s.getValue().done().isPresent())
            .map(s -> s.getKey())
            .filter(key -> !used.containsKey(Use.ofStep(key)))
            .toList();
    if (open.isEmpty()) {
      return back.isEmpty() ? used : ledger.usedByLay(studio.id(), piece.id());
    }
    Steps steps = steps(studio, piece, used);
    for (String key : open) {
      Optional.ofNullable(steps.asked().spoiled().get(piece.id() + ":" + key))
          .filter(s -> !used.containsKey(Use.spoiled(key)))
          .ifPresent(s -> book(studio, piece, key, s));
      Optional<Draws.Draw> draw =
          steps.draws().of(piece.id() + ":" + key).filter(d -> !used.containsKey(d.useId()));
      Optional<Pot> pot = draw.flatMap(Draws.Draw::potId).flatMap(p -> shelf.pot(studio.id(), p));
      if (pot.isPresent()) {
        book(studio, piece, key, pot.get(), draw.get());
      }
    }
    return ledger.usedByLay(studio.id(), piece.id());
  }

  /** What was laid or cut once more, from the stock of which there is most. */
  private void book(Studio studio, SavedPlan piece, String key, Spoiled spoiled) {
    Optional<LogEntry> told = log.done(studio.id(), piece.id(), key);
    shelf.stockOf(studio.id(), spoiled.designId()).stream()
        .max(Comparator.comparing(Holding::level))
        .ifPresent(
            stock ->
                ledger.bookPoured(
                    studio.id(),
                    new Use(
                        stock.id(),
                        spoiled.quantity(),
                        piece.id(),
                        Use.spoiled(key),
                        told.map(t -> t.details().title()).orElse(key),
                        Words.say("done.spoiled", piece.name())),
                    Words.say("done.more"),
                    told.map(LogEntry::by).orElse("")));
  }

  private void book(Studio studio, SavedPlan piece, String key, Pot pot, Draws.Draw draw) {
    Optional<LogEntry> told = log.done(studio.id(), piece.id(), key);
    Optional<Double> level = told.map(t -> t.details().levelMl());
    Optional<Double> gone =
        level.map(l -> pot.ml(ledger.levelHeld(pot.holding().id()).doubleValue()) - l);
    double ml =
        told.map(t -> t.details().usedMl())
            .or(() -> gone.filter(g -> g > 0))
            .orElse(draw.ml() * (1 - piece.plan().order().leftToDo(key)));
    if (ml < A_DROP_ML) {
      return;
    }
    String title = told.map(t -> t.details().title()).orElse(key);
    String by = told.map(LogEntry::by).orElse("");
    ledger.bookPoured(
        studio.id(),
        new Use(
            pot.holding().id(),
            pot.inItsUnit(ml),
            piece.id(),
            Use.ofStep(key),
            title,
            Words.say("done.note", pot.medium().name(), piece.name())),
        Words.say("done.more"),
        by);
    if (gone.filter(g -> g <= 0).isPresent()) {
      // more is left than the ledger had before: it was used as planned, and the ledger was wrong
      ledger.correct(
          studio.id(),
          pot.holding().id(),
          BigDecimal.valueOf(pot.inItsUnit(level.get()))
              .setScale(Booking.DECIMALS, RoundingMode.HALF_UP),
          Words.say("done.looked"),
          by);
    }
  }
}
