package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import java.util.Locale;
import java.util.regex.Pattern;

/** What people do again and again while they lay things out. */
abstract class LayingJourney extends Journey {
  protected void lay(String pieceId, String faceId, String design) {
    go("/pieces/" + pieceId + "/choose/" + faceId);
    page.getByLabel("Only designs called").fill(design);
    Locator trial =
        page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(Pattern.compile("^" + design + ": ")))
            .first();
    trial.click();
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Lay it on the ")))
        .click();
    page.waitForURL("**/lay-out/" + faceId + "/*");
    saved();
  }

  protected void saved() {
    eventually(() -> savedPlan().contains("\"designId\"") && page.getByText("Saving").count() == 0);
  }

  protected Locator options() {
    return page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Options"))
        .getByRole(AriaRole.RADIO);
  }

  protected Locator chosenOption() {
    return page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setChecked(true));
  }

  /** Takes everything back, step by step, until there is nothing left to take back. */
  protected void undoAll() {
    stepThrough("Undo");
  }

  /** Brings everything again that was taken back. */
  protected void redoAll() {
    stepThrough("Redo");
  }

  /** Whether a button names the step that the saved plan has in store. */
  private boolean saysWhatIsSaved(Locator step, String name) {
    String title = step.getAttribute("title").replace("\\", "\\\\").replace("\"", "\\\"");
    String field = "\"" + name.toLowerCase(Locale.ROOT) + "\":\"";
    String next = title.replaceFirst("^" + name + ": ", "");
    return title.startsWith("Nothing to ")
        ? !savedPlan().contains(field)
        : savedPlan().contains(field + next + "\"");
  }

  private void stepThrough(String name) {
    Locator step =
        page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    for (int i = 0; i < MOST_STEPS; i++) {
      String before = savedPlan();
      if (!clicked(step)) {
        return;
      }
      eventually(() -> !savedPlan().equals(before));
      // and the page knows it: a click on what it shows from before would step into nothing
      eventually(() -> saysWhatIsSaved(step, name));
    }
  }

  /** False where there is no further step: the button may only just have learnt of that. */
  private static boolean clicked(Locator step) {
    if (!step.isEnabled()) {
      return false;
    }
    try {
      step.click(new Locator.ClickOptions().setTimeout(CLICKED_WITHIN_MS));
      return true;
    } catch (TimeoutError disabledMeanwhile) {
      assertThat(step).isDisabled();
      return false;
    }
  }

  private static final int MOST_STEPS = 40;
  private static final double CLICKED_WITHIN_MS = 20_000;
}
