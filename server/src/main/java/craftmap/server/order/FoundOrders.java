package craftmap.server.order;

import craftmap.core.order.schedule.Placed;
import craftmap.core.order.schedule.Problem;
import craftmap.core.order.schedule.Schedule;
import craftmap.core.order.work.WorkStep;
import craftmap.server.bench.BenchDoc;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Guarded;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Orders that were searched for, kept for as long as the same is asked. */
@Repository
class FoundOrders {
  /** After a day nothing is begun at the same time any more; a while longer does no harm. */
  private static final Duration KEPT_FOR = Duration.ofDays(14);

  private final JdbcClient jdbc;
  private final JsonMapper json;
  private final Clock clock;

  FoundOrders(JdbcClient jdbc, JsonMapper json, Clock clock) {
    this.jdbc = jdbc;
    this.json = json;
    this.clock = clock;
  }

  /** An order as it is kept, and which search it came from, from 1. */
  record FoundDoc(List<Placed> steps, int least, long search) {
    Schedule schedule() {
      return new Schedule(steps, least);
    }
  }

  /** What was found for a question, where it is still about the same steps. */
  Optional<FoundDoc> find(Studio studio, String question, Problem problem) {
    Set<String> ids = problem.work().steps().stream().map(WorkStep::id).collect(Collectors.toSet());
    return jdbc.sql(
            "SELECT document FROM found_order WHERE studio_id = :studio AND question = :question")
        .param("studio", studio.id())
        .param("question", question)
        .query(String.class)
        .optional()
        .map(d -> json.readValue(d, FoundDoc.class))
        .filter(
            d -> d.steps().stream().map(Placed::stepId).collect(Collectors.toSet()).equals(ids));
  }

  /** Keeps it, unless another search found a better one. */
  @Guarded
  void keep(Studio studio, String question, FoundDoc found, Problem problem) {
    jdbc.sql("DELETE FROM found_order WHERE studio_id = :studio AND found_at < :before")
        .param("studio", studio.id())
        .param("before", Timestamp.from(clock.instant().minus(KEPT_FOR)))
        .update();
    String document = json.writeValueAsString(found);
    int written =
        jdbc.sql(
                "INSERT IGNORE INTO found_order (studio_id, question, document, found_at)"
                    + " VALUES (:studio, :question, :document, :at)")
            .param("studio", studio.id())
            .param("question", question)
            .param("document", document)
            .param("at", Timestamp.from(clock.instant()))
            .update();
    if (written == 1) {
      return;
    }
    String theirs =
        jdbc.sql(
                "SELECT document FROM found_order WHERE studio_id = :studio AND question = :question"
                    + " FOR UPDATE")
            .param("studio", studio.id())
            .param("question", question)
            .query(String.class)
            .single();
    FoundDoc known = json.readValue(theirs, FoundDoc.class);
    FoundDoc best = known.schedule().isBetterThan(found.schedule(), problem) ? known : found;
    jdbc.sql(
            "UPDATE found_order SET document = :document, found_at = :at"
                + " WHERE studio_id = :studio AND question = :question")
        .param("studio", studio.id())
        .param("question", question)
        .param(
            "document",
            json.writeValueAsString(
                new FoundDoc(best.steps(), best.least(), Math.max(found.search(), known.search()))))
        .param("at", Timestamp.from(clock.instant()))
        .update();
  }

  /** The same for the same question on any server, and for no other. */
  String question(Orders.Task task) {
    StringBuilder all = new StringBuilder();
    all.append(task.begin()).append('\n');
    all.append(json.writeValueAsString(BenchDoc.of(task.bench()))).append('\n');
    for (WorkStep s : task.work().steps()) {
      all.append(s.id()).append('|').append(s.pieceId()).append('|').append(s.row());
      all.append('|').append(s.handsOn()).append('|').append(new TreeSet<>(s.on()));
      all.append('|').append(s.kit()).append('|').append(s.wet());
      all.append('|').append(s.material().minimumCelsius()).append('\n');
    }
    task.work().links().forEach(l -> all.append(l).append('\n'));
    task.work().apart().forEach(a -> all.append(a).append('\n'));
    append(all, task.work().things());
    append(all, task.settled().past());
    append(all, task.settled().fixed());
    append(all, task.settled().begun());
    try {
      byte[] hash =
          MessageDigest.getInstance("SHA-256")
              .digest(all.toString().getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(hash);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }

  private static void append(StringBuilder all, Map<String, ?> of) {
    new TreeMap<>(of).forEach((k, v) -> all.append(k).append('=').append(v).append('\n'));
  }
}
