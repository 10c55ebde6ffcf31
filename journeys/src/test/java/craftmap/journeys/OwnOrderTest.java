package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** What an artist has to say about the order, the week over all pieces, and the rooms. */
class OwnOrderTest extends LayingJourney {
  private static final String CHEST = "/pieces/sea-chest/order";

  private Locator step(String name) {
    return page.locator("svg[aria-label='What is done when'] [role=button]")
        .and(
            page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name))));
  }

  private Locator status() {
    return page.getByRole(AriaRole.STATUS).first();
  }

  private Locator mind() {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What to mind"));
  }

  private String painted(String name) {
    String id = makePiece(name, "SINGLE_FACE", "{width: 530, height: 390}");
    go("/pieces/" + id + "/coats");
    button("Samphire").click();
    page.getByText("from the pot").first().waitFor();
    eventually(() -> savedPlan().contains("\"groups\"") && page.getByText("Saving").count() == 0);
    go("/pieces/" + id + "/order");
    page.getByLabel("When it is begun").fill("2027-02-01T09:00");
    page.getByLabel("When it is begun").press("Enter");
    assertThat(page.getByText("What is left is planned from then.")).isVisible();
    return id;
  }

  private void drag(Locator what, double by) {
    BoundingBox box = what.locator("rect").last().boundingBox();
    double x = box.x + box.width / 2;
    double y = box.y + box.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    page.mouse().move(x + by / 2, y);
    page.mouse().move(x + by, y);
    page.mouse().up();
  }

  /** Dragged onto wet paint it goes where it can and says why; dragged later it stays there. */
  @Test
  void aStepIsDraggedAndToldWhyNot() {
    painted("Dragged by hand");
    Locator second = step("^Samphire, coat 2 of");
    drag(second, -400);
    assertThat(status()).containsText("Ready on");
    assertThat(status()).containsText("dry");
    assertThat(second).hasAccessibleName(Pattern.compile("because you said so"));
    drag(second, 120);
    assertThat(status()).containsText("later");
    String moved = second.getAttribute("aria-label");
    // a quarter of an hour more by keys, and back to as soon as it goes
    second.focus();
    page.keyboard().press("Shift+ArrowRight");
    assertThat(second).not().hasAttribute("aria-label", moved);
    second.click();
    button("As soon as it goes").click();
    assertThat(second).not().hasAccessibleName(Pattern.compile("because you said so"));
  }

  @Test
  void aStepOfOnesOwnIsPutInBeforeAnotherAndTakenOut() {
    painted("With a step of my own");
    button("A step of my own…").click();
    field("What is done").fill("Oil the hinges");
    field("Minutes hands on").fill("17");
    button("Put it in").click();
    assertThat(step("^Oil the hinges")).hasCount(1);
    step("^Samphire, coat 1 of").click();
    page.getByLabel("What has to be done first").selectOption("Oil the hinges");
    assertThat(button("Need not wait for: Oil the hinges")).isVisible();
    button("Need not wait for: Oil the hinges").click();
    assertThat(button("Need not wait for: Oil the hinges")).hasCount(0);
    step("^Oil the hinges").click();
    button("Take it out").click();
    assertThat(step("^Oil the hinges")).hasCount(0);
    step("^Samphire, coat 1 of").click();
    page.getByLabel("Parts it is done in").fill("2");
    page.keyboard().press("Enter");
    assertThat(step("^Samphire, coat 1 of .*part 2")).hasCount(1);
  }

  /** When the last of what a step has to wait for has just been done, and is wet. */
  private LocalDateTime justDoneUnder(String step) {
    List<LocalDateTime> done = new ArrayList<>();
    JsonObject order =
        JsonParser.parseString(page.request().get("/api/pieces/sea-chest/order").text())
            .getAsJsonObject();
    for (JsonElement row : order.getAsJsonArray("rows")) {
      for (JsonElement each : row.getAsJsonObject().getAsJsonArray("steps")) {
        JsonObject one = each.getAsJsonObject();
        for (JsonElement wait : one.getAsJsonArray("waits")) {
          if (wait.getAsJsonObject().get("toStep").getAsString().endsWith(":" + step)) {
            int takes = one.get("to").getAsInt() - one.get("from").getAsInt();
            done.add(LocalDateTime.parse(one.get("at").getAsString()).plusMinutes(takes));
          }
        }
      }
    }
    return Collections.max(done);
  }

  /** Letters that stick would lift fresh paint: they are moved a day with one click. */
  @Test
  void stickOnLettersAreMovedADayWithOneClick() {
    go(CHEST);
    Locator letters = step("^Saltmarsh, 1 of");
    letters.click();
    Locator begins = page.getByLabel("When it begins");
    begins.fill(justDoneUnder("lay:name-front:1").toString());
    begins.press("Enter");
    page.keyboard().press("Escape");
    Locator stop = mind().getByText(Pattern.compile("Saltmarsh.*it would lift"));
    assertThat(stop).isVisible();
    mind()
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName(Pattern.compile("^Saltmarsh.* on ")))
        .click();
    assertThat(stop).hasCount(0);
    button("Undo").click();
    assertThat(stop).isVisible();
    button("Undo").click();
    assertThat(stop).hasCount(0);
  }

  /** Relief after the paint instead of before it: told, taken, and taken back. */
  @Test
  void reliefIsFlippedToAfterThePaintAndBack() {
    go(CHEST);
    Locator otherwise =
        page.getByRole(
            AriaRole.REGION, new Page.GetByRoleOptions().setName("The same job otherwise"));
    Locator after =
        otherwise.getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("relief after paint"));
    Locator before =
        otherwise.getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("relief before paint"));
    Locator ready =
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)).first();
    after.click();
    assertThat(before).isVisible();
    assertThat(after).hasCount(0);
    assertThat(ready).hasText(Pattern.compile("^Ready on "));
    button("Undo").click();
    assertThat(after).isVisible();
    assertThat(before).hasCount(0);
  }

  /** Tape that did not come off in time is told, and what holds it is done again. */
  @Test
  void aMissedWindowIsToldAndMended() {
    go(CHEST);
    String key = "of:lid:seal:3";
    String piece = page.context().request().get("/api/pieces/sea-chest").text();
    Matcher version = Pattern.compile("\"version\":(\\d+)").matcher(piece);
    Assertions.assertThat(version.find()).isTrue();
    sent(
        "POST",
        "/api/pieces/sea-chest/edits",
        Map.of("If-Match", "\"" + version.group(1) + "\""),
        "{\"edits\":[{\"kind\":\"STEP_DONE\",\"step\":\""
            + key
            + "\",\"done\":{\"at\":\""
            + Instant.now().minusSeconds(7 * 3600)
            + "\",\"minutes\":9}}]}");
    go(CHEST);
    Locator missed = mind().getByText(Pattern.compile("should have followed"));
    assertThat(missed).isVisible();
    mind()
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Again: ")))
        .click();
    assertThat(missed).hasCount(0);
  }

  @Test
  void theWeekGoesOverAllPieces() {
    go("/");
    assertThat(page.getByText(Pattern.compile("^At the bench: ")).first()).isVisible();
    link("This week").click();
    assertThat(page.getByText(Pattern.compile("pieces woven together"))).isVisible();
    everyoneCanUseIt();
    Locator days = page.locator("section[aria-label*=' ']");
    Assertions.assertThat(days.count()).isGreaterThanOrEqualTo(7);
    button("A week later (→)").click();
    page.waitForURL(Pattern.compile("from="));
    page.keyboard().press("0");
    page.waitForURL(u -> !u.contains("from="));
    page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The pieces"))
        .getByRole(AriaRole.LINK)
        .first()
        .click();
    page.waitForURL(Pattern.compile("/order$"));
  }

  /** On a tablet held upright nothing has to be pushed sideways to be read. */
  @Test
  void theOrderIsReadableOnATablet() {
    page.setViewportSize(768, 1024);
    for (String path : new String[] {CHEST, "/week"}) {
      go(path);
      assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
          .isVisible();
      Assertions.assertThat(
              ((Number) page.evaluate("document.documentElement.scrollWidth")).intValue())
          .as(path)
          .isLessThanOrEqualTo(768);
    }
    go(CHEST);
    assertThat(page.getByText("Visits").first()).isVisible();
  }

  @Test
  void aRoomIsReadFromASensorAndLeftAsItWas() {
    go("/studio");
    button("Another room").click();
    field("Called").fill("The porch");
    page.getByLabel("Or read a sensor’s last day").selectOption("porch");
    button("Read it").click();
    assertThat(page.getByLabel("Degrees from 0 o’clock")).not().hasValue("15");
    assertThat(button("Save")).isEnabled();
    everyoneCanUseIt();
    button("Forget The porch").click();
    assertThat(button("Saved")).isVisible();
  }

  private Locator anew() {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Planned anew"));
  }

  /** The day went otherwise: what moved is said, and said again when the page is loaded again. */
  @Test
  void whatMovedIsSaidAndStaysSaid() {
    painted("Otherwise than planned");
    // it was told before it was said when it is begun
    String first = anew().innerText();
    step("^Wash").click();
    button("Done just now").click();
    assertThat(button("Not done")).isVisible();
    assertThat(anew()).not().hasText(first);
    assertThat(anew()).containsText("it was");
    String said = anew().innerText();
    page.reload();
    assertThat(anew()).containsText(said.lines().findFirst().orElseThrow());
    // each of what moved is gone to by its name
    String name = anew().getByRole(AriaRole.BUTTON).first().innerText();
    anew().getByRole(AriaRole.BUTTON).first().click();
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name)))
        .isVisible();
  }

  /** A habit of the studio is kept as it is chosen, and the next piece follows it. */
  @Test
  void aHabitOfTheStudioIsFollowedByTheNextPiece() {
    go("/studio");
    Locator habits = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Habits"));
    Locator wax = habits.getByLabel(Pattern.compile("^sealed by wax"));
    Locator coat = habits.getByLabel(Pattern.compile("^sealed by a clear coat"));
    assertThat(coat).isChecked();
    assertThat(habits).containsText("less work");
    wax.click();
    assertThat(wax).isChecked();
    try {
      page.reload();
      assertThat(wax).isChecked();
      String id = makePiece("Waxed by habit", "SINGLE_FACE", "{width: 430, height: 310}");
      go("/pieces/" + id + "/coats");
      assertThat(button("sealed by wax")).isVisible();
    } finally {
      go("/studio");
      coat.click();
      assertThat(coat).isChecked();
    }
  }
}
