package craftmap.core.design;

/** Whether a design has a top. */
public enum Direction {
  /** It may be turned any way. */
  ANY_WAY,
  /** Upside down is as good as upright, sideways is not. */
  TWO_WAYS,
  UPRIGHT;

  /** Whether it may lie turned by a quarter. */
  public boolean liesSideways() {
    return this == ANY_WAY;
  }
}
