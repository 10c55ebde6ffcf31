package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** At the bench, on a tablet, with wet hands. */
class WorkTest extends LayingJourney {
  private static final double LEAST_TARGET_PX = 60;

  /** The least contrast of any text with what it stands on. */
  private static final String LEAST_CONTRAST =
      """
      () => {
        const lum = ([r, g, b]) => {
          const c = [r, g, b].map((v) => v / 255)
            .map((v) => (v <= 0.03928 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4));
          return 0.2126 * c[0] + 0.7152 * c[1] + 0.0722 * c[2];
        };
        const rgb = (text) => (text.match(/[0-9.]+/g) ?? []).map(Number);
        const ground = (at) => {
          for (let e = at; e; e = e.parentElement) {
            const c = rgb(getComputedStyle(e).backgroundColor);
            if (c.length === 3 || c[3] > 0) { return c; }
          }
          return [255, 255, 255];
        };
        let least = [99, ''];
        for (const e of document.querySelectorAll('header *, main *, aside *')) {
          const own = [...e.childNodes].some((n) => n.nodeType === 3 && n.textContent.trim() !== '');
          if (!own || e.closest('svg') || e.closest(':disabled')) { continue; }
          const [a, b] = [lum(rgb(getComputedStyle(e).color)), lum(ground(e))];
          const ratio = (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
          if (ratio < least[0]) { least = [ratio, e.textContent]; }
        }
        return least;
      }
      """;

  private String painted(String name) {
    String id = makePiece(name, "SINGLE_FACE", "{width: 530, height: 390}");
    go("/pieces/" + id + "/coats");
    button("Samphire").click();
    page.getByText("from the pot").first().waitFor();
    eventually(() -> savedPlan().contains("\"groups\"") && page.getByText("Saving").count() == 0);
    return id;
  }

  private Locator title() {
    return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
  }

  /** Everything that was tapped is with the server, and what follows from it is here. */
  private void settled() {
    assertThat(page.locator("main")).hasAttribute("aria-busy", "false");
  }

  private Locator done() {
    return button("Done");
  }

  private Locator ripening() {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Ripening"));
  }

  private Locator where() {
    return page.getByRole(
        AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("^Where:")));
  }

  /** From the order to the bench: done by a foot switch, kept over a reload, and taken back. */
  @Test
  void stepsAreDoneOneAfterAnotherAndNoTimerIsLost() {
    page.setViewportSize(1024, 768);
    String id = painted("On the tablet");
    go("/pieces/" + id + "/order");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("At the bench")).click();
    assertThat(title()).hasText("Wash and rinse twice, face");
    assertThat(where()).isVisible();
    button("Five minutes more").click();
    assertThat(page.getByText(Pattern.compile("^1[0-9] min$|^[6-9] min$"))).isVisible();
    page.keyboard().press("Escape");
    title().click();
    page.keyboard().press("Space");
    assertThat(title()).not().hasText("Wash and rinse twice, face");
    assertThat(ripening()).containsText("Wash and rinse twice, face");
    settled();
    String next = title().innerText();
    // what it waits for is told, and how long it still takes
    assertThat(page.getByRole(AriaRole.STATUS).first()).containsText("not dry enough before");
    page.reload();
    assertThat(title()).hasText(next);
    assertThat(ripening().getByText(Pattern.compile("^[0-9]+(:| h )[0-9]{2}$")).first())
        .isVisible();
    // a knuckle looks on and back
    page.keyboard().press("ArrowRight");
    assertThat(title()).not().hasText(next);
    page.keyboard().press("ArrowLeft");
    assertThat(title()).hasText(next);
    button("Not done after all: Wash and rinse twice, face").click();
    assertThat(title()).hasText("Wash and rinse twice, face");
    page.reload();
    assertThat(title()).hasText("Wash and rinse twice, face");
  }

  /** Read from a metre and met by a thumb: targets, contrast, and nothing to push sideways. */
  @Test
  void itIsLargeEnoughOnATabletAndOnAPhone() {
    String id = painted("Large enough");
    go("/pieces/" + id + "/work");
    done().click();
    assertThat(ripening()).isVisible();
    for (int[] size : new int[][] {{1024, 768}, {768, 1024}, {390, 844}, {1280, 800}}) {
      page.setViewportSize(size[0], size[1]);
      assertThat(done()).isVisible();
      for (Locator target : page.getByRole(AriaRole.BUTTON).all()) {
        BoundingBox box = target.boundingBox();
        Assertions.assertThat(Math.min(box.width, box.height))
            .as("%s at %d px", target.innerText(), size[0])
            .isGreaterThanOrEqualTo(LEAST_TARGET_PX);
      }
      Assertions.assertThat(
              ((Number) page.evaluate("document.documentElement.scrollWidth")).intValue())
          .as("%d px", size[0])
          .isLessThanOrEqualTo(size[0]);
    }
    List<?> least = (List<?>) page.evaluate(LEAST_CONTRAST);
    Assertions.assertThat(((Number) least.getFirst()).doubleValue())
        .as("contrast of: %s", least.getLast())
        .isGreaterThanOrEqualTo(7);
    everyoneCanUseIt();
  }

  /** What is done on the tablet is done on the laptop; both look at the same clock. */
  @Test
  void anotherDeviceSeesTheSameTimers() {
    String id = painted("On two devices");
    go("/pieces/" + id + "/work");
    done().click();
    assertThat(title()).not().hasText("Wash and rinse twice, face");
    assertThat(ripening()).containsText("Wash and rinse twice, face");
    settled();
    String next = title().innerText();
    try (Page other = page.context().browser().newContext().newPage()) {
      other.navigate(page.url());
      assertThat(other.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
          .hasText(next);
      assertThat(other.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Ripening")))
          .containsText("Wash and rinse twice, face");
    }
  }

  /** It ran, it is mended later, and it was right after all: the plan and the pot say the same. */
  @Test
  void whatWentWrongIsMendedOrTakenBack() {
    page.setViewportSize(1024, 768);
    String id = painted("Not like this");
    go("/pieces/" + id + "/work");
    for (int n = 0; n < 12 && !title().innerText().contains("coat"); n++) {
      tapDone(page);
    }
    settled();
    button("Not like this").click();
    Locator wrong =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Not like this"));
    wrong
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Runs, or marks that stay"))
        .click();
    Locator again =
        wrong.getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Sand it flat, then again"));
    assertThat(again).containsText(Pattern.compile("min, [0-9.]+ ml of .* ready "));
    for (Locator target : wrong.getByRole(AriaRole.BUTTON).all()) {
      Assertions.assertThat(target.boundingBox().height).isGreaterThanOrEqualTo(LEAST_TARGET_PX);
    }
    everyoneCanUseIt();
    String quarter = again.innerText();
    wrong.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("All of it")).click();
    assertThat(again).not().hasText(quarter);
    again.click();
    assertThat(wrong).isHidden();
    settled();
    go("/pieces/" + id + "/work");
    look("Sand flat, then again");
    assertThat(page.getByText("Mask and eyes")).isVisible();
    go("/logbook?piece=" + id);
    assertThat(page.getByText(Pattern.compile("Went wrong: runs, or marks that stay"))).isVisible();
    go("/pieces/" + id + "/order");
    assertThat(
            page.locator("svg title")
                .filter(new Locator.FilterOptions().setHasText("Sand flat, then again"))
                .first())
        .isAttached();
    go("/pieces/" + id + "/work");
    look("Sand flat, then again");
    button("It was right after all").click();
    settled();
    page.reload();
    assertThat(title()).isVisible();
    for (int n = 0; n < 30 && button("After →").isEnabled(); n++) {
      assertThat(title()).not().containsText("Sand flat");
      page.keyboard().press("ArrowRight");
    }
    go("/logbook?piece=" + id);
    assertThat(page.getByText("Went wrong")).hasCount(0);
  }

  /** Goes on to the step whose title begins like this. */
  private void look(String begins) {
    assertThat(title()).isVisible();
    for (int n = 0; n < 30 && !title().innerText().startsWith(begins); n++) {
      String before = title().innerText();
      page.keyboard().press("ArrowRight");
      assertThat(title()).not().hasText(before);
    }
    assertThat(title()).containsText(begins);
  }

  /** Told beside other windows, once somebody wants it; the page says it in its title too. */
  @Test
  void noticesAreAskedForByATap() {
    String id = painted("With notices");
    page.addInitScript(
        "Object.defineProperty(Notification, 'permission', { get: () => window.may ?? 'default' });"
            + "Notification.requestPermission = async () => (window.may = 'granted');");
    go("/pieces/" + id + "/work");
    done().click();
    assertThat(ripening()).isVisible();
    Locator ask = button("Tell me of it beside other windows too");
    ask.click();
    assertThat(ask).isHidden();
  }

  /** What was told with two taps, a look into the pot and a note stands in the logbook. */
  @Test
  void whatWasToldStandsInTheLogbook() {
    page.setViewportSize(1024, 768);
    String id = painted("Into the logbook");
    go("/pieces/" + id + "/work");
    button("Five minutes more").click();
    button("A tenth more").click();
    String used =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("It used"))
            .getByRole(AriaRole.BUTTON)
            .first()
            .innerText();
    button("What is left").click();
    Locator left = page.getByLabel("Left in the pot, in ml");
    left.fill("nearly nothing");
    assertThat(done()).isDisabled();
    assertThat(page.getByText(Pattern.compile("^A figure from 0 to"))).isVisible();
    button("A tenth more").click();
    button("Note").click();
    page.getByLabel("What to remember of this step").fill("Lukewarm water is better.");
    button("Keep the note").click();
    assertThat(page.getByText("Lukewarm water is better.")).isVisible();
    String step = title().innerText();
    tapDone(page);
    settled();
    go("/logbook?piece=" + id);
    Locator log = page.locator("main");
    assertThat(log).containsText(step);
    assertThat(log).containsText("5 min more than the");
    assertThat(log).containsText(used + " of ");
    assertThat(log).containsText("Lukewarm water is better.");
    page.getByLabel("Find in the logbook").fill("LUKEWARM");
    button("Find").click();
    assertThat(log).not().containsText("5 min more than the");
    assertThat(log).containsText("Lukewarm water is better.");
    everyoneCanUseIt();
    page.getByLabel("Find in the logbook").fill("no such words");
    button("Find").click();
    assertThat(log).containsText("Nothing of this in the logbook");
    // a mistake taken back is no more what happened
    go("/pieces/" + id + "/work");
    button("Not done after all: " + step).click();
    settled();
    go("/logbook?piece=" + id);
    assertThat(log).not().containsText("5 min more than the");
    assertThat(log).containsText("Lukewarm water is better.");
  }
}
