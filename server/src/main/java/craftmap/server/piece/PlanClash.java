package craftmap.server.piece;

import java.time.Instant;
import java.util.List;

/** Someone else saved this piece first: what they saved, so that the person can choose. */
final class PlanClash extends RuntimeException {
  private static final long serialVersionUID = 1;

  private final transient Theirs theirs;

  /**
   * The other side.
   *
   * @param changes what was done to the piece lately, newest first
   */
  record Theirs(long version, Instant savedAt, List<String> changes) {}

  PlanClash(String message, Theirs theirs) {
    super(message);
    this.theirs = theirs;
  }

  Theirs theirs() {
    return theirs;
  }
}
