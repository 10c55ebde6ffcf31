package craftmap.server.stock;

import java.math.BigDecimal;

/**
 * What a lay takes from a stock.
 *
 * @param step what is done: "two coats"
 */
public record Use(
    String holdingId, double quantity, String pieceId, String layId, String step, String note) {

  /** A use that stands in the ledger. */
  public record Booked(String holdingId, BigDecimal quantity) {}
}
