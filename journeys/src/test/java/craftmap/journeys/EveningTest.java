package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** The pages by the lamp of an evening. */
class EveningTest extends Journey {
  private static final Pattern DIMMED = Pattern.compile("\\bdark\\b");

  private Locator root() {
    return page.locator("html");
  }

  @Test
  void whoDimsThePageFindsItDimmedAgain() {
    go("/shelf");
    assertThat(root()).not().hasClass(DIMMED);
    button("Evening light").click();
    assertThat(root()).hasClass(DIMMED);
    Assertions.assertThat(background()).as("dark").isLessThan(60);
    page.reload();
    assertThat(page.locator("main h1")).isVisible();
    assertThat(root()).hasClass(DIMMED);
    button("Evening light").click();
    assertThat(root()).not().hasClass(DIMMED);
    Assertions.assertThat(background()).as("paper").isGreaterThan(200);
  }

  @Test
  void untilSomebodyChoosesItGoesByTheMachine() {
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
    go("/sums");
    assertThat(root()).hasClass(DIMMED);
  }

  /** What is laid on a face looks as it will, in whatever light one plans. */
  @Test
  void whatLiesOnAFaceKeepsItsColours() {
    go("/pieces/sea-chest/lay-out/front/fern-top");
    String ground = page.locator("[data-face=front]").first().getAttribute("fill");
    String outline = colourOf("[data-face=front]", "stroke");
    button("Evening light").click();
    assertThat(root()).hasClass(DIMMED);
    assertThat(page.locator("[data-face=front]").first()).hasAttribute("fill", ground);
    Assertions.assertThat(colourOf("[data-face=front]", "stroke")).isEqualTo(outline);
  }

  private String colourOf(String what, String property) {
    return (String)
        page.locator(what)
            .first()
            .evaluate("(e, property) => getComputedStyle(e)[property]", property);
  }

  private int background() {
    String rgb = (String) page.locator("body").evaluate("e => getComputedStyle(e).backgroundColor");
    return Integer.parseInt(rgb.replaceAll("rgb\\((\\d+),.*", "$1"));
  }
}
