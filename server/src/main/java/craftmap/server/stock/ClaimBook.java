package craftmap.server.stock;

import craftmap.core.measure.RefusedInput;
import craftmap.core.supply.Booking;
import craftmap.core.supply.Claims;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What plans ask of stocks, settled in the order they asked. */
@Service
@Transactional(readOnly = true)
public class ClaimBook {
  /** The place of a lay for what a person keeps by hand. */
  private static final String BY_HAND = "";

  private final ClaimRows claims;
  private final HoldingRows holdings;
  private final Clock clock;

  ClaimBook(ClaimRows claims, HoldingRows holdings, Clock clock) {
    this.claims = claims;
    this.holdings = holdings;
    this.clock = clock;
  }

  /** A lay's wish. */
  public record Wish(String holdingId, String layId, double quantity) {}

  /** Claims of one stock with the names of the pieces that made them. */
  public record Settled(Claims claims, Map<String, String> pieceNames) {}

  public Settled on(Holding holding) {
    return settle(holding.level(), claims.onHolding(holding.id()));
  }

  /** Of many stocks at once, by stock; stocks that nobody claims are not in it. */
  public Map<String, Settled> onAll(String studioId, List<Holding> among) {
    Map<String, List<ClaimRow>> byHolding = new HashMap<>();
    for (ClaimRow row : claims.ofStudio(studioId)) {
      byHolding.computeIfAbsent(row.key().holdingId(), id -> new ArrayList<>()).add(row);
    }
    Map<String, Settled> settled = new HashMap<>();
    for (Holding h : among) {
      List<ClaimRow> rows = byHolding.get(h.id());
      if (rows != null) {
        settled.put(h.id(), settle(h.level(), rows));
      }
    }
    return settled;
  }

  private static Settled settle(BigDecimal level, List<ClaimRow> inOrder) {
    Map<String, String> names = new HashMap<>();
    List<Claims.Claim> wishes = new ArrayList<>();
    for (ClaimRow row : inOrder) {
      names.put(row.key().pieceId(), row.pieceName());
      wishes.add(new Claims.Claim(row.key().pieceId(), row.wanted()));
    }
    return new Settled(Claims.settle(level, wishes), names);
  }

  /**
   * Sets what the lays of a piece ask for now. A lay that asked before keeps its turn; what is kept
   * by hand stays.
   */
  @Transactional
  public void replace(String studioId, String pieceId, String pieceName, List<Wish> wishes) {
    Map<ClaimRow.Key, BigDecimal> wanted = new HashMap<>();
    for (Wish w : wishes) {
      BigDecimal quantity =
          BigDecimal.valueOf(w.quantity()).setScale(Booking.DECIMALS, RoundingMode.UP);
      if (quantity.signum() > 0) {
        wanted.merge(
            new ClaimRow.Key(pieceId, w.layId(), w.holdingId()), quantity, BigDecimal::add);
      }
    }
    for (ClaimRow row : claims.ofPiece(pieceId)) {
      BigDecimal now = wanted.remove(row.key());
      if (now != null) {
        row.changeTo(pieceName, now);
      } else if (!row.key().layId().equals(BY_HAND)) {
        claims.delete(row);
      }
    }
    Instant since = clock.instant();
    wanted.forEach((key, q) -> claims.save(new ClaimRow(studioId, key, pieceName, q, since)));
  }

  /** Nothing is kept for a piece any more. */
  @Transactional
  public void release(String pieceId) {
    claims.deleteAll(claims.ofPiece(pieceId));
  }

  /** Keeps some of a stock for a piece; nothing lets it go. */
  @Transactional
  public void keep(
      String studioId, String holdingId, String pieceId, String pieceName, BigDecimal quantity) {
    HoldingRow holding =
        holdings.hold(studioId, holdingId).orElseThrow(() -> Holdings.missing(holdingId));
    if (quantity.signum() < 0
        || holding.unit().isCounted() && quantity.stripTrailingZeros().scale() > 0) {
      throw new RefusedInput(
          "Kept", holding.unit().show(quantity), "cannot be kept", "a quantity of 0 or more");
    }
    ClaimRow.Key key = new ClaimRow.Key(pieceId, BY_HAND, holdingId);
    Optional<ClaimRow> before = claims.findById(key);
    if (quantity.signum() == 0) {
      before.ifPresent(claims::delete);
    } else if (before.isPresent()) {
      before.get().changeTo(pieceName, quantity);
    } else {
      claims.save(new ClaimRow(studioId, key, pieceName, quantity, clock.instant()));
    }
  }
}
