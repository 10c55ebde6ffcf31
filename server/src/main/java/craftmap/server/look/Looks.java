package craftmap.server.look;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.server.access.Secret;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import craftmap.server.database.Utc;
import craftmap.server.piece.Pieces;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.studio.Studios;
import craftmap.server.writing.Guarded;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;

/** Keeps what clients may look at, and what they say. */
@Service
class Looks {
  private static final int LONGEST_NAME = 60;
  private static final int LONGEST_DAYS = 180;
  private static final int MOST_PIECES = 50;
  private static final int LONGEST_TEXT = 2000;

  /** More in a day is nobody's comment. */
  private static final int COMMENTS_A_DAY = 40;

  private static final int MOST_SHOWN = 500;

  /** With its pieces, one a line. */
  private static final String LOOK =
      """
      select l.*,
        (select group_concat(p.id order by p.made_at, p.id separator '\\n')
         from client_look_piece lp join piece p on p.id = lp.piece_id
         where lp.look_id = l.id) as pieces
      from client_look l
      """;

  private final JdbcClient jdbc;
  private final Pieces pieces;
  private final Studios studios;
  private final Changes changes;
  private final Clock clock;

  Looks(JdbcClient jdbc, Pieces pieces, Studios studios, Changes changes, Clock clock) {
    this.studios = studios;
    this.jdbc = jdbc;
    this.pieces = pieces;
    this.changes = changes;
    this.clock = clock;
  }

  /** What a client is to see, and for how long. */
  record Wish(String name, Set<String> pieces, boolean withPhotos, boolean withPrice, int days) {
    Wish {
      name = name == null ? "" : name.strip();
      pieces = new TreeSet<>(pieces);
      if (name.isEmpty() || name.length() > LONGEST_NAME) {
        throw new RefusedInput(
            "name",
            name.isEmpty() ? said("empty") : given(name),
            said("is-not-accepted"),
            said("a-name-of-1-to-characters", given(LONGEST_NAME)));
      }
      if (pieces.isEmpty() || pieces.size() > MOST_PIECES) {
        throw new RefusedInput(
            "pieces", count(pieces.size()), said("is-not-accepted"), said("1-to-50-pieces"));
      }
      if (days < 1 || days > LONGEST_DAYS) {
        throw new RefusedInput(
            "days-it-holds", count(days), said("is-not-accepted"), said("1-to-180-days"));
      }
    }
  }

  /** A look and the link to it, which is told this once. */
  record Given(Look look, Secret link) {}

  @Guarded
  public Given give(Asker asker, Wish wish) {
    Studio studio = asker.studio();
    // none is shown that is not the studio's own
    wish.pieces().forEach(id -> pieces.get(studio, id));
    Instant now = clock.instant();
    Secret link = Secret.forLink();
    String id = UUID.randomUUID().toString();
    jdbc.sql(
            """
            insert into client_look
              (id, studio_id, hash, name, with_photos, with_price, made_by, made_at, ends_at)
            values (:id, :studio, :hash, :name, :photos, :price, :by, :now, :ends)
            """)
        .param("id", id)
        .param("studio", studio.id())
        .param("hash", link.hash())
        .param("name", wish.name())
        .param("photos", wish.withPhotos())
        .param("price", wish.withPrice())
        .param("by", asker.person())
        .param("now", Utc.of(now))
        .param("ends", Utc.of(now.plus(Duration.ofDays(wish.days()))))
        .update();
    for (String piece : wish.pieces()) {
      jdbc.sql(
              "insert into client_look_piece (look_id, piece_id, studio_id) values (:id, :piece, :studio)")
          .param("id", id)
          .param("piece", piece)
          .param("studio", studio.id())
          .update();
    }
    changes.tell(studio.id(), Thing.LOOK, id);
    return new Given(of(studio, id), link);
  }

  /** Those of a studio that hold or have ended, the newest first. */
  List<Look> of(Studio studio) {
    return jdbc.sql(LOOK + "where l.studio_id = :studio order by l.made_at desc, l.id limit :most")
        .param("studio", studio.id())
        .param("most", MOST_SHOWN)
        .query(Looks::look)
        .list();
  }

  private Look of(Studio studio, String id) {
    return jdbc.sql(LOOK + "where l.studio_id = :studio and l.id = :id")
        .param("studio", studio.id())
        .param("id", id)
        .query(Looks::look)
        .optional()
        .orElseThrow(() -> new NoSuchElementException("There is no such link any more."));
  }

  /** Takes a link back: from now on it shows nothing. What was said by it stays. */
  @Guarded
  public void takeBack(Studio studio, String id) {
    if (jdbc.sql("delete from client_look where studio_id = :studio and id = :id")
            .param("studio", studio.id())
            .param("id", id)
            .update()
        != 1) {
      throw new NoSuchElementException("There is no such link any more.");
    }
    changes.tell(studio.id(), Thing.LOOK, id);
  }

  /**
   * What a link lets somebody see.
   *
   * @throws NoSuchElementException where it was taken back, has ended, or never was
   */
  Look byLink(Secret link) {
    return jdbc.sql(LOOK + "where l.hash = :hash and l.ends_at > :now")
        .param("hash", link.hash())
        .param("now", Utc.of(clock.instant()))
        .query(Looks::look)
        .optional()
        .orElseThrow(
            () ->
                new NoSuchElementException(
                    "There is nothing to see by this link any more: it was taken back or has"
                        + " ended."));
  }

  /** Notes that it was opened. */
  @Guarded
  public void opened(Look look) {
    jdbc.sql("update client_look set looked_at = :now where id = :id")
        .param("now", Utc.of(clock.instant()))
        .param("id", look.id())
        .update();
    changes.tell(look.studioId(), Thing.LOOK, look.id());
  }

  /**
   * Something that a client said.
   *
   * @param by the name that they gave; may be empty
   * @param pieceName of what it is about; empty where it is about all
   * @param lookName whom the link was for; empty where it was taken back
   */
  record Comment(
      String id,
      String lookName,
      Optional<String> pieceId,
      String pieceName,
      String by,
      String text,
      Instant at,
      boolean read) {}

  @Guarded
  public void say(Look look, Optional<String> pieceId, String by, String text) {
    String words = text == null ? "" : text.strip();
    String name = by == null ? "" : by.strip();
    if (words.isEmpty() || words.length() > LONGEST_TEXT) {
      throw new RefusedInput(
          "what-you-say",
          words.isEmpty() ? said("empty") : said("characters", count(words.length())),
          said("is-not-accepted"),
          said("1-to-characters", given(LONGEST_TEXT)));
    }
    if (name.length() > LONGEST_NAME) {
      throw new RefusedInput(
          "name",
          given(name),
          said("is-not-accepted"),
          said("a-name-of-1-to-characters", given(LONGEST_NAME)));
    }
    Instant now = clock.instant();
    holdForComment(look);
    int today =
        jdbc.sql("select count(*) from client_comment where look_id = :look and said_at > :since")
            .param("look", look.id())
            .param("since", Utc.of(now.minus(Duration.ofDays(1))))
            .query(Integer.class)
            .single();
    if (today >= COMMENTS_A_DAY) {
      throw new RefusedInput(
          "what-you-say", count(today), said("is-too-many"), said("more-tomorrow"));
    }
    jdbc.sql(
            """
            insert into client_comment
              (id, studio_id, look_id, piece_id, piece_name, said_by, text, said_at)
            values (:id, :studio, :look, :piece, :pieceName, :by, :text, :now)
            """)
        .param("id", UUID.randomUUID().toString())
        .param("studio", look.studioId())
        .param("look", look.id())
        .param("piece", pieceId.orElse(null))
        .param(
            "pieceName",
            pieceId.map(id -> pieces.get(studios.get(look.studioId()), id).name()).orElse(""))
        .param("by", name)
        .param("text", words)
        .param("now", Utc.of(now))
        .update();
    changes.tell(look.studioId(), Thing.LOOK, look.id());
  }

  /** One after the other, so that many at once are counted as they are; none by one taken back. */
  private void holdForComment(Look look) {
    if (jdbc.sql("update client_look set looked_at = :now where id = :id")
            .param("now", Utc.of(clock.instant()))
            .param("id", look.id())
            .update()
        != 1) {
      throw new NoSuchElementException("There is nothing to see by this link any more.");
    }
  }

  /** What clients said, the newest first. */
  List<Comment> comments(Studio studio) {
    return jdbc.sql(
            """
            select c.*, l.name as look_name from client_comment c
            left join client_look l on l.id = c.look_id
            where c.studio_id = :studio order by c.said_at desc, c.id limit :most
            """)
        .param("studio", studio.id())
        .param("most", MOST_SHOWN)
        .query(
            (row, _) ->
                new Comment(
                    row.getString("id"),
                    Optional.ofNullable(row.getString("look_name")).orElse(""),
                    Optional.ofNullable(row.getString("piece_id")),
                    row.getString("piece_name"),
                    row.getString("said_by"),
                    row.getString("text"),
                    Utc.of(row, "said_at"),
                    row.getObject("read_at") != null))
        .list();
  }

  /** Somebody of the studio has read it. */
  @Guarded
  public void read(Asker asker, String commentId) {
    int written =
        jdbc.sql(
                """
                update client_comment set read_at = coalesce(read_at, :now),
                  read_by = if(read_by = '', :by, read_by)
                where studio_id = :studio and id = :id
                """)
            .param("now", Utc.of(clock.instant()))
            .param("by", asker.person())
            .param("studio", asker.studio().id())
            .param("id", commentId)
            .update();
    if (written == 0) {
      throw new NoSuchElementException("There is no such comment.");
    }
    changes.tell(asker.studio().id(), Thing.LOOK, commentId);
  }

  private static Look look(ResultSet row, int number) throws SQLException {
    String pieces = row.getString("pieces");
    return new Look(
        row.getString("id"),
        row.getString("studio_id"),
        row.getString("name"),
        pieces == null ? List.of() : pieces.lines().toList(),
        row.getBoolean("with_photos"),
        row.getBoolean("with_price"),
        row.getString("made_by"),
        Utc.of(row, "ends_at"),
        row.getObject("looked_at") == null
            ? Optional.empty()
            : Optional.of(Utc.of(row, "looked_at")));
  }
}
