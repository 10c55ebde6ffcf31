package craftmap.core.design;

/** What the maker of a design allows. */
public enum Rights {
  MAY_BE_SOLD,
  OWN_USE_ONLY,
  ASK_FIRST;

  /** Whether a piece with this design may go to a buyer without asking anyone. */
  public boolean allowsSale() {
    return this == MAY_BE_SOLD;
  }
}
