package craftmap.core.order.work;

/** What is done in a step. */
public enum Doing {
  HARDWARE_OFF,
  TEST_FOR_LEAD,
  WAX_OFF,
  STRIP,
  CLEAN,
  FILL,
  SAND,
  DUST_OFF,
  MASK,
  UNMASK,
  COAT,
  RESIST,
  DISTRESS,
  /** Cut, torn, weeded or traced, away from the piece. */
  CUT,
  /** Cast in a mould, away from the piece. */
  CAST,
  /** Put on as a stencil, a print, paste or a drawing is. */
  LAY,
  /** The stencil comes off what has dried under it. */
  LIFT,
  /** Brushed with what holds it, before it is laid. */
  SIZE,
  HARDWARE_ON,
  /** Something that went wrong is mended. */
  MEND,
  /** A step of the artist's own. */
  OWN;

  /** Whether it is done at a table, with the piece out of the way. */
  public boolean isAwayFromThePiece() {
    return this == CUT || this == CAST;
  }
}
