package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A client is shown what was chosen for them, says something, and is shown nothing afterwards. */
class ClientLookTest extends Journey {
  private static Locator in(Page at, String label) {
    return at.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  private String give(String name, String... pieces) {
    go("/studio/clients");
    field("Whom it is for").fill(name);
    for (String piece : pieces) {
      page.getByText(piece, new Page.GetByTextOptions().setExact(true)).last().click();
    }
    button("Make a link").click();
    String link = field("Link to give away").inputValue();
    everyoneCanUseIt();
    return link;
  }

  @Test
  void aClientLooksSaysSomethingAndIsShownNothingOnceTheLinkIsTakenBack() {
    String link = give("Heron House", "Sea chest for the autumn fair", "Round wall clock");
    try (BrowserContext clients = newWindow()) {
      Page own = page;
      Page client = newPage(clients);
      client.navigate(link);
      assertThat(client.getByRole(AriaRole.HEADING).first()).hasText("Saltmarsh Studio");
      assertThat(client.getByAltText("The map of Sea chest for the autumn fair, in its colours"))
          .isVisible();
      assertThat(client.locator("[data-pictures]:not([data-pictures='0']) canvas")).isVisible();
      assertThat(client.getByAltText("Before").first()).isVisible();
      // nothing of the studio is around it
      assertThat(client.getByText("Shelf")).hasCount(0);
      page = client;
      everyoneCanUseIt();
      page = own;

      in(client, "What would you like to say to the studio?").fill("Could the ferns be lower?");
      in(client, "Your name").fill("Ms Heron");
      client.getByText("Send").click();
      assertThat(client.getByText("The studio has it. Thank you.")).isVisible();
      client
          .getByText("Round wall clock", new Page.GetByTextOptions().setExact(true))
          .first()
          .click();
      assertThat(client.getByAltText("The map of Round wall clock, in its colours")).isVisible();

      go("/studio/clients");
      Locator said = page.getByRole(AriaRole.ARTICLE).filter(hasText("Could the ferns be lower?"));
      assertThat(said).containsText("Ms Heron");
      assertThat(said).containsText("Sea chest for the autumn fair");
      assertThat(page.getByText("Clients (1 new)")).isVisible();
      said.getByText("Read").click();
      assertThat(page.getByText("Clients (1 new)")).hasCount(0);

      button("Take back").click();
      assertThat(page.getByText("Nobody looks yet")).isVisible();
      client.reload();
      assertThat(client.getByRole(AriaRole.HEADING).first()).hasText("Nothing to see here");
      assertThat(client.getByText("taken back or has ended")).isVisible();
    }
  }

  private static Locator.FilterOptions hasText(String text) {
    return new Locator.FilterOptions().setHasText(text);
  }
}
