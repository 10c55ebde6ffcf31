package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.server.jobs.Job;
import craftmap.server.jobs.JobKind;
import craftmap.server.jobs.JobResult;
import craftmap.server.jobs.Jobs;
import craftmap.server.studio.Studios;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Jobs: how far they are, stopped, failed, and what a restart leaves of them. */
class JobsTest extends ServerTest {
  @Autowired private Jobs jobs;
  @Autowired private Studios studios;
  @Autowired private JdbcClient jdbc;

  private JsonNode end(Job job) {
    JsonNode now = get("/api/jobs/" + job.id()).body();
    while (now.path("state").asString().equals("RUNNING")) {
      now = get("/api/jobs/" + job.id()).body();
    }
    return now;
  }

  @Test
  void aJobTellsHowFarItIsAndStopsWhenItIsAskedTo() throws InterruptedException {
    CountDownLatch half = new CountDownLatch(1);
    Job job =
        jobs.begin(
            studios.current(),
            JobKind.NEST,
            "Endless",
            progress -> {
              while (progress.at(0.5)) {
                half.countDown();
              }
              return JobResult.NONE;
            });
    assertThat(half.await(30, TimeUnit.SECONDS)).isTrue();
    JsonNode running = get("/api/jobs/" + job.id()).body();
    while (running.path("share").asDouble() == 0) {
      running = get("/api/jobs/" + job.id()).body();
    }
    assertThat(running.path("state").asString()).isEqualTo("RUNNING");
    assertThat(running.path("share").asDouble()).isEqualTo(0.5);
    delete("/api/jobs/" + job.id());
    assertThat(end(job).path("state").asString()).isEqualTo("STOPPED");
    assertThat(get("/api/jobs/" + job.id() + "/file").status()).isEqualTo(404);
  }

  @Test
  void whatFailsSaysWhyButNotWhatOnlyTheLogMayKnow() {
    Job job =
        jobs.begin(
            studios.current(),
            JobKind.PRINT,
            "Broken",
            progress -> {
              throw new IllegalStateException("secret of the house");
            });
    JsonNode over = end(job);
    assertThat(over.path("state").asString()).isEqualTo("FAILED");
    assertThat(over.path("failure").asString())
        .contains("Nothing of yours was changed")
        .doesNotContain("secret");
  }

  @Test
  void aJobThatARestartCutShortIsSaidToBe() {
    String id = UUID.randomUUID().toString();
    jdbc.sql(
            """
            insert into job (id, studio_id, kind, title, state, share, failure, begun_at, seen_at)
            values (?, ?, 'NEST', 'From before', 'RUNNING', 0.4, '',
              utc_timestamp() - interval 1 hour, utc_timestamp() - interval 1 hour)
            """)
        .params(id, studios.current().id())
        .update();
    JsonNode job = get("/api/jobs/" + id).body();
    assertThat(job.path("state").asString()).isEqualTo("CUT_SHORT");
    assertThat(get("/api/jobs/" + id + "/file").status()).isEqualTo(404);
    assertThat(get("/api/jobs/nobody").status()).isEqualTo(404);
  }

  @Test
  void aSearchThatIsStoppedLeavesThePlanFromBefore() {
    String base = "/api/pieces/folding-screen/cuts";
    JsonNode before = get(base).body();
    // with every worker busy the search waits its turn, so that it is stopped for certain
    CountDownLatch busy = new CountDownLatch(1);
    for (int worker = 0; worker < Jobs.AT_ONCE; worker++) {
      jobs.begin(
          studios.current(),
          JobKind.NEST,
          "Busy",
          progress -> {
            busy.await();
            return JobResult.NONE;
          });
    }
    Answer begun =
        post(
            base + "/lattice-shells/searches",
            json.createObjectNode()
                .put("preference", "LARGEST_LEFTOVER")
                .put("again", 7)
                .put("knifeMm", 0));
    delete("/api/jobs/" + begun.body().path("id").asString());
    busy.countDown();
    assertThat(finished(begun).path("state").asString()).isEqualTo("STOPPED");
    assertThat(get(base).body()).isEqualTo(before);
  }
}
