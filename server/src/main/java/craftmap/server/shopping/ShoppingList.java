package craftmap.server.shopping;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.money.Pack;
import craftmap.core.supply.Booking;
import craftmap.core.supply.EntryKind;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import craftmap.server.shelf.Designs;
import craftmap.server.shelf.Media;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.shelf.OwnedMedium;
import craftmap.server.stock.Holding;
import craftmap.server.stock.Holdings;
import craftmap.server.stock.Ledger;
import craftmap.server.studio.Studio;
import craftmap.server.supplier.Supplies;
import craftmap.server.words.Words;
import craftmap.server.writing.Guarded;
import java.math.BigDecimal;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What is to be bought, and was lately. A line is ticked off in the shop and booked at home; each
 * is booked once, however many say so: whoever changes the line from not bought to bought books it.
 */
@Service
@Transactional(readOnly = true)
class ShoppingList {
  private static final int LATELY = 30;
  private static final int LONGEST_NAME = 80;
  private static final int LONGEST_BY = 40;
  private static final int LONGEST_REASON = 400;

  private final ShoppingRows rows;
  private final Supplies supplies;
  private final Media media;
  private final Designs designs;
  private final Holdings holdings;
  private final Ledger ledger;
  private final JdbcTemplate jdbc;
  private final Clock clock;
  private final Changes changes;

  ShoppingList(
      ShoppingRows rows,
      Supplies supplies,
      Media media,
      Designs designs,
      Holdings holdings,
      Ledger ledger,
      JdbcTemplate jdbc,
      Clock clock,
      Changes changes) {
    this.rows = rows;
    this.supplies = supplies;
    this.media = media;
    this.designs = designs;
    this.holdings = holdings;
    this.ledger = ledger;
    this.jdbc = jdbc;
    this.clock = clock;
    this.changes = changes;
  }

  /** What is to be bought, in the order it was written down. */
  List<ShoppingLine> open(String studioId) {
    return rows.findByStudioIdAndBoughtAtIsNullOrderByMadeAtAscIdAsc(studioId).stream()
        .map(ShoppingRow::toLine)
        .toList();
  }

  /** What was bought last, the latest first. */
  List<ShoppingLine> lately(String studioId) {
    return rows
        .findByStudioIdAndBoughtAtIsNotNullOrderByBoughtAtDescIdDesc(studioId, Limit.of(LATELY))
        .stream()
        .map(ShoppingRow::toLine)
        .toList();
  }

  @Guarded
  public void add(String studioId, ShoppingItem item, int quantity) {
    String name = item.name().strip();
    if (name.isEmpty() || name.length() > LONGEST_NAME) {
      throw new RefusedInput(
          "name",
          name.isEmpty() ? said("empty") : said("characters", count(name.length())),
          said("cannot-be-used"),
          said("a-name-of-1-to-characters", given(LONGEST_NAME)));
    }
    write(studioId, item, Supplies.checkedQuantity(quantity));
  }

  private void write(String studioId, ShoppingItem item, int quantity) {
    String id = UUID.randomUUID().toString();
    rows.save(new ShoppingRow(id, studioId, item, quantity, clock.instant()));
    changes.tell(studioId, Thing.SHOPPING_LINE, id);
  }

  /** So many packs of something. */
  record Planned(ShoppingItem item, int quantity) {}

  /**
   * Puts what was worked out on the list, in place of what was worked out before and nobody has
   * ticked off since. What was written down by hand stays.
   */
  @Guarded
  public void plan(String studioId, List<Planned> lines) {
    for (ShoppingLine line : open(studioId)) {
      if (line.isAsPlanned()) {
        remove(studioId, line.id());
      }
    }
    lines.forEach(p -> write(studioId, shortened(p.item()), p.quantity()));
  }

  /** Whoever plans anew comes after whoever does so now, on any server. */
  @Transactional
  public void takeTurn(String studioId) {
    jdbc.update(
        """
        insert into shopping_plan (studio_id, times) values (?, 1)
        on duplicate key update times = times + 1
        """,
        studioId);
  }

  private static ShoppingItem shortened(ShoppingItem i) {
    return i.reason().length() <= LONGEST_REASON
        ? i
        : new ShoppingItem(
            i.shop(),
            i.shelf(),
            i.name(),
            i.packText(),
            i.pack(),
            i.sku(),
            i.supply(),
            i.planned(),
            i.reason().substring(0, LONGEST_REASON - 1) + "…");
  }

  /** Ticks a line off, or not; a line that is booked stays as it is. */
  @Guarded
  public void tick(String studioId, String lineId, boolean done) {
    line(studioId, lineId);
    jdbc.update(
        "update shopping_line set done = ? where id = ? and studio_id = ? and bought_at is null",
        done,
        lineId,
        studioId);
    changes.tell(studioId, Thing.SHOPPING_LINE, lineId);
  }

  /** How many are bought; who changes a number has thought about it, and the line is theirs. */
  @Guarded
  public void changeQuantity(String studioId, String lineId, int quantity) {
    line(studioId, lineId);
    jdbc.update(
        """
        update shopping_line set quantity = ?, planned = false
        where id = ? and studio_id = ? and bought_at is null
        """,
        Supplies.checkedQuantity(quantity),
        lineId,
        studioId);
    changes.tell(studioId, Thing.SHOPPING_LINE, lineId);
  }

  /** Takes a line off the list; what was bought by it stays bought. */
  @Guarded
  public void takeOff(String studioId, String lineId) {
    line(studioId, lineId);
    remove(studioId, lineId);
  }

  private void remove(String studioId, String lineId) {
    jdbc.update("delete from shopping_line where id = ? and studio_id = ?", lineId, studioId);
    changes.tell(studioId, Thing.SHOPPING_LINE, lineId);
  }

  /**
   * Books everything that is ticked off onto the shelf, all of it or nothing.
   *
   * @return how many lines were booked by this
   */
  @Guarded
  public int book(Studio studio, String by) {
    String name = by.length() > LONGEST_BY ? by.substring(0, LONGEST_BY) : by;
    Timestamp now = Timestamp.from(clock.instant());
    int booked = 0;
    for (ShoppingLine line : open(studio.id())) {
      // the row says whether it was booked: only one of many finds it open
      if (line.done()
          && jdbc.update(
                  """
                  update shopping_line set bought_at = ?, bought_by = ?
                  where id = ? and done and bought_at is null
                  """,
                  now,
                  name,
                  line.id())
              == 1) {
        shelve(studio, held(studio.id(), line), by);
        changes.tell(studio.id(), Thing.SHOPPING_LINE, line.id());
        booked++;
      }
    }
    return booked;
  }

  /** As it stands in the row that this change holds by now: the number may be another. */
  private ShoppingLine held(String studioId, ShoppingLine seen) {
    Integer quantity =
        jdbc.queryForObject(
            "select quantity from shopping_line where id = ? and studio_id = ?",
            Integer.class,
            seen.id(),
            studioId);
    return new ShoppingLine(
        seen.id(),
        seen.item(),
        Optional.ofNullable(quantity).orElseThrow(),
        seen.total(),
        true,
        seen.bought());
  }

  private void shelve(Studio studio, ShoppingLine line, String by) {
    Optional<Supplies.Bought> bought = line.item().pack().map(p -> buy(studio, line, p, by));
    Map<String, BigDecimal> came = new LinkedHashMap<>();
    bought.ifPresent(
        b -> b.holdings().forEach(h -> came.merge(h.id(), b.quantity(), BigDecimal::add)));
    came.forEach(
        (holdingId, quantity) ->
            jdbc.update(
                """
                insert into shopping_bought (line_id, holding_id, studio_id, quantity)
                values (?, ?, ?, ?)
                """,
                line.id(),
                holdingId,
                studio.id(),
                quantity));
  }

  /**
   * More of what it was bought for, where it is the very same; else what the shop sells, under its
   * own name and label.
   */
  private Supplies.Bought buy(Studio studio, ShoppingLine line, Pack pack, String by) {
    ShoppingItem item = line.item();
    int quantity = line.quantity();
    Optional<OwnedMedium> medium =
        item.supply()
            .filter(s -> s.startsWith(Supply.MEDIUM))
            .flatMap(s -> media.find(studio.id(), s.substring(Supply.MEDIUM.length())))
            .filter(m -> m.medium().name().equalsIgnoreCase(item.name()));
    if (medium.isPresent()) {
      return supplies.buyPots(studio, medium.get(), pack, quantity, by);
    }
    Optional<OwnedDesign> design =
        item.supply()
            .filter(s -> s.startsWith(Supply.DESIGN))
            .flatMap(s -> designs.find(studio.id(), s.substring(Supply.DESIGN.length())));
    if (design.isPresent()) {
      return supplies.buyDesign(studio, design.get(), pack, quantity, by);
    }
    String sku =
        item.sku()
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "line",
                        given(item.name()),
                        said("is-not-known-any-more"),
                        said("tick-off")));
    return supplies.buy(studio, supplies.sold(sku).item(), pack, quantity, by);
  }

  /**
   * Not bought after all: what came with the line goes from the shelf again, and the line is open.
   *
   * @throws RefusedInput where some of it was used already
   */
  @Guarded
  public void takeBack(String studioId, String lineId, String by) {
    ShoppingLine line = line(studioId, lineId);
    int taken =
        jdbc.update(
            """
            update shopping_line set bought_at = null, bought_by = null
            where id = ? and studio_id = ? and bought_at is not null
            """,
            lineId,
            studioId);
    if (taken == 0) {
      return;
    }
    for (Came came : came(lineId)) {
      Holding holding = holdings.get(studioId, came.holdingId());
      ledger.book(
          studioId,
          holding.id(),
          new Booking(EntryKind.CORRECTED, came.quantity().negate(), holding.unit()),
          Words.say("shopping.takenBack", line.item().name()),
          by);
    }
    jdbc.update("delete from shopping_bought where line_id = ?", lineId);
    changes.tell(studioId, Thing.SHOPPING_LINE, lineId);
  }

  private record Came(String holdingId, BigDecimal quantity) {}

  private List<Came> came(String lineId) {
    return new ArrayList<>(
        jdbc.query(
            "select holding_id, quantity from shopping_bought where line_id = ? order by holding_id",
            (row, i) -> new Came(row.getString(1), row.getBigDecimal(2)),
            lineId));
  }

  private ShoppingLine line(String studioId, String id) {
    return rows.findByStudioIdAndId(studioId, id)
        .map(ShoppingRow::toLine)
        .orElseThrow(
            () -> new NoSuchElementException("There is no line " + id + " on the shopping list."));
  }
}
