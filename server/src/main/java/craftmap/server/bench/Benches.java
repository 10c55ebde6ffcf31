package craftmap.server.bench;

import craftmap.core.order.bench.Bench;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Clash;
import craftmap.server.writing.Guarded;
import craftmap.server.writing.Solves;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what a studio's bench is like. */
@Service
@Solves
public class Benches {
  private final JdbcTemplate jdbc;
  private final JsonMapper json;
  private final Clock clock;
  private final Changes changes;
  private final ZoneId zone;

  Benches(
      JdbcTemplate jdbc,
      JsonMapper json,
      Clock clock,
      Changes changes,
      @Value("${craftmap.zone:}") String zone) {
    this.jdbc = jdbc;
    this.json = json;
    this.clock = clock;
    this.changes = changes;
    this.zone = zone.isBlank() ? ZoneId.systemDefault() : ZoneId.of(zone);
  }

  /**
   * A bench, and how often it was changed.
   *
   * @param version 0 while it is as benches usually are
   */
  record Kept(Bench bench, long version, Instant at) {}

  /** The bench of a studio; as benches usually are while nothing was said about it. */
  public Bench of(Studio studio) {
    return kept(studio).bench();
  }

  /** The time zone of a studio's days. */
  public ZoneId zone(String studioId) {
    return row(studioId).map(k -> k.bench().zone()).orElse(zone);
  }

  Kept kept(Studio studio) {
    return row(studio.id()).orElseGet(() -> new Kept(Bench.usual(zone), 0, Instant.EPOCH));
  }

  private Optional<Kept> row(String studioId) {
    return jdbc
        .query(
            "select document, changes, changed_at from bench where studio_id = ?",
            (rs, n) ->
                new Kept(
                    json.readValue(rs.getString(1), BenchDoc.class).read(),
                    rs.getLong(2),
                    rs.getTimestamp(3).toInstant()),
            studioId)
        .stream()
        .findFirst();
  }

  /** Changes it, unless somebody else did since it was looked at. */
  @Guarded
  public void change(Studio studio, long version, Bench bench) {
    String document = json.writeValueAsString(BenchDoc.of(bench));
    Timestamp now = Timestamp.from(clock.instant());
    int written =
        version == 0
            ? jdbc.update(
                "insert ignore into bench (studio_id, document, changed_at, changes)"
                    + " values (?, ?, ?, 1)",
                studio.id(),
                document,
                now)
            : jdbc.update(
                "update bench set document = ?, changed_at = ?, changes = changes + 1"
                    + " where studio_id = ? and changes = ?",
                document,
                now,
                studio.id(),
                version);
    if (written != 1) {
      Kept theirs = kept(studio);
      throw new Clash(
          Words.say("clash.thing", Words.say("bench.name")),
          new Clash.Theirs(theirs.version(), theirs.at(), List.of()));
    }
    changes.tell(studio.id(), Thing.STUDIO, studio.id());
  }
}
