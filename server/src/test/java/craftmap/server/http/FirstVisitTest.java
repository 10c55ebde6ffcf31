package craftmap.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.server.ServerTest;
import craftmap.server.TestDatabase;
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Starts are quick since a server has once done what a first visit does (decision 3). */
class FirstVisitTest extends ServerTest {
  private static final String TELL =
      """
      eval "$(sed -n '/^first_visit=(/,/)$/p' bin/start)"
      printf '%s\\n' "${first_visit[@]}"
      """;

  private static List<String> addresses() throws IOException, InterruptedException {
    Process bash =
        new ProcessBuilder("bash", "-c", TELL)
            .directory(TestDatabase.home().toFile())
            .redirectError(ProcessBuilder.Redirect.INHERIT)
            .start();
    List<String> told = bash.inputReader().readAllLines();
    assertThat(bash.waitFor()).isZero();
    return told;
  }

  /** What is no longer there would be passed over in silence, and the next start be slower. */
  @Test
  void whateverIsLearntFromIsThere() throws Exception {
    List<String> addresses = addresses();
    assertThat(addresses).contains("/", "/api/pieces/sea-chest/order").doesNotHaveDuplicates();
    assertThat(addresses).allSatisfy(a -> assertThat(get(a).status()).as(a).isEqualTo(200));
  }
}
