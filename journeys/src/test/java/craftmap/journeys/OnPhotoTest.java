package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.Media;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** The plan on a photo of the very piece, measured there, and before and after. */
class OnPhotoTest extends Journey {
  private static final Pattern PLACE = Pattern.compile("(\\d+) across, (\\d+) down");

  private Locator pin(String anchor) {
    return page.locator("[data-pin='" + anchor + "']");
  }

  private int[] placeOf(String anchor) {
    Matcher at = PLACE.matcher(pin(anchor).getAttribute("aria-label"));
    assertThat(at.find()).isTrue();
    return new int[] {Integer.parseInt(at.group(1)), Integer.parseInt(at.group(2))};
  }

  private Locator stage() {
    return page.locator("[data-stage-of-photo]");
  }

  /** Points at a place of the photo, given in its own pixels. */
  private double[] onScreen(double xPx, double yPx) {
    BoundingBox box = stage().boundingBox();
    return new double[] {box.x + xPx * box.width / 1500, box.y + yPx * box.height / 1060};
  }

  private void openThePhoto() {
    go("/pieces/sea-chest/photos");
    link("The plan on it").first().click();
    assertThat(page.locator("main h1")).hasText("As it came");
    page.waitForSelector("[data-painted][data-pictures='2']");
  }

  @Test
  void theChestIsSeenAsItWillBeAndMeasuredOnItsPhoto() throws IOException {
    openThePhoto();
    assertThat(page.getByText("The places agree to 0.1 px.")).isVisible();

    // a corner is dragged away, and caught again by the edge near to which it is let go
    int[] corner = placeOf("bottom-right");
    double[] from = onScreen(corner[0], corner[1]);
    page.mouse().move(from[0], from[1]);
    page.mouse().down();
    page.mouse().move(from[0] + 60, from[1] + 20, new Mouse.MoveOptions().setSteps(4));
    page.mouse().move(from[0] + 5, from[1] - 4, new Mouse.MoveOptions().setSteps(4));
    page.mouse().up();
    eventually(() -> button("Undo here").isVisible());
    int[] caught = placeOf("bottom-right");
    assertThat(Math.hypot(caught[0] - corner[0], caught[1] - corner[1])).isLessThan(4);

    // by keys, ten at once with Shift; then back
    pin("top-left").focus();
    int[] before = placeOf("top-left");
    page.keyboard().press("Shift+ArrowRight");
    eventually(() -> placeOf("top-left")[0] == before[0] + 10);
    eventually(() -> page.getByText("px off").first().isVisible());
    button("Undo here").click();
    eventually(() -> placeOf("top-left")[0] == before[0]);

    // a length that is known: the scratch to the screw, by the chest's own survey
    button("Measure on the photo").click();
    click(606, 690);
    assertThat(page.getByTestId("measured")).containsText("from the left");
    click(985, 643);
    Locator measured = page.getByTestId("measured");
    assertThat(measured).containsText("between the two");
    assertThat(measured).containsText("±");

    // a blemish is set where it is seen
    button("Point anew").click();
    click(500, 560);
    int marksBefore = marksInPlan();
    button("blemish").click();
    page.keyboard().press("Escape");
    eventually(() -> marksInPlan() == marksBefore + 1);
    page.keyboard().press("Control+z");
    eventually(() -> marksInPlan() == marksBefore);

    // the picture says of itself that it is made up
    openThePhoto();
    Download saved = page.waitForDownload(() -> button("Save as PNG").click());
    assertThat(saved.suggestedFilename()).isEqualTo("sea-chest-for-the-autumn-fair-on-photo.png");
    Path file = saved.path();
    assertThat(new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1))
        .contains("a made-up preview of what is planned");
    BufferedImage picture = ImageIO.read(file.toFile());
    assertThat(picture.getWidth()).as("at full size").isEqualTo(1500);
    int painted = picture.getRGB(560, 520);
    assertThat(painted & 0xFF).as("teal, no wood any more").isGreaterThan(painted >> 16 & 0xFF);
  }

  private int marksInPlan() {
    return savedPlan().split("\"diameterMm\"").length;
  }

  private void click(double xPx, double yPx) {
    double[] at = onScreen(xPx, yPx);
    page.mouse().click(at[0], at[1]);
  }

  @Test
  void aFaceIsPutOnAPhotoAndTakenOffAgain() {
    go("/pieces/sea-chest/photos");
    link("The plan on it").nth(1).click();
    assertThat(page.getByText("Put a face on the photo and drag its corners")).isVisible();
    page.getByLabel("Put a face on it").selectOption("Right");
    eventually(() -> pin("top-left").isVisible());
    assertThat(page.getByText("By its four places.")).isVisible();

    // three corners in one line tell nothing; what was typed stays, and goes back where it was
    int[] place = placeOf("top-left");
    int[] opposite = placeOf("bottom-right");
    double[] from = onScreenOf(place);
    double[] to = onScreenOf(opposite);
    page.mouse().move(from[0], from[1]);
    page.mouse().down();
    page.mouse().move(to[0] + 4, to[1] + 40, new Mouse.MoveOptions().setSteps(5));
    page.mouse().up();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("four places");
    button("Back to where they were").click();
    eventually(() -> placeOf("top-left")[0] == place[0]);

    // the other side by its right angles
    page.getByLabel("How long it is").fill("450 mm");
    assertThat(page.getByTestId("rectangle")).containsText("across");

    button("Take Right off the photo").click();
    assertThat(page.getByText("Put a face on the photo and drag its corners")).isVisible();
  }

  private double[] onScreenOf(int[] place) {
    BoundingBox box = stage().boundingBox();
    Locator image = stage().locator("img");
    double natural = ((Number) image.evaluate("i => i.naturalWidth")).doubleValue();
    double k = box.width / natural;
    return new double[] {box.x + place[0] * k, box.y + place[1] * k};
  }

  @Test
  void beforeAndAfterLieOneOnTheOther() {
    go("/pieces/sea-chest/photos");
    link("Before and after").click();
    page.waitForSelector("[data-compared]");
    assertThat(page.getByText("Lined up by the front.")).isVisible();
    Locator slider = page.getByLabel("From before to during");
    slider.focus();
    page.keyboard().press("End");
    assertThat(slider).hasAttribute("aria-valuetext", "100 % during");

    // on paper both stand side by side, and the slider does not
    page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
    assertThat(slider).isHidden();
    assertThat(page.locator("figure img")).hasCount(2);
    assertThat(page.locator("figure img").first()).isVisible();
    page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));

    // a photo on which no common face was found says what to do
    page.getByLabel("Second").selectOption("Before: The burn on the right side");
    assertThat(page.getByText("Put the same face on both:")).isVisible();
  }
}
