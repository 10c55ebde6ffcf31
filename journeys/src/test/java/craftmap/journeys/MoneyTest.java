package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What a piece costs, what the bench taught, and what came of both. */
class MoneyTest extends LayingJourney {
  private Locator card(String name) {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private Locator figure(String name) {
    return page.getByRole(
        AriaRole.ARTICLE, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
  }

  /**
   * Four coats it took; so the plan of another piece with that paint says four, until it is reset.
   */
  @Test
  void itTookMeFourIsWhatTheNextPlanSays() {
    go("/pieces/step-stool/coats/of:left/ground");
    Locator coats = page.getByLabel("Coats", new Page.GetByLabelOptions().setExact(true));
    assertThat(coats).containsText("as many as hide (2)");
    button("It took another number of coats…").click();
    button("4 coats").click();
    assertThat(coats).containsText("as many as hide (4)");
    assertThat(page.getByText("learned from one time").first()).isVisible();

    page.getByText("What stands behind it").first().click();
    Locator hides = figure("^Estuary, furniture paint: what one coat hides");
    assertThat(hides).containsText("learned from one time");
    hides.getByText("What was seen").click();
    assertThat(hides).containsText("hid after 4 coats");
    everyoneCanUseIt();

    hides.getByText("Begin anew").click();
    assertThat(hides).containsText("nothing counts");
    go("/pieces/step-stool/coats/of:left/ground");
    assertThat(coats).containsText("as many as hide (2)");
  }

  /** The clock from what is owned only: what is changed is told, taken at once, and taken back. */
  @Test
  void fromWhatIsOwnedOnly() {
    go("/pieces/wall-clock/money");
    assertThat(card("Still to be spent")).not().containsText("at least0.00 EUR");
    button("From what I own only").click();
    assertThat(card("Spend less")).containsText("it takes nothing that is not owned");
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Take (it|all of them)$")))
        .click();
    assertThat(card("Still to be spent")).containsText("at least0.00 EUR");
    everyoneCanUseIt();

    page.keyboard().press("Control+z");
    assertThat(card("Still to be spent")).not().containsText("at least0.00 EUR");
  }

  /** What was paid, what may be spent and what is asked are said once and stay said. */
  @Test
  void whatIsSaidAboutMoneyStays() {
    go("/pieces/biscuit-tin/money");
    page.getByLabel("May still be spent, EUR").fill("3.50");
    page.getByLabel("Paid for the piece, EUR").fill("twelve");
    card("Still to be spent").getByText("Save").click();
    assertThat(card("Still to be spent")).containsText("twelve");
    page.getByLabel("Paid for the piece, EUR").fill("12");
    page.getByLabel("Asked for it, EUR").fill("95");
    card("Still to be spent").getByText("Save").click();
    assertThat(card("Still to be spent")).containsText("an hour of the work brings");
    assertThat(card("What it should be sold for")).containsText("for the piece and supplies");

    page.reload();
    assertThat(page.getByLabel("Paid for the piece, EUR")).hasValue("12.00");
    assertThat(page.getByLabel("May still be spent, EUR")).hasValue("3.50");
  }

  /** A finished piece of the past: its time, its pots, and what its buyer is told. */
  @Test
  void aFinishedPieceIsLookedBackAt() {
    go("/pieces/harbour-sign/afterwards");
    assertThat(page.locator("main")).containsText("steps are done, the last on");
    assertThat(card("Time")).containsText("Sanding");
    assertThat(card("Out of pots")).containsText("ml planned");
    assertThat(card("For its buyer")).containsText("Put a mat under what is hot or wet");
    everyoneCanUseIt();
  }
}
