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
import craftmap.server.writing.Solves;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What plans ask of stocks, settled in the order they asked. */
@Service
@Transactional(readOnly = true)
public class ClaimBook {
  /** The place of a lay for what a person keeps by hand. */
  private static final String BY_HAND = "";

  private static final int AT_ONCE = 200;

  /** Of more stocks than this, all of the studio's claims are looked through. */
  private static final int NAMED_AT_ONCE = 100;

  /** Who asked first comes first; the ids only make equal moments an order. */
  private static final String TURNS = " order by since, piece_id, lay_id";

  private static final String CLAIMS =
      "select holding_id, piece_id, piece_name, wanted, made_by from claim where ";

  private static final String LEVELS =
      """
      select c.holding_id, c.piece_id, c.piece_name, c.wanted, c.made_by, h.id, h.level
      from holding h left join claim c on c.holding_id = h.id
      where h.studio_id = :studio and h.id in (:holdings)
      """
          + TURNS;

  /** A lay asks once of each stock; what a person keeps for a piece has no lay. */
  private record Key(String pieceId, String layId, String holdingId) {}

  private static final Comparator<Key> IN_ORDER =
      Comparator.comparing(Key::holdingId).thenComparing(Key::layId);

  private record Asked(
      String holdingId, String pieceId, String pieceName, BigDecimal wanted, String by) {}

  private final HoldingRows holdings;
  private final JdbcTemplate jdbc;
  private final JdbcClient ask;
  private final Clock clock;
  private final Changes changes;
  private final WhoDoesIt who;

  ClaimBook(HoldingRows holdings, JdbcTemplate jdbc, Clock clock, Changes changes, WhoDoesIt who) {
    this.who = who;
    this.changes = changes;
    this.holdings = holdings;
    this.jdbc = jdbc;
    this.ask = JdbcClient.create(jdbc);
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
      Claims claims, Map<String, String> pieceNames, Map<String, String> askedBy) {
    /** Of a stock that nobody claims. */
    public static Settled unclaimed(BigDecimal level) {
      return settle(level, List.of());
    }
  }

  @Solves
  public Settled on(Holding holding) {
    return settle(
        holding.level(),
        ask.sql(CLAIMS + "holding_id = :holding" + TURNS)
            .param("holding", holding.id())
            .query(ClaimBook::asked)
            .list());
  }

  /** Of many stocks at once, by stock; stocks that nobody claims are not in it. */
  @Solves
  public Map<String, Settled> onAll(String studioId, Collection<Holding> among) {
    if (among.isEmpty()) {
      return Map.of();
    }
    Map<String, List<Asked>> byHolding =
        (among.size() <= NAMED_AT_ONCE
                ? ask.sql(CLAIMS + "holding_id in (:holdings)" + TURNS)
                    .param("holdings", among.stream().map(Holding::id).toList())
                : ask.sql(CLAIMS + "studio_id = :studio" + TURNS).param("studio", studioId))
            .query(ClaimBook::asked).list().stream()
                .collect(Collectors.groupingBy(Asked::holdingId));
    Map<String, Settled> settled = new HashMap<>();
    for (Holding h : among) {
      List<Asked> all = byHolding.get(h.id());
      if (all != null) {
        settled.put(h.id(), settle(h.level(), all));
      }
    }
    return settled;
  }

  /** What a piece may count on of each of some stocks, by stock. */
  @Solves
  public Map<String, BigDecimal> forPiece(
      String studioId, String pieceId, Collection<Holding> stocks) {
    Map<String, Settled> settled = settled(studioId, stocks);
    return stocks.stream()
        .collect(
            Collectors.toMap(Holding::id, h -> settled.get(h.id()).claims().forPiece(pieceId)));
  }

  /**
   * The same with their levels as they are now, by their ids; stocks that there are not are not in
   * it. A level and what is claimed of it are of one moment, since they are one question.
   */
  @Solves
  public Map<String, BigDecimal> nowForPiece(
      String studioId, String pieceId, Collection<String> stocks) {
    if (Changes.isUnderWay()) {
      holdings.flush();
    }
    Map<String, BigDecimal> levels = new HashMap<>();
    Map<String, List<Asked>> byHolding = new HashMap<>();
    List<String> ids = List.copyOf(stocks);
    for (int from = 0; from < ids.size(); from += NAMED_AT_ONCE) {
      ask.sql(LEVELS)
          .param("studio", studioId)
          .param("holdings", ids.subList(from, Math.min(ids.size(), from + NAMED_AT_ONCE)))
          .query(
              row -> {
                String id = row.getString("id");
                levels.put(id, row.getBigDecimal("level"));
                List<Asked> all = byHolding.computeIfAbsent(id, _ -> new ArrayList<>());
                if (row.getString(2) != null) {
                  all.add(asked(row, row.getRow()));
                }
              });
    }
    Map<String, BigDecimal> mine = new HashMap<>();
    levels.forEach(
        (id, level) -> mine.put(id, settle(level, byHolding.get(id)).claims().forPiece(pieceId)));
    return mine;
  }

  /** Of many stocks at once, also of those that nobody claims. */
  @Solves
  public Map<String, Settled> settled(String studioId, Collection<Holding> stocks) {
    Map<String, Settled> settled = new HashMap<>(onAll(studioId, stocks));
    stocks.forEach(h -> settled.computeIfAbsent(h.id(), _ -> Settled.unclaimed(h.level())));
    return settled;
  }

  private static Asked asked(ResultSet row, int number) throws SQLException {
    return new Asked(
        row.getString(1),
        row.getString(2),
        row.getString(3),
        row.getBigDecimal(4),
        row.getString(5));
  }

  private static Settled settle(BigDecimal level, List<Asked> inOrder) {
    Map<String, String> names = new HashMap<>();
    Map<String, String> askedBy = new HashMap<>();
    List<Claims.Claim> wishes = new ArrayList<>();
    for (Asked claim : inOrder) {
      names.put(claim.pieceId(), claim.pieceName());
      askedBy.putIfAbsent(claim.pieceId(), claim.by());
      wishes.add(new Claims.Claim(claim.pieceId(), claim.wanted()));
    }
    return new Settled(Claims.settle(level, wishes), names, askedBy);
  }

  /**
   * Sets what the lays of a piece ask for now. A lay that asked before keeps its turn; what is kept
   * by hand stays.
   */
  @Transactional
  public void replace(String studioId, String pieceId, String pieceName, List<Wish> wishes) {
    Map<Key, BigDecimal> wanted = new TreeMap<>(IN_ORDER);
    for (Wish w : wishes) {
      BigDecimal quantity =
          BigDecimal.valueOf(w.quantity()).setScale(Booking.DECIMALS, RoundingMode.UP);
      if (quantity.signum() > 0) {
        wanted.merge(new Key(pieceId, w.layId(), w.holdingId()), quantity, BigDecimal::add);
      }
    }
    Set<String> called = new HashSet<>();
    Map<Key, BigDecimal> asked = new TreeMap<>(IN_ORDER);
    jdbc.query(
        "select lay_id, holding_id, wanted, piece_name from claim where piece_id = ?",
        row -> {
          called.add(row.getString("piece_name"));
          if (!row.getString("lay_id").equals(BY_HAND)) {
            asked.put(
                new Key(pieceId, row.getString("lay_id"), row.getString("holding_id")),
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
    List<Key> gone = asked.keySet().stream().filter(k -> !wanted.containsKey(k)).toList();
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
