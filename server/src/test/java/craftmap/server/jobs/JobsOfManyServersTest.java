package craftmap.server.jobs;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;
import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.measure.RefusedInput;
import craftmap.server.ServerTest;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studios;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;

/**
 * Jobs: how far they are, stopped, failed, left by a server that went away, and never done twice.
 * Each test has a kind of job of its own, so that nobody else's server takes it.
 */
class JobsOfManyServersTest extends ServerTest {

  @Autowired private JobBook book;
  @Autowired private Studios studios;
  @Autowired private JdbcClient jdbc;
  @Autowired private TransactionTemplate transaction;

  private final List<Jobs> servers = new ArrayList<>();
  private Asker wren;

  /** What a job of these is told. */
  record Told(String word, int number) {}

  /** A worker that does what a test wants of it. */
  private static final class Rehearsal implements JobWorker<Told> {
    private final String kind = "R-" + UUID.randomUUID().toString().substring(0, 12);
    private final boolean again;
    private final Part part;

    interface Part {
      JobResult play(Work<Told> work, Progress progress) throws Exception;
    }

    Rehearsal(boolean again, Part part) {
      this.again = again;
      this.part = part;
    }

    @Override
    public String kind() {
      return kind;
    }

    @Override
    public Class<Told> input() {
      return Told.class;
    }

    @Override
    public boolean mayBeginAgain() {
      return again;
    }

    @Override
    public JobResult run(Work<Told> work, Progress progress) throws Exception {
      return part.play(work, progress);
    }
  }

  @BeforeEach
  void somebodyAsks() {
    wren = Asker.atTheMachine(studios.first(), "Wren");
  }

  @AfterEach
  void serversEnd() {
    servers.forEach(Jobs::destroy);
  }

  private Jobs server(Rehearsal worker) {
    return server(worker, true);
  }

  private Jobs server(Rehearsal worker, boolean works) {
    Jobs server = new Jobs(book, studios, json, List.of(worker), works);
    servers.add(server);
    return server;
  }

  private JsonNode over(String id) {
    return until("/api/jobs/" + id, j -> !j.path("state").asString().equals("RUNNING"));
  }

  /** A job as a server left it that is gone. */
  private String left(Rehearsal worker, int tries) {
    String id = UUID.randomUUID().toString();
    jdbc.sql(
            """
            insert into job (id, studio_id, kind, title, person, input, state, share, failure,
              begun_at, server, leased_until, tries)
            values (?, ?, ?, 'Left', 'Wren', '{"word": "left", "number": 7}', 'RUNNING', 0.4, '',
              utc_timestamp(6), 'gone', utc_timestamp(6) - interval 1 minute, ?)
            """)
        .params(id, studios.first().id(), worker.kind(), tries)
        .update();
    return id;
  }

  @Test
  void aJobIsToldItsRowSaysHowFarItIsAndLeavesWhatItMade() throws Exception {
    CountDownLatch looked = new CountDownLatch(1);
    Rehearsal worker =
        new Rehearsal(
            true,
            (work, progress) -> {
              progress.at(0.5);
              looked.await();
              String made = work.input().word() + work.input().number() + " by " + work.person();
              return new JobResult(made.getBytes(), "text/plain", "made.txt");
            });
    Jobs jobs = server(worker);
    Job job = jobs.begin(wren, worker, "Half", new Told("reeds", 3));
    until("/api/jobs/" + job.id(), j -> j.path("share").asDouble() == 0.5);
    looked.countDown();
    assertThat(over(job.id()).path("state").asString()).isEqualTo("DONE");
    assertThat(new String(get("/api/jobs/" + job.id() + "/file").raw().body()))
        .isEqualTo("reeds3 by Wren");
    assertThat(get("/api/jobs/nobody").status()).isEqualTo(404);
  }

  @Test
  void aServerThatDoesNoJobsLeavesThemToOthers() {
    Set<Thread> doers = ConcurrentHashMap.newKeySet();
    Rehearsal worker =
        new Rehearsal(
            true,
            (work, progress) -> {
              doers.add(Thread.currentThread());
              return JobResult.NONE;
            });
    Jobs aside = server(worker, false);
    Job one = aside.begin(wren, worker, "One", new Told("one", 1));
    assertThat(get("/api/jobs/" + one.id()).body().path("state").asString()).isEqualTo("RUNNING");
    Jobs busy = server(worker);
    assertThat(over(one.id()).path("state").asString()).isEqualTo("DONE");
    busy.destroy();
    Job two = aside.begin(wren, worker, "Two", new Told("two", 2));
    // while the one that is there for something else is the only one, nobody does it
    assertThat(get("/api/jobs/" + two.id()).body().path("state").asString()).isEqualTo("RUNNING");
    assertThat(doers).hasSize(1);
  }

  @Test
  void oneThatIsAskedToStopStopsAlsoThroughAnotherServer() throws Exception {
    CountDownLatch begun = new CountDownLatch(1);
    Rehearsal endless =
        new Rehearsal(
            true,
            (work, progress) -> {
              begun.countDown();
              while (progress.at(0.5)) {
                Thread.onSpinWait();
              }
              return JobResult.NONE;
            });
    Job job = server(endless).begin(wren, endless, "Endless", new Told("on", 1));
    assertThat(begun.await(30, TimeUnit.SECONDS)).isTrue();
    // the application's own server has never heard of this job but by its row
    delete("/api/jobs/" + job.id());
    assertThat(over(job.id()).path("state").asString()).isEqualTo("STOPPED");
    assertThat(get("/api/jobs/" + job.id() + "/file").status()).isEqualTo(404);
  }

  @Test
  void oneThatWaitsIsStoppedAtOnceAndNeverBegun() {
    AtomicInteger ran = new AtomicInteger();
    CountDownLatch free = new CountDownLatch(1);
    Rehearsal busy =
        new Rehearsal(
            true,
            (work, progress) -> {
              if (work.input().number() > 0) {
                free.await();
              } else {
                ran.incrementAndGet();
              }
              return JobResult.NONE;
            });
    Jobs jobs = server(busy);
    List<Job> before = new ArrayList<>();
    for (int hand = 0; hand < Jobs.AT_ONCE; hand++) {
      before.add(jobs.begin(wren, busy, "Busy", new Told("busy", 1)));
    }
    Job waits = jobs.begin(wren, busy, "Waits", new Told("waits", 0));
    delete("/api/jobs/" + waits.id());
    assertThat(get("/api/jobs/" + waits.id()).body().path("state").asString()).isEqualTo("STOPPED");
    free.countDown();
    before.forEach(job -> assertThat(over(job.id()).path("state").asString()).isEqualTo("DONE"));
    assertThat(ran).hasValue(0);
  }

  @Test
  void whatFailsSaysWhyButNotWhatOnlyTheLogMayKnow() {
    Rehearsal broken =
        new Rehearsal(
            true,
            (work, progress) -> {
              if (work.input().number() == 0) {
                throw new RefusedInput("pieces", given(0), said("are-too-few"), said("1-or-more"));
              }
              throw new IllegalStateException("secret of the house");
            });
    Jobs jobs = server(broken);
    JsonNode bug = over(jobs.begin(wren, broken, "Broken", new Told("x", 1)).id());
    assertThat(bug.path("state").asString()).isEqualTo("FAILED");
    assertThat(bug.path("failure").asString())
        .contains("Nothing of yours was changed")
        .doesNotContain("secret");
    JsonNode refused = over(jobs.begin(wren, broken, "Refused", new Told("x", 0)).id());
    assertThat(refused.path("failure").asString())
        .isEqualTo("Pieces (0) are too few. Give 1 or more.");
  }

  @Test
  void whatAServerLeftIsDoneByAnotherButNotForEver() {
    Rehearsal worker =
        new Rehearsal(
            true,
            (work, progress) -> new JobResult(work.input().word().getBytes(), "text/plain", "w"));
    String once = left(worker, 1);
    String tooOften = left(worker, 3);
    server(worker);
    assertThat(over(once).path("state").asString()).isEqualTo("DONE");
    assertThat(new String(get("/api/jobs/" + once + "/file").raw().body())).isEqualTo("left");
    assertThat(over(tooOften).path("state").asString()).isEqualTo("CUT_SHORT");
  }

  @Test
  void whatAMachineHasHalfDoneIsNotBegunAgain() {
    AtomicInteger ran = new AtomicInteger();
    Rehearsal machine =
        new Rehearsal(
            false,
            (work, progress) -> {
              ran.incrementAndGet();
              return JobResult.NONE;
            });
    String half = left(machine, 1);
    server(machine);
    assertThat(over(half).path("state").asString()).isEqualTo("CUT_SHORT");
    assertThat(ran).hasValue(0);
  }

  @Test
  void threeServersDoFortyJobsEachOnce() {
    ConcurrentHashMap<Integer, Integer> times = new ConcurrentHashMap<>();
    Rehearsal worker =
        new Rehearsal(
            true,
            (work, progress) -> {
              times.merge(work.input().number(), 1, Integer::sum);
              return JobResult.NONE;
            });
    List<Jobs> three = List.of(server(worker), server(worker), server(worker));
    List<Job> all = new ArrayList<>();
    for (int n = 0; n < 40; n++) {
      all.add(three.get(n % 3).begin(wren, worker, "One of forty", new Told("n", n)));
    }
    all.forEach(job -> assertThat(over(job.id()).path("state").asString()).isEqualTo("DONE"));
    assertThat(times).hasSize(40).allSatisfy((n, often) -> assertThat(often).isEqualTo(1));
  }

  @Test
  void aServerThatLostItsLeaseStopsAndWritesNothingAnyMore() throws Exception {
    CountDownLatch begun = new CountDownLatch(1);
    CountDownLatch stopped = new CountDownLatch(1);
    Rehearsal slow =
        new Rehearsal(
            true,
            (work, progress) -> {
              begun.countDown();
              while (progress.at(0.3)) {
                Thread.onSpinWait();
              }
              stopped.countDown();
              return new JobResult("too late".getBytes(), "text/plain", "late.txt");
            });
    Job job = server(slow).begin(wren, slow, "Slow", new Told("slow", 1));
    assertThat(begun.await(30, TimeUnit.SECONDS)).isTrue();
    jdbc.sql(
            """
            update job set server = 'another', leased_until = utc_timestamp(6) + interval 1 hour
            where id = ?
            """)
        .param(job.id())
        .update();
    assertThat(stopped.await(30, TimeUnit.SECONDS)).isTrue();
    servers.forEach(Jobs::destroy);
    assertThat(get("/api/jobs/" + job.id()).body().path("state").asString()).isEqualTo("RUNNING");
    assertThat(get("/api/jobs/" + job.id() + "/file").status()).isEqualTo(404);
  }

  @Test
  void whatAJobChangesStandsTogetherWithItsEndOrNotAtAll() {
    String tried = "T-" + UUID.randomUUID().toString().substring(0, 8);
    Rehearsal taker =
        new Rehearsal(
            true,
            (work, progress) -> {
              transaction.executeWithoutResult(
                  t -> {
                    jdbc.sql("update studio set name = concat(name, ?) where id = ?")
                        .params(tried, work.studio().id())
                        .update();
                    if (work.input().number() == 0) {
                      // another server has it by now
                      jdbc.sql("update job set server = 'another' where id = ?")
                          .param(work.id())
                          .update();
                    }
                    progress.endsWith(JobResult.NONE);
                  });
              return JobResult.NONE;
            });
    Jobs jobs = server(taker);
    String name = studios.first().name();
    try {
      over(jobs.begin(wren, taker, "Lost", new Told("lost", 0)).id());
      assertThat(studios.first().name()).isEqualTo(name);
      assertThat(over(jobs.begin(wren, taker, "Kept", new Told("kept", 1)).id()).path("state"))
          .isEqualTo(json.valueToTree("DONE"));
      assertThat(studios.first().name()).isEqualTo(name + tried);
    } finally {
      jdbc.sql("update studio set name = ? where id = ?")
          .params(name, studios.first().id())
          .update();
    }
  }

  @Test
  void aJobOfAGivenNameIsBegunOnce() {
    Rehearsal worker = new Rehearsal(true, (work, progress) -> JobResult.NONE);
    Jobs jobs = server(worker);
    String id = "once-" + UUID.randomUUID().toString().substring(0, 20);
    assertThat(jobs.begin(wren, id, worker, "First", new Told("a", 1))).isPresent();
    assertThat(jobs.begin(wren, id, worker, "Second", new Told("b", 2))).isEmpty();
    assertThat(over(id).path("title").asString()).isEqualTo("First");
    assertThat(jobs.input(wren.studio(), id, worker)).isEqualTo(new Told("a", 1));
  }
}
