package craftmap.core.coats;

/** Where practitioners disagree: the schools that a piece follows. */
public record Habits(Primer primer, Seal seal, DarkWax darkWax, Relief relief, Lift lift) {
  public static final Habits USUAL =
      new Habits(
          Primer.WHERE_NEEDED,
          Seal.TOP_COAT,
          DarkWax.OVER_CLEAR_WAX,
          Relief.BEFORE_PAINT,
          Lift.WET);

  /** When a primer goes on. */
  public enum Primer {
    ALWAYS,
    /** Only where bleed, slickness or colour ask for it. */
    WHERE_NEEDED
  }

  /** What closes a paint that needs it. */
  public enum Seal {
    TOP_COAT,
    WAX
  }

  /** What dark wax goes over. */
  public enum DarkWax {
    OVER_CLEAR_WAX,
    OVER_A_SEALED_COAT
  }

  /** When mouldings, castings and paste go on. */
  public enum Relief {
    BEFORE_PAINT,
    /** And are then painted round. */
    AFTER_PAINT
  }

  /** When a stencil comes off what was painted through it. */
  public enum Lift {
    /** At once: a clean edge, and the sheet is free for the next place. */
    WET,
    /** Once it is touch-dry: nothing smears, and the sheet stays where it lies as long. */
    DRY
  }

  public Habits with(Primer other) {
    return new Habits(other, seal, darkWax, relief, lift);
  }

  public Habits with(Seal other) {
    return new Habits(primer, other, darkWax, relief, lift);
  }

  public Habits with(DarkWax other) {
    return new Habits(primer, seal, other, relief, lift);
  }

  public Habits with(Relief other) {
    return new Habits(primer, seal, darkWax, other, lift);
  }

  public Habits with(Lift other) {
    return new Habits(primer, seal, darkWax, relief, other);
  }
}
