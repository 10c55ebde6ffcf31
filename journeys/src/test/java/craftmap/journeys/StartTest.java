package craftmap.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Starting, stopping, and what goes wrong with both. */
class StartTest {
  @TempDir Path folder;

  private static String get(App app, String path) throws IOException, InterruptedException {
    return HttpClient.newHttpClient()
        .send(
            HttpRequest.newBuilder(URI.create(app.address() + path)).build(),
            HttpResponse.BodyHandlers.ofString())
        .body();
  }

  private static void addChest(App app, String name) throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(app.address() + "/api/pieces"))
            .header("Content-Type", "application/json")
            .header("Cookie", "XSRF-TOKEN=t")
            .header("X-XSRF-TOKEN", "t")
            .POST(
                HttpRequest.BodyPublishers.ofString(
                    """
                    {"name":"%s","form":{"kind":"CHEST","measures":{"width":800}}}"""
                        .formatted(name)))
            .build();
    assertThat(
            HttpClient.newHttpClient()
                .send(request, HttpResponse.BodyHandlers.discarding())
                .statusCode())
        .isEqualTo(201);
  }

  @Test
  void dataStaysOverAStopAndOverAPowerCut() throws Exception {
    try (App app = App.start(folder)) {
      assertThat(get(app, "/api/pieces")).contains("Sea chest for the autumn fair");
      assertThat(
              PosixFilePermissions.toString(
                  Files.getPosixFilePermissions(folder.resolve("db/password"))))
          .isEqualTo("rw-------");
      assertThat(App.refusal("--port", "" + (app.port() + 1), "--data", folder.toString()))
          .isEqualTo(
              "1: Craft Map: is running on this data already, at "
                  + app.address()
                  + "/. Open that, or stop it first.");
      addChest(app, "Before the stop");
    }
    App cut = App.start(folder);
    assertThat(get(cut, "/api/pieces")).contains("Before the stop");
    addChest(cut, "Before the cut");
    cut.killHard();
    try (App again = App.start(folder)) {
      assertThat(get(again, "/api/pieces"))
          .contains("Before the stop")
          .contains("Before the cut")
          .containsOnlyOnce("Sea chest for the autumn fair");
    }
    assertThat(folder.resolve("server.pid")).doesNotExist();
    assertThat(folder.resolve("db/pid")).doesNotExist();
  }

  @Test
  void whoeverStartsWhileAnotherIsStillEndingWaitsForIt() throws Exception {
    FoundedStudio.copiedTo(folder);
    Process ending =
        new ProcessBuilder(
                "flock", folder.resolve("lock").toString(), "sh", "-c", "echo mine; read -r end")
            .start();
    assertThat(ending.inputReader().readLine()).isEqualTo("mine");
    Process start =
        new ProcessBuilder(
                App.home().resolve("bin/start").toString(),
                "--data",
                folder.toString(),
                "--port",
                "" + App.freePort())
            .redirectErrorStream(true)
            .start();
    try {
      assertThat(start.inputReader().readLine())
          .isEqualTo("Something else is at work on this data. Waiting for it to end.");
      assertThat(folder.resolve("server.pid")).doesNotExist();
      ending.getOutputStream().close();
      assertThat(
              start.inputReader().lines().filter(l -> l.startsWith("Craft Map is at ")).findFirst())
          .isPresent();
    } finally {
      ending.destroy();
      start.destroy();
      start.waitFor();
    }
  }

  @Test
  void anEmptyStudioHasNoDemo() throws Exception {
    try (App app = App.start(folder, "--empty")) {
      assertThat(get(app, "/api/pieces")).isEqualTo("[]");
      assertThat(get(app, "/api/stencils")).isEqualTo("[]");
      assertThat(get(app, "/api/studio")).contains("My studio");
    }
  }

  @Test
  void whatCannotStartSaysWhyInOneSentence() throws Exception {
    try (ServerSocket taken = new ServerSocket(0)) {
      assertThat(App.refusal("--port", "" + taken.getLocalPort(), "--data", folder.toString()))
          .isEqualTo(
              "1: Craft Map: port "
                  + taken.getLocalPort()
                  + " is taken by another program. Give another with --port N.");
    }
    assertThat(App.refusal("--port", "eighty"))
        .isEqualTo("1: Craft Map: --port (eighty) is not a port. Give a number from 1 to 65535.");
    String endless = "9".repeat(40);
    assertThat(App.refusal("--port", endless))
        .isEqualTo(
            "1: Craft Map: --port (%s) is not a port. Give a number from 1 to 65535."
                .formatted(endless));
    assertThat(App.refusal("--colour"))
        .isEqualTo("1: Craft Map: does not know '--colour'. bin/start --help lists what it knows.");
    assertThat(App.refusal("--public", "craft.example"))
        .isEqualTo(
            "1: Craft Map: --public (craft.example) is not an address it could be reached at. Give"
                + " one such as https://craft.example, without a path.");
    assertThat(App.refusal("--data", "/proc/craftmap"))
        .isEqualTo(
            "1: Craft Map: cannot write to /proc/craftmap. Give a folder you own with --data DIR.");
    assertThat(App.refusal("--help")).startsWith("0: Starts Craft Map").contains("--empty");
  }

  @Test
  void aDatabaseThatDiesIsStartedAgainAndNothingIsLost() throws Exception {
    try (App app = App.start(folder, "--empty")) {
      addChest(app, "Before the database died");
      app.killDatabase();
      // whoever asks meanwhile is told, or is answered once it is back; nobody meets a failure
      Instant latest = Instant.now().plus(Duration.ofMinutes(2));
      while (!app.said().contains("The database is back.")) {
        HttpResponse<String> answer = answer(app, "/api/pieces");
        assertThat(answer.statusCode()).as(answer.body()).isIn(200, 503);
        if (answer.statusCode() == 503) {
          assertThat(answer.body()).contains("The database does not answer just now");
          assertThat(answer.headers().firstValue("Retry-After")).isPresent();
        }
        assertThat(Instant.now()).as("%s", app.said()).isBefore(latest);
      }
      assertThat(app.said()).contains("The database has stopped. Starting it again.");
      assertThat(get(app, "/api/pieces")).contains("Before the database died");
    }
  }

  private static HttpResponse<String> answer(App app, String path)
      throws IOException, InterruptedException {
    return HttpClient.newHttpClient()
        .send(
            HttpRequest.newBuilder(URI.create(app.address() + path)).build(),
            HttpResponse.BodyHandlers.ofString());
  }

  @Test
  void whatLiesInTheFolderIsNeverDeleted() throws Exception {
    Path data = folder.resolve("It's a studio");
    try (App app = App.start(data, "--empty")) {
      addChest(app, "Still there");
      assertThat(
              PosixFilePermissions.toString(
                  Files.getPosixFilePermissions(data.resolve("server.log"))))
          .isEqualTo("rw-------");
    }
    Files.delete(data.resolve("db/founded"));
    Files.writeString(data.resolve("db/password"), "it's a \\ pass'word\n");
    try (App app = App.start(data, "--empty")) {
      assertThat(get(app, "/api/pieces")).contains("Still there");
    }
    // what no studio was founded in is set aside, and is told where
    Path half = folder.resolve("half");
    Files.createDirectories(half.resolve("db/data"));
    Files.writeString(half.resolve("db/data/ibdata1"), "half of something");
    try (App app = App.start(half, "--empty")) {
      String told =
          app.said().stream().filter(l -> l.contains("set aside as")).findFirst().orElseThrow();
      Path aside = Path.of(told.replaceFirst(".* set aside as (.*)\\.$", "$1"));
      assertThat(aside.resolve("ibdata1")).hasContent("half of something");
    }
  }

  /** What starts has no command for a moment, and what has ended keeps its number for a while. */
  @Test
  void aProcessJustStartingIsAliveAndOneThatEndedIsNot() throws Exception {
    Path script = folder.resolve("alive.sh");
    Files.writeString(
        script,
        """
        . "$1/bin/lib/common.sh"
        missed=0
        for _ in $(seq 1 200); do
          sleep 1 &
          pid=$!
          for _ in $(seq 1 20); do is_alive $pid || missed=$((missed + 1)); done
          kill $pid
          wait $pid 2>/dev/null
          ! is_alive $pid || echo "$pid was waited for and is alive"
        done
        echo "missed $missed"
        # it ends once its parent is one that never asks after it
        coproc {
          parent=$BASHPID
          { until [ "$(</proc/$parent/comm)" = sleep ]; do :; done; } &
          echo $!
          exec sleep 20
        }
        read -r ended <&${COPROC[0]}
        until grep -q '^State:.Z' /proc/$ended/status; do :; done
        ! is_alive $ended || echo "$ended has ended and is alive"
        kill $COPROC_PID
        """);
    Process process =
        new ProcessBuilder("bash", script.toString(), App.home().toString())
            .redirectErrorStream(true)
            .start();
    assertThat(new String(process.getInputStream().readAllBytes()).strip()).isEqualTo("missed 0");
  }

  @Test
  void aFullDiskLeavesNothingRunningAndAStudioOpensWithLittleRoom() throws Exception {
    Path tools = Files.createDirectory(folder.resolve("tools"));
    Path df = tools.resolve("df");
    Files.writeString(df, "#!/bin/sh\necho Filesystem\necho /dev/x 900000 800000 102400 89% /\n");
    Files.setPosixFilePermissions(df, PosixFilePermissions.fromString("rwxr-xr-x"));
    Map<String, String> littleRoom = Map.of("PATH", tools + ":" + System.getenv("PATH"));
    Path data = folder.resolve("studio");
    assertThat(App.refusal(littleRoom, "--data", data.toString(), "--empty"))
        .contains("has 100 MB left and a new studio needs 300 MB");
    try (App app = App.start(data, "--empty")) {
      addChest(app, "On a small disk");
    }
    try (App app = App.start(data, littleRoom)) {
      assertThat(app.said()).anyMatch(l -> l.contains("has only 100 MB left"));
      assertThat(get(app, "/api/pieces")).contains("On a small disk");
    }
    // a place that takes no byte, as a full disk does
    Files.deleteIfExists(data.resolve("db/port"));
    Files.createSymbolicLink(data.resolve("db/port"), Path.of("/dev/full"));
    assertThat(App.refusal("--data", data.toString())).contains("is full. Free some space");
    assertThat(
            ProcessHandle.allProcesses()
                .filter(p -> p.info().commandLine().orElse("").contains(data.toString())))
        .isEmpty();
  }
}
