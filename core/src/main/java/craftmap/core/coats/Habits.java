package craftmap.core.coats;

/** Where practitioners disagree: the schools that a piece follows. */
public record Habits(Primer primer, Seal seal, DarkWax darkWax, Relief relief) {
  public static final Habits USUAL =
      new Habits(Primer.WHERE_NEEDED, Seal.TOP_COAT, DarkWax.OVER_CLEAR_WAX, Relief.BEFORE_PAINT);

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

  public Habits with(Primer other) {
    return new Habits(other, seal, darkWax, relief);
  }

  public Habits with(Seal other) {
    return new Habits(primer, other, darkWax, relief);
  }

  public Habits with(DarkWax other) {
    return new Habits(primer, seal, other, relief);
  }

  public Habits with(Relief other) {
    return new Habits(primer, seal, darkWax, other);
  }
}
