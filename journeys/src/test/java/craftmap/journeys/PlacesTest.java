package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Pages beside the route, and addresses that lead straight to a thing. */
class PlacesTest extends Journey {
  @Test
  void homeShowsTheDemoChestWithWhatIsNext() {
    go("/");
    assertThat(card("Sea chest for the autumn fair")).containsText("Paint Fern band in Bone white");
    everyoneCanUseIt();
  }

  /** A studio's first pieces need not wait for its last. */
  @Test
  void whatAPieceComesToIsAskedOnceItIsAboutToBeSeen() {
    List<String> ids = new ArrayList<>();
    for (int n = 1; n <= 9; n++) {
      ids.add(makePiece("Stool " + n + " of nine", "STEP_STOOL", "{}"));
    }
    List<String> asked = new CopyOnWriteArrayList<>();
    page.onRequest(
        r -> {
          if (r.url().endsWith("/card")) {
            asked.add(r.url().replaceFirst(".*/pieces/([^/]+)/card", "$1"));
          }
        });
    go("/");
    assertThat(drawing("Sea chest for the autumn fair")).isVisible();
    // its name is there, and can be opened, before anything of it is worked out
    assertThat(card("Stool 9 of nine")).hasCount(1);
    assertThat(asked).contains("sea-chest").doesNotContain(ids.getLast());
    card("Stool 9 of nine").scrollIntoViewIfNeeded();
    assertThat(drawing("Stool 9 of nine")).isVisible();
    assertThat(card("Stool 9 of nine")).containsText("Survey");
    assertThat(asked).contains(ids.getLast());
    for (String id : ids) {
      sent("POST", "/api/pieces/" + id + "/archive", "");
      sent("DELETE", "/api/pieces/" + id, "");
    }
  }

  private Locator card(String name) {
    return page.getByRole(AriaRole.LINK).filter(new Locator.FilterOptions().setHasText(name));
  }

  private Locator drawing(String name) {
    return card(name)
        .getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName("The piece, unfolded"));
  }

  @Test
  void theShelfShowsStencilsAndPotsWithTheirLedger() {
    go("/shelf?things=POT&on=rust-tide");
    assertThat(page.getByTestId("level")).containsText("1.6 ml of 118 ml");
    assertThat(page.getByTestId("ledger").locator("li")).hasCount(2);
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Marsh gold, paint: ")))
        .click();
    page.waitForURL("**on=marsh-gold");
    assertThat(page.getByTestId("level")).containsText("59 ml");
    everyoneCanUseIt();
  }

  @Test
  void thePlanOnAPhotoCanBeUsedByEveryone() {
    go("/pieces/sea-chest/photos");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("The plan on it"))
        .first()
        .click();
    page.waitForSelector("[data-pin]");
    everyoneCanUseIt();
    page.getByText("Measure on the photo").click();
    everyoneCanUseIt();
  }

  /** Mistyped, it is told by a page with a way back, and by a status that nothing keeps. */
  @Test
  void anAddressThatNothingIsAtLeadsBack() {
    Response answer = page.navigate("/sea-chest");
    assertThat(answer.status()).isEqualTo(404);
    assertThat(page.locator("h1")).hasText("There is nothing at this address");
    nothingIsInAnybodysWay();
    page.getByText("Back to the pieces").click();
    assertThat(card("Sea chest for the autumn fair")).isVisible();
  }

  @Test
  void anAddressThatLeadsNowhereSaysSo() {
    page.navigate("/pieces/no-such-piece/survey");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("There is no piece no-such-piece.");
  }

  /** The server is away, or newer than this window: the page before is not lost for a blank one. */
  @Test
  void aPageWhoseScriptDoesNotComeSaysSoAndOpensOnceItDoes() {
    String scripts = "**/assets/LogbookPage-*.js";
    go("/");
    page.route(scripts, Route::abort);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Logbook").setExact(true))
        .click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("This page did not come");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("What you changed is saved");
    everyoneCanUseIt();
    page.unroute(scripts);
    button("Open it again").click();
    assertThat(page.locator("main h1").first()).hasText("Logbook");
  }

  @Test
  void everyFigureCanBeAskedWhy() {
    go("/pieces/sea-chest/lay-out/front/fern-top");
    Locator figure = page.getByText("ml of");
    assertThat(figure.evaluate("e => getComputedStyle(e.closest('button'), '::after').content"))
        .asString()
        .contains("?");
    figure.click();
    assertThat(page.getByText("open area x 2 thin coats")).isVisible();
    assertThat(page.getByText("is open in one motif")).isVisible();
  }

  @Test
  void onAPhoneWhatIsAlwaysAtHandIsOneRow() {
    page.setViewportSize(390, 844);
    go("/pieces/sea-chest/order");
    BoundingBox undo = button("Undo").boundingBox();
    for (String name : List.of("Redo", "History", "Keys")) {
      BoundingBox other = button(name).boundingBox();
      assertThat(other.y).as(name).isEqualTo(undo.y);
      assertThat(other.x + other.width).as(name).isLessThan(390);
      assertThat(other.width).as(name).isGreaterThanOrEqualTo(24);
    }
  }

  @Test
  void theMapComesNearerAndIsFittedAgain() {
    go("/pieces/sea-chest/lay-out/front/fern-top");
    double fitted = page.getByTestId("line").boundingBox().width;
    page.keyboard().press("+");
    page.keyboard().press("+");
    eventually(() -> page.getByTestId("line").boundingBox().width > fitted * 1.4);
    page.keyboard().press("0");
    eventually(() -> Math.abs(page.getByTestId("line").boundingBox().width - fitted) < 1);
    page.getByTestId("map").hover();
    page.mouse().wheel(0, 400);
    eventually(() -> page.getByTestId("line").boundingBox().width < fitted * 0.8);
  }
}
