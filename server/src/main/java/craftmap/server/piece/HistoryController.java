package craftmap.server.piece;

import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.studio.Asker;
import java.time.Instant;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What was done to a plan, when, and by whom. */
@RestController
class HistoryController {
  private final PlanChanges changing;

  HistoryController(PlanChanges changing) {
    this.changing = changing;
  }

  /**
   * A change of a plan, or a step back or forth among them.
   *
   * @param madeAs the version of the plan that it made
   * @param by who made it; empty where nobody said
   * @param isNow whether the plan stands as this change made it; changes above it were gone back
   *     behind
   * @param wentThere whether it was a step back or forth, and no change by itself
   */
  record HistoryStepView(
      long madeAs, String text, Instant at, String by, boolean isNow, boolean wentThere) {}

  /** The latest two hundred, newest first. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/api/pieces/{id}/history")
  List<HistoryStepView> history(Asker asker, @PathVariable String id) {
    return changing.history(asker.studio(), id).stream()
        .map(
            s ->
                new HistoryStepView(
                    s.madeAs(), s.summary(), s.at(), s.by(), s.isNow(), s.wentThere()))
        .toList();
  }
}
