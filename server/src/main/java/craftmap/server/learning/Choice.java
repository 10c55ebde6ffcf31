package craftmap.server.learning;

/** What may be decided about a figure that is learned. */
public enum Choice {
  /** Plans go by it. */
  ON,
  /** Plans go by what is typical. */
  OFF,
  /** What was seen until then counts no more. */
  RESET,
  /** It counts after all. */
  RESTORED
}
