package craftmap.server.lan;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.server.access.Secret;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import craftmap.server.database.Utc;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Guarded;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;

/**
 * What is paired with a studio, and how something comes to be. An owner asks for six letters; they
 * are typed on the device, within minutes, once. Every try counts before it is looked at, in the
 * database, so that many at once on several servers are no more; after ten the letters are good no
 * more. From then on the device is known by a token that is too long to be tried.
 */
@Service
class Devices {
  static final Duration LETTERS_HOLD = Duration.ofMinutes(5);
  static final int MOST_TRIES = 10;
  private static final int MOST = 50;
  private static final int LONGEST_NAME = 40;

  /** When it was seen last is kept to the minute. */
  private static final Duration SEEN_TO = Duration.ofMinutes(1);

  private final JdbcClient jdbc;
  private final Changes changes;
  private final Clock clock;

  Devices(JdbcClient jdbc, Changes changes, Clock clock) {
    this.jdbc = jdbc;
    this.changes = changes;
    this.clock = clock;
  }

  /** A device of a studio. */
  record Device(
      String id,
      String studioId,
      String name,
      boolean benchOnly,
      String pairedBy,
      Instant pairedAt,
      Instant seenAt) {}

  /** Letters that pair the next device; they themselves are known to whoever asked for them. */
  record Pairing(boolean benchOnly, int triesLeft, Instant endsAt) {}

  /** The letters, told this once. */
  record Letters(Secret secret, Instant endsAt) {}

  /** A device and its token, told this once. */
  record Paired(Device device, Secret token) {}

  List<Device> of(Studio studio) {
    return jdbc.sql("select * from device where studio_id = :studio order by paired_at, id")
        .param("studio", studio.id())
        .query(Devices::device)
        .list();
  }

  /** The letters of a studio that hold now. */
  Optional<Pairing> pairing(Studio studio) {
    return jdbc.sql(
            """
            select * from pairing where studio_id = :studio and ends_at > :now and tries < :most
            """)
        .param("studio", studio.id())
        .param("now", Utc.of(clock.instant()))
        .param("most", MOST_TRIES)
        .query(
            (ResultSet row, int _) ->
                new Pairing(
                    row.getBoolean("bench_only"),
                    MOST_TRIES - row.getInt("tries"),
                    Utc.of(row, "ends_at")))
        .optional();
  }

  /** Gives letters for the next device; those of before are good no more. */
  @Guarded
  public Letters open(Asker asker, boolean benchOnly) {
    String studio = asker.studio().id();
    if (of(asker.studio()).size() >= MOST) {
      throw new RefusedInput(
          "devices", given(MOST), said("are-paired-already"), said("at-most", given(MOST)));
    }
    Secret letters = Secret.forTyping();
    Instant ends = clock.instant().plus(LETTERS_HOLD);
    jdbc.sql(
            """
            insert into pairing (studio_id, hash, bench_only, tries, made_by, ends_at)
            values (:studio, :hash, :bench, 0, :by, :ends)
            on duplicate key update hash = values(hash), bench_only = values(bench_only),
              tries = 0, made_by = values(made_by), ends_at = values(ends_at)
            """)
        .param("studio", studio)
        .param("hash", letters.hash())
        .param("bench", benchOnly)
        .param("by", asker.person())
        .param("ends", Utc.of(ends))
        .update();
    changes.tell(studio, Thing.DEVICE, studio);
    return new Letters(letters, ends);
  }

  /** The letters are good no more. */
  @Guarded
  public void close(Studio studio) {
    jdbc.sql("delete from pairing where studio_id = :studio").param("studio", studio.id()).update();
    changes.tell(studio.id(), Thing.DEVICE, studio.id());
  }

  /**
   * Counts a try with some letters, whichever they are, against all that hold: whoever tries does
   * not know of which studio they are.
   */
  @Guarded
  public void tries() {
    List<String> studios =
        jdbc.sql(
                """
                select studio_id from pairing where ends_at > :now and tries <= :most
                order by studio_id for update
                """)
            .param("now", Utc.of(clock.instant()))
            .param("most", MOST_TRIES)
            .query(String.class)
            .list();
    for (String studio : studios) {
      jdbc.sql("update pairing set tries = tries + 1 where studio_id = :studio")
          .param("studio", studio)
          .update();
      changes.tell(studio, Thing.DEVICE, studio);
    }
  }

  /**
   * Pairs a device by letters that were typed on it, after that try was counted. Of many with the
   * same letters one is paired.
   *
   * @param name what it is to be called
   * @throws NoSuchElementException where the letters are wrong or good no more
   */
  @Guarded
  public Paired pair(String typed, String name) {
    String called = checkName(name);
    Instant now = clock.instant();
    String hash = Secret.fromTyping(typed == null ? "" : typed).hash();
    record Opened(String studio, boolean benchOnly, String by) {}
    Opened opened =
        jdbc.sql(
                """
                select * from pairing where hash = :hash and ends_at > :now and tries <= :most
                """)
            .param("hash", hash)
            .param("now", Utc.of(now))
            .param("most", MOST_TRIES)
            .query(
                (ResultSet row, int _) ->
                    new Opened(
                        row.getString("studio_id"),
                        row.getBoolean("bench_only"),
                        row.getString("made_by")))
            .optional()
            .orElseThrow(Devices::wrong);
    int used =
        jdbc.sql(
                """
                delete from pairing where studio_id = :studio and hash = :hash and tries <= :most
                """)
            .param("studio", opened.studio())
            .param("hash", hash)
            .param("most", MOST_TRIES)
            .update();
    if (used != 1) {
      throw wrong();
    }
    Secret token = Secret.forLink();
    Device device =
        new Device(
            UUID.randomUUID().toString(),
            opened.studio(),
            called,
            opened.benchOnly(),
            opened.by(),
            now,
            now);
    jdbc.sql(
            """
            insert into device
              (id, studio_id, hash, name, bench_only, paired_by, paired_at, seen_at)
            values (:id, :studio, :hash, :name, :bench, :by, :now, :now)
            """)
        .param("id", device.id())
        .param("studio", device.studioId())
        .param("hash", token.hash())
        .param("name", called)
        .param("bench", device.benchOnly())
        .param("by", device.pairedBy())
        .param("now", Utc.of(now))
        .update();
    changes.tell(device.studioId(), Thing.DEVICE, device.id());
    return new Paired(device, token);
  }

  private static NoSuchElementException wrong() {
    return new NoSuchElementException(
        "These letters pair nothing now. They hold for five minutes and pair one device; compare"
            + " them, or ask for others at Studio, Devices.");
  }

  /** The one that has a token. */
  Optional<Device> byToken(Secret token) {
    return jdbc.sql("select * from device where hash = :hash")
        .param("hash", token.hash())
        .query(Devices::device)
        .optional();
  }

  /** Whether it is to be noted that it is seen: a minute after that was noted the last time. */
  boolean wasSeenLongAgo(Device device) {
    return device.seenAt().plus(SEEN_TO).isBefore(clock.instant());
  }

  /** Notes that it is seen now. */
  @Guarded
  public void seen(Device device) {
    Instant now = clock.instant();
    jdbc.sql("update device set seen_at = :now where id = :id and seen_at < :before")
        .param("now", Utc.of(now))
        .param("id", device.id())
        .param("before", Utc.of(now.minus(SEEN_TO)))
        .update();
  }

  @Guarded
  public Device change(Studio studio, String id, String name, boolean benchOnly) {
    int changed =
        jdbc.sql(
                """
                update device set name = :name, bench_only = :bench
                where studio_id = :studio and id = :id
                """)
            .param("name", checkName(name))
            .param("bench", benchOnly)
            .param("studio", studio.id())
            .param("id", id)
            .update();
    Device device =
        of(studio).stream().filter(d -> d.id().equals(id)).findFirst().orElseThrow(Devices::gone);
    if (changed == 1) {
      changes.tell(studio.id(), Thing.DEVICE, id);
    }
    return device;
  }

  /** From now on it is answered nothing. */
  @Guarded
  public void sendAway(Studio studio, String id) {
    if (jdbc.sql("delete from device where studio_id = :studio and id = :id")
            .param("studio", studio.id())
            .param("id", id)
            .update()
        != 1) {
      throw gone();
    }
    changes.tell(studio.id(), Thing.DEVICE, id);
  }

  private static NoSuchElementException gone() {
    return new NoSuchElementException("There is no such device any more.");
  }

  /** What a device is called, as it is kept. */
  static String checkName(String name) {
    String called = name == null ? "" : name.strip();
    if (called.isEmpty() || called.length() > LONGEST_NAME || called.matches(".*\\p{Cntrl}.*")) {
      throw new RefusedInput(
          "name",
          called.isEmpty() ? said("empty") : given(called),
          said("is-not-accepted"),
          said("a-name-of-1-to-characters", given(LONGEST_NAME)));
    }
    return called;
  }

  private static Device device(ResultSet row, int number) throws SQLException {
    return new Device(
        row.getString("id"),
        row.getString("studio_id"),
        row.getString("name"),
        row.getBoolean("bench_only"),
        row.getString("paired_by"),
        Utc.of(row, "paired_at"),
        Utc.of(row, "seen_at"));
  }
}
