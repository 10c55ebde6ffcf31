package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
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
    Locator undo =
        page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Undo")));
    for (int i = 0; i < 40 && undo.isEnabled(); i++) {
      String before = savedPlan();
      undo.click();
      eventually(() -> !savedPlan().equals(before));
    }
    assertThat(undo).isDisabled();
  }

  /** Brings everything again that was taken back. */
  protected void redoAll() {
    Locator redo =
        page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Redo")));
    for (int i = 0; i < 40 && redo.isEnabled(); i++) {
      String before = savedPlan();
      redo.click();
      eventually(() -> !savedPlan().equals(before));
    }
    assertThat(redo).isDisabled();
  }
}
