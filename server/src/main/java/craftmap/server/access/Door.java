package craftmap.server.access;

/** By which way a request came to this server. */
public sealed interface Door {
  /** From a page of the machine itself, or by the proxy in front of it. */
  record AtTheMachine() implements Door {}

  /** Over the studio's own network, from something that nobody knows. */
  record Unpaired() implements Door {}

  /**
   * Over the studio's own network, from a device that was paired.
   *
   * @param benchOnly whether it does no more than is done at the bench
   */
  record Paired(String id, String studioId, String name, boolean benchOnly) implements Door {}
}
