package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.net.ConnectException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A tablet at the bench, over the studio's own network: here 127.0.0.2. */
class DevicesTest extends Journey {
  private static final String NETWORK = "127.0.0.2";

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getByName(NETWORK))) {
      return socket.getLocalPort();
    }
  }

  private static Locator named(Page at, AriaRole role, String name) {
    return at.getByRole(role, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  void withoutBeingAskedForNothingButThisMachineIsAnswered(@TempDir Path folder)
      throws IOException {
    go("/studio/devices");
    assertThat(page.getByText("bin/start --lan")).isVisible();
    assertThat(page.getByText("Nothing is paired yet")).isVisible();
    assertThat(button("Ask for letters")).hasCount(0);
    everyoneCanUseIt();
    for (int port : List.of(app().port(), 8443)) {
      assertThatThrownBy(() -> new Socket(NETWORK, port).close())
          .isInstanceOf(ConnectException.class);
    }
    assertThat(
            App.refusal(
                "--lan", "203.0.113.7", "--port", "" + App.freePort(), "--data", "" + folder))
        .startsWith("1: ")
        .contains("--lan (203.0.113.7) is not on a network of one's own");
  }

  @Test
  void aTabletIsPairedWorksAtTheBenchAndIsSentAway() throws IOException {
    int port = freePort();
    String network = "https://" + NETWORK + ":" + port;
    try (App own = App.ofStudio("--lan", NETWORK + ":" + port);
        BrowserContext machine = newWindow(own);
        BrowserContext bench = tablet(network)) {
      assertThat(String.join("\n", own.said())).contains(network + "/ for devices that are paired");
      page = newPage(machine);
      go("/studio/devices");
      button("Ask for letters").click();
      String letters = page.getByLabel("Letters to type").innerText().replace(" ", "");
      assertThat(letters).matches("[A-Z]{6}");
      assertThat(page.getByText(network + "/pair")).isVisible();
      everyoneCanUseIt();

      Page tablet = newPage(bench);
      List<String> refused = new CopyOnWriteArrayList<>();
      tablet.onResponse(
          r -> {
            if (r.status() == 403) {
              refused.add(r.url());
            }
          });
      tablet.navigate("/pieces/sea-chest/lay-out");
      assertThat(tablet.getByRole(AriaRole.HEADING, level(1))).hasText("Pair this device");
      String fingerprint = "Fingerprint of the certificate, SHA-256";
      assertThat(tablet.getByLabel(fingerprint)).isVisible();
      assertThat(tablet.getByLabel(fingerprint).innerText())
          .isEqualTo(page.getByLabel(fingerprint).innerText());
      assertThat(String.join(" ", own.said()).replace(':', ' '))
          .contains(tablet.getByLabel(fingerprint).innerText().replaceAll("\\s+", " "));
      assertThat(named(tablet, AriaRole.BUTTON, "Pair")).isDisabled();
      tablet.getByLabel("The six letters").fill("AAAAAA");
      named(tablet, AriaRole.BUTTON, "Pair").click();
      assertThat(tablet.getByText("These letters pair nothing now")).isVisible();
      assertThat(page.getByText("9 tries are left")).isVisible();

      // by its camera
      tablet.navigate("/pair#" + letters);
      assertThat(tablet.getByLabel("The six letters"))
          .hasValue(letters.substring(0, 3) + " " + letters.substring(3));
      assertThat(tablet.url()).isEqualTo(network + "/pair");
      tablet.getByLabel("What to call this device").fill("Bench tablet");
      named(tablet, AriaRole.BUTTON, "Pair").click();
      assertThat(tablet.getByRole(AriaRole.HEADING, level(1))).hasText("At the bench");
      assertThat(named(page, AriaRole.ARTICLE, "Bench tablet")).containsText("last seen just now");
      assertThat(page.getByText("The letters are used up")).isVisible();

      tablet.getByText("Step stool").click();
      assertThat(tablet).hasURL(java.util.regex.Pattern.compile(".*/work.*"));
      tapDone(tablet);
      assertThat(tablet.getByText("Not sent yet")).hasCount(0);
      tablet.navigate("/shelf");
      assertThat(tablet.getByRole(AriaRole.HEADING, level(1))).hasText("At the bench");
      assertThat(refused).isEmpty();

      named(page, AriaRole.BUTTON, "Send away").click();
      named(page, AriaRole.BUTTON, "Send Bench tablet away").click();
      assertThat(page.getByText("Nothing is paired yet")).isVisible();
      assertThat(tablet.getByRole(AriaRole.HEADING, level(1))).hasText("Pair this device");
      page = newPage(machine);
    }
  }

  private static Page.GetByRoleOptions level(int level) {
    return new Page.GetByRoleOptions().setLevel(level);
  }

  /** Somebody compared the fingerprint and went on. */
  private BrowserContext tablet(String at) {
    return newWindow(
        new Browser.NewContextOptions()
            .setViewportSize(1024, 768)
            .setBaseURL(at)
            .setHasTouch(true)
            .setIgnoreHTTPSErrors(true));
  }
}
