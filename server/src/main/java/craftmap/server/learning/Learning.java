package craftmap.server.learning;

import craftmap.core.log.Learned;
import craftmap.core.log.Observation;
import craftmap.core.log.Topic;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Lately;
import craftmap.server.changes.Thing;
import craftmap.server.changes.WorkedOut;
import craftmap.server.writing.Guarded;
import craftmap.server.writing.Solves;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what was seen at the bench, and says what plans go by. */
@Service
@Solves
public class Learning {
  private static final int MOST_KEPT = 400;

  private final JdbcClient jdbc;
  private final Changes changes;
  private final Clock clock;
  private final Lately<Lessons> lessons = new Lately<>();
  private final WorkedOut<Question, Learned> learned = new WorkedOut<>(MOST_KEPT);

  Learning(JdbcClient jdbc, Changes changes, Clock clock) {
    this.jdbc = jdbc;
    this.changes = changes;
    this.clock = clock;
  }

  private record Question(String studioId, Changes.Stamp stamp, Optional<Instant> begun) {}

  /**
   * A figure that something was seen of.
   *
   * @param on whether plans go by it
   * @param reset whether what was seen before counts no more
   * @param seen the youngest first
   */
  public record Figure(Topic topic, boolean on, Optional<Instant> reset, List<Looked> seen) {}

  /**
   * One of what was seen.
   *
   * @param counts whether it stands behind the figure
   */
  public record Looked(Seen what, boolean counts) {}

  /**
   * What a plan goes by.
   *
   * @param begun when the first of its steps was done: it keeps what was known then
   */
  public Learned of(String studioId, Optional<Instant> begun) {
    Changes.Stamp stamp = stamp(studioId);
    return learned.of(
        new Question(studioId, stamp, begun), () -> lessons(studioId, stamp).learned(begun));
  }

  /** All figures that something was seen of, whether plans go by them or not. */
  public Learned all(String studioId) {
    return lessons(studioId, stamp(studioId)).all();
  }

  /** Every figure with what stands behind it. */
  public List<Figure> figures(String studioId) {
    Lessons all = lessons(studioId, stamp(studioId));
    Map<Topic, Lessons.Standing> standing = all.standing(Optional.empty());
    return all.seen().stream()
        .map(s -> s.what().topic())
        .distinct()
        .map(
            topic -> {
              Lessons.Standing stands = standing.getOrDefault(topic, Lessons.Standing.USUAL);
              return new Figure(
                  topic,
                  stands.on(),
                  stands.resetAt(),
                  all.seen().reversed().stream()
                      .filter(s -> s.what().topic().equals(topic))
                      .map(s -> new Looked(s, s.what().counts() && stands.counts(s)))
                      .toList());
            })
        .toList();
  }

  private Changes.Stamp stamp(String studioId) {
    return changes.stamp(studioId, Thing.LEARNED);
  }

  /** Keeps what was seen, as something was told of. */
  @Transactional
  public void keep(String studioId, String tellingId, List<Seen> seen) {
    for (Seen each : seen) {
      jdbc.sql(
              "INSERT INTO observed (studio_id, id, telling_id, topic, low, high, counts, happened,"
                  + " piece_name, title, made_by) VALUES (:studio, :id, :telling, :topic, :low,"
                  + " :high, :counts, :happened, :piece, :title, :by)")
          .param("studio", studioId)
          .param("id", UUID.randomUUID().toString())
          .param("telling", tellingId)
          .param("topic", each.what().topic().key())
          .param("low", each.what().low())
          .param("high", each.what().high())
          .param("counts", each.what().counts())
          .param("happened", utc(each.happened()))
          .param("piece", each.pieceName())
          .param("title", each.title())
          .param("by", each.by())
          .update();
    }
    tell(studioId, !seen.isEmpty());
  }

  /** Lets go of what was seen as something was told that stands no longer. */
  @Transactional
  public void letGo(String studioId, Collection<String> tellingIds) {
    int gone = 0;
    for (String id : tellingIds) {
      gone +=
          jdbc.sql("DELETE FROM observed WHERE studio_id = :studio AND telling_id = :id")
              .param("studio", studioId)
              .param("id", id)
              .update();
    }
    tell(studioId, gone > 0);
  }

  /** Decides about a figure; decided twice it is as decided once. */
  @Guarded
  public void decide(String studioId, Topic topic, Choice choice, String by) {
    jdbc.sql(
            "INSERT INTO learned_choice (studio_id, id, topic, choice, made_at, made_by)"
                + " VALUES (:studio, :id, :topic, :choice, :at, :by)")
        .param("studio", studioId)
        .param("id", UUID.randomUUID().toString())
        .param("topic", topic.key())
        .param("choice", choice.name())
        .param("at", utc(clock.instant()))
        .param("by", by)
        .update();
    tell(studioId, true);
  }

  private void tell(String studioId, boolean changed) {
    if (changed) {
      changes.tell(studioId, Thing.LEARNED, "all");
    }
  }

  private Lessons lessons(String studioId, Changes.Stamp stamp) {
    return lessons.of(studioId, stamp, () -> read(studioId));
  }

  private Lessons read(String studioId) {
    return new Lessons(
        jdbc.sql(
                "SELECT topic, low, high, counts, happened, piece_name, title, made_by FROM observed"
                    + " WHERE studio_id = :studio ORDER BY happened, id")
            .param("studio", studioId)
            .query(
                (row, _) ->
                    new Seen(
                        new Observation(
                            Topic.read(row.getString("topic")),
                            row.getDouble("low"),
                            row.getDouble("high"),
                            row.getBoolean("counts")),
                        instant(row.getObject("happened", LocalDateTime.class)),
                        row.getString("piece_name"),
                        row.getString("title"),
                        row.getString("made_by")))
            .list(),
        jdbc.sql(
                "SELECT topic, choice, made_at FROM learned_choice WHERE studio_id = :studio"
                    + " ORDER BY made_at, id")
            .param("studio", studioId)
            .query(
                (row, _) ->
                    new Lessons.Decided(
                        Topic.read(row.getString("topic")),
                        Choice.valueOf(row.getString("choice")),
                        instant(row.getObject("made_at", LocalDateTime.class))))
            .list());
  }

  private static LocalDateTime utc(Instant at) {
    return LocalDateTime.ofInstant(at.truncatedTo(ChronoUnit.MICROS), ZoneOffset.UTC);
  }

  private static Instant instant(LocalDateTime utc) {
    return utc.toInstant(ZoneOffset.UTC);
  }
}
