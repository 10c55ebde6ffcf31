package craftmap.server.order;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.order.mishap.Mishap;
import craftmap.core.order.mishap.Trouble;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.edit.OrderEdit;
import craftmap.core.plan.edit.PlanEdit;
import craftmap.core.plan.order.Remedies;
import craftmap.server.logbook.LogEntry;
import craftmap.server.logbook.Logbook;
import craftmap.server.piece.PlanChanges;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * What is told to have gone wrong. What was tried counts as done, with its time and what it used;
 * what is done about it is a step of its own that comes after it.
 */
@Component
class ToldMishaps {
  private final PlanChanges changing;
  private final StepsAtHand atHand;
  private final Logbook log;

  ToldMishaps(PlanChanges changing, StepsAtHand atHand, Logbook log) {
    this.changing = changing;
    this.atHand = atHand;
    this.log = log;
  }

  /** Of a piece that is held. */
  void wrong(Asker asker, Orders.Worked worked, WorkStep step, Telling told, Instant toldAt) {
    Studio studio = asker.studio();
    WorkStep at = mended(worked, step, told);
    Mishap mishap = told.mishap(at.key());
    List<PlanEdit> edits = new ArrayList<>();
    if (worked.plan().order().step(at.key()).done().isEmpty()) {
      Ordering.Done done = told.done(toldAt);
      edits.add(new OrderEdit.StepDone(at.key(), Optional.of(done)));
      done(asker, worked, at, done, told, toldAt);
    }
    edits.add(new OrderEdit.WentWrong(told.id(), mishap));
    log.write(
        studio.id(),
        new LogEntry(
            told.id(),
            worked.piece().id(),
            at.key(),
            LogEntry.LogKind.WRONG,
            toldAt,
            true,
            toldAt,
            told.noted(),
            atHand.details(studio, worked, Optional.of(at)).wrong(mishap),
            asker.person()),
        List.of());
    changing.edit(
        studio,
        worked.piece().id(),
        worked.piece().version(),
        new PlanChanges.Change(edits, Optional.of(told.id()), Optional.empty()));
  }

  /** What was tried; what ran out before it was all done teaches neither pace nor spread. */
  private void done(
      Asker asker,
      Orders.Worked worked,
      WorkStep at,
      Ordering.Done done,
      Telling told,
      Instant toldAt) {
    Studio studio = asker.studio();
    log.write(
        studio.id(),
        new LogEntry(
            UUID.nameUUIDFromBytes((told.id() + " tried").getBytes(StandardCharsets.UTF_8))
                .toString(),
            worked.piece().id(),
            at.key(),
            LogEntry.LogKind.DONE,
            toldAt,
            true,
            done.at(),
            "",
            atHand.details(
                studio,
                worked,
                at,
                done,
                new StepsAtHand.Used(told.usedMl(), told.levelMl(), told.weighsG())),
            asker.person()),
        told.trouble() == Trouble.RAN_OUT
            ? List.of()
            : atHand.teaches(worked, at, done.took(), Optional.ofNullable(told.usedMl())));
  }

  /** The step that has to be mended, where what was told helps it. */
  private WorkStep mended(Orders.Worked worked, WorkStep step, Telling told) {
    Mishap asked = told.mishap(step.key());
    Remedies.Offer offer = atHand.offer(worked, step, asked.trouble());
    if (!offer.remedies().contains(asked.remedy())) {
      throw new RefusedInput(
          "remedy",
          given(asked.remedy()),
          said("does-not-help-here"),
          said("one-of-those-told-of-it"));
    }
    WorkStep at = worked.asked().work().step(offer.stepId());
    if (!at.equals(step) && worked.plan().order().step(at.key()).done().isEmpty()) {
      throw new RefusedInput(
          "trouble",
          given(asked.trouble()),
          said("does-not-happen-to-this-step"),
          said("a-step-that-is"));
    }
    return at;
  }

  /** Of the step that would mend it. */
  void right(Asker asker, Orders.Worked worked, WorkStep step, Telling told, Instant toldAt) {
    Studio studio = asker.studio();
    if (!Mishap.isMend(step.key())) {
      throw new RefusedInput(
          "step", given(told.step()), said("mends-nothing"), said("a-step-that-mends"));
    }
    log.write(
        studio.id(),
        new LogEntry(
            told.id(),
            worked.piece().id(),
            step.key(),
            LogEntry.LogKind.RIGHT,
            toldAt,
            true,
            toldAt,
            told.noted(),
            atHand.details(studio, worked, Optional.of(step)),
            asker.person()),
        List.of());
    changing.edit(
        studio,
        worked.piece().id(),
        worked.piece().version(),
        new PlanChanges.Change(
            List.of(new OrderEdit.WentRight(Mishap.idOf(step.key()))),
            Optional.of(told.id()),
            Optional.empty()));
  }
}
