package craftmap.server.writing;

import java.time.Instant;
import java.util.List;

/**
 * Someone else changed the same thing since it was looked at: what they did, so that the person can
 * choose.
 */
public final class Clash extends RuntimeException {
  private static final long serialVersionUID = 1;

  private final transient Theirs theirs;

  /**
   * The other side.
   *
   * @param version as which it stands now
   * @param changes what was done to it lately, newest first
   */
  public record Theirs(long version, Instant savedAt, List<String> changes) {
    public Theirs {
      changes = List.copyOf(changes);
    }
  }

  public Clash(String message, Theirs theirs) {
    super(message);
    this.theirs = theirs;
  }

  public Theirs theirs() {
    return theirs;
  }
}
