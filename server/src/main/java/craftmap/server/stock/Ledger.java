package craftmap.server.stock;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.money.Money;
import craftmap.core.supply.Booking;
import craftmap.core.supply.EntryKind;
import craftmap.server.bench.Benches;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import craftmap.server.writing.Guarded;
import craftmap.server.writing.Solves;
import java.math.BigDecimal;
import java.sql.Timestamp;
import java.sql.Types;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Calendar;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TimeZone;
import java.util.TreeMap;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.data.domain.Limit;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Books on stocks. The row of a stock guards its own level: a booking lowers it only where enough
 * is left, in the one statement that changes it, so that two bookings never count on the same
 * paint, whichever servers they come from. Each change is an entry beside it.
 */
@Service
@Transactional(readOnly = true)
public class Ledger {
  private static final int LONGEST_NOTE = 200;
  private static final int LONGEST_NAME = 40;
  private static final int OPENINGS_AT_ONCE = 200;

  private final HoldingRows holdings;
  private final LedgerRows ledger;
  private final JdbcTemplate jdbc;
  private final Clock clock;
  private final Changes changes;
  private final Benches benches;

  Ledger(
      HoldingRows holdings,
      LedgerRows ledger,
      JdbcTemplate jdbc,
      Clock clock,
      Changes changes,
      Benches benches) {
    this.benches = benches;
    this.changes = changes;
    this.holdings = holdings;
    this.ledger = ledger;
    this.jdbc = jdbc;
    this.clock = clock;
  }

  /**
   * The last that happened to some stocks.
   *
   * @param entries youngest first, each with the level it left in its own stock
   * @param older how many more there are
   */
  public record Told(List<LedgerEntry> entries, int older) {}

  /**
   * What happened to some stocks, as far back as somebody asks. A stock that is booked on for years
   * has more entries than anyone reads: only their sum is taken of all of them.
   */
  public Told latest(String studioId, Collection<String> holdingIds, int most) {
    Map<String, BigDecimal> level = new HashMap<>();
    long all = 0;
    for (LedgerRows.Total total : ledger.totals(studioId, holdingIds)) {
      level.put(total.holdingId(), total.quantity());
      all += total.entries();
    }
    List<LedgerEntry> entries = new ArrayList<>();
    for (LedgerRow row : ledger.latest(studioId, holdingIds, Limit.of(most))) {
      BigDecimal after = level.get(row.holdingId());
      entries.add(row.toEntry(after));
      level.put(row.holdingId(), after.subtract(row.quantity()));
    }
    return new Told(entries, Math.toIntExact(all - entries.size()));
  }

  /** The level as it was just before a moment. */
  @Solves
  public BigDecimal levelBefore(String studioId, String holdingId, Instant moment) {
    return ledger.levelBefore(studioId, holdingId, moment);
  }

  /** What was used for each lay of a piece and not taken back, by lay. */
  @Solves
  public Map<String, Use.Booked> usedByLay(String studioId, String pieceId) {
    Map<String, Use.Booked> used = new TreeMap<>();
    jdbc.query(
        """
        select u.lay_id, e.holding_id, e.quantity
        from lay_use u join ledger_entry e on e.id = u.entry_id
        where u.studio_id = ? and u.piece_id = ?
        """,
        row -> {
          used.put(
              row.getString(1), new Use.Booked(row.getString(2), row.getBigDecimal(3).negate()));
        },
        studioId,
        pieceId);
    return used;
  }

  @Guarded
  public void book(String studioId, String holdingId, Booking booking, String note, String by) {
    HoldingRow holding = holding(studioId, holdingId);
    move(holding, booking);
    if (booking.kind() == EntryKind.OPENED) {
      holding.opened(LocalDate.ofInstant(clock.instant(), benches.zone(studioId)));
      holdings.saveAndFlush(holding);
    }
    write(holding, booking, note, by);
  }

  /** Raises or lowers the level, if enough is left. */
  private void move(HoldingRow holding, Booking booking) {
    changes.tell(holding.studioId(), Thing.STOCK, holding.getId());
    int moved =
        jdbc.update(
            """
            update holding set level = level + ?
            where id = ? and (level + ? >= 0 or ? >= 0)
            """,
            booking.change(),
            holding.getId(),
            booking.change(),
            booking.change());
    if (moved == 0) {
      booking.onto(held(holding.getId()));
      throw new ConcurrencyFailureException("the level rose while it was looked at");
    }
  }

  /** The level as it is now; nobody changes it until this change ends. */
  @Transactional
  public BigDecimal levelHeld(String holdingId) {
    return held(holdingId);
  }

  private BigDecimal held(String holdingId) {
    return jdbc.queryForObject(
        "select level from holding where id = ? for update", BigDecimal.class, holdingId);
  }

  /** Books the first entries of stocks that were just set up: nobody else knows these yet. */
  @Transactional
  public void open(String studioId, Openings openings, String note, String by) {
    holdings.flush();
    Timestamp now = Timestamp.from(clock.instant());
    jdbc.batchUpdate(
        """
        insert into ledger_entry
          (studio_id, holding_id, kind, quantity, note, made_by, made_at, price_minor, currency)
        values (?, ?, ?, ?, ?, ?, ?, ?, ?)
        """,
        openings.all(),
        OPENINGS_AT_ONCE,
        (row, o) -> {
          row.setString(1, studioId);
          row.setString(2, o.holding().id());
          row.setString(3, o.booking().kind().name());
          row.setBigDecimal(4, o.booking().change());
          row.setString(5, note);
          row.setString(6, checkedName(by));
          row.setTimestamp(7, now, Calendar.getInstance(TimeZone.getTimeZone("UTC")));
          row.setObject(8, o.booking().paid().map(Money::minor).orElse(null), Types.BIGINT);
          row.setString(9, o.booking().paid().map(Money::currency).orElse(null));
        });
    // nothing else was booked on them yet: their level is what their entries add up to
    List<String> fresh = openings.all().stream().map(o -> o.holding().id()).distinct().toList();
    fresh.forEach(id -> changes.tell(studioId, Thing.STOCK, id));
    for (int from = 0; from < fresh.size(); from += OPENINGS_AT_ONCE) {
      List<String> some = fresh.subList(from, Math.min(fresh.size(), from + OPENINGS_AT_ONCE));
      JdbcClient.create(jdbc)
          .sql(
              """
              update holding h
              join (select holding_id, sum(quantity) as level from ledger_entry
                    where holding_id in (:some) group by holding_id) e on e.holding_id = h.id
              set h.level = e.level
              """)
          .param("some", some)
          .update();
    }
    openings.clear();
  }

  /**
   * What was paid for a stock.
   *
   * @param quantity of all that was bought of it for that
   */
  public record Paid(Money paid, BigDecimal quantity) {}

  /** None where nobody said; the currency in which most of it was bought. */
  @Solves
  public Optional<Paid> paidFor(String studioId, String holdingId) {
    return JdbcClient.create(jdbc)
        .sql(
            """
            select currency, sum(price_minor) as minor, sum(quantity) as quantity
            from ledger_entry
            where studio_id = :studio and holding_id = :holding
              and price_minor is not null and quantity > 0
            group by currency order by quantity desc, currency limit 1
            """)
        .param("studio", studioId)
        .param("holding", holdingId)
        .query(
            (row, _) ->
                new Paid(
                    new Money(row.getLong("minor"), row.getString("currency")),
                    row.getBigDecimal("quantity")))
        .optional();
  }

  /** Books what a lay took, once: booking a lay that is booked already changes nothing. */
  @Transactional
  public void bookUse(String studioId, Use use, String by) {
    if (standing(use.pieceId(), use.layId()).isPresent()) {
      return;
    }
    HoldingRow holding = holding(studioId, use.holdingId());
    Booking booking = Booking.used(use.quantity(), holding.unit());
    move(holding, booking);
    LedgerRow entry =
        ledger.saveAndFlush(
            new LedgerRow(holding, booking, use.note(), checkedName(by), clock.instant())
                .forLay(use.pieceId(), use.layId(), use.step()));
    // the key is the lay: a second use at the same moment is refused, and finds this one then
    try {
      jdbc.update(
          "insert into lay_use (piece_id, lay_id, studio_id, entry_id) values (?, ?, ?, ?)",
          use.pieceId(),
          use.layId(),
          studioId,
          entry.id());
    } catch (DuplicateKeyException other) {
      throw new ConcurrencyFailureException("booked by another meanwhile", other);
    }
  }

  /**
   * Books what was poured, once. It was there to be poured: where the ledger says that there is
   * less, the ledger is put right first.
   *
   * @param more the note of that correction
   */
  @Transactional
  public void bookPoured(String studioId, Use use, String more, String by) {
    if (standing(use.pieceId(), use.layId()).isPresent()) {
      return;
    }
    HoldingRow holding = holding(studioId, use.holdingId());
    BigDecimal missing =
        Booking.used(use.quantity(), holding.unit())
            .change()
            .negate()
            .subtract(held(use.holdingId()));
    if (missing.signum() > 0) {
      putBack(studioId, use.holdingId(), missing, more, by);
    }
    bookUse(studioId, use, by);
  }

  /** Takes a lay's use back by a correction; without a standing use it changes nothing. */
  @Transactional
  public void takeBackUse(String studioId, String pieceId, String layId, String note, String by) {
    Optional<Long> standing = standing(pieceId, layId);
    if (standing.isEmpty()
        || jdbc.update(
                "delete from lay_use where piece_id = ? and lay_id = ? and entry_id = ?",
                pieceId,
                layId,
                standing.get())
            == 0) {
      return;
    }
    LedgerRow used = ledger.findById(standing.get()).orElseThrow();
    HoldingRow holding = holding(studioId, used.holdingId());
    Booking back = new Booking(EntryKind.CORRECTED, used.quantity().negate(), holding.unit());
    move(holding, back);
    ledger.save(
        new LedgerRow(holding, back, note, checkedName(by), clock.instant())
            .forLay(pieceId, layId, null)
            .takingBack(used));
  }

  /** The lays of a piece are no more: their uses cannot be taken back. The entries stay. */
  @Transactional
  public void forget(String studioId, String pieceId) {
    jdbc.update("delete from lay_use where studio_id = ? and piece_id = ?", studioId, pieceId);
  }

  private Optional<Long> standing(String pieceId, String layId) {
    return jdbc
        .queryForList(
            "select entry_id from lay_use where piece_id = ? and lay_id = ?",
            Long.class,
            pieceId,
            layId)
        .stream()
        .findFirst();
  }

  /**
   * Corrects a level to what was found. Whatever was booked until then is in the level it is
   * corrected from; what is booked afterwards comes on top.
   */
  @Guarded
  public void correct(String studioId, String holdingId, BigDecimal found, String note, String by) {
    HoldingRow holding = holding(studioId, holdingId);
    Booking correction =
        Booking.correctedTo(found, held(holdingId), holding.holds(), holding.unit());
    move(holding, correction);
    write(holding, correction, note, by);
  }

  /** Puts so much back, whatever the level is. */
  @Transactional
  public void putBack(
      String studioId, String holdingId, BigDecimal quantity, String note, String by) {
    HoldingRow holding = holding(studioId, holdingId);
    Booking back = new Booking(EntryKind.CORRECTED, quantity, holding.unit());
    move(holding, back);
    write(holding, back, note, by);
  }

  /** Takes away all that there is. */
  @Transactional
  public void empty(String studioId, String holdingId, String note, String by) {
    HoldingRow holding = holding(studioId, holdingId);
    BigDecimal level = held(holdingId);
    if (level.signum() > 0) {
      Booking all = new Booking(EntryKind.CORRECTED, level.negate(), holding.unit());
      move(holding, all);
      write(holding, all, note, by);
    }
  }

  private void write(HoldingRow holding, Booking booking, String note, String by) {
    String text = note == null ? "" : note.strip();
    if (text.length() > LONGEST_NOTE) {
      throw new RefusedInput(
          "note",
          said("characters", count(text.length())),
          said("is-too-long"),
          said("at-most-characters", given(LONGEST_NOTE)));
    }
    ledger.save(new LedgerRow(holding, booking, text, checkedName(by), clock.instant()));
  }

  private static String checkedName(String by) {
    String name = by == null ? "" : by.strip();
    return name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
  }

  private HoldingRow holding(String studioId, String holdingId) {
    return holdings
        .findByStudioIdAndId(studioId, holdingId)
        .orElseThrow(() -> Holdings.missing(holdingId));
  }
}
