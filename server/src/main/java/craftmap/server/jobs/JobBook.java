package craftmap.server.jobs;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/**
 * Jobs as they stand in the database. A server has a job for as long as its lease runs, which it
 * renews while it works; whatever it writes of a job is written only while it has it. Leases are
 * measured by the database's clock, which all servers share.
 */
@Repository
class JobBook {
  /** Whoever works on a job renews its lease more often than this. */
  static final Duration LEASE = Duration.ofSeconds(20);

  /** So often a job is begun whose server went away: what ends three servers may end a fourth. */
  private static final int MOST_TRIES = 3;

  private static final int LONGEST_NAME = 200;
  private static final Duration KEPT = Duration.ofDays(7);
  private static final int LOOKED_AT = 8;

  private final JdbcClient jdbc;
  private final Clock clock;

  JobBook(JdbcClient jdbc, Clock clock) {
    this.jdbc = jdbc;
    this.clock = clock;
  }

  /** What is written when it begins. */
  record Beginning(
      String id, String studioId, String kind, String title, String person, String input) {}

  /** Writes it down; false where a job of that id is written down already. */
  boolean begin(Beginning job) {
    Timestamp now = Timestamp.from(clock.instant());
    jdbc.sql("delete from job where studio_id = ? and begun_at < ?")
        .params(job.studioId(), Timestamp.from(clock.instant().minus(KEPT)))
        .update();
    try {
      jdbc.sql(
              """
              insert into job (id, studio_id, kind, title, person, input, state, share, failure, begun_at)
              values (?, ?, ?, ?, ?, ?, 'WAITING', 0, '', ?)
              """)
          .params(
              job.id(),
              job.studioId(),
              job.kind(),
              cut(job.title()),
              cut(job.person()),
              job.input(),
              now)
          .update();
      return true;
    } catch (DuplicateKeyException there) {
      return false;
    }
  }

  private static String cut(String text) {
    return text.length() > LONGEST_NAME ? text.substring(0, LONGEST_NAME) : text;
  }

  /** A long name keeps its ending. */
  private static String cutName(String name) {
    int dot = name.lastIndexOf('.');
    String ending = dot < 0 || name.length() - dot > 12 ? "" : name.substring(dot);
    return name.length() > LONGEST_NAME
        ? name.substring(0, LONGEST_NAME - ending.length()) + ending
        : name;
  }

  /** The job that has waited longest, or whose server went away, for a server that can do it. */
  Optional<Beginning> take(String server, Set<String> kinds) {
    List<String> ids =
        jdbc.sql(
                """
                select id from job
                where kind in (:kinds) and tries < :most
                  and (state = 'WAITING' or (state = 'RUNNING' and leased_until < utc_timestamp(6)))
                order by begun_at, id limit :some
                """)
            .param("kinds", kinds)
            .param("most", MOST_TRIES)
            .param("some", LOOKED_AT)
            .query(String.class)
            .list();
    return ids.stream().filter(id -> wins(server, id)).findFirst().map(this::taken);
  }

  /** Of several servers that want it, one changes the row. */
  private boolean wins(String server, String id) {
    try {
      return jdbc.sql(
                  """
                  update job set state = 'RUNNING', server = ?, share = 0, tries = tries + 1,
                    leased_until = utc_timestamp(6) + interval ? second
                  where id = ?
                    and (state = 'WAITING' or (state = 'RUNNING' and leased_until < utc_timestamp(6)))
                  """)
              .params(server, LEASE.toSeconds(), id)
              .update()
          == 1;
    } catch (ConcurrencyFailureException lost) {
      return false;
    }
  }

  private Beginning taken(String id) {
    return jdbc.sql("select id, studio_id, kind, title, person, input from job where id = ?")
        .param(id)
        .query(
            (row, n) ->
                new Beginning(
                    row.getString(1),
                    row.getString(2),
                    row.getString(3),
                    row.getString(4),
                    row.getString(5),
                    row.getString(6)))
        .single();
  }

  /** What nobody will begin again, since that may not be or was tried often enough. */
  void cutShort(Set<String> onlyOnce) {
    jdbc.sql(
            """
            update job set state = 'CUT_SHORT'
            where state = 'RUNNING' and leased_until < utc_timestamp(6)
              and (tries >= :most or kind in (:once))
            """)
        .param("most", MOST_TRIES)
        .param("once", onlyOnce.isEmpty() ? Set.of("") : onlyOnce)
        .update();
  }

  /** Says how far it is and renews the lease; false where it is to stop. */
  boolean goesOn(String server, String id, double share) {
    int mine =
        jdbc.sql(
                """
                update job set share = ?, leased_until = utc_timestamp(6) + interval ? second
                where id = ? and server = ? and state = 'RUNNING'
                """)
            .params(share, LEASE.toSeconds(), id, server)
            .update();
    return mine == 1
        && !jdbc.sql("select stop_asked from job where id = ?")
            .param(id)
            .query(Boolean.class)
            .single();
  }

  /** Ends it; false where it is no longer this server's. */
  boolean ends(String server, String id, JobState state, String failure, JobResult result) {
    return jdbc.sql(
                """
                update job set state = ?, failure = ?, share = ?, content = ?, media_type = ?,
                  file_name = ? where id = ? and server = ? and state = 'RUNNING'
                """)
            .params(
                state.name(),
                failure,
                state == JobState.DONE ? 1.0 : 0.0,
                result.content(),
                result.mediaType(),
                result.fileName() == null ? null : cutName(result.fileName()),
                id,
                server)
            .update()
        == 1;
  }

  /** A server that ends leaves what it has to whoever comes next. */
  void letGo(String server) {
    jdbc.sql(
            """
            update job set leased_until = utc_timestamp(6) - interval 1 second
            where server = ? and state = 'RUNNING'
            """)
        .param(server)
        .update();
  }

  /** One that waits is stopped at once, one that is worked on is told to. */
  void askToStop(String studioId, String id) {
    jdbc.sql(
            """
            update job set stop_asked = true, state = if(state = 'WAITING', 'STOPPED', state)
            where studio_id = ? and id = ?
            """)
        .params(studioId, id)
        .update();
  }

  Optional<Job> find(String studioId, String id) {
    return jdbc.sql("select * from job where studio_id = ? and id = ?")
        .params(studioId, id)
        .query(
            (row, n) -> {
              String state = row.getString("state");
              String failure = row.getString("failure");
              return new Job(
                  row.getString("id"),
                  row.getString("kind"),
                  row.getString("title"),
                  state.equals("WAITING") ? JobState.RUNNING : JobState.valueOf(state),
                  row.getDouble("share"),
                  failure.isEmpty() ? null : failure,
                  row.getString("file_name"));
            })
        .optional();
  }

  Optional<String> input(String studioId, String id) {
    return jdbc.sql("select input from job where studio_id = ? and id = ?")
        .params(studioId, id)
        .query(String.class)
        .optional();
  }

  Optional<JobResult> result(String studioId, String id) {
    return jdbc.sql(
            """
            select content, media_type, file_name from job
            where studio_id = ? and id = ? and state = 'DONE' and content is not null
            """)
        .params(studioId, id)
        .query(
            (row, n) ->
                new JobResult(
                    row.getBytes("content"),
                    row.getString("media_type"),
                    row.getString("file_name")))
        .optional();
  }
}
