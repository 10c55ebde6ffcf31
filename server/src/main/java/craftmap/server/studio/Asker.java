package craftmap.server.studio;

import craftmap.server.access.StudioRole;

/**
 * Who asks: handed to whatever answers a request, so that nothing has to find out for itself whose
 * data it works on and who does it.
 *
 * @param person the name under which it is written down; empty while nobody said one
 * @param account by which they signed in; empty while there are no accounts
 */
public record Asker(Studio studio, String person, StudioRole role, String account) {
  /** Whoever sits at a machine that has no accounts. */
  public static Asker atTheMachine(Studio studio, String person) {
    return new Asker(studio, person, StudioRole.OWNER, "");
  }

  /**
   * Whoever works on a device that is paired with a studio without accounts: they make things; who
   * comes in by which device is said at the machine itself.
   */
  static Asker onADevice(Studio studio, String person) {
    return new Asker(studio, person, StudioRole.MAKER, "");
  }
}
