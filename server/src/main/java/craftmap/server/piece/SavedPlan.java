package craftmap.server.piece;

import craftmap.core.plan.Plan;
import java.time.Instant;
import java.util.Optional;

/**
 * A plan as it stands.
 *
 * @param practice begun to try things on: it takes no part in what the studio works on
 * @param undo what undo would take back, in words
 * @param redo what redo would bring again, in words
 */
public record SavedPlan(
    String id,
    long version,
    Plan plan,
    Instant savedAt,
    boolean archived,
    boolean practice,
    Optional<String> undo,
    Optional<String> redo) {
  public String name() {
    return plan.name();
  }

  /** The same piece with another plan, to see what would come of it. */
  public SavedPlan with(Plan other) {
    return new SavedPlan(id, version, other, savedAt, archived, practice, undo, redo);
  }
}
