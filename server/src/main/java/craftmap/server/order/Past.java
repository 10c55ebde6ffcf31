package craftmap.server.order;

import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.edit.OrderEdit;
import craftmap.core.plan.edit.PlanEdit;
import craftmap.core.plan.order.Draws;
import craftmap.core.plan.order.Lessons;
import craftmap.server.logbook.Details;
import craftmap.server.logbook.LogEntry;
import craftmap.server.logbook.Logbook;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanChanges;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Guarded;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Steps of a piece that were done before anybody told of them, told all at once. */
@Service
public class Past {
  private final Pieces pieces;
  private final PlanChanges changing;
  private final Orders orders;
  private final StepsAtHand atHand;
  private final Logbook log;

  Past(Pieces pieces, PlanChanges changing, Orders orders, StepsAtHand atHand, Logbook log) {
    this.pieces = pieces;
    this.changing = changing;
    this.orders = orders;
    this.atHand = atHand;
    this.log = log;
  }

  /** The steps of a piece, what can be learned from them, and what they take. */
  public record Asked(Work work, Lessons lessons, Draws draws) {}

  /**
   * A step as it was done.
   *
   * @param at when it was finished
   * @param usedMl as it was measured
   */
  public record Happened(
      WorkStep step, Instant at, Duration took, Optional<Double> usedMl, String by, String note) {}

  public Asked asked(Studio studio, String pieceId) {
    SavedPlan piece = pieces.get(studio, pieceId);
    Orders.Worked worked = orders.worked(studio, piece, piece.plan());
    Work work = worked.asked().work();
    return new Asked(
        work,
        new Lessons(worked.asked(), worked.reading(), worked.coats()),
        Draws.of(worked.asked(), worked.reading(), worked.coats()));
  }

  /**
   * Writes into the log what happened, has the plan say that it is done, and books what it used.
   */
  @Guarded
  public void tell(Studio studio, String pieceId, List<Happened> all) {
    pieces.hold(studio, pieceId);
    SavedPlan piece = pieces.get(studio, pieceId);
    Orders.Worked worked = orders.worked(studio, piece, piece.plan());
    List<PlanEdit> edits = new ArrayList<>();
    for (Happened each : all) {
      Ordering.Done done = new Ordering.Done(each.at(), each.took());
      Details details =
          atHand.details(
              studio,
              worked,
              each.step(),
              done,
              new StepsAtHand.Used(each.usedMl().orElse(null), null, null));
      log.write(
          studio.id(),
          new LogEntry(
              UUID.randomUUID().toString(),
              pieceId,
              each.step().key(),
              LogEntry.LogKind.DONE,
              each.at(),
              true,
              each.at(),
              each.note(),
              details,
              each.by()),
          atHand.teaches(worked, each.step(), each.took(), each.usedMl()));
      edits.add(new OrderEdit.StepDone(each.step().key(), Optional.of(done)));
    }
    changing.edit(
        studio,
        pieceId,
        piece.version(),
        new PlanChanges.Change(edits, Optional.empty(), Optional.empty()));
  }
}
