package craftmap.server.money;

import craftmap.core.money.Money;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import craftmap.server.database.Utc;
import craftmap.server.piece.PieceGone;
import craftmap.server.piece.Pieces;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Clash;
import craftmap.server.writing.Guarded;
import craftmap.server.writing.Version;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what was said about money. */
@Service
@Transactional(readOnly = true)
class MoneyBook {
  private final JdbcClient jdbc;
  private final Changes changes;
  private final Clock clock;
  private final Pieces pieces;

  MoneyBook(JdbcClient jdbc, Changes changes, Clock clock, Pieces pieces) {
    this.jdbc = jdbc;
    this.changes = changes;
    this.clock = clock;
    this.pieces = pieces;
  }

  /**
   * Something that was said.
   *
   * @param version how often it was changed; 0 while it is as usual
   */
  record Kept<T>(T what, long version, Instant at) {}

  Kept<Rates> rates(Studio studio) {
    return jdbc.sql("SELECT * FROM studio_money WHERE studio_id = :studio")
        .param("studio", studio.id())
        .query(
            (row, _) ->
                kept(
                    new Rates(
                        new Money(row.getLong("hourly_minor"), row.getString("currency")),
                        row.getInt("margin"),
                        new Money(row.getLong("wage_minor"), row.getString("currency")),
                        Rates.Way.valueOf(row.getString("way"))),
                    row))
        .optional()
        .orElse(new Kept<>(Rates.USUAL, 0, Instant.EPOCH));
  }

  /** What was said of a piece, in the currency in which it was said. */
  Kept<Purse> purse(Studio studio, String pieceId) {
    return jdbc.sql("SELECT * FROM piece_money WHERE studio_id = :studio AND piece_id = :piece")
        .param("studio", studio.id())
        .param("piece", pieceId)
        .query(
            (row, _) ->
                kept(
                    new Purse(
                        sum(row, "paid_minor"), sum(row, "budget_minor"), sum(row, "asked_minor")),
                    row))
        .optional()
        .orElse(new Kept<>(Purse.EMPTY, 0, Instant.EPOCH));
  }

  private static <T> Kept<T> kept(T what, ResultSet row) throws SQLException {
    return new Kept<>(what, row.getLong("changes"), Utc.of(row, "changed_at"));
  }

  private static Optional<Money> sum(ResultSet row, String column) throws SQLException {
    long minor = row.getLong(column);
    return row.wasNull()
        ? Optional.empty()
        : Optional.of(new Money(minor, row.getString("currency")));
  }

  /** Changes what an hour is worth, unless somebody else did since this version of it. */
  @Guarded
  public void change(Studio studio, Version seen, Rates rates) {
    int written =
        jdbc.sql(
                seen.number() == 0
                    ? "INSERT IGNORE INTO studio_money (studio_id, changes, changed_at, currency,"
                        + " hourly_minor, margin, wage_minor, way)"
                        + " VALUES (:studio, 1, :now, :currency, :hourly, :margin, :wage, :way)"
                    : "UPDATE studio_money SET changes = changes + 1, changed_at = :now,"
                        + " currency = :currency, hourly_minor = :hourly, margin = :margin,"
                        + " wage_minor = :wage, way = :way"
                        + " WHERE studio_id = :studio AND changes = :seen")
            .param("studio", studio.id())
            .param("now", now())
            .param("currency", rates.currency())
            .param("hourly", rates.hourly().minor())
            .param("margin", rates.margin())
            .param("wage", rates.wage().minor())
            .param("way", rates.way().name())
            .param("seen", seen.number())
            .update();
    check(written, rates(studio));
    changes.tell(studio.id(), Thing.MONEY, studio.id());
  }

  /**
   * Changes what was said of a piece, unless somebody else did since this version of it.
   *
   * @param currency of all of it
   */
  @Guarded
  public void change(Studio studio, String pieceId, Version seen, Purse purse, String currency) {
    pieces.hold(studio, pieceId);
    int written =
        jdbc.sql(
                seen.number() == 0
                    ? "INSERT IGNORE INTO piece_money (studio_id, piece_id, changes, changed_at,"
                        + " currency, paid_minor, budget_minor, asked_minor)"
                        + " VALUES (:studio, :piece, 1, :now, :currency, :paid, :budget, :asked)"
                    : "UPDATE piece_money SET changes = changes + 1, changed_at = :now,"
                        + " currency = :currency, paid_minor = :paid, budget_minor = :budget, asked_minor = :asked"
                        + " WHERE studio_id = :studio AND piece_id = :piece AND changes = :seen")
            .param("studio", studio.id())
            .param("piece", pieceId)
            .param("now", now())
            .param("currency", currency)
            .param("paid", minor(purse.paid()))
            .param("budget", minor(purse.budget()))
            .param("asked", minor(purse.asked()))
            .param("seen", seen.number())
            .update();
    check(written, purse(studio, pieceId));
    changes.tell(studio.id(), Thing.MONEY, pieceId);
  }

  private static Long minor(Optional<Money> sum) {
    return sum.map(Money::minor).orElse(null);
  }

  private LocalDateTime now() {
    return Utc.of(clock.instant());
  }

  private static void check(int written, Kept<?> theirs) {
    if (written != 1) {
      throw new Clash(
          Words.say("clash.thing", Words.say("money.name")),
          new Clash.Theirs(theirs.version(), theirs.at(), List.of()));
    }
  }

  @EventListener
  @Transactional
  public void forget(PieceGone gone) {
    jdbc.sql("DELETE FROM piece_money WHERE studio_id = :studio AND piece_id = :piece")
        .param("studio", gone.studio().id())
        .param("piece", gone.pieceId())
        .update();
  }
}
