package craftmap.server.stock;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.supply.Booking;
import craftmap.core.supply.Claims;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import craftmap.server.studio.WhoDoesIt;
import craftmap.server.writing.Guarded;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What plans ask of stocks, settled in the order they asked. */
@Service
@Transactional(readOnly = true)
public class ClaimBook {
  /** The place of a lay for what a person keeps by hand. */
  private static final String BY_HAND = "";

  private static final int AT_ONCE = 200;

  private static final Comparator<ClaimRow.Key> IN_ORDER =
      Comparator.comparing(ClaimRow.Key::holdingId).thenComparing(ClaimRow.Key::layId);

  private final ClaimRows claims;
  private final HoldingRows holdings;
  private final JdbcTemplate jdbc;
  private final Clock clock;
  private final Changes changes;
  private final WhoDoesIt who;

  ClaimBook(
      ClaimRows claims,
      HoldingRows holdings,
      JdbcTemplate jdbc,
      Clock clock,
      Changes changes,
      WhoDoesIt who) {
    this.who = who;
    this.changes = changes;
    this.claims = claims;
    this.holdings = holdings;
    this.jdbc = jdbc;
    this.clock = clock;
  }

  /** A lay's wish. */
  public record Wish(String holdingId, String layId, double quantity) {}

  /**
   * Claims of one stock.
   *
   * @param pieceNames of the pieces that made them
   * @param askedBy who planned what asks first, by the piece; empty where nobody said
   */
  public record Settled(
      Claims claims, Map<String, String> pieceNames, Map<String, String> askedBy) {}

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
    Map<String, String> askedBy = new HashMap<>();
    List<Claims.Claim> wishes = new ArrayList<>();
    for (ClaimRow row : inOrder) {
      names.put(row.key().pieceId(), row.pieceName());
      askedBy.putIfAbsent(row.key().pieceId(), row.madeBy());
      wishes.add(new Claims.Claim(row.key().pieceId(), row.wanted()));
    }
    return new Settled(Claims.settle(level, wishes), names, askedBy);
  }

  /**
   * Sets what the lays of a piece ask for now. A lay that asked before keeps its turn; what is kept
   * by hand stays.
   */
  @Transactional
  public void replace(String studioId, String pieceId, String pieceName, List<Wish> wishes) {
    Map<ClaimRow.Key, BigDecimal> wanted = new TreeMap<>(IN_ORDER);
    for (Wish w : wishes) {
      BigDecimal quantity =
          BigDecimal.valueOf(w.quantity()).setScale(Booking.DECIMALS, RoundingMode.UP);
      if (quantity.signum() > 0) {
        wanted.merge(
            new ClaimRow.Key(pieceId, w.layId(), w.holdingId()), quantity, BigDecimal::add);
      }
    }
    Set<String> called = new HashSet<>();
    Map<ClaimRow.Key, BigDecimal> asked = new TreeMap<>(IN_ORDER);
    jdbc.query(
        "select lay_id, holding_id, wanted, piece_name from claim where piece_id = ?",
        row -> {
          called.add(row.getString("piece_name"));
          if (!row.getString("lay_id").equals(BY_HAND)) {
            asked.put(
                new ClaimRow.Key(pieceId, row.getString("lay_id"), row.getString("holding_id")),
                row.getBigDecimal("wanted"));
          }
        },
        pieceId);
    called.remove(pieceName);
    if (asked.equals(wanted) && called.isEmpty()) {
      return;
    }
    changes.tell(studioId, Thing.CLAIMS, pieceId);
    // by statements that do not count: another may have let go of the same claim already
    List<ClaimRow.Key> gone = asked.keySet().stream().filter(k -> !wanted.containsKey(k)).toList();
    jdbc.batchUpdate(
        "delete from claim where piece_id = ? and lay_id = ? and holding_id = ?",
        gone.stream().map(k -> new Object[] {k.pieceId(), k.layId(), k.holdingId()}).toList());
    LocalDateTime since = LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    String by = who.person();
    jdbc.batchUpdate(
        """
        insert into claim (piece_id, lay_id, holding_id, studio_id, piece_name, wanted, since, made_by)
        values (?, ?, ?, ?, ?, ?, ?, ?)
        on duplicate key update piece_name = values(piece_name), wanted = values(wanted)
        """,
        wanted.entrySet(),
        AT_ONCE,
        (row, w) -> {
          row.setString(1, w.getKey().pieceId());
          row.setString(2, w.getKey().layId());
          row.setString(3, w.getKey().holdingId());
          row.setString(4, studioId);
          row.setString(5, pieceName);
          row.setBigDecimal(6, w.getValue());
          row.setObject(7, since);
          row.setString(8, by);
        });
    jdbc.update(
        "update claim set piece_name = ? where piece_id = ? and lay_id = ''", pieceName, pieceId);
  }

  /** Nothing is kept for a piece any more. */
  @Transactional
  public void release(String studioId, String pieceId) {
    changes.tell(studioId, Thing.CLAIMS, pieceId);
    jdbc.update("delete from claim where piece_id = ?", pieceId);
  }

  /** Keeps some of a stock for a piece; nothing lets it go. */
  @Guarded
  public void keep(
      String studioId, String holdingId, String pieceId, String pieceName, BigDecimal quantity) {
    HoldingRow holding =
        holdings
            .findByStudioIdAndId(studioId, holdingId)
            .orElseThrow(() -> Holdings.missing(holdingId));
    if (quantity.signum() < 0
        || holding.unit().isCounted() && quantity.stripTrailingZeros().scale() > 0) {
      throw new RefusedInput(
          "kept",
          given(holding.unit().show(quantity)),
          said("cannot-be-kept"),
          said("a-quantity-of-0-or-more"));
    }
    changes.tell(studioId, Thing.CLAIMS, pieceId);
    if (quantity.signum() == 0) {
      jdbc.update(
          "delete from claim where piece_id = ? and lay_id = ? and holding_id = ?",
          pieceId,
          BY_HAND,
          holdingId);
      return;
    }
    jdbc.update(
        """
        insert into claim (piece_id, lay_id, holding_id, studio_id, piece_name, wanted, since, made_by)
        values (?, ?, ?, ?, ?, ?, ?, ?)
        on duplicate key update piece_name = values(piece_name), wanted = values(wanted)
        """,
        pieceId,
        BY_HAND,
        holdingId,
        studioId,
        pieceName,
        quantity,
        LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC),
        who.person());
  }
}
