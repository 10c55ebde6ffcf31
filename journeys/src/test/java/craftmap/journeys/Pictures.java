package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Takes the pictures of docs/screenshots from the demo. Run it with {@code mvn -Ppictures -pl
 * journeys test} after a view has changed, and look at what comes out.
 */
@Tag("pictures")
class Pictures extends Journey {
  private static final Path FOLDER = App.home().resolve("docs/screenshots");

  @Test
  void ofEveryView() throws IOException {
    deaf(page);
    Files.createDirectories(FOLDER);
    take("/", "pieces");
    go("/week");
    page.getByText("pieces woven together").waitFor();
    save("week");
    take("/pieces/wardrobe/survey", "survey");
    go("/pieces/wardrobe/standing");
    page.locator("[data-pictures]:not([data-pictures='0']) canvas").waitFor();
    save("standing");
    take("/pieces/sea-chest/choose/front", "choose");
    take("/pieces/sea-chest/lay-out/front/fern-top", "lay-out");
    go("/pieces/folding-screen/cut");
    page.getByTestId("cut-lattice-shells").getByText("Could it take fewer sheets?").click();
    page.getByText("a strip at the foot").waitFor();
    save("cut");
    take("/pieces/sea-chest/coats/of:front/ground", "coats");
    go("/pieces/sea-chest/order");
    page.getByText("no sooner").first().waitFor();
    save("order");
    take("/studio", "studio");
    take("/pieces/sea-chest/gather", "gather");
    take("/shelf?kinds=TRANSFER,NAPKIN,PAPER,COLLAGE,ENLARGED_IMAGE&on=gull-grasses", "shelf");
    go("/shopping");
    button("Put it on the list").click();
    page.getByText("✓ on the list").waitFor();
    save("shopping");
    take("/sums/ring", "sums");
    go("/pieces/sea-chest/photos");
    link("The plan on it").first().click();
    page.waitForSelector("[data-painted][data-pictures='2']");
    save("on-photo");
    go("/pieces/wall-clock/money");
    button("What would cost less").click();
    page.getByText("still to be spent then").first().waitFor();
    save("money");
    asAClient();
    atTheBench();
  }

  /** What somebody sees for whom the clock and the chest are. */
  private void asAClient() {
    String given =
        sent(
            "POST",
            "/api/looks",
            "{\"name\":\"Heron House\",\"pieces\":[\"sea-chest\",\"wall-clock\"],"
                + "\"withPhotos\":true,\"withPrice\":true,\"days\":30}");
    page.navigate(given.replaceFirst("(?s).*\"path\":\"([^\"]+)\".*", "$1"));
    page.locator("[data-pictures]:not([data-pictures='0']) canvas").waitFor();
    page.getByAltText("Before").first().waitFor();
    save("client");
  }

  /** Three steps are done, and a coat is looked at while they dry. */
  private void atTheBench() {
    go("/pieces/sea-chest/work");
    Locator title = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    for (int n = 0; n < 3; n++) {
      tapDone(page);
    }
    for (int n = 0; n < 30 && !title.innerText().contains("coat of"); n++) {
      String before = title.innerText();
      page.keyboard().press("ArrowRight");
      assertThat(title).not().hasText(before);
    }
    save("work");
    eventually(
        () -> page.request().get("/api/logbook").text().split("\"kind\":\"DONE\"", -1).length > 3);
    take("/logbook", "logbook");
  }

  private void take(String address, String name) {
    go(address);
    save(name);
  }

  private void save(String name) {
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.waitForFunction("() => document.getAnimations().length === 0");
    page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
  }
}
