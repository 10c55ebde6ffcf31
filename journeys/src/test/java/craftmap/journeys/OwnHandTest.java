package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a pair of scissors and an eye can do. */
class OwnHandTest extends LayingJourney {

  private Locator labelled(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  private Locator look() {
    return page.getByTestId("look-out");
  }

  private void moreOptions() {
    page.getByText(Pattern.compile("more options?$")).click();
  }

  /** Undone to the bare piece and redone, the plan is what it was. */
  private void undoneAndRedone() {
    String before = decided();
    undoAll();
    Assertions.assertThat(decided()).doesNotContain("\"designId\"").doesNotContain("LETTERING");
    redoAll();
    Assertions.assertThat(decided()).isEqualTo(before);
  }

  /** What was decided, without what came of it and when it was saved. */
  private String decided() {
    String saved = savedPlan();
    return saved.substring(saved.indexOf("\"document\""), saved.indexOf("\"reading\""));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"MM_1|8|8 mm", "INCH_16|5/16\"|5/16\""})
  void oneGullIsTornOutOfANapkinFiveTimesAndTheRestIsKept(String tape, String typed, String shown) {
    setTape(tape);
    String chest = makePiece("Gulls", "CHEST", "{width: 870, height: 420, depth: 450}");
    lay(chest, "front", "Gull and grasses");
    labelled("Laid of it").selectOption("the gull");
    assertThat(page.locator("h2").filter(new Locator.FilterOptions().setHasText("the gull")))
        .isVisible();
    labelled("Laid as").selectOption("SCATTER");
    labelled("How many").selectOption("COUNT");
    labelled("Count").fill("5");
    labelled("Border round it").fill(typed);
    labelled("Border round it").press("Tab");
    labelled("Its edge is").selectOption("TORN");
    assertThat(look()).containsText("with " + shown + " left on all round");
    assertThat(chosenOption()).containsText("5 scattered");
    assertThat(page.getByText("2 is the least possible laid like this")).isVisible();
    everyoneCanUseIt();
    String piece = page.url();
    if (tape.equals("MM_1")) {
      undoneAndRedone();
    }

    // with napkins enough it can be cut, and the rest is kept
    stock("gull-grasses", "BOUGHT", 4);
    link("Cut").click();
    Locator napkin = page.getByTestId("cut-gull-grasses");
    assertThat(
            napkin.getByRole(
                AriaRole.BUTTON,
                new Locator.GetByRoleOptions().setName(Pattern.compile("cut; keep .* leftover"))))
        .isEnabled();
    stock("gull-grasses", "SPOILED", 4);
    page.navigate(piece);
    undoAll();
  }

  @ParameterizedTest
  @CsvSource({"MM_1", "INCH_16"})
  void aStencilIsCentredOnAnInsetWithItsMasking(String tape) {
    setTape(tape);
    String chest = makePiece("Writing box", "CHEST", "{width: 870, height: 420, depth: 450}");
    sent(
        "POST",
        "/api/pieces/" + chest + "/edits",
        Map.of("If-Match", "\"1\""),
        """
        {"edits": [{"kind": "ADD_MARK", "id": "leather", "faceId": "lid", "mark": "ZONE",
                    "xMm": 300, "yMm": 200}]}""");
    lay(chest, "lid", "Fern band");
    labelled("Part of the face").selectOption("leather");
    labelled("Laid as").selectOption("SINGLE");
    assertThat(chosenOption()).containsText("On the middle");
    assertThat(page.getByText("Masking tape", new Page.GetByTextOptions().setExact(true)))
        .isVisible();
    assertThat(page.getByText("Centred on the zone, which is taped off.")).isVisible();
    everyoneCanUseIt();
    String before = savedPlan();
    Assertions.assertThat(before).contains("\"zoneId\":\"leather\"");
    labelled("Part of the face").selectOption("");
    eventually(() -> !savedPlan().contains("\"zoneId\""));
    button("Undo").click();
    eventually(() -> savedPlan().contains("\"zoneId\":\"leather\""));
    button("Redo").click();
    eventually(() -> !savedPlan().contains("\"zoneId\""));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"MM_1|3|3.0", "INCH_16|1/8\"|3.175"})
  void aScrollHangsOverTheRailOfADoor(String tape, String typed, String savedMm) {
    setTape(tape);
    String cupboard =
        makePiece("Cupboard", "CUPBOARD", "{width: 900, height: 850, depth: 400, rail: 40}");
    lay(cupboard, "door-1", "Seaweed scroll");
    labelled("Laid as").selectOption("SINGLE");
    moreOptions();
    option("On the bottom rail").click();
    assertThat(look()).containsText("over what is set in");
    labelled("Put by hand").selectOption("YES");
    labelled("Middle, from the top").fill(typed);
    labelled("Middle, from the top").press("Tab");
    assertThat(look()).containsText("over the top edge");
    assertThat(chosenOption()).containsText("Where you put it");
    Assertions.assertThat(savedPlan()).contains("\"y\":" + savedMm);
    // wood glue is named for it, and there is enough of it
    assertThat(look()).containsText("There is enough of wood glue");
    if (tape.equals("MM_1")) {
      undoneAndRedone();
    }
    undoAll();
  }

  @ParameterizedTest
  @CsvSource({"MM_1", "INCH_16"})
  void theLastDrawerIsMadeOfTwoLeftovers(String tape) {
    setTape(tape);
    String made =
        sent(
            "POST",
            "/api/designs",
            """
            {"quantity": "1", "design": {"kind": "PAPER", "name": "Dune stripe %s", "motif": "",
              "note": "", "rights": "MAY_BE_SOLD", "motifs": [],
              "answers": {"choices": {}, "numbers":
                {"width": 611, "height": 480, "repeatX": 91, "repeatY": 240}}}}"""
                .formatted(tape));
    String paper = made.replaceFirst("(?s).*?\"id\":\"([^\"]+)\".*", "$1");
    for (int wide : List.of(330, 290)) {
      sent(
          "POST",
          "/api/designs/" + paper + "/offcuts",
          """
          {"place": "", "note": "", "outline": [{"xMm": 0, "yMm": 0}, {"xMm": %1$d, "yMm": 0},
            {"xMm": %1$d, "yMm": 158}, {"xMm": 0, "yMm": 158}]}"""
              .formatted(wide));
    }
    String chest =
        makePiece(
            "Four drawers",
            "DRAWER_CHEST",
            "{width: 600, height: 662, rows: 4, row1: 143, row2: 143, row3: 143, row4: 143}");
    lay(chest, "drawer-1", "Dune stripe " + tape);
    for (String other : List.of("Drawer 2", "Drawer 3", "Drawer 4")) {
      labelled(other).check();
    }
    labelled("The print meets").selectOption("NOWHERE");
    labelled("Over the edge, to trim").fill("0");
    labelled("Over the edge, to trim").press("Tab");
    eventually(() -> savedPlan().contains("\"meets\":\"NOWHERE\""));
    go("/pieces/" + chest + "/cut");
    Locator cut = page.getByTestId("cut-" + paper);
    assertThat(cut).containsText("One part has no sheet to be cut from.");
    everyoneCanUseIt();
    cut.getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName(Pattern.compile("^Take it: One seam more on")))
        .click();
    assertThat(cut).not().containsText("no sheet to be cut from");
    assertThat(cut.getByText(Pattern.compile("^Leftover "))).hasCount(2);
    button("Undo").click();
    assertThat(cut).containsText("One part has no sheet to be cut from.");
    button("Redo").click();
    assertThat(cut).not().containsText("no sheet to be cut from");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"MM_1|40|40 mm", "INCH_16|1 9/16\"|1 9/16\""})
  void theFrontIsOneOverJarAndLid(String tape, String typed, String shown) {
    setTape(tape);
    String jar = makePiece("Tea jar", "JAR", "{top: 330, bottom: 330, slant: 130, shoulder: 0}");
    for (String face : List.of("body", "lid-rim")) {
      lay(jar, face, "Lattice and shells");
      labelled("Laid as").selectOption("WRAP");
      eventually(() -> savedPlan().contains("WRAP"));
    }
    go("/pieces/" + jar + "/survey");
    Locator fronts = page.locator("[data-front]");
    assertThat(fronts).hasCount(2);
    labelled("Front, to the right of the middle").fill(typed);
    labelled("Front, to the right of the middle").press("Tab");
    // the lid looks to it as well
    assertThat(fronts).hasCount(3);
    eventually(() -> savedPlan().contains("\"front\":"));
    everyoneCanUseIt();
    button("Undo").click();
    assertThat(fronts).hasCount(2);
    button("Redo").click();
    assertThat(fronts).hasCount(3);
    assertThat(labelled("Front, to the right of the middle")).hasValue(shown);
  }

  @Test
  void twentyFourPhotosGoOntoARoundTopAtOnceWithFoilBetween(@TempDir Path folder)
      throws IOException {
    setTape("MM_1");
    String table = makePiece("Round table", "TABLE_TOP", "{width: 900}");
    lay(table, "top", "Paper boat");
    labelled("Laid as").selectOption("COLLAGE");
    assertThat(page.getByText("1 piece. Later ones")).isVisible();
    labelled("Long side of a print").fill("85");
    page.getByTestId("photo-files").setInputFiles(photos(folder, 24));
    assertThat(page.getByText("24 photos are on the shelf and laid.")).isVisible();
    assertThat(page.getByText("25 pieces. Later ones")).isVisible();
    moreOptions();
    option("25 pieces spread over all of it").click();
    eventually(() -> savedPlan().contains("COLLAGE_SPREAD"));
    labelled("How many of Paper boat").fill("3");
    assertThat(page.getByText("27 pieces. Later ones")).isVisible();
    labelled("How many of Paper boat").fill("1");
    assertThat(page.getByText("25 pieces. Later ones")).isVisible();

    lay(table, "top", "Pale gold foil");
    String all = page.getByText("Sized area").locator("..").locator("..").innerText();
    button("Go around what is laid already").click();
    assertThat(page.getByText("Sized area").locator("..").locator("..")).not().hasText(all);
    assertThat(look()).containsText("water-based size");
    eventually(() -> savedPlan().contains("\"clearMm\""));
    undoneAndRedone();
    undoAll();
  }

  private static Path[] photos(Path folder, int count) throws IOException {
    List<Path> files = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      BufferedImage photo = new BufferedImage(90, 60, BufferedImage.TYPE_INT_RGB);
      Graphics2D g = photo.createGraphics();
      g.setColor(Color.getHSBColor(i / (float) count, 0.4f, 0.8f));
      g.fillRect(0, 0, 90, 60);
      g.setColor(Color.WHITE);
      g.fillOval(10 + i, 12, 20, 20);
      g.dispose();
      Path file = folder.resolve("low_tide-%02d.png".formatted(i + 1));
      ImageIO.write(photo, "png", Files.newOutputStream(file));
      files.add(file);
    }
    return files.toArray(Path[]::new);
  }

  @ParameterizedTest
  @CsvSource({"MM_1", "INCH_16"})
  void lettersStandInThreeLines(String tape) {
    setTape(tape);
    String box = makePiece("Tea box", "CHEST", "{width: 420, height: 320, depth: 260}");
    go("/pieces/" + box + "/lay-out/front");
    button("Words…").click();
    Locator words = labelled("Words");
    words.fill("Tea\nMarsh mint\nSalt");
    words.press("Control+Enter");
    eventually(() -> savedPlan().contains("Tea\\nMarsh mint\\nSalt"));
    labelled("Lines stand").selectOption("FLUSH_LEFT");
    eventually(() -> savedPlan().contains("\"align\":\"FLUSH_LEFT\""));
    labelled("Lines apart by").fill("220");
    labelled("Lines apart by").press("Tab");
    eventually(() -> savedPlan().contains("\"lead\":220"));
    everyoneCanUseIt();
    undoneAndRedone();
    // in one line nothing is asked about lines
    words.fill("Tea");
    words.press("Control+Enter");
    assertThat(labelled("Lines stand")).hasCount(0);
    undoAll();
  }
}
