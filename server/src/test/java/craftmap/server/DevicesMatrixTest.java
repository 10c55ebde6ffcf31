package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.server.Operations.Operation;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** What is answered over the studio's own network, by every operation that there is. */
class DevicesMatrixTest extends LanServerTest {
  /** Before a device is paired: what pairs it. */
  private static final Set<String> UNPAIRED =
      Set.of("GET /api/me", "GET /api/pair", "GET /api/pair/certificate", "POST /api/pair");

  /** What is done at the bench, and what its page needs to show it. */
  private static final Set<String> AT_THE_BENCH =
      Set.of(
          "GET /api/me",
          "GET /api/pair",
          "GET /api/pair/certificate",
          "POST /api/pair",
          "POST /api/sign-in",
          "POST /api/sign-out",
          "GET /api/artworks/{id}",
          "GET /api/changes",
          "GET /api/live",
          "PUT /api/live/here",
          "DELETE /api/live/here",
          "GET /api/pieces",
          "GET /api/pieces/{id}",
          "POST /api/pieces/{id}/photos",
          "GET /api/pieces/{id}/work",
          "GET /api/pieces/{id}/work/ahead",
          "GET /api/pieces/{id}/work/remedies",
          "POST /api/pieces/{id}/work/told",
          "GET /api/stencils",
          "GET /api/studio",
          "GET /api/week/next");

  private int knock(Tablet tablet, Operation o) {
    String path = o.with(_ -> "nothing-of-the-kind");
    return statusOf(
        by(
            tablet,
            o.method(),
            path,
            o.method().equals("GET") ? null : "!",
            o.takesFile() ? Map.of("Content-Type", "application/octet-stream") : Map.of()));
  }

  @Test
  void oneThatIsNotPairedIsAnsweredWhatPairsItAndNothingElse() throws IOException {
    Set<String> open = new TreeSet<>();
    List<String> wrong = new ArrayList<>();
    for (Operation o : Operations.all()) {
      int status = knock(Tablet.UNPAIRED, o);
      if (status != 401) {
        open.add(o.toString());
      }
      if (status >= 500) {
        wrong.add(o + " " + status);
      }
    }
    assertThat(open).isEqualTo(new TreeSet<>(UNPAIRED));
    assertThat(wrong).isEmpty();
    // and the pages, which hold nothing of any studio
    for (String page : List.of("/", "/pair", "/mark.svg", "/bench-worker.js")) {
      assertThat(get(Tablet.UNPAIRED, page).status()).as(page).isEqualTo(200);
    }
    assertThat(get(Tablet.UNPAIRED, "/actuator/health").status()).isEqualTo(403);
  }

  @Test
  void oneForTheBenchAloneDoesNothingElse() throws IOException {
    Tablet bench = paired("Bench", true);
    Set<String> lets = new TreeSet<>();
    for (Operation o : Operations.all()) {
      if (knock(bench, o) != 403) {
        lets.add(o.toString());
      }
    }
    assertThat(lets).isEqualTo(new TreeSet<>(AT_THE_BENCH));
  }

  /** Without accounts a device makes things; what an owner does is done at the machine itself. */
  @Test
  void oneWithoutLimitDoesWhatMakersDo() throws IOException {
    Tablet tablet = paired("Tablet", false);
    List<String> wrong = new ArrayList<>();
    for (Operation o : Operations.all()) {
      int status = knock(tablet, o);
      boolean isOwners = o.allowed().equals("owner");
      if (status >= 500 || (status == 403) != isOwners) {
        wrong.add(o + " " + status);
      }
    }
    assertThat(wrong).isEmpty();
  }
}
