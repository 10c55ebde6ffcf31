package craftmap.core.measure;

/** An answer to a plain question. */
public enum YesNo {
  YES,
  NO;

  public static YesNo of(boolean yes) {
    return yes ? YES : NO;
  }
}
