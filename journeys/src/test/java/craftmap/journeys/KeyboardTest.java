package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The same job without touching a mouse. */
class KeyboardTest extends Journey {
  @Test
  void aBandIsLaidMovedPickedAndDoneByKeysOnly() {
    page.navigate("/");
    assertThat(page.locator("main h1")).hasText("Pieces");
    reach("Start a piece…");
    press("Enter");
    assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    reachThatStarts("Chest: ");
    press("Enter");
    page.waitForURL("**/survey");
    assertThat(field("Width")).isFocused();
    type("34 1/4");
    next("16 1/2");
    next("17 3/4");
    assertThat(field("Depth")).isFocused();
    press("Shift+Tab");
    press("Shift+Tab");
    press("Shift+Tab");
    type("Keys only");
    press("Enter");
    assertThat(page.locator("main h1")).hasText("Keys only");
    eventually(() -> savedPlan().contains("\"depth\":450.8"));

    reach("Choose");
    press("Enter");
    page.waitForURL("**/choose");
    reach("Fern band: 7 whole");
    press("Enter");
    reach("Lay it on the front");
    press("Enter");
    page.waitForURL("**/lay-out/front/*");
    assertThat(marks()).hasCount(7);

    reach("Line of Fern band");
    String before = field("Down from it").inputValue();
    press("ArrowDown");
    press("ArrowDown");
    assertThat(field("Down from it")).not().hasValue(before);
    String after = field("Down from it").inputValue();
    press("Shift+ArrowDown");
    assertThat(field("Down from it")).not().hasValue(after);

    reach("Start of the line");
    press("Shift+ArrowRight");
    assertThat(field("Starts after")).hasValue("5/8\"");

    press("]");
    assertThat(page.locator("[role=radio]").nth(1)).isChecked();
    press("[");
    assertThat(page.locator("[role=radio]").first()).isChecked();

    List<String> inches = markFigures();
    press("u");
    assertThat(page.locator("main h1")).containsText("870 mm");
    assertThat(markFigures()).isNotEqualTo(inches).allMatch(m -> m.endsWith(" mm"));
    press("u");
    assertThat(page.locator("main h1")).containsText("34");

    press("f");
    page.waitForURL("**/lay-out/left");
    press("?");
    assertThat(page.getByRole(AriaRole.DIALOG))
        .containsText("switch between inches and millimetres");
    everyoneCanUseIt();
    press("Escape");
    assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);

    reach("Gather");
    press("Enter");
    page.waitForURL("**/gather");
    assertThat(page.locator("main h1")).hasText("What it takes");
    reachThatStarts("Done: Front: Fern band");
    press("Enter");
    assertThat(page.getByTestId("ledger").locator("li").first()).containsText("Keys only");
    reachThatStarts("Take back: Front: Fern band");
    press("Enter");
    assertThat(page.getByTestId("ledger").locator("li").first())
        .containsText("Taken back: Keys only");
  }

  /** A cross is carried over the face, and both ends of the tape are put where it stands. */
  @Test
  void aLengthIsMeasuredBetweenTwoPlaces() {
    setTape("MM_1");
    startChest("Measured by keys", 870, 420, 450);
    go(page.url() + "/front");
    press("m");
    reach("An end of the tape");
    press("Enter");
    for (int i = 0; i < 5; i++) {
      press("Shift+ArrowRight");
    }
    press("ArrowUp");
    press("ArrowUp");
    press("ArrowUp");
    press("Enter");
    assertThat(page.getByTestId("measured")).hasText("100 mm");
    assertThat(page.getByTestId("measuring")).containsText("3 mm down");
    everyoneCanUseIt();
    // near the corner it catches it, as under a finger
    for (int i = 0; i < 40; i++) {
      press("Shift+ArrowLeft");
      press("Shift+ArrowUp");
    }
    press("Enter");
    for (int i = 0; i < 50; i++) {
      press("Shift+ArrowRight");
    }
    press("Enter");
    assertThat(page.getByTestId("measured")).hasText("870 mm");
    press("Escape");
    assertThat(page.getByTestId("measured")).hasCount(0);
  }

  @Test
  void aHoleIsPutWhereTheCrossStands() {
    setTape("MM_1");
    startChest("Holes by keys", 870, 420, 450);
    go(page.url() + "/front");
    reach("Put a hole by clicking on the map");
    press("Enter");
    reach("Its place");
    press("Shift+ArrowDown");
    eventually(() -> valueText().equals("435 mm from the left, 230 mm from the top"));
    assertThat(page.getByTestId("place")).hasText("435 mm from the left, 230 mm from the top");
    everyoneCanUseIt();
    press("Enter");
    eventually(() -> savedPlan().contains("\"holes\":[{"));
    assertThat(savedPlan()).contains("\"xMm\":435").contains("\"yMm\":230");
  }

  @Test
  void aPartOfAPictureIsBoxedRoundByKeys() {
    setTape("MM_1");
    go("/shelf/designs/moonrise-reeds");
    reach("Name a part…");
    press("Enter");
    reach("One corner of the box");
    everyoneCanUseIt();
    String before = valueText();
    press("Shift+ArrowLeft");
    press("Shift+ArrowUp");
    assertThat(valueText()).isNotEqualTo(before).isEqualTo("20 % across, 20 % down");
    press("Tab");
    press("Shift+ArrowRight");
    assertThat(valueText()).isEqualTo("80 % across, 75 % down");
    press("Escape");
    assertThat(page.getByRole(AriaRole.SLIDER)).hasCount(0);
    reach("Name a part…");
    press("Enter");
    reach("The corner across from it");
    press("Shift+ArrowDown");
    press("Enter");
    // and it waits for its name
    eventually(() -> focused().startsWith("Name of part motif "));
    type("The reeds");
    press("Enter");
    Locator name =
        page.getByLabel("Name of part The reeds", new Page.GetByLabelOptions().setExact(true));
    assertThat(name).isVisible();
    reach("Forget The reeds");
    press("Enter");
    assertThat(name).hasCount(0);
  }

  private String focused() {
    return (String) page.evaluate("document.activeElement.getAttribute('aria-label') ?? ''");
  }

  private String valueText() {
    return (String) page.evaluate("document.activeElement.getAttribute('aria-valuetext')");
  }

  private void press(String key) {
    page.keyboard().press(key);
  }

  private void type(String text) {
    page.keyboard().type(text);
  }

  private void next(String text) {
    press("Tab");
    type(text);
  }

  private void reach(String name) {
    reach(name, false);
  }

  private void reachThatStarts(String name) {
    reach(name, true);
  }

  /** What something is called. */
  private static final String CALLED =
      """
      const called = e =>
        (e?.getAttribute('aria-label') ?? e?.textContent ?? '').replace(', settled', '').trim();
      const meant = e => start ? called(e).startsWith(name) : called(e) === name;
      """;

  private static final String THERE =
      """
      ([name, start]) => {
        %s
        return [...document.querySelectorAll('a, button, input, select, [tabindex]')].some(meant);
      }"""
          .formatted(CALLED);

  private static final String FOCUSED =
      """
      ([name, start]) => {
        %s
        return meant(document.activeElement);
      }"""
          .formatted(CALLED);

  /**
   * Tabs until something of that name has the focus, once the page has it at all; twice round the
   * page is given up.
   */
  private void reach(String name, boolean start) {
    page.waitForFunction(THERE, List.of(name, start));
    for (int i = 0; i < 220; i++) {
      if (Boolean.TRUE.equals(page.evaluate(FOCUSED, List.of(name, start)))) {
        return;
      }
      press("Tab");
    }
    throw new AssertionError("Tab never reached " + name);
  }
}
