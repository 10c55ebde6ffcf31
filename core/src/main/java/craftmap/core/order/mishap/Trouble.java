package craftmap.core.order.mishap;

/** What goes wrong with what was just put on, cut or cast. */
public enum Trouble {
  /** Runs and drips, or brush marks that do not level. */
  RUNS,
  /** A stain, or the wood's own colour, comes through. */
  BLEEDS_THROUGH,
  /** It is another colour than was wanted. */
  WRONG_COLOUR,
  /** What had to follow in time did not. */
  MISSED_WINDOW,
  LIFTED_EDGE,
  WRINKLE,
  TORN,
  /** It went under the edge of a stencil, or of tape. */
  BLED_UNDER,
  /** It moved, or lies where it was not meant to. */
  SLIPPED,
  /** What was there before came off with the tape. */
  PULLED_OFF,
  /** Sanded down to what lies beneath. */
  RUBBED_THROUGH,
  BROKEN,
  RAN_OUT
}
