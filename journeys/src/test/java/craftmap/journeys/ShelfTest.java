package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** The shelf, by the people who fill it and keep it true. */
class ShelfTest extends Journey {
  private static final String TWO_SUNS =
      "<svg width='200mm' height='100mm' viewBox='0 0 200 100'>"
          + "<circle cx='60' cy='50' r='30'/><circle cx='140' cy='50' r='30'/>"
          + "<circle cx='140' cy='50' r='10' fill='white'/></svg>";

  private Locator starting(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
  }

  private static byte[] shellPrint() throws IOException {
    BufferedImage image = new BufferedImage(660, 660, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(new Color(0xF3ECDC));
    g.fillRect(0, 0, 660, 660);
    g.setColor(new Color(0x1E5A63));
    for (int x = 0; x < 2; x++) {
      for (int y = 0; y < 2; y++) {
        g.fillOval(70 + 330 * x, 60 + 330 * y, 150, 110);
        g.fillRect(120 + 330 * x, 190 + 330 * y, 120, 20);
      }
    }
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  /** Two corners are carried to what is kept by keys, and nothing else of the picture stays. */
  @Test
  void aPictureIsCroppedByKeys() throws IOException {
    go("/shelf/designs/new");
    starting("napkin").click();
    page.getByTestId("artwork-file")
        .setInputFiles(new FilePayload("napkin.png", "image/png", shellPrint()));
    field("From ring to ring it is").fill("330 mm");
    assertThat(page.getByText("the sheet is 13\" × 13\"")).isVisible();
    button("Crop…").focus();
    page.keyboard().press("Enter");
    Locator corner =
        page.getByRole(
            AriaRole.SLIDER, new Page.GetByRoleOptions().setName("One corner of what is kept"));
    corner.focus();
    page.keyboard().press("Shift+ArrowRight");
    page.keyboard().press("Shift+ArrowRight");
    page.keyboard().press("Shift+ArrowUp");
    assertThat(corner).hasAttribute("aria-valuetext", "20 % across, 5 % down");
    everyoneCanUseIt();
    button("Keep only this part").focus();
    page.keyboard().press("Enter");
    // 70 % of 330 mm by 85 %
    assertThat(page.getByText("the sheet is 9 1/8\" × 11 1/16\"")).isVisible();
  }

  @Test
  void aStencilComesFromItsDrawingAndIsTriedOnAPiece() {
    go("/shelf");
    link("A design…").click();
    page.waitForURL("**/shelf/designs/new");
    starting("stencil a plain sheet").click();
    page.getByTestId("artwork-file")
        .setInputFiles(
            new FilePayload(
                "suns.svg", "image/svg+xml", TWO_SUNS.getBytes(StandardCharsets.UTF_8)));
    Locator check = page.getByTestId("stencil-check");
    assertThat(check).containsText("One island would fall out");
    assertThat(check).containsText("The narrowest bridge is 20 mm.");
    field("Name").fill("Two suns");
    field("One motif is called").fill("sun");
    field("How many you have").fill("1");
    everyoneCanUseIt();
    button("Put it on the shelf").click();
    assertThat(page.locator("main h1")).hasText("Two suns");
    assertThat(page.getByText("Open share")).isVisible();
    assertThat(page.getByTestId("ledger").locator("li").first()).containsText("bought");

    go("/pieces/sea-chest/choose/front");
    field("Only designs called").fill("two suns");
    assertThat(starting("Two suns: ")).isVisible();
    everyoneCanUseIt();
  }

  @Test
  void aNapkinComesFromAPhotoWithOneKnownMeasure() throws IOException {
    go("/shelf/designs/new");
    starting("napkin").click();
    page.getByTestId("artwork-file")
        .setInputFiles(new FilePayload("napkin.png", "image/png", shellPrint()));
    assertThat(page.getByText("One known measure of the picture is needed first.")).isVisible();
    assertThat(button("Put it on the shelf")).isDisabled();
    field("From ring to ring it is").fill("330 mm");
    assertThat(page.getByText("the sheet is 13\" × 13\"")).isVisible();
    assertThat(page.getByText("printed on #F3ECDC")).isVisible();
    assertThat(page.getByText("The picture repeats every 6 1/2\"")).isVisible();
    button("Take this repeat").click();
    field("Name").fill("Oval shells");
    field("Sheets you have").fill("5");
    button("Put it on the shelf").click();
    assertThat(page.locator("main h1")).hasText("Oval shells");
    assertThat(page.getByText("5 sheets").first()).isVisible();
    assertThat(page.getByText("Repeats by")).isVisible();

    button("Name a part…").click();
    Locator sheet =
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Sheet of Oval shells"));
    drag(sheet, 0.1, 0.1, 0.3, 0.3);
    Locator name = field("Name of part motif 1");
    name.fill("the oval");
    name.press("Enter");
    assertThat(field("Name of part the oval")).isVisible();
    button("the oval matters: the face").click();
    assertThat(button("the oval matters: the face")).hasAttribute("aria-pressed", "true");
  }

  @Test
  void aRepeatIsTypedOneFigureAfterTheOther() {
    go("/shelf/designs/new");
    starting("paper").click();
    Locator across = field("Repeat across; 0 for none");
    Locator down = field("Repeat down; 0 for none");
    across.fill("84 mm");
    across.press("Tab");
    assertThat(down).hasValue("3 5/16\"");
    down.fill("120 mm");
    down.press("Tab");
    assertThat(page.getByText("Repeats by")).isVisible();
    across.fill("0");
    assertThat(page.getByText("Give both, or neither.")).isVisible();
    // what is asked stays where an answer is refused
    assertThat(down).isVisible();
    across.fill("90 mm");
    assertThat(page.getByText("Give both, or neither.")).hasCount(0);
  }

  /** From one place of a drawing to another, as shares of its box. */
  private void drag(Locator drawing, double x0, double y0, double x1, double y1) {
    assertThat(drawing).isVisible();
    BoundingBox b = drawing.boundingBox();
    // the sheet lies in the middle of its drawing, square here
    double side = b.height - 8;
    double left = b.x + (b.width - side) / 2;
    page.mouse().move(left + x0 * side, b.y + 4 + y0 * side);
    page.mouse().down();
    page.mouse().move(left + x1 * side, b.y + 4 + y1 * side);
    page.mouse().up();
  }

  @Test
  void aPotComesFromItsLabelAndWhatIsTypicalIsMarked() {
    go("/shelf/pots/new");
    button("Chalky paint").click();
    assertThat(page.getByText("29 of 29 are typical of its kind")).isVisible();
    field("Spread").fill("12,5");
    field("Spread").press("Enter");
    assertThat(page.getByText("28 of 29 are typical of its kind")).isVisible();
    button("Base: it is so").click();
    assertThat(page.getByText("27 of 29 are typical of its kind")).isVisible();
    field("Name").fill("Sea glass");
    field("Container holds, ml").fill("118");
    field("In it now, ml").fill("60");
    field("Empty, g").fill("31");
    button("Put it on the shelf").click();
    assertThat(page.getByTestId("level")).hasText("60 ml of 118 ml");
    assertThat(page.getByTestId("typical")).containsText("27 of 29");
    everyoneCanUseIt();

    field("Spread").fill("500");
    assertThat(page.getByText("Spread (500) is not possible.")).isVisible();
    field("Spread").press("Escape");
    button("Keep the label").isDisabled();
  }

  @Test
  void levelsAreCorrectedByEyeByTheScaleAndByFigureAndTheLedgerReads() {
    go("/shelf/pots/samphire");
    // how much is in it, others may have used some of
    assertThat(page.getByTestId("level")).containsText("ml of 118 ml");
    assertThat(page.getByTestId("ledger").locator("li").first()).isVisible();
    int booked = page.getByTestId("ledger").locator("li").count();
    field("Booked by").fill("Isolde");
    button("about half").click();
    assertThat(page.getByTestId("level")).containsText("59 ml of 118 ml");
    Locator jar = page.getByLabel("Level of Samphire");
    jar.focus();
    jar.press("ArrowDown");
    jar.press("ArrowDown");
    jar.press("Enter");
    assertThat(page.getByTestId("level")).not().containsText("59 ml of 118 ml");

    page.getByLabel("By", new Page.GetByLabelOptions().setExact(true)).selectOption("WEIGHT");
    field("Weighs, g").fill("30");
    button("Book the correction").click();
    assertThat(page.getByText("is less than the empty container")).isVisible();
    field("Weighs, g").fill("101");
    button("Book the correction").click();
    assertThat(page.getByTestId("level")).containsText("50 ml of 118 ml");

    page.getByLabel("It was").selectOption("SPILLED");
    field("How much, ml").fill("4,5");
    field("For").fill("On the cat");
    button("Book it").click();
    Locator first = page.getByTestId("ledger").locator("li").first();
    assertThat(first).containsText("spilled Isolde");
    assertThat(first).containsText("− 4.5 ml");
    assertThat(first).containsText("On the cat");
    assertThat(page.getByTestId("ledger").locator("li")).hasCount(booked + 4);
    assertThat(page.getByTestId("level")).containsText("45.5 ml of 118 ml");
    field("Day").fill("2020-01-01");
    assertThat(page.getByText("0 ml", new Page.GetByTextOptions().setExact(true))).isVisible();
  }

  /** What nobody reads to its end is told from there, as far back as somebody asks. */
  @Test
  void aLongLedgerIsToldFromItsEnd() {
    for (int i = 1; i <= 103; i++) {
      sent(
          "POST",
          "/api/holdings/wash-bottle/entries",
          "{\"kind\":\"OPENED\",\"note\":\"Time %d\"}".formatted(i));
    }
    go("/shelf/pots/wash-bottle");
    Locator lines = page.getByTestId("ledger").locator("li");
    assertThat(lines).hasCount(100);
    assertThat(lines.first()).containsText("Time 103");
    assertThat(lines.last()).containsText("Time 4");
    Locator older = page.getByText(Pattern.compile("^Show older lines: \\d+ more$"));
    int left = Integer.parseInt(older.innerText().replaceAll("\\D", ""));
    older.click();
    assertThat(lines).hasCount(100 + left);
    assertThat(lines.nth(102)).containsText("Time 1");
    assertThat(older).hasCount(0);
    everyoneCanUseIt();
  }

  @Test
  void aListIsLookedAtFirstThenTakenWithoutItsErrors() {
    go("/shelf/lists");
    String csv =
        """
        what;name;quantity;holds;spread
        NAPKIN;Tide rose;5;;
        chalky-paint;Harbour grey;;118;11,5
        chalky-paint;Too full;500;118;
        SOFA;What is this;1;;
        """;
    page.getByTestId("list-file")
        .setInputFiles(
            new FilePayload("shelf.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
    assertThat(page.getByTestId("dry-run"))
        .containsText("2 new, 0 to what is there, 2 with errors");
    Locator rows = page.locator("tbody tr");
    assertThat(rows).hasCount(4);
    assertThat(rows.nth(0)).containsText("4");
    assertThat(rows.nth(0)).containsText("does not fit the pot. Give at most 118 ml.");
    assertThat(rows.nth(1)).containsText("what (SOFA) is no kind of design or medium");
    everyoneCanUseIt();
    button("Take the 2 that are fine").click();
    assertThat(page.getByText("2 rows are on the shelf.")).isVisible();
    go("/shelf?words=harbour");
    assertThat(starting("Harbour grey, paint: ")).isVisible();
    assertThat(starting("Too full")).hasCount(0);
  }

  @Test
  void anOffcutIsKeptWithThePartOfThePictureItShows() {
    go("/shelf/designs/shore-finds");
    assertThat(page.getByText("3 sheets").first()).isVisible();
    button("Keep an offcut…").click();
    drag(
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Sheet of Shore finds")),
        0.05,
        0.05,
        0.5,
        0.6);
    field("Wide, mm").fill("400");
    button("Keep it").click();
    assertThat(page.getByText("reaches over the edge of the sheet")).isVisible();
    field("Wide, mm").fill("150");
    page.getByLabel("Place", new Page.GetByLabelOptions().setExact(true)).first().fill("Scrap box");
    field("From").fill("The tray");
    everyoneCanUseIt();
    button("Keep it").click();
    assertThat(page.getByText("2 sheets").first()).isVisible();
    assertThat(page.getByText("Scrap box")).isVisible();
    assertThat(page.getByTestId("ledger").locator("li").first()).containsText("back as offcut");
    go("/shelf?things=OFFCUT&words=shore");
    assertThat(starting("Shore finds, offcut")).isVisible();
  }

  @Test
  void aCodeFromALabelAndAnyWordOpenWhatTheyMean() {
    go("/shelf?on=heron");
    String code = page.locator("aside").getByText(Pattern.compile("^\\w{3,4}-\\w$")).innerText();
    page.keyboard().press("/");
    page.keyboard().type(code.toLowerCase());
    assertThat(page.getByText("label " + code)).isVisible();
    page.keyboard().press("Enter");
    page.waitForURL("**/shelf/designs/heron");
    button("Find…").click();
    page.keyboard().type("wall clock");
    page.keyboard().press("Enter");
    page.waitForURL("**/pieces/wall-clock/survey");
    button("Find…").click();
    page.keyboard().type("nothing like it");
    assertThat(page.getByText("Nothing has all these words.")).isVisible();
  }

  @Test
  void whatOnePieceKeepsNoOtherCountsOn() {
    go("/pieces/folding-screen/choose/panel-1-inset-1");
    field("Only designs called").fill("dune grass");
    starting("Dune grass tissue: ").click();
    field("How much").fill("5");
    button("Keep").click();
    assertThat(page.getByText("Kept: 5 sheets.")).isVisible();
    go("/pieces/wardrobe/choose/door-1");
    field("Only designs called").fill("dune grass");
    starting("Dune grass tissue: ").click();
    assertThat(page.getByText("1 sheet free of 6 sheets.")).isVisible();
    assertThat(page.getByText(Pattern.compile("short by")).first()).isVisible();
    go("/pieces/folding-screen/choose/panel-1-inset-1");
    field("Only designs called").fill("dune grass");
    starting("Dune grass tissue: ").click();
    button("Let it go").click();
    assertThat(page.getByText("6 sheets free of 6 sheets.")).isVisible();
  }

  @Test
  void thePriceListFillsTheShelfAndTheShoppingList() {
    go("/shelf/supplier");
    field("Look in the price list").fill("night heron");
    Locator item = page.getByTestId("item-CP-08");
    assertThat(item).containsText("6 values from its label");
    item.getByText("To buy").nth(1).click();
    assertThat(page.getByTestId("to-pay")).hasText("16.50 EUR");
    button("One more of Night heron").click();
    assertThat(page.getByTestId("to-pay")).hasText("33.00 EUR");
    item.getByText("Onto the shelf").first().click();
    assertThat(page.getByTestId("level")).hasText("118 ml of 118 ml");
    assertThat(page.locator("main h1")).hasText("Night heron");
  }
}
