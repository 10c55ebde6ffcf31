package craftmap.server.jobs;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Jobs as they stand in the database. */
@Repository
class JobBook {
  /** Whoever works on a job says so more often than this. */
  static final Duration SILENT = Duration.ofSeconds(20);

  private static final int LONGEST_NAME = 200;
  private static final Duration KEPT = Duration.ofDays(7);

  private final JdbcClient jdbc;
  private final Clock clock;

  JobBook(JdbcClient jdbc, Clock clock) {
    this.jdbc = jdbc;
    this.clock = clock;
  }

  private Timestamp now() {
    return Timestamp.from(clock.instant());
  }

  void begin(String id, String studioId, JobKind kind, String title) {
    Instant old = clock.instant().minus(KEPT);
    jdbc.sql("delete from job where studio_id = ? and begun_at < ?")
        .params(studioId, Timestamp.from(old))
        .update();
    jdbc.sql(
            """
            insert into job (id, studio_id, kind, title, state, share, failure, begun_at, seen_at)
            values (?, ?, ?, ?, 'RUNNING', 0, '', ?, ?)
            """)
        .params(id, studioId, kind.name(), cut(title), now(), now())
        .update();
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

  /** Says how far it is; false where somebody asked it to stop. */
  boolean goesOn(String id, double share) {
    jdbc.sql("update job set share = ?, seen_at = ? where id = ?")
        .params(share, now(), id)
        .update();
    return !jdbc.sql("select stop_asked from job where id = ?")
        .param(id)
        .query(Boolean.class)
        .single();
  }

  void ends(String id, JobState state, String failure, JobResult result) {
    jdbc.sql(
            """
            update job set state = ?, failure = ?, share = ?, content = ?, media_type = ?,
              file_name = ?, seen_at = ? where id = ?
            """)
        .params(
            state.name(),
            failure,
            state == JobState.DONE ? 1.0 : 0.0,
            result.content(),
            result.mediaType(),
            result.fileName() == null ? null : cutName(result.fileName()),
            now(),
            id)
        .update();
  }

  void askToStop(String studioId, String id) {
    jdbc.sql("update job set stop_asked = true where studio_id = ? and id = ?")
        .params(studioId, id)
        .update();
  }

  Optional<Job> find(String studioId, String id) {
    return jdbc.sql("select * from job where studio_id = ? and id = ?")
        .params(studioId, id)
        .query(
            (row, n) -> {
              JobState state = JobState.valueOf(row.getString("state"));
              Instant seen = row.getTimestamp("seen_at").toInstant();
              boolean silent = seen.isBefore(clock.instant().minus(SILENT));
              String failure = row.getString("failure");
              return new Job(
                  row.getString("id"),
                  JobKind.valueOf(row.getString("kind")),
                  row.getString("title"),
                  state == JobState.RUNNING && silent ? JobState.CUT_SHORT : state,
                  row.getDouble("share"),
                  failure.isEmpty() ? null : failure,
                  row.getString("file_name"));
            })
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
