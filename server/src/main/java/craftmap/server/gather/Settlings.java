package craftmap.server.gather;

import craftmap.server.stock.ClaimBook;
import craftmap.server.stock.Holding;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Who may count on what of the stocks, each settled once, as its claims were when it was first
 * looked at. Many pieces that ask for the same pot are answered from one settling: anew for each of
 * them, what a studio lacks would take as long as the square of its pieces.
 */
public final class Settlings {
  private final ClaimBook claims;
  private final Map<String, ClaimBook.Settled> known = new HashMap<>();

  Settlings(ClaimBook claims) {
    this.claims = claims;
  }

  /** Settles those that are not settled yet, all together. */
  void lookUp(String studioId, List<Holding> stocks) {
    List<Holding> fresh = stocks.stream().filter(h -> !known.containsKey(h.id())).toList();
    known.putAll(claims.settled(studioId, fresh));
  }

  /** What a piece may count on, in the unit of the stock. */
  double forPiece(Holding stock, String pieceId) {
    return known
        .computeIfAbsent(stock.id(), _ -> claims.on(stock))
        .claims()
        .forPiece(pieceId)
        .doubleValue();
  }
}
