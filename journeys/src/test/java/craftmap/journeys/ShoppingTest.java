package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What the pieces lack, and a trip to buy it. */
class ShoppingTest extends LayingJourney {
  private static final double LEAST_TARGET_PX = 60;

  private Locator list() {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName("Shopping list").setExact(true));
  }

  private Locator lines() {
    return list().locator("li");
  }

  private Locator supply(String name) {
    return page.getByTestId("supply-" + name);
  }

  private boolean nothingIsAside() {
    return (Boolean)
        page.evaluate(
            "() => document.scrollingElement.scrollWidth <= window.innerWidth"
                + " && [...document.querySelectorAll('main, main > *')]"
                + ".every((e) => e.scrollWidth <= e.clientWidth + 1)");
  }

  /** Before it, since others write on the list too; after it, since it is theirs as well. */
  @BeforeEach
  @AfterEach
  void nothingIsOnTheList() {
    page.navigate("/shopping");
    assertThat(list()).containsText("Shopping list");
    page.evaluate(
        """
        async () => {
          const list = await (await fetch('/api/shopping')).json();
          const lines = list.shops.flatMap((s) => s.shelves).flatMap((s) => s.lines);
          const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1];
          for (const { id } of lines) {
            await fetch('/api/shopping/' + id, {
              method: 'DELETE',
              headers: { 'X-XSRF-TOKEN': decodeURIComponent(token) },
            });
          }
        }""");
  }

  /** Worked out at home, ticked off with a thumb, booked, and one thing brought back. */
  @Test
  void aShoppingTripOnAPhone() {
    page.setViewportSize(390, 844);
    go("/shopping");
    assertThat(supply("Stain blocker")).containsText("short by");
    String least = page.getByTestId("least-total").textContent();
    Assertions.assertThat(nothingIsAside()).isTrue();
    button("Put it on the list").click();
    assertThat(page.getByText("✓ on the list")).isVisible();
    int all = lines().count();
    Assertions.assertThat(all).isGreaterThan(4);
    Assertions.assertThat(nothingIsAside()).isTrue();
    everyoneCanUseIt();

    for (Locator line : lines().all()) {
      BoundingBox target = line.locator("label").boundingBox();
      Assertions.assertThat(target.height).isGreaterThanOrEqualTo(LEAST_TARGET_PX);
    }
    assertThat(button("Tick off what is in the basket")).isDisabled();
    Locator blocker = lines().filter(new Locator.FilterOptions().setHasText("Stain blocker"));
    blocker.locator("label").click();
    assertThat(blocker.getByRole(AriaRole.CHECKBOX)).isChecked();
    assertThat(list()).containsText("1 of " + all + " in the basket");
    assertThat(page.getByTestId("least-total")).not().hasText(least);
    page.reload();
    assertThat(blocker.getByRole(AriaRole.CHECKBOX)).isChecked();
    // what is in the basket is as good as there: it is not bought twice
    assertThat(page.getByTestId("least-total")).isVisible();
    assertThat(page.getByTestId("least-total")).not().hasText(least);

    button("Bought: put 1 on the shelf").click();
    assertThat(lines()).hasCount(all - 1);
    assertThat(supply("Stain blocker")).hasCount(0);
    assertThat(page.getByTestId("least-total")).not().hasText(least);
    assertThat(page.getByText("✓ on the list")).isVisible();

    Locator lately =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Bought lately"));
    assertThat(lately).containsText("of Stain blocker");
    lately.getByText("Take back").first().click();
    assertThat(lines()).hasCount(all);
    blocker.locator("label").click();
    assertThat(blocker.getByRole(AriaRole.CHECKBOX)).not().isChecked();
    assertThat(supply("Stain blocker")).containsText("short by");
  }

  @Test
  void onlyForSomePiecesAndWithWhatElseIsNeeded() throws IOException {
    go("/shopping");
    String all = page.getByTestId("least-total").textContent();
    button("Wardrobe with two doors").click();
    page.waitForURL(Pattern.compile("/shopping\\?pieces="));
    assertThat(button("Wardrobe with two doors")).hasAttribute("aria-pressed", "false");
    assertThat(page.getByTestId("least-total")).not().hasText(all);
    assertThat(supply("Clear coat, satin")).hasCount(0);

    field("Something else to buy").fill("A sea sponge");
    page.keyboard().press("Enter");
    assertThat(lines()).hasCount(1);
    assertThat(list()).containsText("Wherever it is sold");
    button("Put it on the list").click();
    assertThat(page.getByText("✓ on the list")).isVisible();
    page.getByLabel("One more of Stain blocker").click();
    page.getByText(Pattern.compile("^Show the \\d+ of which there is enough$")).click();
    assertThat(supply("Stain blocker")).containsText("of it on the list");

    Download table = page.waitForDownload(() -> link("table (CSV)").click());
    List<String> rows = Files.readAllLines(table.path());
    Assertions.assertThat(rows).anyMatch(r -> r.contains("A sea sponge"));
    Assertions.assertThat(rows.getFirst()).startsWith("shop,shelf,what,how many,pack");

    Locator off = page.getByLabel(Pattern.compile("^Take .* off the list$"));
    for (int left = lines().count(); left > 0; left--) {
      off.first().click();
      assertThat(lines()).hasCount(left - 1);
    }
    assertThat(list()).containsText("Nothing is on it.");
  }

  /** A new pot is a batch of its own: whole coats out of it, and the piece is short of nothing. */
  @Test
  void whatWasBoughtIsTakenByWholeCoats() {
    sent("POST", "/api/media/rust-tide/pots", "{\"holds\": \"125\"}");
    go("/pieces/wall-clock/gather");
    Locator old = page.getByTestId("pot-rust-tide");
    assertThat(old).containsText("short by");
    assertThat(old.getByTestId("other-pots")).containsText("The 2 pots of it together have enough");
    old.getByText("Out of one pot each").click();
    assertThat(page.getByTestId("other-pots")).hasCount(0);
    Locator both =
        page.locator("[data-testid^=pot-]")
            .filter(new Locator.FilterOptions().setHasText("Rust tide"));
    for (Locator pot : both.all()) {
      assertThat(pot).containsText("✓ enough");
    }
    button("Undo").click();
    assertThat(old).containsText("short by");
  }

  /** The order of work can be read on a phone: only its chart goes further to the side. */
  @Test
  void theOrderIsReadOnAPhone() {
    page.setViewportSize(390, 844);
    go("/pieces/step-stool/order");
    assertThat(page.locator("main h1")).containsText("Ready");
    Assertions.assertThat(
            (Boolean)
                page.evaluate(
                    "() => document.scrollingElement.scrollWidth <= window.innerWidth"
                        + " && document.querySelector('main').scrollWidth"
                        + " <= document.querySelector('main').clientWidth + 1"))
        .isTrue();
    everyoneCanUseIt();
  }
}
