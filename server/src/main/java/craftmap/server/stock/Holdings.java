package craftmap.server.stock;

import craftmap.core.money.Money;
import craftmap.core.supply.ShelfCode;
import craftmap.core.supply.StockUnit;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Lately;
import craftmap.server.changes.Thing;
import craftmap.server.writing.Guarded;
import craftmap.server.writing.Solves;
import craftmap.server.writing.Version;
import java.sql.Date;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.stream.Stream;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Everything a studio holds, with its level. */
@Service
@Solves
public class Holdings {
  private static final String OF_STUDIO = "select h.* from holding h where h.studio_id = ?";

  private static final String IN_ORDER = " order by h.number";

  /** So many numbers are fetched together. */
  private static final int BLOCK = 50;

  private final Lately<List<Holding>> lately = new Lately<>();
  private final Queue<Long> numbers = new ConcurrentLinkedQueue<>();
  private final HoldingRows rows;
  private final JdbcTemplate jdbc;
  private final Clock clock;
  private final Changes changes;

  Holdings(HoldingRows rows, JdbcTemplate jdbc, Clock clock, Changes changes) {
    this.changes = changes;
    this.rows = rows;
    this.jdbc = jdbc;
    this.clock = clock;
  }

  /** Everything at once: a full shelf has thousands of them. */
  public List<Holding> all(String studioId) {
    return lately.of(studioId, changes.stamp(studioId, Thing.STOCK), () -> ask(IN_ORDER, studioId));
  }

  /**
   * Asked for by plain statements, since the ledger changes levels by such. What this change has
   * set up itself is written before.
   */
  private List<Holding> ask(String which, Object... of) {
    if (Changes.isUnderWay()) {
      rows.flush();
    }
    return jdbc.query(OF_STUDIO + which, Holdings::plainRow, of);
  }

  private static Holding plainRow(ResultSet row, int number) throws SQLException {
    long price = row.getLong("price_minor");
    boolean paid = !row.wasNull();
    return new Holding(
        row.getString("id"),
        ShelfCode.of(row.getLong("number")),
        Optional.ofNullable(row.getString("design_id")),
        Optional.ofNullable(row.getString("medium_id")),
        HoldingForm.valueOf(row.getString("form")),
        StockUnit.valueOf(row.getString("unit")),
        Optional.ofNullable(row.getBigDecimal("holds")),
        Hand.valueOf(row.getString("hand")),
        HoldingRow.points(row.getString("offcut")),
        new NewHolding.Particulars(
            row.getString("place"),
            Optional.ofNullable(row.getBigDecimal("tare_g")),
            paid ? Optional.of(new Money(price, row.getString("currency"))) : Optional.empty(),
            Optional.ofNullable(row.getDate("opened_on")).map(Date::toLocalDate),
            Optional.ofNullable(row.getDate("expires_on")).map(Date::toLocalDate)),
        row.getBigDecimal("level"),
        row.getLong("changes"));
  }

  public List<Holding> ofDesign(String studioId, String designId) {
    return ask(" and h.design_id = ?" + IN_ORDER, studioId, designId);
  }

  public List<Holding> ofMedium(String studioId, String mediumId) {
    return ask(" and h.medium_id = ?" + IN_ORDER, studioId, mediumId);
  }

  public Optional<Holding> find(String studioId, String id) {
    return ask(" and h.id = ?", studioId, id).stream().findFirst();
  }

  /** Those of some that there are. */
  public List<Holding> some(String studioId, Collection<String> ids) {
    if (ids.isEmpty()) {
      return List.of();
    }
    String marks = String.join(", ", Collections.nCopies(ids.size(), "?"));
    return ask(
        " and h.id in (" + marks + ")" + IN_ORDER,
        Stream.concat(Stream.of(studioId), ids.stream()).toArray());
  }

  public Holding get(String studioId, String id) {
    return find(studioId, id).orElseThrow(() -> missing(id));
  }

  static NoSuchElementException missing(String id) {
    return new NoSuchElementException("There is no stock " + id + " on the shelf.");
  }

  /** What the code on a label stands for. */
  public Optional<Holding> byCode(String studioId, ShelfCode code) {
    return ask(" and h.number = ?", studioId, code.number()).stream().findFirst();
  }

  @Transactional
  public Holding setUp(String studioId, NewHolding holding) {
    String id = holding.id().isEmpty() ? UUID.randomUUID().toString() : holding.id();
    changes.tell(studioId, Thing.STOCK, id);
    return rows.save(new HoldingRow(id, studioId, nextNumber(), holding, clock.instant())).empty();
  }

  /** Numbers are fetched together; those not given out when the server stops are never used. */
  private long nextNumber() {
    Long next = numbers.poll();
    while (next == null) {
      numbers.addAll(
          jdbc.queryForList(
              "select next value for holding_number from seq_1_to_" + BLOCK, Long.class));
      next = numbers.poll();
    }
    return next;
  }

  /** Describes it, unless somebody else did since this version of it. */
  @Guarded
  public void describe(
      String studioId, String id, Version seen, NewHolding.Particulars particulars) {
    HoldingRow row = rows.findByStudioIdAndId(studioId, id).orElseThrow(() -> missing(id));
    seen.check(row.version(), row.madeAt(), ShelfCode.of(row.number()).text());
    row.describe(particulars);
    rows.saveAndFlush(row);
    changes.tell(studioId, Thing.STOCK, id);
  }
}
