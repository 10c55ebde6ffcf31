package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Enough or not, sheet by sheet; booked when it is cut; printed, and sent to the cutter. */
class CutTest extends LayingJourney {
  @BeforeEach
  void metric() {
    setTape("MM_1");
  }

  private Locator cut(String designId) {
    return page.getByTestId("cut-" + designId);
  }

  private static Locator in(Locator part, String button) {
    return part.getByRole(
        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + button)));
  }

  /** Whoever else waits for the only sheet may have one as well. */
  private void oneSheetMoreOfTheMarsh() {
    page.navigate("/sums");
    stock("great-marsh", "BOUGHT", 1);
  }

  @Test
  void theWardrobesCuttingListIsBookedWithItsOffcut() {
    oneSheetMoreOfTheMarsh();
    go("/pieces/wardrobe/cut");
    Locator marsh = cut("great-marsh");
    assertThat(marsh).containsText("1 sheet, 1 is the least possible");
    Locator parts =
        marsh.getByRole(AriaRole.LIST, new Locator.GetByRoleOptions().setName("Parts of Sheet 1"));
    assertThat(parts.getByRole(AriaRole.LISTITEM)).hasCount(7);
    assertThat(marsh).containsText("Drawer 1");
    everyoneCanUseIt();
    in(marsh, "It is cut; keep one leftover").click();
    assertThat(marsh.getByText("✓ cut and booked")).isVisible();

    go("/shelf/designs/great-marsh");
    assertThat(page.getByText("− 1 sheet").first()).isVisible();
    assertThat(page.getByText(Pattern.compile("^offcut .* mm$")).first()).isVisible();
    assertThat(page.getByText("shows the lettering").first()).isVisible();
    go("/pieces/wardrobe/gather");
    page.getByTestId("design-great-marsh").getByText("ledger").click();
    assertThat(page.locator("aside").getByText(Pattern.compile("cut for .*[Ww]ardrobe")).first())
        .isVisible();

    go("/pieces/wardrobe/cut");
    button("Take back").click();
    assertThat(marsh).containsText("1 sheet, 1 is the least possible");
    assertThat(in(marsh, "It is cut")).isEnabled();
    stock("great-marsh", "SPOILED", 1);
  }

  /** With the knife in one hand: the cut that is gone to in the list is the one that stands out. */
  @Test
  void aCutIsFollowedFromTheListToTheSheet() {
    oneSheetMoreOfTheMarsh();
    go("/pieces/wardrobe/cut");
    Locator cuts =
        cut("great-marsh")
            .getByRole(AriaRole.LIST, new Locator.GetByRoleOptions().setName("Cuts, in this order"))
            .getByRole(AriaRole.BUTTON);
    cuts.nth(1).focus();
    Locator line = cut("great-marsh").locator("line[data-followed]");
    assertThat(line).hasCount(1);
    String across = line.getAttribute("y1");
    Assertions.assertThat(line.getAttribute("y2")).as("goes across").isEqualTo(across);
    page.keyboard().press("Tab");
    assertThat(cuts.nth(2)).hasAttribute("aria-pressed", "true");
    assertThat(line).hasCount(1);
    assertThat(line).not().hasAttribute("y2", across);
    // no letter is cut off by the edge of the sheet
    BoundingBox sheet = cut("great-marsh").getByRole(AriaRole.IMG).first().boundingBox();
    for (Locator letter : cut("great-marsh").locator("[data-letters]").all()) {
      BoundingBox box = letter.boundingBox();
      Assertions.assertThat(box.x).isGreaterThanOrEqualTo(sheet.x - 1);
      Assertions.assertThat(box.x + box.width).isLessThanOrEqualTo(sheet.x + sheet.width + 1);
    }
    stock("great-marsh", "SPOILED", 1);
  }

  /** Three rolls lie on the table: each part is found on one of them, from its own edges. */
  @Test
  void aPictureInSectionsIsShownAsThem() {
    oneSheetMoreOfTheMarsh();
    go("/pieces/wardrobe/cut");
    Locator marsh = cut("great-marsh");
    Locator sheet = marsh.getByRole(AriaRole.IMG).first();
    for (int n = 1; n <= 3; n++) {
      assertThat(sheet.getByText("section " + n)).isVisible();
    }
    assertThat(marsh.getByText(Pattern.compile("^Section 3: .* from the left, 0.* from the top$")))
        .not()
        .hasCount(0);
    // the joint is no cut, and what is cut is told by its section
    assertThat(marsh.getByText("two of its sections meet")).hasCount(2);
    assertThat(marsh.getByText(Pattern.compile("^Section 2: down, "))).not().hasCount(0);
    stock("great-marsh", "SPOILED", 1);
  }

  @Test
  void tooLittlePaperForTheScreenIsMadeEnough() {
    page.navigate("/sums");
    stock("lattice-shells", "SPOILED", 1);
    go("/pieces/folding-screen/cut");
    Locator paper = cut("lattice-shells");
    assertThat(paper).containsText("One part has no sheet to be cut from. 1 sheet more would do.");
    assertThat(in(paper, "It is cut")).isDisabled();
    assertThat(page.getByText("1 of 2 designs has too few sheets.")).isVisible();
    Locator ways =
        paper.getByRole(
            AriaRole.GROUP, new Locator.GetByRoleOptions().setName("What would make it enough"));
    assertThat(ways).containsText("a strip at the foot: then 6 sheets do.");
    everyoneCanUseIt();
    in(ways, "Take it: Rows").click();
    assertThat(paper).containsText("6 sheets");
    assertThat(in(paper, "It is cut")).isEnabled();

    button("Undo").click();
    assertThat(paper).containsText("1 sheet more would do.");
    stock("lattice-shells", "BOUGHT", 1);
  }

  @Test
  void aBetterPlanIsSearchedWhilePartsStayAndGivenUp() {
    go("/pieces/folding-screen/cut");
    Locator paper = cut("lattice-shells");
    page.getByLabel(Pattern.compile("Lidded biscuit tin")).click();
    assertThat(paper).containsText("Lidded biscuit tin, Body");
    page.getByLabel(Pattern.compile("Lidded biscuit tin")).click();
    assertThat(paper).not().containsText("Lidded biscuit tin, Body");
    Locator stays = in(paper, "Part 1 stays where it lies");
    stays.click();
    assertThat(paper.getByText("One part stays where it lies.")).isVisible();
    paper.getByLabel("Prefer").selectOption("FEWEST_CUTS");
    in(paper, "Look for a better plan").click();
    assertThat(paper.getByText("✓ searched and kept")).isVisible();
    page.reload();
    assertThat(paper.getByText("✓ searched and kept")).isVisible();
    assertThat(stays).hasAttribute("aria-pressed", "true");
    in(paper, "Back to the first one").click();
    assertThat(paper.getByText("✓ searched and kept")).hasCount(0);
  }

  /**
   * Takes the paper off the pieces that an address names, so that none of it stays kept for them.
   */
  private void bareAgain(String address) {
    page.evaluate(
        """
        async (address) => {
          const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
          for (const id of address.match(/[0-9a-f-]{36}/g)) {
            const {version} = await (await fetch('/api/pieces/' + id)).json();
            const answer = await fetch('/api/pieces/' + id + '/undo', {method: 'POST',
              headers: {'X-XSRF-TOKEN': token, 'If-Match': '"' + version + '"'}});
            if (!answer.ok) throw new Error(await answer.text());
          }
        }""",
        address);
  }

  @Test
  void aSearchIsStoppedAndNothingIsChanged() {
    page.navigate("/sums");
    stock("dune-grass", "BOUGHT", 90);
    Object together =
        page.evaluate(
            """
            async () => {
              const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
              const ask = async (method, url, body, match) => (await fetch(url, {method,
                headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token,
                  ...(match ? {'If-Match': match} : {})},
                body: JSON.stringify(body)})).json();
              const ids = [];
              for (let i = 0; i < 8; i++) {
                const measures = {width: 700 + 37 * i, height: 430 + 11 * i, depth: 380 + 17 * i};
                const piece = await ask('POST', '/api/pieces',
                  {name: 'Papered ' + i, form: {kind: 'CHEST', measures, choices: {}}});
                const edits = ['front', 'left', 'right', 'lid'].map((faceId) =>
                  ({kind: 'LAY_DESIGN', faceId, designId: 'dune-grass'}));
                await ask('POST', '/api/pieces/' + piece.id + '/edits', {edits},
                  '"' + piece.version + '"');
                ids.push(piece.id);
              }
              return '/pieces/' + ids[0] + '/cut?' + ids.slice(1).map((i) => 'with=' + i).join('&');
            }""");
    go(together.toString());
    Locator paper = cut("dune-grass");
    assertThat(paper.getByRole(AriaRole.LISTITEM).first()).isVisible();
    List<String> before = paper.getByRole(AriaRole.LISTITEM).allInnerTexts();
    in(paper, "Look for a better plan").click();
    assertThat(paper.getByText("Cutting plan for")).isVisible();
    in(paper, "Stop").click();
    assertThat(paper.getByText("Stopped; nothing was changed.")).isVisible();
    assertThat(in(paper, "Look for a better plan")).isEnabled();
    Assertions.assertThat(paper.getByRole(AriaRole.LISTITEM).allInnerTexts()).isEqualTo(before);
    bareAgain(together.toString());
    stock("dune-grass", "SPOILED", 90);
  }

  @Test
  void lettersAreCutOnTheSimulatedCutterAndALargerMatIsRefused() throws IOException {
    go("/pieces/sea-chest/cut");
    link("Saltmarsh, Front").click();
    Locator mat = page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Load 1"));
    assertThat(mat).isVisible();
    everyoneCanUseIt();
    Download svg = page.waitForDownload(() -> page.getByText("SVG, mm").click());
    Assertions.assertThat(Files.readString(svg.path())).contains("width=\"297mm\"");
    Download plt = page.waitForDownload(() -> page.getByText("Plotter file (HPGL)").click());
    Assertions.assertThat(Files.readString(plt.path())).startsWith("IN;PA;SP1;");

    button("Send to the cutter").click();
    Locator played =
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("The cut, played"));
    assertThat(played).containsText("15 blade lifts");
    assertThat(played).containsText("m cut");
    // its end, without waiting for it
    played.getByLabel("Time").press("End");
    assertThat(played).containsText("15 of 15 blade lifts");
    assertThat(in(played, "Play again")).isVisible();
    everyoneCanUseIt();

    button("Back to the bed").click();
    Locator across = field("Bed, across");
    across.fill("600");
    across.press("Enter");
    assertThat(page.getByText("All in one load.")).isVisible();
    across.fill("120");
    across.press("Enter");
    Locator along = field("Bed, along");
    along.fill("300");
    along.press("Enter");
    assertThat(page.getByText("tiles that meet edge to edge")).isVisible();
    along.fill("900");
    along.press("Enter");
    assertThat(page.getByText("All in one load.")).isVisible();
    button("Send to the cutter").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("mm off the bed; nothing was cut");
  }

  @Test
  void aFileWithAnOpenLineIsRefusedAndAClosedOneIsCut() {
    go("/pieces/sea-chest/cut/cutter");
    Locator picker = page.getByTestId("plotter-file");
    picker.setInputFiles(file("open.plt", "IN;SP1;PU400,400;PD800,400,800,800;PU0,0;"));
    assertThat(page.getByRole(AriaRole.ALERT))
        .containsText("File (line 1) is open, its ends are 14.1 mm apart; nothing was cut.");
    picker.setInputFiles(file("closed.plt", "IN;SP1;PU400,400;PD800,400,800,800,400,400;PU0,0;"));
    assertThat(
            page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("The cut, played")))
        .containsText("of 1 blade lifts");
  }

  private static FilePayload file(String name, String content) {
    return new FilePayload(name, "text/plain", content.getBytes(StandardCharsets.UTF_8));
  }

  @Test
  void templatesAreMadeAsAJobAndOpened() {
    go("/pieces/sea-chest/cut/print");
    Locator templates =
        page.getByRole(
            AriaRole.REGION, new Page.GetByRoleOptions().setName("Templates of the faces"));
    assertThat(templates).containsText("pages");
    everyoneCanUseIt();
    templates.getByLabel("Of").selectOption("left");
    in(templates, "Make the pages").click();
    Locator open =
        templates.getByRole(
            AriaRole.LINK, new Locator.GetByRoleOptions().setName("Open the pages (PDF)"));
    assertThat(open).isVisible();
    byte[] pdf = page.request().get(open.getAttribute("href")).body();
    Assertions.assertThat(new String(pdf, 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
  }
}
