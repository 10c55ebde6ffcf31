package craftmap.server.access;

/** What somebody is in a studio, from the least to the most that one may do. */
public enum StudioRole {
  /** Whoever asks, also without being known. */
  ANYONE,
  /** Looks. */
  GUEST,
  /** Plans, books and cuts. */
  MAKER,
  /** Everything, also for the others. */
  OWNER;

  /** Whether one who is this may do what asks for the other. */
  public boolean may(StudioRole asked) {
    return compareTo(asked) >= 0;
  }
}
