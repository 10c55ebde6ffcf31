package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/**
 * Three minutes along the route: each stop says what to do, sees that it was done, and leads on.
 */
class FirstWalkTest extends LayingJourney {
  private Locator walk() {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName("First walk").setExact(true));
  }

  private Locator inWalk(String button) {
    return walk()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(button).setExact(true));
  }

  private static String idOf(String url) {
    return url.replaceFirst(".*/pieces/([^/]+)/.*", "$1");
  }

  private void begin() {
    go("/");
    button("A first walk").click();
    assertThat(walk()).containsText("1 of 6");
    assertThat(walk()).containsText("Measure it.");
  }

  private void measured() {
    for (String[] size : new String[][] {{"Width", "523"}, {"Height", "377"}}) {
      page.getByLabel(size[0], new Page.GetByLabelOptions().setExact(true)).fill(size[1]);
      page.keyboard().press("Enter");
    }
    assertThat(walk()).containsText("Choose a design.");
  }

  @Test
  void oneWalksFromTheTapeToWhatItTakesAndKeepsTheBoard() {
    setTape("MM_1");
    begin();
    everyoneCanUseIt();
    measured();
    inWalk("To Choose").click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Gull: ")))
        .first()
        .click();
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Lay it on the ")))
        .click();
    assertThat(walk()).containsText("3 of 6");
    options().nth(1).click();
    assertThat(walk()).containsText("Give it a colour.");
    // what is taken back is to be done again
    button("Undo").click();
    assertThat(walk()).containsText("Have it your way.");
    button("Redo").click();
    inWalk("To Coats").click();
    button("Samphire").click();
    assertThat(walk()).containsText("Say when you begin.");
    inWalk("To Order").click();
    page.getByLabel("When it is begun").fill("2027-02-01T09:00");
    page.getByLabel("When it is begun").press("Enter");
    assertThat(walk()).containsText("See what it takes.");
    inWalk("To Gather").click();
    assertThat(page.getByText(Pattern.compile("still needed here")).first()).isVisible();
    assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Done: ")))
        .hasCount(0);
    everyoneCanUseIt();
    inWalk("Keep the board").click();
    assertThat(walk()).hasCount(0);
    String board = idOf(page.url());
    go("/");
    assertThat(page.locator("main a[href*='" + board + "']").first()).isVisible();
    assertThat(button("A first walk")).isVisible();
  }

  @Test
  void aStopIsPassedByTheWalkIsFoundAgainAndTheBoardIsThrownAway() {
    begin();
    inWalk("Pass it by").click();
    assertThat(walk()).containsText("2 of 6");
    String board = page.url();
    go("/");
    assertThat(page.getByText("Sea chest for the autumn fair").first()).isVisible();
    assertThat(page.locator("main a[href*='" + idOf(board) + "']")).hasCount(0);
    button("Go on with the walk").click();
    assertThat(walk()).isVisible();
    Assertions.assertThat(page.url()).isEqualTo(board);
    inWalk("Throw the board away").click();
    assertThat(button("A first walk")).isVisible();
    Assertions.assertThat(page.request().get("/api/pieces/" + idOf(board)).status()).isEqualTo(404);
  }
}
