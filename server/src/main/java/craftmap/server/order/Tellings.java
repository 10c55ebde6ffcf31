package craftmap.server.order;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.edit.OrderEdit;
import craftmap.server.logbook.Details;
import craftmap.server.logbook.LogEntry;
import craftmap.server.logbook.Logbook;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanChanges;
import craftmap.server.piece.SavedPlan;
import craftmap.server.stock.Ledger;
import craftmap.server.stock.Use;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Guarded;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/**
 * What is told at the bench: that a step is done, or is not after all, what went wrong, and notes.
 * A telling needs no version of the plan, since nobody else can mean another step by the same key;
 * it counts once, under its id, and of two about one step the one that was tapped later. So a
 * tablet that was cut off may send what it kept whenever it can, in whatever order it arrives.
 */
@Service
class Tellings {
  private final Pieces pieces;
  private final PlanChanges changing;
  private final Orders orders;
  private final StepsAtHand atHand;
  private final Logbook log;
  private final Ledger ledger;
  private final ToldMishaps mishaps;
  private final Clock clock;

  Tellings(
      Pieces pieces,
      PlanChanges changing,
      Orders orders,
      StepsAtHand atHand,
      Logbook log,
      Ledger ledger,
      ToldMishaps mishaps,
      Clock clock) {
    this.mishaps = mishaps;
    this.pieces = pieces;
    this.changing = changing;
    this.orders = orders;
    this.atHand = atHand;
    this.log = log;
    this.ledger = ledger;
    this.clock = clock;
  }

  /** Takes what was told, unless it was told already. */
  @Guarded
  void tell(Asker asker, String pieceId, Telling sent) {
    Telling told = sent.checked();
    Studio studio = asker.studio();
    SavedPlan piece = pieces.held(studio, pieceId);
    if (log.isKnown(studio.id(), told.id())) {
      return;
    }
    // a tablet's clock may be ahead: nothing was told later than now
    Instant now = clock.instant().truncatedTo(ChronoUnit.MILLIS);
    Instant toldAt = told.toldAt().isAfter(now) ? now : told.toldAt();
    Orders.Worked worked = orders.worked(studio, piece, piece.plan());
    Optional<WorkStep> step = atHand.step(worked, told.step());
    Optional<LogEntry> before = log.done(studio.id(), pieceId, told.step());
    if (step.isEmpty() && !(told.kind() == LogEntry.LogKind.TAKEN_BACK && before.isPresent())) {
      throw new RefusedInput(
          "step", given(told.step()), said("is-no-step-now"), said("a-step-of-its-order"));
    }
    switch (told.kind()) {
      case DONE, TAKEN_BACK -> step(asker, worked, step, told, toldAt, before);
      case NOTE -> note(asker, worked, step.orElseThrow(), told, toldAt);
      case WRONG -> mishaps.wrong(asker, worked, step.orElseThrow(), told, toldAt);
      case RIGHT -> mishaps.right(asker, worked, step.orElseThrow(), told, toldAt);
      case DRY, WET -> dry(asker, worked, step.orElseThrow(), told, toldAt, before);
    }
  }

  private void step(
      Asker asker,
      Orders.Worked worked,
      Optional<WorkStep> step,
      Telling told,
      Instant toldAt,
      Optional<LogEntry> before) {
    Studio studio = asker.studio();
    String pieceId = worked.piece().id();
    boolean late = log.isToldLater(studio.id(), pieceId, told.step(), toldAt);
    Optional<Ordering.Done> done =
        told.kind() == LogEntry.LogKind.DONE ? Optional.of(told.done(toldAt)) : Optional.empty();
    Details details =
        done.isPresent()
            ? atHand.details(studio, worked, step.orElseThrow(), done.get(), used(told))
            : before.map(LogEntry::details).orElseGet(() -> atHand.details(studio, worked, step));
    log.write(
        studio.id(),
        new LogEntry(
            told.id(),
            pieceId,
            told.step(),
            told.kind(),
            toldAt,
            !late,
            done.map(Ordering.Done::at).orElse(toldAt),
            told.noted(),
            details,
            asker.person()),
        done.map(
                d ->
                    atHand.teaches(
                        worked,
                        step.orElseThrow(),
                        d.took(),
                        before.isPresent()
                            ? Optional.ofNullable(details.usedMl())
                            : atHand.used(studio, worked, step.orElseThrow(), details)))
            .orElse(List.of()));
    if (late) {
      return;
    }
    if (done.isPresent() && before.isPresent()) {
      // told anew: what it used is booked anew
      ledger.takeBackUse(
          studio.id(),
          pieceId,
          Use.ofStep(told.step()),
          Words.say("work.told.anew", details.title()),
          asker.person());
    }
    changing.edit(
        studio,
        pieceId,
        worked.piece().version(),
        new PlanChanges.Change(
            List.of(new OrderEdit.StepDone(told.step(), done)),
            Optional.of(told.id()),
            Optional.empty()));
  }

  private StepsAtHand.Used used(Telling told) {
    return new StepsAtHand.Used(told.usedMl(), told.levelMl(), told.weighsG());
  }

  private void note(
      Asker asker, Orders.Worked worked, WorkStep step, Telling told, Instant toldAt) {
    if (told.noted().isEmpty()) {
      throw new RefusedInput("note", said("empty"), said("is-missing"), said("a-few-words"));
    }
    log.write(
        asker.studio().id(),
        new LogEntry(
            told.id(),
            worked.piece().id(),
            told.step(),
            told.kind(),
            toldAt,
            true,
            toldAt,
            told.noted(),
            atHand.details(asker.studio(), worked, Optional.of(step)),
            asker.person()),
        List.of());
  }

  /** That what a step left wet was found dry, or was not yet. */
  private void dry(
      Asker asker,
      Orders.Worked worked,
      WorkStep step,
      Telling told,
      Instant toldAt,
      Optional<LogEntry> before) {
    Studio studio = asker.studio();
    Instant done =
        before
            .map(LogEntry::happened)
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "step", given(told.step()), said("is-not-done"), said("a-step-that-is")));
    Optional<Instant> wet = log.lastFoundWet(studio.id(), worked.piece().id(), told.step(), done);
    log.write(
        studio.id(),
        new LogEntry(
            told.id(),
            worked.piece().id(),
            told.step(),
            told.kind(),
            toldAt,
            true,
            toldAt,
            told.noted(),
            atHand.details(studio, worked, Optional.of(step)),
            asker.person()),
        atHand
            .found(
                studio,
                worked,
                step,
                done,
                wet.filter(w -> w.isBefore(toldAt)),
                toldAt,
                told.kind() == LogEntry.LogKind.DRY)
            .map(List::of)
            .orElse(List.of()));
  }
}
