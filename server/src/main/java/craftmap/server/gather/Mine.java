package craftmap.server.gather;

import craftmap.server.shelf.Pot;
import craftmap.server.stock.ClaimBook;
import craftmap.server.stock.Holding;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What one piece may count on of the shelf. Each stock's claims are asked for once, however many of
 * the piece's needs lead to it; those that it is known to need all together.
 */
final class Mine {
  private final ClaimBook claims;
  private final String pieceId;
  private final Map<String, Double> known = new HashMap<>();

  Mine(ClaimBook claims, String pieceId) {
    this.claims = claims;
    this.pieceId = pieceId;
  }

  void lookUp(String studioId, List<Holding> stocks) {
    claims
        .forPiece(studioId, pieceId, stocks)
        .forEach((id, quantity) -> known.put(id, quantity.doubleValue()));
  }

  /** In the unit of the stock. */
  double of(Holding stock) {
    return known.computeIfAbsent(
        stock.id(), _ -> claims.on(stock).claims().forPiece(pieceId).doubleValue());
  }

  double of(List<Holding> stock) {
    return stock.stream().mapToDouble(this::of).sum();
  }

  double ml(Pot pot) {
    return pot.ml(of(pot.holding()));
  }
}
