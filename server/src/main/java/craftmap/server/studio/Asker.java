package craftmap.server.studio;

/**
 * Who asks: handed to whatever answers a request, so that nothing has to find out for itself whose
 * data it works on and who does it.
 *
 * @param person the name under which it is written down; empty while nobody said one
 */
public record Asker(Studio studio, String person, Role role) {
  /** What one may do. */
  public enum Role {
    /** Everything, also for the others. */
    OWNER,
    /** Plans, books and cuts. */
    MAKER,
    /** Looks. */
    GUEST
  }
}
