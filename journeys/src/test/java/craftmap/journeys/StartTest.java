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
    assertThat(App.refusal("--colour"))
        .isEqualTo("1: Craft Map: does not know '--colour'. bin/start --help lists what it knows.");
    assertThat(App.refusal("--data", "/proc/craftmap"))
        .isEqualTo(
            "1: Craft Map: cannot write to /proc/craftmap. Give a folder you own with --data DIR.");
    assertThat(App.refusal("--help")).startsWith("0: Starts Craft Map").contains("--empty");
  }
}
