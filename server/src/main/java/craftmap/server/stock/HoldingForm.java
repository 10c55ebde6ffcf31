package craftmap.server.stock;

/** What a stock is. */
public enum HoldingForm {
  /** Whole sheets, pieces or tools. */
  WHOLE,
  ROLL,
  POT,
  OFFCUT
}
