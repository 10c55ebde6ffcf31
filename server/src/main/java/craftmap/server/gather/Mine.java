package craftmap.server.gather;

import craftmap.server.shelf.Pot;
import craftmap.server.stock.Holding;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What one piece may count on of the shelf. */
final class Mine {
  private final Settlings settlings;
  private final String pieceId;
  private final Map<String, Double> known = new HashMap<>();

  Mine(Settlings settlings, String pieceId) {
    this.settlings = settlings;
    this.pieceId = pieceId;
  }

  void lookUp(String studioId, List<Holding> stocks) {
    settlings.lookUp(studioId, stocks);
  }

  /** In the unit of the stock. */
  double of(Holding stock) {
    return known.computeIfAbsent(stock.id(), _ -> settlings.forPiece(stock, pieceId));
  }

  double of(List<Holding> stock) {
    return stock.stream().mapToDouble(this::of).sum();
  }

  double ml(Pot pot) {
    return pot.ml(of(pot.holding()));
  }
}
