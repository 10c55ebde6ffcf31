package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Pieces of many forms, measured the way one walks round them. */
class SurveyTest extends Journey {
  private int keys;

  private void press(String key) {
    keys++;
    page.keyboard().press(key);
  }

  private void type(String text) {
    keys += text.length();
    page.keyboard().type(text);
  }

  /** Three drawers, six knobs, two blemishes, without touching a mouse; the keystrokes counted. */
  @Test
  void aChestOfThreeDrawersIsSurveyedByKeys() throws IOException {
    go("/");
    press("n");
    Locator form =
        page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Chest of drawers: ")));
    assertThat(form).isVisible();
    while (!form.evaluate("e => e === document.activeElement").equals(true)) {
      press("Tab");
      assertThat(keys).isLessThan(30);
    }
    press("Enter");
    page.waitForURL("**/survey");
    assertThat(field("Width")).isFocused();
    type("32 1/2");
    press("Tab");
    type("34");
    press("Tab");
    type("18 1/4");
    press("Tab"); // three rows and two knobs on each front are typical
    eventually(() -> savedPlan().contains("\"depth\":463.5"));
    assertThat(page.getByTestId("map").locator("circle")).not().hasCount(0);
    assertThat(page.getByTestId("map").locator("[data-hole=knobs] circle")).hasCount(6);

    // the first drawer, and its damage
    field("Rows of drawers").press("Escape");
    keys++;
    page.evaluate("() => document.activeElement.blur()");
    press("f");
    assertThat(page.locator("main h1")).containsText("Drawer 1");
    press("d");
    assertThat(field("From the left edge")).isFocused();
    type("4 1/2");
    press("Tab");
    type("2");
    press("Tab");
    eventually(() -> savedPlan().contains("\"xMm\":114.3"));
    page.evaluate("() => document.activeElement.blur()");
    press("f");
    assertThat(page.locator("main h1")).containsText("Drawer 2");
    press("d");
    assertThat(field("From the left edge")).isFocused();
    type("20");
    press("Tab");
    type("3 1/8");
    press("Tab");
    eventually(() -> savedPlan().contains("\"yMm\":79.375"));
    assertThat(page.getByLabel("Kind of blemish 2")).isVisible();
    System.out.println("MEASURED keystrokes for a three-drawer chest: " + keys);
    assertThat(keys).isLessThan(120);

    // its parts are numbered, and their bags
    page.evaluate("() => document.activeElement.blur()");
    press("w");
    assertThat(page.getByText("knobs: 2").first()).isVisible();
    byte[] pdf = page.request().get(link("Labels, A4").getAttribute("href")).body();
    try (PDDocument read = Loader.loadPDF(pdf)) {
      assertThat(new PDFTextStripper().getText(read))
          .contains("Drawer 1", "Bag of Drawer 3", "knobs: 2");
    }
    everyoneCanUseIt();
  }

  @Test
  void aTaperedPlanterByTwoCircumferencesAndTheSlant() {
    startByHand("Planter or bucket");
    field("Circumference at the top").fill("754 mm");
    field("Circumference at the bottom").fill("565 mm");
    field("Slant, along the wall").fill("230 mm");
    field("Rim left free").fill("1/2");
    field("Rim left free").press("Tab");
    eventually(() -> savedPlan().contains("\"rimFree\":12.7"));
    page.locator("main h1").click();
    page.keyboard().press("f");
    assertThat(page.locator("main h1")).containsText("Wall, ");
    assertThat(page.getByText("the dashed ends meet in the seam at the back")).isVisible();
    assertThat(page.getByText("0.152 m²")).isVisible();
    assertThat(page.getByLabel("Keep-outs").getByText("Rim left free")).isVisible();
    Locator side = page.getByTestId("standing");
    side.scrollIntoViewIfNeeded();
    eventually(() -> coloursOf(side) > 20);
    byte[] before = side.screenshot();
    side.focus();
    page.keyboard().press("ArrowRight");
    page.keyboard().press("ArrowRight");
    eventually(() -> !java.util.Arrays.equals(before, side.screenshot()));
    everyoneCanUseIt();
  }

  @Test
  void aFrontOutOfSquareTellsItsLeanAndASlipOfTheTape() {
    startByHand("Single face");
    page.locator("main h1").click();
    page.keyboard().press("f");
    assertThat(page.locator("main h1")).containsText("Face, ");
    page.getByLabel("Shape").first().selectOption("OUT_OF_SQUARE");
    String[][] taped = {
      {"Top", "902 mm"},
      {"Right side", "455 mm"},
      {"Bottom", "905 mm"},
      {"Left side", "451 mm"},
      {"Diagonal, top left to bottom right", "1010 mm"},
      {"Other diagonal, as a check", "1011 mm"},
    };
    for (String[] side : taped) {
      field(side[0]).fill(side[1]);
      field(side[0]).press("Tab");
      eventually(() -> savedPlan().contains(":" + side[1].replace(" mm", ".0")));
    }
    assertThat(page.getByText("+0.42°")).isVisible();
    assertThat(page.getByText("-0.22°")).isVisible();
    assertThat(page.getByText("0.409 m²").first()).isVisible();
    assertThat(page.getByText("longer than the left")).isVisible();
    field("Other diagonal, as a check").fill("1020 mm");
    field("Other diagonal, as a check").press("Tab");
    assertThat(page.getByText("Tape the sides and both diagonals again")).isVisible();
    everyoneCanUseIt();
    // what makes no face is refused, and the plan stays
    field("Left side").fill("20 mm");
    field("Left side").press("Tab");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("does not meet the other sides");
    button("All right").click();
    assertThat(field("Left side")).not().hasValue("13/16\"");
    assertThat(savedPlan()).contains("\"left\":451.0");
  }

  @Test
  void marksAreMirroredToThePairAndUndone() {
    String id = makePiece("Pair of doors", "CUPBOARD", "{width: 900, height: 850, depth: 400}");
    go("/pieces/" + id + "/survey/door-1");
    button("Put a keep-out by clicking on the map").click();
    clickFace("door-1", 0.2, 0.1);
    field("From the left edge").fill("10 mm");
    field("From the left edge").press("Tab");
    eventually(() -> savedPlan().contains("\"leftMm\":10.0"));
    page.getByLabel("Mirror marks to").selectOption("door-2");
    page.waitForURL("**/survey/door-2");
    // the address comes first: until the other door is drawn, what is clicked is done to this one
    assertThat(page.locator("main h1").first()).containsText("Right door");
    // the door is 448 wide: what lay 10 in from its left now ends 10 before its right
    eventually(() -> savedPlan().contains("\"leftMm\":388.0"));
    assertThat(page.getByTestId("keepOut-cards")).isVisible();
    button("Undo").click();
    eventually(() -> !savedPlan().contains("\"leftMm\":388.0"));
    button("Redo").click();
    eventually(() -> savedPlan().contains("\"leftMm\":388.0"));
    button("Take off the piece").click();
    page.waitForURL(url -> !url.endsWith("/survey/door-2"));
    button("Whole piece").click();
    assertThat(page.getByText("taken off")).isVisible();
    button("bring back").click();
    page.waitForURL("**/survey/door-2");
    assertThat(page.getByTestId("keepOut-cards")).isVisible();
  }

  @Test
  void betweenTwoPlacesTheTapeCatchesCorners() {
    String id = makePiece("Tape", "SINGLE_FACE", "{width: 400, height: 300}");
    go("/pieces/" + id + "/survey/face");
    page.keyboard().press("m");
    clickFace("face", 0.004, 0.006);
    clickFace("face", 0.996, 0.994);
    // 400 by 300 is 500 from corner to corner
    assertThat(page.getByTestId("measured")).containsText("19");
    page.keyboard().press("u");
    assertThat(page.getByTestId("measured")).hasText("500 mm");
    page.keyboard().press("Escape");
    assertThat(page.getByTestId("measured")).hasCount(0);
  }

  @Test
  void theStandingPieceIsNotBlankTurnsAndFoldsFlat() {
    go("/pieces/sea-chest/standing");
    Locator standing = page.getByTestId("standing");
    eventually(() -> standing.isVisible() && coloursOf(standing) > 60);
    byte[] first = standing.screenshot();
    standing.focus();
    page.keyboard().press("ArrowRight");
    page.keyboard().press("ArrowRight");
    eventually(() -> !java.util.Arrays.equals(first, standing.screenshot()));
    byte[] turned = standing.screenshot();
    BoundingBox box = standing.boundingBox();
    page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
    page.mouse().down();
    page.mouse().move(box.x + box.width / 2 + 120, box.y + box.height / 2 + 20);
    page.mouse().up();
    eventually(() -> !java.util.Arrays.equals(turned, standing.screenshot()));
    byte[] dragged = standing.screenshot();
    button("unfolded").click();
    eventually(() -> !java.util.Arrays.equals(dragged, standing.screenshot()));
    assertThat(coloursOf(standing)).isGreaterThan(20);
  }

  @Test
  void whereNothingCanBeDrawnInThreeDimensionsTheFlatMapIsShown() {
    page.addInitScript(
        """
        const get = HTMLCanvasElement.prototype.getContext;
        HTMLCanvasElement.prototype.getContext = function (kind, ...rest) {
          return kind.startsWith('webgl') ? null : get.call(this, kind, ...rest);
        };""");
    go("/pieces/sea-chest/standing");
    assertThat(page.getByText("cannot draw in three dimensions")).isVisible();
    assertThat(page.locator("path[data-face=front]")).isVisible();
  }

  /** How many different colours are seen: one for an empty canvas. */
  private int coloursOf(Locator canvas) {
    try {
      var image = javax.imageio.ImageIO.read(new java.io.ByteArrayInputStream(canvas.screenshot()));
      java.util.Set<Integer> colours = new java.util.HashSet<>();
      for (int x = 0; x < image.getWidth(); x += 3) {
        for (int y = 0; y < image.getHeight(); y += 3) {
          colours.add(image.getRGB(x, y));
        }
      }
      return colours.size();
    } catch (IOException unreadable) {
      throw new IllegalStateException(unreadable);
    }
  }

  private void clickFace(String faceId, double across, double down) {
    BoundingBox box =
        page.getByTestId("map").locator("path[data-face=" + faceId + "]").first().boundingBox();
    page.mouse().click(box.x + box.width * across, box.y + box.height * down);
  }

  @Test
  void aPieceGoesOutAsAFileAndComesBackAndABrokenOneChangesNothing() {
    byte[] file = page.request().get("/api/pieces/wall-clock/export").body();
    String text = new String(file, StandardCharsets.UTF_8);
    go("/");
    Locator input = page.getByLabel("A piece file");
    Locator cards =
        page.getByRole(AriaRole.LINK)
            .filter(new Locator.FilterOptions().setHasText("Round wall clock"));
    assertThat(cards).hasCount(1);
    for (String[] broken :
        new String[][] {
          {text.substring(0, text.length() / 2), "is not readable there"},
          {text.replace("\"WOOD\"", "\"CHEESE\""), "plan.faces"},
          {text.replace("craft-map-piece", "other"), "is not a piece of Craft Map"},
          {text.replaceFirst("\"width\" : 320.0", "\"width\" : -3"), "Diameter (-0.118\")"},
        }) {
      input.setInputFiles(
          new FilePayload(
              "broken.json", "application/json", broken[0].getBytes(StandardCharsets.UTF_8)));
      assertThat(page.getByRole(AriaRole.ALERT)).containsText(broken[1]);
      assertThat(page.getByRole(AriaRole.ALERT)).containsText("Nothing was changed");
    }
    page.reload();
    assertThat(cards).hasCount(1);
    input.setInputFiles(new FilePayload("clock.json", "application/json", file));
    page.waitForURL("**/survey");
    assertThat(page.locator("main h1")).hasText("Round wall clock");
    go("/");
    assertThat(cards).hasCount(2);
  }

  @Test
  void piecesAreFoundCopiedPutAwayAndTakenOutAgain() {
    makePiece("Aumbry of the north aisle", "CUPBOARD", "{width: 600}");
    go("/");
    field("Find a piece").fill("aumbry left door");
    Locator cards = page.locator("main h2");
    assertThat(cards).hasCount(1);
    button("Copy Aumbry of the north aisle").click();
    assertThat(cards).hasCount(2);
    assertThat(cards.last()).hasText("Aumbry of the north aisle, copy");
    button("Put Aumbry of the north aisle, copy away").click();
    assertThat(cards).hasCount(1);
    button("Put away").first().click();
    assertThat(cards).hasText("Aumbry of the north aisle, copy");
    button("Take Aumbry of the north aisle, copy out again").click();
    assertThat(page.getByText("Nothing has all these words")).isVisible();
    button("Back to the pieces").click();
    assertThat(cards).hasCount(2);
    field("Find a piece").fill("no such thing");
    assertThat(page.getByText("Nothing has all these words")).isVisible();
    everyoneCanUseIt();
  }

  @Test
  void aPhotoIsAddedNamedAndShowsABlemish() throws IOException {
    startChest("Photographed", 900, 400, 450);
    link("Photos").click();
    page.waitForURL("**/photos");
    var picture =
        new java.awt.image.BufferedImage(640, 480, java.awt.image.BufferedImage.TYPE_INT_RGB);
    var bytes = new java.io.ByteArrayOutputStream();
    javax.imageio.ImageIO.write(picture, "png", bytes);
    Locator before = page.getByLabel("Photos, before");
    before.setInputFiles(
        new FilePayload("note.png", "image/png", "not a picture".getBytes(StandardCharsets.UTF_8)));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("is no picture of a kind");
    before.setInputFiles(new FilePayload("lid.png", "image/png", bytes.toByteArray()));
    Locator caption = field("Caption");
    assertThat(caption).hasCount(1);
    caption.fill("Chip at the lid");
    caption.press("Enter");
    assertThat(page.getByAltText("Chip at the lid")).isVisible();
    everyoneCanUseIt();
    link("Unfolded").click();
    page.locator("main h1").click();
    page.keyboard().press("f");
    assertThat(page.locator("main h1")).containsText("Front, ");
    page.keyboard().press("d");
    page.getByLabel("Photo", new Page.GetByLabelOptions().setExact(true))
        .selectOption(
            new com.microsoft.playwright.options.SelectOption().setLabel("Chip at the lid"));
    assertThat(page.getByAltText("Chip at the lid")).isVisible();
    eventually(() -> savedPlan().contains("\"photoId\""));
  }
}
