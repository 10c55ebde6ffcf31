package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** What goes under, between and over the designs. */
class CoatsTest extends LayingJourney {
  private Locator bands() {
    return page.getByRole(AriaRole.LISTBOX).getByRole(AriaRole.OPTION);
  }

  private Locator band(String name) {
    return page.getByRole(AriaRole.LISTBOX)
        .getByRole(
            AriaRole.OPTION, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name)));
  }

  private Locator findings() {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Findings"));
  }

  private void add(String words, String name) {
    page.getByLabel("Name of a coat to add").fill(words);
    page.getByRole(AriaRole.LISTITEM)
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name)))
        .first()
        .click();
  }

  private String board(String name) {
    return makePiece(name, "SINGLE_FACE", "{width: 640, height: 420}");
  }

  @Test
  void darkWaxOnBarePaintIsMendedUndoneAndRedone() {
    go("/pieces/" + board("Waxed") + "/coats");
    assertThat(page.getByText("left as it is").first()).isVisible();
    button("Samphire").click();
    assertThat(band("Samphire")).containsText("from the pot");
    band("Furniture varnish, satin").click();
    button("Leave it out").click();
    assertThat(band("Furniture varnish, satin")).hasCount(0);
    add("dark wax", "Dark wax");
    assertThat(findings()).containsText("goes straight onto samphire");
    everyoneCanUseIt();
    findings()
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName(Pattern.compile("Clear wax under it")))
        .click();
    assertThat(findings()).not().containsText("goes straight onto");
    assertThat(band("Clear wax")).isVisible();
    button("Undo").click();
    assertThat(findings()).containsText("goes straight onto samphire");
    button("Redo").click();
    assertThat(findings()).not().containsText("goes straight onto");
    band("Clear wax").click();
    assertThat(band("Clear wax")).hasAttribute("aria-selected", "true");
    button("Leave it out").click();
    assertThat(band("Clear wax")).hasCount(0);
    band("Dark wax").click();
    assertThat(band("Dark wax")).hasAttribute("aria-selected", "true");
    button("Leave it out").click();
    assertThat(findings()).containsText("Nothing seals samphire.");
    button("Seal: bring back").click();
    assertThat(band("Furniture varnish, satin")).isVisible();
  }

  @Test
  void aBandIsCarriedByKeysAndSnapsBackWithTheReasonUnlessItIsInsistedOn() {
    go("/pieces/" + board("Carried") + "/coats");
    button("Samphire").click();
    add("clear wax", "Clear wax");
    assertThat(band("Clear wax")).isVisible();
    band("Clear wax").focus();
    page.keyboard().press("Alt+ArrowDown");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("does not hold on wax");
    assertThat(bands().first()).containsText("Clear wax");
    page.getByLabel("Why it is moved all the same").fill("the label of this wax allows it");
    button("Move it all the same").click();
    assertThat(bands().first()).containsText("Samphire");
    assertThat(findings()).containsText("the label of this wax allows it");
    everyoneCanUseIt();
  }

  @Test
  void aGroundIsMixedFromThePotsOfTheShelfAndStandsThereThen() {
    String id = board("Mixed");
    go("/pieces/" + id + "/coats");
    Locator colour = page.getByLabel("As if it were", new Page.GetByLabelOptions().setExact(true));
    colour.fill("#8FA39A");
    colour.press("Enter");
    assertThat(band("As if #8FA39A")).isVisible();
    button("as it is").click();
    Locator put = button("Mixed: put it on the shelf…").first();
    put.click();
    page.getByLabel("Name of the mix").fill("Marsh mist");
    button("Put it there").click();
    assertThat(band("Marsh mist")).isVisible();
    go("/shelf?things=POT");
    assertThat(page.getByText("Marsh mist").first()).isVisible();
  }

  @Test
  void coatsOfOnePieceAreKeptAsASchemeAndUsedOnAnother() {
    go("/pieces/" + board("First") + "/coats");
    button("Samphire").click();
    add("gilding", "Gilding wax");
    assertThat(band("Gilding wax")).containsText("high spots");
    button("Keep as a scheme…").click();
    page.getByLabel("Name of the scheme").fill("Marsh and gold");
    button("Keep it").click();
    assertThat(button("Keep as a scheme…")).isVisible();
    go("/pieces/" + board("Second") + "/coats");
    page.getByLabel("Coat it as").selectOption("Marsh and gold");
    assertThat(band("Samphire")).isVisible();
    assertThat(band("Gilding wax")).isVisible();
    Assertions.assertThat(savedPlan()).contains("\"ground\":\"#6D7F42\"");
  }

  @Test
  void reliefThatIsMovedAfterThePaintSaysWhatItCosts() {
    String chest = makePiece("Relief", "CHEST", "{width: 870, height: 420, depth: 450}");
    lay(chest, "front", "Scallop mould");
    go("/pieces/" + chest + "/coats");
    button("Samphire").click();
    assertThat(band("Samphire")).isVisible();
    band("Scallop mould").focus();
    page.keyboard().press("Alt+ArrowUp");
    assertThat(findings()).containsText("Scallop mould goes on after the colour.");
    assertThat(findings()).containsText("painted round it once more");
    findings()
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName(Pattern.compile("Put scallop mould on first")))
        .click();
    assertThat(findings()).not().containsText("goes on after the colour");
  }

  @Test
  void aGroundIsBlendedOnTheSectionAndOnTheMap() {
    String id = board("Blended");
    go("/pieces/" + id + "/coats");
    button("Samphire").click();
    assertThat(band("Samphire")).isVisible();
    button("Blend it with another").click();
    page.getByLabel("At the head").selectOption("Bone white");
    assertThat(band("Bone white")).containsText("from 50");
    page.getByLabel("Height, %").last().fill("30");
    assertThat(band("Samphire")).containsText("30");
    add("rub through", "Rub through");
    assertThat(band("Rub through")).containsText("edges");
    band("Rub through").click();
    page.getByLabel("Of all edges").selectOption("80 %");
    assertThat(band("Rub through")).containsText("80");
    everyoneCanUseIt();
    go("/pieces/" + id + "/lay-out");
    assertThat(page.getByTestId("map").locator("linearGradient").first()).isAttached();
    go("/pieces/" + id + "/coats");
    band("Samphire").click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take this colour out"))
        .first()
        .click();
    assertThat(band("Bone white")).hasCount(0);
    assertThat(band("Samphire")).not().containsText("worked together");
  }

  @Test
  void coloursOfAPaperAreToldWithThePaintsThatComeNearAndGroundsArePaintedInThem() {
    String chest = makePiece("Colours", "CHEST", "{width: 870, height: 420, depth: 450}");
    lay(chest, "front", "Moonrise over the reeds");
    go("/pieces/" + chest + "/coats");
    band("Moonrise over the reeds").first().click();
    Locator colours =
        page.getByRole(AriaRole.LISTITEM)
            .filter(new Locator.FilterOptions().setHasText("ground in that paint"));
    assertThat(colours.first()).isVisible();
    everyoneCanUseIt();
    Locator ground =
        colours
            .first()
            .getByRole(
                AriaRole.BUTTON,
                new Locator.GetByRoleOptions().setName(Pattern.compile("^Ground in ")));
    String paint = ground.getAttribute("aria-label").substring("Ground in ".length());
    ground.click();
    assertThat(band(paint).first()).isVisible();
  }

  // ---- without a mouse

  /** On by the tabulator until something that is called so has the focus. */
  private void tabTo(String name) {
    for (int i = 0; i < 120; i++) {
      page.keyboard().press("Tab");
      String now =
          (String)
              page.evaluate(
                  "(() => { const e = document.activeElement; return (e?.role ? e.role + ' ' : '')"
                      + " + (e?.ariaLabel || e?.labels?.[0]?.textContent || e?.textContent || '')"
                      + " })()");
      if (now.startsWith(name)) {
        return;
      }
    }
    throw new AssertionError("the tabulator never comes to " + name);
  }

  @Test
  void everythingIsDoneByKeys() {
    go("/pieces/" + board("By keys") + "/coats");
    assertThat(page.getByText("left as it is").first()).isVisible();
    tabTo("Samphire");
    page.keyboard().press("Enter");
    assertThat(band("Samphire")).isVisible();
    tabTo("Name of a coat to add");
    page.keyboard().type("dark wax");
    page.keyboard().press("Enter");
    assertThat(band("Dark wax")).isVisible();
    // the tabulator comes to one of the bands, the arrows to the others
    tabTo("option Dark wax");
    page.keyboard().press("ArrowDown");
    assertThat(band("Furniture varnish, satin")).isFocused();
    page.keyboard().press("Delete");
    assertThat(band("Furniture varnish, satin")).hasCount(0);
    assertThat(findings()).containsText("goes straight onto samphire");
    tabTo("Clear wax under it");
    page.keyboard().press("Enter");
    assertThat(band("Clear wax")).isVisible();
    assertThat(findings()).not().containsText("goes straight onto");
    tabTo("option Dark wax");
    page.keyboard().press("Alt+ArrowDown");
    assertThat(bands().first()).containsText("Clear wax");
    tabTo("Keep as a scheme");
    page.keyboard().press("Enter");
    tabTo("Name of the scheme");
    page.keyboard().type("By keys alone");
    page.keyboard().press("Enter");
    assertThat(page.getByLabel("Name of the scheme")).hasCount(0);
    page.evaluate("document.activeElement.blur()");
    page.keyboard().press("Control+z");
    assertThat(bands().first()).containsText("Dark wax");
  }
}
