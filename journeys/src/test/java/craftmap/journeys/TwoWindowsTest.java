package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Two people on one piece: who saves second is asked, and neither loses anything. */
class TwoWindowsTest extends Journey {
  @ParameterizedTest
  @ValueSource(strings = {"Put mine on top", "Let mine go"})
  void whoSavesSecondPutsTheirsOnTopOrLetsItGo(String choice) {
    startChest("Shared " + choice, 900, 400, 450);
    String address = page.url();
    try (BrowserContext other = newWindow()) {
      Page theirs = newPage(other);
      theirs.navigate(address);
      Locator theirDepth = theirs.getByLabel("Depth", new Page.GetByLabelOptions().setExact(true));
      assertThat(theirDepth).hasValue("17 11/16\"");

      theirDepth.fill("20 in");
      theirDepth.press("Tab");
      eventually(() -> savedPlan().contains("\"depth\":508.0"));

      Locator width = field("Width");
      width.fill("40 in");
      width.press("Tab");
      Locator dialog = page.getByRole(AriaRole.ALERTDIALOG);
      assertThat(dialog).containsText("Depth of the piece");
      assertThat(dialog).containsText("Width of the piece");
      everyoneCanUseIt();
      assertThat(savedPlan()).contains("\"width\":900.0");
      dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(choice)).click();
      assertThat(dialog).hasCount(0);

      boolean mine = choice.startsWith("Put mine");
      if (mine) {
        eventually(() -> savedPlan().contains("\"width\":1016.0"));
        assertThat(field("Depth")).hasValue("20\"");
        assertThat(width).hasValue("40\"");
        button("Undo").click();
      }
      assertThat(field("Depth")).hasValue("20\"");
      assertThat(width).hasValue("35 7/16\"");
    }
  }

  @Test
  void whoComesBackToAWindowSeesWhatWasDoneInAnotherAndIsAskedNothing() {
    startChest("Looked at again", 900, 400, 450);
    try (BrowserContext other = newWindow()) {
      Page theirs = newPage(other);
      theirs.navigate(page.url());
      Locator theirDepth = theirs.getByLabel("Depth", new Page.GetByLabelOptions().setExact(true));
      assertThat(theirDepth).hasValue("17 11/16\"");
      theirDepth.fill("20 in");
      theirDepth.press("Tab");
      eventually(() -> savedPlan().contains("\"depth\":508.0"));

      page.evaluate("document.dispatchEvent(new Event('visibilitychange'))");
      assertThat(field("Depth")).hasValue("20\"");
      Locator width = field("Width");
      width.fill("40 in");
      width.press("Tab");
      eventually(() -> savedPlan().contains("\"width\":1016.0"));
      assertThat(savedPlan()).contains("\"depth\":508.0");
      assertThat(page.getByRole(AriaRole.ALERTDIALOG)).hasCount(0);
    }
  }

  @Test
  void aServerThatStopsMeanwhileLosesNothing() {
    startChest("Cut off", 900, 400, 450);
    page.route(
        "**/api/pieces/*/edits",
        route -> {
          if (route.request().method().equals("POST")) {
            route.abort();
          } else {
            route.resume();
          }
        });
    Locator width = field("Width");
    width.fill("40 in");
    width.press("Tab");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Not saved yet");
    page.unroute("**/api/pieces/*/edits");
    page.reload();
    eventually(() -> savedPlan().contains("\"width\":1016.0"));
    assertThat(width).hasValue("40\"");
    assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
  }
}
