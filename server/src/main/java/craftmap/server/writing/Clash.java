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
   * @param both what both sides have changed; empty where it is one thing, or not known
   */
  public record Theirs(long version, Instant savedAt, List<String> changes, List<String> both) {
    public Theirs {
      changes = List.copyOf(changes);
      both = List.copyOf(both);
    }

    /** Of a thing that is changed as a whole. */
    public Theirs(long version, Instant savedAt, List<String> changes) {
      this(version, savedAt, changes, List.of());
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
