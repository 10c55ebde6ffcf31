package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Laying out by every kind of rule, as a person does it. */
class LayOutTest extends LayingJourney {
  @BeforeEach
  void metric() {
    setTape("MM_1");
  }

  @Test
  void aClockTakesARingOfShellsAndItsNumerals() {
    page.navigate("/sums");
    String clock = makePiece("Kitchen clock", "CLOCK", "{width: 320}");
    lay(clock, "dial", "Fan shell");
    assertThat(page.getByText("stencil · ring")).isVisible();
    assertThat(chosenOption()).containsText("round, shell at the top");
    int ring = marks().count();
    Assertions.assertThat(chosenOption().innerText()).startsWith(ring + " round");
    Locator other = button("Fewer").isEnabled() ? button("Fewer") : button("More");
    other.click();
    eventually(() -> marks().count() != ring);
    Assertions.assertThat(chosenOption().innerText()).startsWith(marks().count() + " round");

    button("Words…").click();
    Locator words = page.getByLabel("Words", new Page.GetByLabelOptions().setExact(true));
    words.fill("12 1 2 3 4 5 6 7 8 9 10 11");
    words.press("Control+Enter");
    page.getByLabel("Stand", new Page.GetByLabelOptions().setExact(true)).selectOption("RING");
    page.getByLabel("Sized", new Page.GetByLabelOptions().setExact(true))
        .selectOption("BY_CAPITALS");
    Locator capitals = field("Height of capitals");
    capitals.fill("20");
    capitals.press("Enter");
    Locator diameter = field("Diameter of the circle");
    diameter.fill("200");
    diameter.press("Enter");
    assertThat(chosenOption()).containsText("12 words round");
    eventually(() -> savedPlan().contains("12 1 2 3 4 5 6 7 8 9 10 11"));
    everyoneCanUseIt();

    undoAll();
    assertThat(page.getByText("Nothing on this face yet")).isVisible();
  }

  @Test
  void anOutOfSquareFrontTakesABorderWithCornerPieces() {
    page.navigate("/sums");
    String front = outOfSquareFront();
    lay(front, "front", "Fan shell");
    page.getByLabel("Laid as").selectOption("BORDER");
    assertThat(page.getByText("stencil · border")).isVisible();
    page.getByLabel("Corner piece").selectOption("tide-mandala");
    assertThat(options().filter(new Locator.FilterOptions().setHasText("corner pieces")).first())
        .isVisible();
    options().filter(new Locator.FilterOptions().setHasText("corner pieces")).first().click();
    assertThat(chosenOption()).containsText("corner pieces");
    eventually(() -> savedPlan().contains("BORDER_PIECES"));
    // each side is turned along its own edge: the foot of this front is not level
    String plan = savedPlan();
    Assertions.assertThat(plan).containsPattern("\"turnDeg\":(179|180)\\.[0-9]+");
    undoAll();
  }

  /** A lock plate under a band: what would mend it is asked for, taken, and taken back again. */
  @Test
  void aBandOverALockPlateIsMovedClearOfItWithOneClick() {
    page.navigate("/sums");
    String chest = makePiece("Blanket chest", "CHEST", "{width: 870, height: 420, depth: 450}");
    go("/pieces/" + chest + "/survey/front");
    button("Add a keep-out by its distances").click();
    Locator top = field("From the top edge");
    top.fill("100 mm");
    top.press("Tab");
    eventually(() -> savedPlan().contains("\"topMm\":100.0"));
    lay(chest, "front", "Fern band");
    Locator down = field("Down from it");
    down.fill("120 mm");
    down.press("Tab");
    Locator hit = page.getByText("lands on the keep-out 1");
    assertThat(hit).isVisible();
    button("What would mend it?").click();
    Locator ways =
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("What would mend it"));
    assertThat(ways.getByText("Move the line to").first()).isVisible();
    everyoneCanUseIt();
    ways.getByText("Take it").first().click();
    assertThat(hit).hasCount(0);
    assertThat(page.getByText("Clears the keep-out 1 by")).isVisible();
    button("Undo").click();
    assertThat(hit).isVisible();
    undoAll();
  }

  /** One face, taped out of square. */
  private String outOfSquareFront() {
    return (String)
        page.evaluate(
            """
            async () => {
              const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
              const ask = async (method, url, body, match) => (await fetch(url, {method,
                headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token,
                  ...(match ? {'If-Match': match} : {})},
                body: JSON.stringify(body)})).json();
              const piece = await ask('POST', '/api/pieces', {name: 'Old front', form:
                {kind: 'CHEST', measures: {width: 902, height: 455, depth: 300}, choices: {}}});
              const plan = {...piece.document, faces: [{id: 'front', makeUp: 'WOOD',
                finish: 'PAINTED', ground: '#1F4650', exposure: [], standing: 'OF_THE_FORM',
                ownMarks: false, keepOuts: [], holes: [], breaks: [], blemishes: [], zones: [],
                outline: {kind: 'OUT_OF_SQUARE', measures: {top: 902, right: 455, bottom: 905,
                  left: 451, diagonal: 1010}, choices: {}, points: []}}]};
              const saved = await ask('PUT', '/api/pieces/' + piece.id,
                {document: plan, summary: 'taped'}, '"' + piece.version + '"');
              return saved.id;
            }""");
  }

  @Test
  void letteringIsSizedAndComesOutAsAFileForTheCutter() throws IOException {
    page.navigate("/sums");
    String box = makePiece("Bread box", "CHEST", "{width: 420, height: 220, depth: 260}");
    go("/pieces/" + box + "/lay-out/front");
    button("Words…").click();
    Locator words = page.getByLabel("Words", new Page.GetByLabelOptions().setExact(true));
    words.fill("Bread & Oats");
    words.press("Control+Enter");
    assertThat(page.locator("h2", new Page.LocatorOptions().setHasText("Bread & Oats")))
        .isVisible();
    Locator width = field("Width");
    width.fill("300");
    width.press("Enter");
    eventually(() -> savedPlan().contains("\"size\":300"));
    assertThat(page.getByText(Pattern.compile("islands are held by \\d+ bridges"))).isVisible();
    page.getByLabel("Letters", new Page.GetByLabelOptions().setExact(true))
        .selectOption("TYPEWRITER");
    eventually(() -> savedPlan().contains("\"style\":\"TYPEWRITER\""));
    Download file = page.waitForDownload(() -> page.getByText("Cutter file, SVG in mm").click());
    String svg = Files.readString(file.path());
    Assertions.assertThat(svg).contains("mm\" viewBox=\"0 0 ").contains("class=\"opening\"");
    java.util.regex.Matcher size = Pattern.compile("width=\"([0-9.]+)mm\"").matcher(svg);
    Assertions.assertThat(size.find()).isTrue();
    Assertions.assertThat(Double.parseDouble(size.group(1))).isBetween(338.0, 340.1);

    // in vinyl nothing has to be bridged
    page.getByLabel("Cut from").selectOption("VINYL");
    assertThat(page.getByText(Pattern.compile("islands are held by"))).hasCount(0);
    everyoneCanUseIt();
    undoAll();
  }

  @Test
  void dotsGoRoundAPlanterInRowsThatCloseAndScatterOverItsFoot() {
    page.navigate("/sums");
    String planter = makePiece("Planter", "PLANTER", "{top: 754, bottom: 565, slant: 230}");
    lay(planter, "wall", "Rust dots");
    assertThat(page.getByText("dots · ring")).isVisible();
    Locator rows = field("Rows");
    rows.fill("3");
    rows.press("Enter");
    assertThat(chosenOption()).containsText("in each of 3 rows round, dot at the front");
    int round = Integer.parseInt(chosenOption().innerText().replaceFirst("(?s) in each.*", ""));
    eventually(() -> savedPlan().contains("\"positions\":" + 3 * round));
    page.getByLabel("Laid as").selectOption("SCATTER");
    assertThat(chosenOption()).containsText("scattered, throw");
    String first = chosenOption().innerText();
    page.keyboard().press("]");
    eventually(() -> !chosenOption().innerText().equals(first));
    undoAll();
    assertThat(page.getByText("Nothing on this face yet")).isVisible();
  }

  @Test
  void optionsAreComparedSideBySideAndOneIsTakenWithAKey() {
    page.navigate("/sums");
    String chest = makePiece("To compare", "CHEST", "{width: 870, height: 420, depth: 450}");
    lay(chest, "front", "Fern band");
    String best = chosenOption().innerText();
    page.keyboard().press("c");
    Locator candidates = page.getByTestId("candidate");
    assertThat(candidates).hasCount(3);
    assertThat(candidates.first()).containsText("laid now");
    String second = candidates.nth(1).locator("p").first().innerText();
    everyoneCanUseIt();
    page.keyboard().press("2");
    assertThat(candidates).hasCount(0);
    assertThat(chosenOption()).containsText(second);
    Assertions.assertThat(best).doesNotContain(second);
    eventually(() -> savedPlan().contains("\"pick\""));
    undoAll();
  }

  /** What a narrow face leaves of the map: the faces next to it, at its scale, to go on to. */
  @Test
  void besideANarrowFaceLieTheFacesNextToIt() {
    String id = makePiece("Doors beside", "CUPBOARD", "{width: 900, height: 850, depth: 400}");
    go("/pieces/" + id + "/lay-out/door-1");
    Locator right = page.locator("[data-beside=door-2]");
    BoundingBox own = faceOnMap("door-1").boundingBox();
    BoundingBox beside = faceOnMap("door-2").boundingBox();
    Assertions.assertThat(beside.x).isGreaterThan(own.x + own.width);
    Assertions.assertThat(beside.y).isCloseTo(own.y, Assertions.within(1.5));
    Assertions.assertThat(beside.height).isCloseTo(own.height, Assertions.within(1.5));
    right.getByRole(AriaRole.BUTTON).focus();
    page.keyboard().press("Enter");
    page.waitForURL("**/lay-out/door-2");
    assertThat(page.locator("[data-beside=door-1]")).isVisible();
    BoundingBox left = faceOnMap("door-1").boundingBox();
    Assertions.assertThat(left.x + left.width).isLessThan(faceOnMap("door-2").boundingBox().x);
    everyoneCanUseIt();
  }

  private Locator faceOnMap(String faceId) {
    return page.getByTestId("map").locator("path[data-face=" + faceId + "]").first();
  }

  @Test
  void aDraggedDesignIsDrawnToTheMiddleAndALockedOneStaysWhereItIs() {
    page.navigate("/sums");
    String chest = makePiece("To drag", "CHEST", "{width: 870, height: 420, depth: 450}");
    lay(chest, "front", "Compass rose");
    page.getByLabel("Laid as").selectOption("SINGLE");
    Locator rose = page.getByTestId("middle");
    assertThat(rose).isVisible();
    BoundingBox box = rose.boundingBox();
    double x = box.x + box.width / 2;
    double y = box.y + box.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    page.mouse().move(x + 90, y + 30, new Mouse.MoveOptions().setSteps(4));
    page.mouse().move(x + 3, y + 30, new Mouse.MoveOptions().setSteps(4));
    assertThat(page.getByTestId("drawn-to").first()).hasText("middle · 435 mm from the left");
    page.mouse().up();
    eventually(() -> savedPlan().contains("\"pick\":{\"way\":\"STAND_PLACED\""));
    Assertions.assertThat(savedPlan()).containsPattern("\"x\":435(\\.0)?[,}]");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Lock").setExact(true))
        .click();
    assertThat(page.getByTestId("middle")).hasCount(0);
    assertThat(page.getByText("Locked: unlock it to change it.")).isVisible();
    undoAll();
  }

  @Test
  void aRowVariedByEyeStillTellsItsCountAndACopyIsPutByHand() {
    page.navigate("/sums");
    String chest = makePiece("By eye", "CHEST", "{width: 870, height: 420, depth: 450}");
    lay(chest, "front", "Fern band");
    button("Vary it by eye").click();
    assertThat(page.getByText(Pattern.compile("7 of them; evenly spaced they would be")))
        .isVisible();
    page.getByLabel("Put a copy by hand").selectOption("3");
    assertThat(page.getByTestId("held0")).isVisible();
    String before = savedPlan();
    page.getByTestId("held0").focus();
    page.keyboard().press("Shift+ArrowDown");
    eventually(() -> !savedPlan().equals(before));
    assertThat(page.getByText(Pattern.compile("1 put by hand"))).isVisible();
    assertThat(button("Let 3 go")).isVisible();

    page.getByLabel("Copy to").selectOption("left");
    page.waitForURL("**/lay-out/left/*");
    assertThat(page.locator("h2", new Page.LocatorOptions().setHasText("Fern band"))).isVisible();
    Assertions.assertThat(List.of(savedPlan().split("\"designId\":\"fern-band\"")))
        .hasSizeGreaterThan(2);
    undoAll();
  }
}
