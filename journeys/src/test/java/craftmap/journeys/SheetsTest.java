package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Sheets that cost as much as a pot of paint: what falls where is known before the first cut. */
class SheetsTest extends LayingJourney {
  @BeforeEach
  void metric() {
    setTape("MM_1");
    page.navigate("/sums");
  }

  private Locator sheets() {
    return page.getByTestId("sheets");
  }

  private void over(String face) {
    page.getByLabel(face, new Page.GetByLabelOptions().setExact(true)).check();
  }

  /** Undone and redone, the plan is what it was. */
  private void undoneAndRedone() {
    String before = decided();
    undoAll();
    Assertions.assertThat(decided()).doesNotContain("\"designId\"");
    redoAll();
    Assertions.assertThat(decided()).isEqualTo(before);
  }

  /** What was decided, without what came of it and when it was saved. */
  private String decided() {
    String saved = savedPlan();
    return saved.substring(saved.indexOf("\"document\""), saved.indexOf("\"reading\""));
  }

  @Test
  void aTransferGoesOverTwoDoorsAndADrawerAndItsLetteringIsSaved() {
    String wardrobe =
        makePiece(
            "Guest wardrobe",
            "WARDROBE",
            "{width: 1010, height: 1880, doors: 2, panels: 0, drawers: 1, drawer: 236,"
                + " cornice: 86, plinth: 92, gap: 4}");
    lay(wardrobe, "door-1", "Great marsh by night");
    over("Right door");
    over("Drawer 1");
    page.getByLabel("the lettering", new Page.GetByLabelOptions().setExact(true)).check();
    assertThat(chosenOption()).containsText("Through: the picture runs on behind the gaps");
    assertThat(chosenOption()).containsText("no named part is cut");
    assertThat(options().filter(new Locator.FilterOptions().setHasText("cuts")).first())
        .isVisible();
    assertThat(sheets()).containsText("Left door");
    assertThat(sheets()).containsText("Right door");
    assertThat(sheets()).containsText("Drawer 1");

    Locator keep = button("Keep the lettering as an offcut");
    keep.click();
    assertThat(sheets()).containsText("goes back to the shelf when it is cut");
    options().filter(new Locator.FilterOptions().setHasText("Closed up")).first().click();
    eventually(() -> savedPlan().contains("ACROSS_CLOSED_UP"));
    assertThat(page.getByText("Nothing is lost.", new Page.GetByTextOptions().setExact(false)))
        .isVisible();
    everyoneCanUseIt();
    undoneAndRedone();

    // the one sheet that is there is kept for the wardrobe of the demo, which keeps it as well
    go("/pieces/wardrobe/cut");
    assertThat(page.getByText("Kept: the lettering").first()).isVisible();
  }

  @Test
  void aNapkinGoesRoundThePlanterWithItsSeamBehind() {
    String planter = makePiece("Balcony planter", "PLANTER", "{top: 754, bottom: 565, slant: 230}");
    lay(planter, "wall", "Gull and grasses");
    assertThat(page.getByText("napkin · round the wall")).isVisible();
    assertThat(chosenOption()).containsText("no seam in sight from the front");
    Locator behind =
        options().filter(new Locator.FilterOptions().setHasText("one seam behind")).first();
    behind.click();
    assertThat(chosenOption()).containsText("one seam behind");
    Assertions.assertThat(markFigures().getFirst()).isEqualTo("0 mm");
    Locator turned = field("Turned from the front by");
    turned.fill("60");
    turned.press("Enter");
    eventually(() -> markFigures().getFirst().equals("60 mm"));
    assertThat(page.getByText("Only the printed ply is glued")).isVisible();
    assertThat(options().filter(new Locator.FilterOptions().setHasText("straight strips")).first())
        .isVisible();
    undoneAndRedone();
  }

  @Test
  void aPrintRunsOnOverFiveInsets() {
    String screen =
        makePiece(
            "Studio screen",
            "SCREEN",
            "{panels: 5, width: 380, height: 1560, insets: 2, rail: 36, gap: 5, foot: 60}");
    lay(screen, "panel-1-inset-2", "Lattice and shells");
    for (int i = 2; i <= 5; i++) {
      over("Panel " + i + ", inset 2");
    }
    assertThat(page.getByText("runs on over all 5 faces")).isVisible();
    page.getByLabel("Sheets meet").selectOption("BUTTED");
    assertThat(page.getByText("dry-fit them before gluing")).isVisible();
    assertThat(sheets()).containsText("Panel 1, inset 2");
    go("/pieces/" + screen + "/lay-out/panel-3-inset-2");
    assertThat(page.locator("aside").getByText("Lattice and shells").first()).isVisible();
    assertThat(page.getByText("runs on over all 5 faces")).isVisible();
    undoneAndRedone();
    go("/pieces/" + screen + "/gather");
    assertThat(page.getByTestId("design-lattice-shells")).containsText("sheets needed");
    assertThat(page.getByTestId("design-lattice-shells")).containsText("short by");
  }

  @Test
  void aCollageHangsOnFoil() {
    String stool = makePiece("Kitchen stool", "STEP_STOOL", "{width: 410, steps: 2, tread: 195}");
    lay(stool, "tread-2", "Paper boat");
    page.getByLabel("Add a piece").selectOption("lighthouse-card");
    assertThat(chosenOption()).containsText("2 pieces");
    page.getByLabel("Add a piece").selectOption("paper-boat");
    assertThat(chosenOption()).containsText("3 pieces in rows");
    Locator piece = page.getByTestId("piece0");
    piece.focus();
    piece.press("ArrowRight");
    eventually(() -> savedPlan().contains("\"held\""));

    lay(stool, "tread-2", "Pale gold foil");
    Locator sized = page.getByText("Sized area").locator("xpath=../..");
    String all = sized.innerText();
    button("Go around what is laid already").click();
    assertThat(field("Clear of what is there by")).isVisible();
    eventually(() -> !sized.innerText().equals(all));
    undoneAndRedone();
    go("/pieces/" + stool + "/gather");
    assertThat(page.getByTestId("design-paper-boat")).containsText("2 pieces needed");
  }

  @Test
  void theTransferIsCutAndWhatIsLeftGoesBackOntoTheShelf() {
    String chest = makePiece("Linen chest", "CHEST", "{width: 500, height: 400, depth: 300}");
    lay(chest, "front", "Moonrise over the reeds");
    go("/pieces/" + chest + "/cut");
    Locator design = page.getByTestId("cut-moonrise-reeds");
    assertThat(design).containsText("1 is the least possible");
    assertThat(design).containsText("Front");
    Locator kept = design.getByRole(com.microsoft.playwright.options.AriaRole.CHECKBOX);
    int rests = kept.count();
    Assertions.assertThat(rests).isPositive();
    kept.first().uncheck();
    everyoneCanUseIt();
    design
        .getByRole(
            com.microsoft.playwright.options.AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^It is cut")))
        .click();
    assertThat(design.getByRole(com.microsoft.playwright.options.AriaRole.STATUS))
        .hasText("✓ cut and booked");
    go("/pieces/" + chest + "/gather");
    assertThat(page.getByTestId("design-moonrise-reeds")).containsText("cut and booked");
    page.getByTestId("design-moonrise-reeds").getByText("ledger").click();
    assertThat(page.locator("aside").getByText("cut for Linen chest").first()).isVisible();

    go("/pieces/" + chest + "/cut");
    button("Take back").click();
    assertThat(design.getByText("1 is the least possible").or(design.getByText("0 sheets")))
        .isVisible();
    go("/pieces/" + chest + "/gather");
    assertThat(page.getByTestId("design-moonrise-reeds")).containsText("1 sheet needed");
  }
}
