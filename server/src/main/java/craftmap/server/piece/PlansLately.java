package craftmap.server.piece;

import craftmap.core.plan.Plan;
import craftmap.server.changes.Changes;
import craftmap.server.changes.WorkedOut;
import java.time.Instant;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * Plans that were read lately, because a drag asks for the same one with every move. A version of a
 * piece is one plan for ever, on whatever server it was made, until the piece is brought back from
 * a backup; but only once it is committed, so what a change that is still under way sees is not
 * kept.
 */
final class PlansLately {
  /**
   * The list of pieces, and the week, ask for all of a studio's: a thousand with a dozen lays each.
   */
  private static final int MOST_PARTS = 30_000;

  /** A plan without any lay: its form, faces and marks. */
  private static final int BARE = 18;

  private record Of(String studioId, String pieceId, long version, Optional<Instant> restored) {}

  private final WorkedOut<Of, Plan> lately =
      new WorkedOut<>(MOST_PARTS, plan -> BARE + plan.lays().size());

  Plan of(PieceRow piece, Supplier<Plan> read) {
    Of asked = new Of(piece.studioId(), piece.id(), piece.version(), piece.restoredAt());
    if (Changes.isUnderWay()) {
      return lately.known(asked).orElseGet(read);
    }
    return lately.of(asked, read);
  }
}
