package craftmap.server.live;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Which windows are open, and what is looked at in them. The database's clock says how old a row
 * is: those of servers may differ.
 */
@Component
class Presence {
  /** Whoever was not seen for so long is away: longer than it takes to come to another server. */
  private static final int SECONDS = 45;

  private static final int FORGOTTEN_AFTER_MINUTES = 10;

  private final JdbcTemplate jdbc;
  private final NamedParameterJdbcTemplate named;

  Presence(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
    this.named = new NamedParameterJdbcTemplate(jdbc);
  }

  /** A window, and what is looked at in it. */
  record Here(
      String studioId,
      String window,
      String person,
      Optional<String> pieceId,
      Optional<String> faceId) {}

  void put(Here here) {
    jdbc.update(
        """
        insert into presence (studio_id, window_id, person, piece_id, face_id, seen_at)
        values (?, ?, ?, ?, ?, utc_timestamp(6))
        on duplicate key update
          person = values(person), piece_id = values(piece_id), face_id = values(face_id),
          seen_at = values(seen_at)
        """,
        here.studioId(),
        here.window(),
        here.person(),
        here.pieceId().orElse(null),
        here.faceId().orElse(null));
  }

  /** It is still there; one that nobody has put is not. */
  void seen(String studioId, String window) {
    jdbc.update(
        "update presence set seen_at = utc_timestamp(6) where studio_id = ? and window_id = ?",
        studioId,
        window);
  }

  void leave(String studioId, String window) {
    jdbc.update("delete from presence where studio_id = ? and window_id = ?", studioId, window);
  }

  /** Who is there in some studios now, by name. */
  List<Here> now(Collection<String> studioIds) {
    return named.query(
        """
        select studio_id, window_id, person, piece_id, face_id from presence
        where studio_id in (:studios)
          and seen_at > utc_timestamp(6) - interval :seconds second
        order by person, window_id
        """,
        Map.of("studios", studioIds, "seconds", SECONDS),
        (row, i) ->
            new Here(
                row.getString(1),
                row.getString(2),
                row.getString(3),
                Optional.ofNullable(row.getString(4)),
                Optional.ofNullable(row.getString(5))));
  }

  void forgetTheAway() {
    jdbc.update(
        "delete from presence where seen_at < utc_timestamp(6) - interval ? minute",
        FORGOTTEN_AFTER_MINUTES);
  }
}
