package craftmap.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Three databases and two servers, of which some are killed while people work: what was said to be
 * kept is kept, once, on all of them.
 *
 * <p>{@code -Djourneys.rounds=20} kills more, for docs/reliability.md.
 */
@Tag("campaign")
class ClusterTest {
  private static final int WRITERS = 6;
  private static final int ROUNDS = Integer.getInteger("journeys.rounds", 3);

  /** Whoever is stopped for longer would think that it hangs. */
  private static final Duration LONGEST_STOP = Duration.ofSeconds(30);

  private static final Duration LONGEST_START = Duration.ofMinutes(3);

  /** To look at afterwards what the nodes and servers said. */
  private static final boolean LEAVE = Boolean.getBoolean("journeys.leave");

  @Test
  void whoeverIsKilledWhatWasKeptIsKeptOnAllOfThem() throws Exception {
    int port = App.freePort();
    try (Cluster cluster = Cluster.start(port);
        Crowd crowd = new Crowd("http://127.0.0.1:" + port, WRITERS)) {
      Random dice = new Random(90_917);
      for (int round = 0; round < ROUNDS; round++) {
        crowd.untilKept(25);
        String node = "node" + (1 + dice.nextInt(3));
        String server = "server" + (1 + dice.nextInt(2));
        switch (round % 3) {
          case 0 -> isKilled(cluster, crowd, node);
          case 1 -> isKilled(cluster, crowd, server);
          default -> isCutOff(cluster, crowd, node);
        }
      }
      crowd.end();
      System.out.printf("CAMPAIGN cluster, %d kills: %s%n", ROUNDS, crowd);
      assertThat(crowd.faults()).as("faults of ours").isEmpty();
      assertThat(crowd.longestStop()).isLessThan(LONGEST_STOP);
      cluster.servers().forEach(crowd::isAllThere);
      cluster.agrees();
    }
  }

  private static void isKilled(Cluster cluster, Crowd crowd, String victim) throws Exception {
    says(victim + " is killed");
    cluster.kill(victim);
    crowd.untilKept(25);
    cluster.awaitBack(victim);
    says(victim + " is back");
  }

  /** It hears nothing and says nothing, as behind a switch that failed; then all is as before. */
  private static void isCutOff(Cluster cluster, Crowd crowd, String node) throws Exception {
    says(node + " is cut off");
    cluster.signal(node, "STOP");
    crowd.untilKept(120);
    cluster.signal(node, "CONT");
    crowd.untilKept(25);
    cluster.awaitReady(node);
    says(node + " is back");
  }

  private static void says(String what) {
    System.out.printf("CAMPAIGN %s: %s%n", Instant.now(), what);
  }

  /** bin/cluster on a folder of its own. */
  private static final class Cluster implements AutoCloseable {
    private final Process process;
    private final Path data;
    private final List<String> said = new ArrayList<>();

    private Cluster(Process process, Path data) {
      this.process = process;
      this.data = data;
    }

    static Cluster start(int port) throws IOException {
      // nodes run as another user, who has to come through
      Path data = Files.createTempDirectory(Path.of("/tmp"), "craftmap-cluster");
      Process process =
          new ProcessBuilder(
                  App.home().resolve("bin/cluster").toString(),
                  "--port",
                  "" + port,
                  "--data",
                  data.toString(),
                  "--empty")
              .redirectErrorStream(true)
              .start();
      Cluster cluster = new Cluster(process, data);
      Runtime.getRuntime().addShutdownHook(new Thread(process::destroy));
      var out = process.inputReader();
      for (String line = out.readLine(); line != null; line = out.readLine()) {
        cluster.said.add(line);
        if (line.startsWith("Craft Map is at ")) {
          Thread.ofVirtual().start(() -> out.lines().forEach(l -> {}));
          return cluster;
        }
      }
      throw new IllegalStateException("bin/cluster ended: " + cluster.said);
    }

    /** The two servers' own addresses. */
    List<String> servers() {
      List<String> all =
          said.stream()
              .filter(l -> l.matches("Server \\d answers on port \\d+\\."))
              .map(l -> "http://127.0.0.1:" + l.replaceAll(".*port (\\d+)\\.", "$1"))
              .toList();
      assertThat(all).hasSize(2);
      return all;
    }

    private long pid(String part) throws IOException, InterruptedException {
      String pid =
          part.startsWith("server")
              ? Files.readString(data.resolve(part + ".pid")).strip()
              : node("pid", part, "");
      return pid.isEmpty() ? -1 : Long.parseLong(pid);
    }

    private String node(String command, String part, String in)
        throws IOException, InterruptedException {
      Process process =
          new ProcessBuilder(
                  App.home().resolve("bin/lib/node.sh").toString(),
                  command,
                  data.resolve(part).toString())
              .start();
      try (var writer = process.outputWriter()) {
        writer.write(in);
      }
      String out = new String(process.getInputStream().readAllBytes()).strip();
      process.waitFor();
      return out;
    }

    private long killed;

    void kill(String part) throws IOException, InterruptedException {
      killed = pid(part);
      assertThat(killed).as(part).isPositive();
      ProcessHandle.of(killed).ifPresent(ProcessHandle::destroyForcibly);
    }

    void signal(String part, String signal) throws IOException, InterruptedException {
      int rc = new ProcessBuilder("kill", "-" + signal, "" + pid(part)).start().waitFor();
      assertThat(rc).as(signal + " to " + part).isZero();
    }

    /** It is one of them again, be it the same process. */
    void awaitReady(String node) throws Exception {
      killed = -1;
      awaitBack(node);
    }

    /** It was started again and answers. */
    void awaitBack(String part) throws Exception {
      Instant until = Instant.now().plus(LONGEST_START);
      while (!isBack(part)) {
        assertThat(Instant.now()).as(part + " did not come back").isBefore(until);
        LockSupport.parkNanos(300_000_000);
      }
    }

    private boolean isBack(String part) throws Exception {
      long now = pid(part);
      if (now <= 0 || now == killed) {
        return false;
      }
      if (part.startsWith("node")) {
        return node("sql", part, "show status like 'wsrep_ready'").endsWith("ON");
      }
      String at = servers().get(Integer.parseInt(part.substring(6)) - 1);
      try {
        return HttpClient.newHttpClient()
                .send(
                    HttpRequest.newBuilder(URI.create(at + "/actuator/health")).build(),
                    HttpResponse.BodyHandlers.discarding())
                .statusCode()
            == 200;
      } catch (IOException notYet) {
        return false;
      }
    }

    /** Every node has the same rows. */
    void agrees() throws IOException, InterruptedException {
      String sums =
          """
          use craftmap;
          checksum table piece, plan_entry, plan_move, holding, ledger_entry, claim, photo, studio;
          """;
      String first = node("sql", "node1", sums);
      assertThat(first).contains("craftmap.piece");
      assertThat(node("sql", "node2", sums)).isEqualTo(first);
      assertThat(node("sql", "node3", sums)).isEqualTo(first);
    }

    @Override
    public void close() {
      try {
        process.destroy();
        assertThat(process.waitFor(2, TimeUnit.MINUTES)).isTrue();
        for (int n = 1; n <= 3; n++) {
          assertThat(node("pid", "node" + n, "")).as("left running").isEmpty();
        }
        if (!LEAVE) {
          new ProcessBuilder("rm", "-rf", data.toString()).start().waitFor();
        }
      } catch (IOException | InterruptedException broken) {
        throw new IllegalStateException(broken);
      }
    }
  }
}
