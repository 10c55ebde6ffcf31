package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One job from the tape measure to the pot, as one person does it. */
class WholeStoryTest extends Journey {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "INCH_16 | 34 1/4\" | 16 1/2 | 17 3/4 in | 16 1/8 | 2 1/2\" | 34 1/4\"",
        "MM_1 | 870 | 419.1 | 45,1 cm | 410 | 63 mm | 870 mm",
      })
  void aBandOnAChest(
      String tape,
      String width,
      String height,
      String depth,
      String lockLeft,
      String firstMark,
      String shown)
      throws IOException {
    setTape(tape);
    startByHand("Chest");
    assertThat(field("Width")).isFocused();
    field("Width").fill(width);
    field("Height").fill(height);
    field("Depth").fill(depth);
    field("Name").fill("Chest in " + tape);
    field("Name").press("Tab");
    assertThat(page.locator("main h1")).hasText("Chest in " + tape);
    assertThat(field("Width")).hasValue(shown);

    // Survey: the lock plate by a click and its distances, a blemish by a click.
    page.locator("main h1").click();
    page.keyboard().press("f");
    page.waitForURL("**/survey/front");
    button("Put a keep-out by clicking on the map").click();
    clickFace(0.5, 0.04);
    Locator left = field("From the left edge").first();
    left.fill(lockLeft);
    left.press("Tab");
    eventually(() -> savedPlan().contains("\"name\":\"Keep-out 1\""));
    button("Put a blemish by clicking on the map").click();
    clickFace(0.7, 0.6);
    assertThat(page.getByLabel("Kind of blemish 1")).isVisible();
    page.getByLabel("Finish").selectOption("PAINTED");
    button("Ground Deep estuary").click();
    eventually(() -> savedPlan().contains("#1F4650"));
    everyoneCanUseIt();

    // Choose: the fern band as it would sit here.
    link("Choose").click();
    assertThat(button("Fern band: 7 whole")).isVisible();
    assertThat(
            page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(Pattern.compile("Heron.*too tall"))))
        .isVisible();
    everyoneCanUseIt();
    button("Fern band: 7 whole").click();
    button("Lay it on the front").click();
    page.waitForURL("**/lay-out/front/*");

    // Lay out: ranked options, marks, a drag of the line with live figures.
    assertThat(option("7 whole, fern on centre")).isChecked();
    assertThat(marks()).hasCount(7);
    assertThat(markFigures().getFirst()).isEqualTo(firstMark);
    assertThat(page.getByText("7 in 2 passes, 2 washes")).isVisible();
    String before = field("Down from it").inputValue();
    BoundingBox line = page.getByTestId("line").boundingBox();
    page.mouse().move(line.x + line.width / 2 + 30, line.y + line.height / 2);
    page.mouse().down();
    page.mouse()
        .move(
            line.x + line.width / 2 + 30,
            line.y + line.height / 2 + 40,
            new Mouse.MoveOptions().setSteps(8));
    assertThat(field("Down from it")).not().hasValue(before);
    page.mouse().up();
    eventually(() -> savedPlan().contains("\"undo\":\"Fern band: down from it\""));
    everyoneCanUseIt();

    // A second band on the same face.
    button("Lay a design…").click();
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("Running wave: .*")))
        .click();
    button("Lay it on the front").click();
    page.waitForURL("**/lay-out/front/*");
    assertThat(
            page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("stencil, "))))
        .hasCount(2);

    // The page to print.
    Locator print = link("A4 page");
    byte[] pdf = page.request().get(print.getAttribute("href")).body();
    try (PDDocument read = Loader.loadPDF(pdf)) {
      String text = new PDFTextStripper().getText(read);
      assertThat(text).contains("Fern band").contains("Running wave").contains(firstMark);
      assertThat(Math.round(read.getPage(0).getMediaBox().getWidth())).isEqualTo(595);
    }

    // Gather: done books the use, and the pot goes down.
    link("Gather").click();
    Locator pot = page.getByTestId("pot-bone-white");
    assertThat(pot.getByText("enough")).isVisible();
    String level = page.getByTestId("level").innerText();
    pot.getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName(Pattern.compile("^Done: Front: Fern band.*")))
        .click();
    assertThat(page.getByTestId("ledger").locator("li").first())
        .containsText("Used for Fern band on Chest in " + tape);
    assertThat(page.getByTestId("level")).not().hasText(level);
    everyoneCanUseIt();

    // Taken back, and a level that was found to be another.
    pot.getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName(Pattern.compile("^Take back: .*")))
        .click();
    assertThat(page.getByTestId("level")).hasText(level);
    field("Found").fill("39");
    button("Book the correction").click();
    assertThat(page.getByTestId("level")).containsText("39 ml of 118 ml");
    field("Found").fill("1000");
    button("Book the correction").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Give a level from 0 to 118 ml");
    field("Found").fill("43.5");
    button("Book the correction").click();
    assertThat(page.getByTestId("level")).containsText("43.5 ml of 118 ml");
  }

  @Test
  void whoReloadsInTheMiddleLosesNothingAndUndoGoesOnFromThere() {
    startChest("Reloaded", 900, 400, 450);
    Locator width = field("Width");
    width.fill("36\"");
    width.press("Enter");
    eventually(() -> savedPlan().contains("\"width\":914.4"));
    field("Depth").fill("20 in");
    page.keyboard().press("Tab");
    eventually(() -> savedPlan().contains("\"depth\":508.0"));
    page.reload();
    assertThat(width).hasValue("36\"");
    page.locator("main h1").click();
    page.keyboard().press("Control+z");
    assertThat(field("Depth")).hasValue("17 11/16\"");
    page.keyboard().press("Control+z");
    assertThat(width).hasValue("35 7/16\"");
    assertThat(button("Undo")).isDisabled();
    page.reload();
    button("Redo").click();
    assertThat(width).hasValue("36\"");
    assertThat(field("Depth")).hasValue("17 11/16\"");
  }

  @Test
  void aBadMeasureIsRefusedAtItsFieldAndThePlanStaysAsItWas() {
    startChest("Refused", 900, 400, 450);
    String before = savedPlan();
    Locator height = field("Height");
    for (String[] bad :
        new String[][] {
          {"0", "Height (0) is too small. Give a length above 0 and up to 65.61 ft."},
          {"tall", "Height (tall) is not a length."},
          {"40 m", "Height (40 m) is too long. Give a length above 0 and up to 65.61 ft."},
        }) {
      height.fill(bad[0]);
      assertThat(page.getByRole(AriaRole.ALERT)).containsText(bad[1]);
      assertThat(height).hasValue(bad[0]);
    }
    everyoneCanUseIt();
    assertThat(savedPlan()).isEqualTo(before);
    height.press("Escape");
    assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
    assertThat(height).hasValue("15 3/4\"");
  }

  private void clickFace(double across, double down) {
    Locator face = page.getByTestId("map").locator("path[data-face=front]").first();
    BoundingBox box = face.boundingBox();
    page.mouse().click(box.x + box.width * across, box.y + box.height * down);
  }
}
