package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.util.Map;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** From a plan to days at the bench. */
class OrderTest extends LayingJourney {
  private static final Pattern READY = Pattern.compile("^Ready on ");

  private Locator title() {
    return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
  }

  private Locator steps() {
    return page.locator("svg[aria-label='What is done when'] [role=button]");
  }

  private Locator step(String name) {
    return steps()
        .and(
            page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name))));
  }

  /** A board with two coats on it, begun on a Monday. */
  private String painted(String name) {
    String id = makePiece(name, "SINGLE_FACE", "{width: 640, height: 420}");
    go("/pieces/" + id + "/coats");
    button("Samphire").click();
    page.getByText("from the pot").first().waitFor();
    saved(id);
    return id;
  }

  private void saved(String id) {
    eventually(() -> savedPlan().contains("\"groups\"") && page.getByText("Saving").count() == 0);
  }

  private void begin(String at) {
    page.getByLabel("When it is begun").fill(at);
    page.getByLabel("When it is begun").press("Enter");
    assertThat(page.getByText("What is left is planned from then.")).isVisible();
  }

  private Locator otherwise() {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName("The same job otherwise"));
  }

  @Test
  void aPieceIsPutIntoDaysAndItsStepsAreDone() {
    go("/pieces/" + makePiece("Bare board", "SINGLE_FACE", "{width: 500, height: 300}") + "/order");
    assertThat(title()).hasText("Nothing to do");
    assertThat(page.getByText("Nothing to put into days yet")).isVisible();
    String id = painted("Two coats");
    go("/pieces/" + id + "/order");
    assertThat(title()).hasText(READY);
    assertThat(page.getByText("Nothing can be sooner.")).isVisible();
    begin("2027-02-01T09:00");
    assertThat(page.getByText(Pattern.compile("^Mon 1 Feb$"))).isVisible();
    everyoneCanUseIt();
    // by keys from the first step to the next
    steps().first().focus();
    page.keyboard().press("Enter");
    String first = page.url();
    page.keyboard().press("ArrowRight");
    page.waitForURL(u -> !u.equals(first));
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Sand, face")))
        .isVisible();
    page.keyboard().press("Escape");
    assertThat(page.getByText("Visits").first()).isVisible();
    // one is done, and taken back
    steps().first().click();
    button("Done just now").click();
    assertThat(button("Not done")).isVisible();
    button("Undo").click();
    assertThat(button("Done just now")).isVisible();
    page.getByLabel("Minutes it takes").fill("95");
    page.keyboard().press("Enter");
    assertThat(button("As is usual")).isVisible();
    button("As is usual").click();
    assertThat(button("As is usual")).hasCount(0);
  }

  @Test
  void aColderNightPutsItOffAndASchoolIsFlipped() {
    String id = painted("A cold night");
    go("/pieces/" + id + "/order");
    begin("2027-02-01T09:00");
    String warm = title().textContent();
    String bench = page.context().request().get("/api/bench").text();
    go("/studio");
    assertThat(title()).hasText("The studio");
    everyoneCanUseIt();
    Locator degrees = page.getByLabel(Pattern.compile("^Degrees from "));
    for (int i = 0; i < degrees.count(); i++) {
      degrees.nth(i).fill("12");
    }
    page.getByLabel(Pattern.compile("^Monday of ")).first().fill("mornings");
    page.keyboard().press("Tab");
    assertThat(page.getByText("write it as 9–12, 13–17")).isVisible();
    assertThat(button("Save")).isDisabled();
    page.getByLabel(Pattern.compile("^Monday of ")).first().fill("9-12, 13-17");
    page.keyboard().press("Tab");
    button("Save").click();
    assertThat(button("Saved")).isVisible();
    go("/pieces/" + id + "/order");
    assertThat(title()).hasText(READY);
    assertThat(title()).not().hasText(warm);
    assertThat(page.getByText("What to mind")).isVisible();
    // sealed by wax instead, with one click, and back
    String before = title().textContent();
    Locator wax =
        otherwise()
            .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("sealed by wax"));
    wax.click();
    assertThat(wax).hasCount(0);
    button("Undo").click();
    assertThat(wax).isVisible();
    assertThat(title()).hasText(before);
    putBack(bench);
  }

  /** The bench as it was: other journeys plan at it too. */
  private void putBack(String bench) {
    String version =
        page.context()
            .request()
            .get("/api/bench")
            .text()
            .replaceFirst("(?s).*\"version\":(\\d+).*", "$1");
    String document = bench.replaceFirst("(?s).*\"bench\":(\\{.*\\}),\"sizes\".*", "$1");
    sent("PUT", "/api/bench", Map.of("If-Match", "\"" + version + "\""), document);
  }

  /** A board of 500 mm finds no room on small shelves, is told so, and where to put it by then. */
  @Test
  void placesToDryAreToldWithTheirSizesAndWhatFindsNoRoomIsSaid() {
    String id = painted("A board to dry");
    String bench = page.context().request().get("/api/bench").text();
    go("/studio");
    Locator places =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Places to dry"));
    Locator forget =
        places.getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Forget ")));
    while (forget.count() > 1) {
      int before = forget.count();
      forget.first().click();
      assertThat(forget).hasCount(before - 1);
    }
    // the last of them is kept: something has to lie somewhere
    assertThat(forget).isDisabled();
    places.getByLabel("Where").fill("Shelf by the door");
    Locator any = places.getByLabel("Anything finds room on it");
    any.uncheck();
    places.getByLabel("One side").fill("about a foot");
    places.getByLabel("One side").press("Tab");
    assertThat(places.getByRole(AriaRole.ALERT)).isVisible();
    assertThat(button("Save")).isDisabled();
    places.getByLabel("One side").fill("31.7 cm");
    places.getByLabel("The other").fill("247 mm");
    places.getByLabel("The other").press("Tab");
    everyoneCanUseIt();
    button("Save").click();
    assertThat(button("Saved")).isVisible();
    go("/pieces/" + id + "/order");
    assertThat(title()).hasText(READY);
    Locator told = page.getByText(Pattern.compile("finds no place to dry: A board to dry"));
    assertThat(told).isVisible();
    go("/studio");
    assertThat(places.getByLabel("Where")).hasValue("Shelf by the door");
    places.getByText("Other places").click();
    places.getByLabel("Where").last().fill("Trestles");
    assertThat(places.getByText("things may lie about wet at once")).isVisible();
    button("Save").click();
    assertThat(button("Saved")).isVisible();
    go("/pieces/" + id + "/order");
    assertThat(title()).hasText(READY);
    assertThat(told).hasCount(0);
    steps().filter(new Locator.FilterOptions().setHasText("coat")).first().click();
    assertThat(page.getByText("Put to dry: trestles")).isVisible();
    putBack(bench);
  }

  @Test
  void twoPiecesAreWovenAndTakenAlong() throws IOException {
    String other = painted("Woven in");
    String id = painted("Weaver");
    go("/pieces/" + id + "/order");
    begin("2027-02-01T09:00");
    int alone = steps().count();
    page.getByLabel("Woven in").check();
    assertThat(page.getByText("with the woven in worked in between")).isVisible();
    assertThat(steps()).hasCount(alone * 2);
    Download file = page.waitForDownload(() -> page.getByText("calendar file").click());
    Assertions.assertThat(Files.readString(file.path()))
        .contains("BEGIN:VCALENDAR")
        .contains("Weaver at the bench");
    page.getByLabel("Minutes you have").fill("60");
    assertThat(page.getByText("minutes now?")).isVisible();
    page.getByLabel("Woven in").uncheck();
    assertThat(steps()).hasCount(alone);
    Assertions.assertThat(other).isNotEqualTo(id);
  }
}
