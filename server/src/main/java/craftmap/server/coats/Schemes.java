package craftmap.server.coats;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.coats.Wishes;
import craftmap.core.measure.RefusedInput;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import craftmap.server.piece.document.CoatsDoc;
import craftmap.server.piece.document.CoatsMapper;
import craftmap.server.writing.Guarded;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Build-ups that are kept by name, without their lays, to be used on other pieces. */
@Service
@Transactional(readOnly = true)
public class Schemes {
  private static final int LONGEST_NAME = 80;

  private final SchemeRows rows;
  private final JdbcTemplate jdbc;
  private final JsonMapper json;
  private final Clock clock;
  private final Changes changes;

  Schemes(SchemeRows rows, JdbcTemplate jdbc, JsonMapper json, Clock clock, Changes changes) {
    this.rows = rows;
    this.jdbc = jdbc;
    this.json = json;
    this.clock = clock;
    this.changes = changes;
  }

  /** One of them. */
  public record Scheme(String id, String name, CoatsDoc.WishesDoc wishes) {}

  public List<Scheme> all(String studioId) {
    return rows.findByStudioIdOrderByNameAscIdAsc(studioId).stream().map(this::read).toList();
  }

  /** Under a name; what was kept under it before is gone. */
  @Guarded
  Scheme keep(String studioId, String name, Wishes wishes) {
    String plain = name == null ? "" : name.strip();
    if (plain.isEmpty() || plain.length() > LONGEST_NAME) {
      throw new RefusedInput(
          "name",
          plain.isEmpty() ? said("empty") : said("characters", count(plain.length())),
          said("cannot-be-used"),
          said("a-name-of-1-to-characters", given(LONGEST_NAME)));
    }
    // one statement: of two who keep the same name at once the later one counts, and neither fails
    jdbc.update(
        """
        insert into scheme (id, studio_id, name, wishes, changed_at, changes)
        values (?, ?, ?, ?, ?, 0)
        on duplicate key update
          wishes = values(wishes), changed_at = values(changed_at), changes = changes + 1
        """,
        UUID.randomUUID().toString(),
        studioId,
        plain,
        json.writeValueAsString(CoatsMapper.doc(wishes.asScheme())),
        Timestamp.from(clock.instant()));
    SchemeRow row = rows.findByStudioIdAndName(studioId, plain).orElseThrow();
    changes.tell(studioId, Thing.SCHEME, row.id());
    return read(row);
  }

  @Guarded
  void forget(String studioId, String id) {
    rows.delete(
        rows.findByStudioIdAndId(studioId, id)
            .orElseThrow(() -> new NoSuchElementException("There is no scheme " + id + ".")));
    changes.tell(studioId, Thing.SCHEME, id);
  }

  private Scheme read(SchemeRow row) {
    return new Scheme(row.id(), row.name(), json.readValue(row.wishes(), CoatsDoc.WishesDoc.class));
  }
}
