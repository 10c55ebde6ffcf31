package craftmap.server.stock;

import craftmap.core.supply.Booking;
import craftmap.core.supply.EntryKind;
import java.math.BigDecimal;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * What was cut for which pieces. A cut takes several stocks and leaves others, for one piece or for
 * several at once; it is written whole and taken back whole.
 */
@Service
@Transactional(readOnly = true)
public class CutBook {
  private final JdbcClient jdbc;
  private final Ledger ledger;
  private final Holdings holdings;
  private final JsonMapper json;
  private final Clock clock;

  CutBook(JdbcClient jdbc, Ledger ledger, Holdings holdings, JsonMapper json, Clock clock) {
    this.jdbc = jdbc;
    this.ledger = ledger;
    this.holdings = holdings;
    this.json = json;
    this.clock = clock;
  }

  /** So much of a stock was taken, in its own unit. */
  public record Taken(String holdingId, BigDecimal quantity) {}

  /**
   * The stocks a cut moved.
   *
   * @param kept leftovers that it put onto the shelf
   */
  public record Moves(List<Taken> taken, List<String> kept) {
    public Moves {
      taken = List.copyOf(taken);
      kept = List.copyOf(kept);
    }

    /** Everyone takes hold of stocks in the same order, so that no two wait for each other. */
    private List<Taken> inOrder() {
      return taken.stream().sorted(Comparator.comparing(Taken::holdingId)).toList();
    }
  }

  /** Designs that stand as cut for a piece. */
  public Set<String> designsCutFor(String studioId, String pieceId) {
    return new TreeSet<>(
        jdbc.sql(
                """
                select design_id from cut join cut_piece on cut_piece.cut_id = cut.id
                where cut.studio_id = ? and piece_id = ? and undone_at is null
                """)
            .params(studioId, pieceId)
            .query(String.class)
            .list());
  }

  /** The pieces that were cut together with one, itself included. */
  public List<String> piecesCutWith(String studioId, String pieceId, String designId) {
    return standing(studioId, pieceId, designId)
        .map(
            cut ->
                jdbc.sql("select piece_id from cut_piece where cut_id = ? order by piece_id")
                    .param(cut)
                    .query(String.class)
                    .list())
        .orElse(List.of());
  }

  /**
   * What was taken for a piece by cuts that stand; of what was cut for several, its even share.
   *
   * @param pieces how many it was cut for
   */
  public record Share(Taken taken, int pieces) {
    public double quantity() {
      return taken.quantity().doubleValue() / pieces;
    }
  }

  public List<Share> sharesOf(String studioId, String pieceId) {
    return jdbc
        .sql(
            """
            select moves, (select count(*) from cut_piece p where p.cut_id = cut.id) as pieces
            from cut join cut_piece on cut_piece.cut_id = cut.id
            where cut.studio_id = ? and piece_id = ? and undone_at is null
            order by cut.id
            """)
        .params(studioId, pieceId)
        .query(
            (row, _) -> {
              int pieces = row.getInt("pieces");
              return json.readValue(row.getString("moves"), Moves.class).taken().stream()
                  .map(t -> new Share(t, pieces))
                  .toList();
            })
        .list()
        .stream()
        .flatMap(List::stream)
        .toList();
  }

  private Optional<String> standing(String studioId, String pieceId, String designId) {
    return jdbc.sql(
            """
            select id from cut join cut_piece on cut_piece.cut_id = cut.id
            where cut.studio_id = ? and piece_id = ? and design_id = ? and undone_at is null
            order by made_at desc limit 1
            """)
        .params(studioId, pieceId, designId)
        .query(String.class)
        .optional();
  }

  /** Takes stocks and notes for which pieces; leftovers were put onto the shelf by the caller. */
  @Transactional
  public void book(
      String studioId,
      String designId,
      List<String> pieceIds,
      Moves moves,
      String note,
      String by) {
    for (Taken t : moves.inOrder()) {
      var unit = holdings.get(studioId, t.holdingId()).unit();
      ledger.book(
          studioId, t.holdingId(), Booking.of(EntryKind.USED, t.quantity(), unit), note, by);
    }
    String id = UUID.randomUUID().toString();
    jdbc.sql(
            "insert into cut (id, studio_id, design_id, moves, made_by, made_at)"
                + " values (?, ?, ?, ?, ?, ?)")
        .params(
            id,
            studioId,
            designId,
            json.writeValueAsString(moves),
            by == null ? "" : by,
            Timestamp.from(clock.instant()))
        .update();
    for (String piece : new TreeSet<>(pieceIds)) {
      jdbc.sql("insert into cut_piece (cut_id, piece_id, studio_id) values (?, ?, ?)")
          .params(id, piece, studioId)
          .update();
    }
  }

  /** A piece is no more: its cuts cannot be taken back. What they moved stays moved. */
  @Transactional
  public void forget(String studioId, String pieceId) {
    jdbc.sql(
            """
            delete cut_piece from cut_piece join cut on cut.id = cut_piece.cut_id
            where cut.studio_id = ? and cut_piece.piece_id = ?
            """)
        .params(studioId, pieceId)
        .update();
  }

  /** Puts back what was taken, and takes away the leftovers it left unless they were used since. */
  @Transactional
  public void takeBack(String studioId, String pieceId, String designId, String note, String by) {
    standing(studioId, pieceId, designId).ifPresent(cut -> takeBack(studioId, cut, note, by));
  }

  private void takeBack(String studioId, String cut, String note, String by) {
    Moves moves =
        json.readValue(
            jdbc.sql("select moves from cut where id = ?").param(cut).query(String.class).single(),
            Moves.class);
    int won =
        jdbc.sql("update cut set undone_at = ? where id = ? and undone_at is null")
            .params(Timestamp.from(clock.instant()), cut)
            .update();
    if (won == 0) {
      return;
    }
    for (Taken t : moves.inOrder()) {
      ledger.putBack(studioId, t.holdingId(), t.quantity(), note, by);
    }
    for (String kept : moves.kept().stream().sorted().toList()) {
      ledger.empty(studioId, kept, note, by);
    }
  }
}
