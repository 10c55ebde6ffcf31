package craftmap.server.stock;

import craftmap.core.measure.RefusedInput;
import craftmap.core.supply.Booking;
import craftmap.core.supply.EntryKind;
import java.math.BigDecimal;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Calendar;
import java.util.List;
import java.util.Map;
import java.util.TimeZone;
import java.util.TreeMap;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Books on stocks. A stock is held while a booking looks at its level, so that two bookings never
 * count on the same paint.
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

  Ledger(HoldingRows holdings, LedgerRows ledger, JdbcTemplate jdbc, Clock clock) {
    this.holdings = holdings;
    this.ledger = ledger;
    this.jdbc = jdbc;
    this.clock = clock;
  }

  /** A stock's ledger, oldest first, with running levels. */
  public List<LedgerEntry> entries(String studioId, String holdingId) {
    List<LedgerEntry> entries = new ArrayList<>();
    BigDecimal level = BigDecimal.ZERO;
    for (LedgerRow row : ledger.findByStudioIdAndHoldingIdOrderByIdAsc(studioId, holdingId)) {
      level = level.add(row.quantity());
      entries.add(row.toEntry(level));
    }
    return entries;
  }

  /** The level as it was just before a moment. */
  public BigDecimal levelBefore(String studioId, String holdingId, Instant moment) {
    return ledger.levelBefore(studioId, holdingId, moment);
  }

  /** What was used for each lay of a piece and not taken back, by lay. */
  public Map<String, Use.Booked> usedByLay(String studioId, String pieceId) {
    Map<String, Use.Booked> used = new TreeMap<>();
    for (LedgerRow row : ledger.standingUses(studioId, pieceId)) {
      used.put(row.layId(), new Use.Booked(row.holdingId(), row.quantity().negate()));
    }
    return used;
  }

  @Transactional
  public void book(String studioId, String holdingId, Booking booking, String note, String by) {
    HoldingRow holding = hold(studioId, holdingId);
    booking.onto(ledger.level(holdingId));
    if (booking.kind() == EntryKind.OPENED) {
      holding.opened(LocalDate.now(clock));
      holdings.save(holding);
    }
    write(holding, booking, note, by);
  }

  /** Books the first entries of stocks that were just set up: nobody else knows these yet. */
  @Transactional
  public void open(String studioId, Openings openings, String note, String by) {
    holdings.flush();
    Timestamp now = Timestamp.from(clock.instant());
    jdbc.batchUpdate(
        """
        insert into ledger_entry (studio_id, holding_id, kind, quantity, note, made_by, made_at)
        values (?, ?, ?, ?, ?, ?, ?)
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
        });
    openings.clear();
  }

  /** Books what a lay took, once: booking a lay that is booked already changes nothing. */
  @Transactional
  public void bookUse(String studioId, Use use, String by) {
    HoldingRow holding = hold(studioId, use.holdingId());
    if (ledger.standingUse(studioId, use.pieceId(), use.layId()).isPresent()) {
      return;
    }
    Booking booking = Booking.used(use.quantity(), holding.unit());
    booking.onto(ledger.level(use.holdingId()));
    ledger.save(
        new LedgerRow(holding, booking, use.note(), checkedName(by), clock.instant())
            .forLay(use.pieceId(), use.layId(), use.step()));
  }

  /** Takes a lay's use back by a correction; without a standing use it changes nothing. */
  @Transactional
  public void takeBackUse(String studioId, String pieceId, String layId, String note, String by) {
    ledger
        .standingUse(studioId, pieceId, layId)
        .ifPresent(
            used -> {
              HoldingRow holding = hold(studioId, used.holdingId());
              Booking back =
                  new Booking(EntryKind.CORRECTED, used.quantity().negate(), holding.unit());
              ledger.save(
                  new LedgerRow(holding, back, note, checkedName(by), clock.instant())
                      .forLay(pieceId, layId, null)
                      .takingBack(used));
            });
  }

  /** Corrects a level to what was found. */
  @Transactional
  public void correct(String studioId, String holdingId, BigDecimal found, String note, String by) {
    HoldingRow holding = hold(studioId, holdingId);
    write(
        holding,
        Booking.correctedTo(found, ledger.level(holdingId), holding.holds(), holding.unit()),
        note,
        by);
  }

  private void write(HoldingRow holding, Booking booking, String note, String by) {
    String text = note == null ? "" : note.strip();
    if (text.length() > LONGEST_NOTE) {
      throw new RefusedInput(
          "Note",
          text.length() + " characters",
          "is too long",
          "at most " + LONGEST_NOTE + " characters");
    }
    ledger.save(new LedgerRow(holding, booking, text, checkedName(by), clock.instant()));
  }

  private static String checkedName(String by) {
    String name = by == null ? "" : by.strip();
    return name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
  }

  private HoldingRow hold(String studioId, String holdingId) {
    return holdings.hold(studioId, holdingId).orElseThrow(() -> Holdings.missing(holdingId));
  }
}
