package craftmap.server.order;

import craftmap.core.order.mishap.Mishap;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.StepChoice;
import craftmap.server.logbook.Details;
import craftmap.server.logbook.LogEntry;
import craftmap.server.logbook.Logbook;
import craftmap.server.piece.PlanMoved;
import craftmap.server.studio.Studio;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Has the log follow the plan: whichever way a step came to be done, or not done after all (at the
 * bench, in the order, by going back in the history), the log says so.
 */
@Component
class BenchLog {
  private final Orders orders;
  private final StepsAtHand atHand;
  private final Logbook log;
  private final Clock clock;

  BenchLog(Orders orders, StepsAtHand atHand, Logbook log, Clock clock) {
    this.orders = orders;
    this.atHand = atHand;
    this.log = log;
    this.clock = clock;
  }

  /** Before anything is booked: what is booked follows what was told. */
  @EventListener
  @Order(0)
  @Transactional
  public void follow(PlanMoved moved) {
    // what is only tried on is nothing that happened, and nothing to learn from
    if (moved.piece().practice()) {
      return;
    }
    Studio studio = moved.studio();
    String pieceId = moved.piece().id();
    Map<String, Ordering.Done> done = new HashMap<>();
    for (Map.Entry<String, StepChoice> each : moved.piece().plan().order().steps().entrySet()) {
      each.getValue().done().ifPresent(d -> done.put(each.getKey(), d));
    }
    Map<String, LogEntry> logged = log.done(studio.id(), pieceId);
    Instant now = clock.instant().truncatedTo(ChronoUnit.MILLIS);
    logged.forEach(
        (key, entry) -> {
          if (!done.containsKey(key)) {
            write(studio, entry, now);
          }
        });
    done.entrySet().removeIf(d -> isLogged(logged.get(d.getKey()), d.getValue()));
    Map<String, Mishap> mishaps = moved.piece().plan().order().mishaps();
    Set<String> untold = log.followMishaps(studio.id(), pieceId, mishaps.keySet());
    if (done.isEmpty() && untold.isEmpty()) {
      return;
    }
    Orders.Worked worked = orders.worked(studio, moved.piece(), moved.piece().plan());
    untold.forEach(id -> write(studio, worked, id, mishaps.get(id), now));
    done.forEach(
        (key, d) ->
            atHand
                .step(worked, key)
                .ifPresent(
                    step ->
                        write(
                            studio, worked, step, d, before(studio, worked, key, d, logged), now)));
  }

  /** Done again by going forward in the history, it is done as it was told the first time. */
  private LogEntry before(
      Studio studio,
      Orders.Worked worked,
      String key,
      Ordering.Done done,
      Map<String, LogEntry> logged) {
    return Optional.ofNullable(logged.get(key))
        .or(
            () ->
                log.toldOf(
                    studio.id(),
                    worked.piece().id(),
                    key,
                    done.at().truncatedTo(ChronoUnit.MILLIS)))
        .orElse(null);
  }

  private static boolean isLogged(LogEntry entry, Ordering.Done done) {
    return entry != null
        && entry.happened().equals(done.at().truncatedTo(ChronoUnit.MILLIS))
        && Math.abs(entry.details().tookMinutes() - done.took().toMillis() / 60_000.0) < 0.02;
  }

  private void write(Studio studio, Orders.Worked worked, String id, Mishap mishap, Instant now) {
    log.write(
        studio.id(),
        new LogEntry(
            id,
            worked.piece().id(),
            mishap.step(),
            LogEntry.LogKind.WRONG,
            now,
            true,
            now,
            "",
            atHand.details(studio, worked, atHand.step(worked, mishap.step())).wrong(mishap),
            ""),
        List.of());
  }

  private void write(Studio studio, LogEntry done, Instant now) {
    log.write(
        studio.id(),
        new LogEntry(
            UUID.randomUUID().toString(),
            done.pieceId(),
            done.stepKey(),
            LogEntry.LogKind.TAKEN_BACK,
            now,
            true,
            now,
            "",
            done.details(),
            ""),
        List.of());
  }

  private void write(
      Studio studio,
      Orders.Worked worked,
      WorkStep step,
      Ordering.Done done,
      LogEntry before,
      Instant now) {
    StepsAtHand.Used used =
        Optional.ofNullable(before)
            .map(LogEntry::details)
            .map(d -> new StepsAtHand.Used(d.usedMl(), d.levelMl(), null))
            .orElse(StepsAtHand.Used.AS_PLANNED);
    Details details = atHand.details(studio, worked, step, done, used);
    log.write(
        studio.id(),
        new LogEntry(
            UUID.randomUUID().toString(),
            worked.piece().id(),
            step.key(),
            LogEntry.LogKind.DONE,
            now,
            true,
            done.at().truncatedTo(ChronoUnit.MILLIS),
            before == null ? "" : before.note(),
            details,
            before == null ? "" : before.by()),
        // what was cut short teaches nothing
        worked.plan().order().leftToDo(step.key()) > 0
            ? List.of()
            : atHand.teaches(worked, step, done.took(), Optional.ofNullable(used.usedMl())));
  }
}
