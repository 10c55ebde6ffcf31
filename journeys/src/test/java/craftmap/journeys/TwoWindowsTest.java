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

/** Two people on one piece: they see each other's work, and are asked about the same thing only. */
class TwoWindowsTest extends Journey {
  private static Locator fieldOf(Page window, String label) {
    return window.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  @Test
  void whatIsDoneInAnotherWindowArrivesByItselfAndWhoDoesItIsSeen() {
    startChest("Shared", 900, 400, 450);
    try (BrowserContext other = newWindow()) {
      Page theirs = newPage(other);
      theirs.navigate("/sums");
      theirs.evaluate("localStorage.setItem('craftmap.person', 'Hollis')");
      theirs.navigate(page.url() + "/front");
      assertThat(page.getByRole(AriaRole.IMG, named("Hollis is at Front"))).isVisible();
      assertThat(page.getByRole(AriaRole.IMG, named("Hollis is here too"))).isVisible();
      everyoneCanUseIt();

      theirs.navigate(page.url());
      Locator theirDepth = fieldOf(theirs, "Depth");
      assertThat(theirDepth).hasValue("17 11/16\"");
      theirDepth.fill("20 in");
      theirDepth.press("Tab");
      assertThat(field("Depth")).hasValue("20\"");
      assertThat(page.getByRole(AriaRole.IMG, named("Hollis is at Shared too"))).isVisible();

      field("Width").fill("40 in");
      field("Width").press("Tab");
      assertThat(fieldOf(theirs, "Width")).hasValue("40\"");
      assertThat(page.getByRole(AriaRole.ALERTDIALOG)).hasCount(0);
      assertThat(theirs.getByRole(AriaRole.ALERTDIALOG)).hasCount(0);
    }
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }

  @Test
  void whoKnowsNothingOfTheOthersChangeSavesAnotherThingAndIsAskedNothing() {
    deaf(page);
    startChest("Put together", 900, 400, 450);
    try (BrowserContext other = newWindow()) {
      Page theirs = newPage(other);
      theirs.navigate(page.url());
      fieldOf(theirs, "Depth").fill("20 in");
      fieldOf(theirs, "Depth").press("Tab");
      eventually(() -> savedPlan().contains("\"depth\":508.0"));
      assertThat(field("Depth")).hasValue("17 11/16\"");

      field("Width").fill("40 in");
      field("Width").press("Tab");
      assertThat(field("Depth")).hasValue("20\"");
      eventually(() -> savedPlan().contains("\"width\":1016.0"));
      assertThat(savedPlan()).contains("\"depth\":508.0");
      assertThat(page.getByRole(AriaRole.ALERTDIALOG)).hasCount(0);
      // each is a step by itself
      button("Undo").click();
      assertThat(field("Width")).hasValue("35 7/16\"");
      assertThat(field("Depth")).hasValue("20\"");
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"Put mine on top", "Let mine go"})
  void whoChangesTheSameThingPutsTheirsOnTopOrLetsItGo(String choice) {
    deaf(page);
    startChest("Asked " + choice, 900, 400, 450);
    try (BrowserContext other = newWindow()) {
      Page theirs = newPage(other);
      theirs.navigate("/sums");
      theirs.evaluate("localStorage.setItem('craftmap.person', 'Hollis')");
      theirs.navigate(page.url());
      fieldOf(theirs, "Width").fill("50 in");
      fieldOf(theirs, "Width").press("Tab");
      eventually(() -> savedPlan().contains("\"width\":1270.0"));

      Locator width = field("Width");
      width.fill("40 in");
      width.press("Tab");
      Locator dialog = page.getByRole(AriaRole.ALERTDIALOG);
      assertThat(dialog).containsText("Two of you changed the same thing");
      assertThat(dialog).containsText("The width of the piece");
      assertThat(dialog).containsText("Width of the piece · Hollis");
      everyoneCanUseIt();
      assertThat(savedPlan()).contains("\"width\":1270.0");
      dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(choice)).click();
      assertThat(dialog).hasCount(0);

      boolean mine = choice.startsWith("Put mine");
      if (mine) {
        eventually(() -> savedPlan().contains("\"width\":1016.0"));
        assertThat(width).hasValue("40\"");
        button("Undo").click();
      }
      assertThat(width).hasValue("50\"");
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
