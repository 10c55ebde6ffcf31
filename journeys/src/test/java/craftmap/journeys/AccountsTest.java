package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** People of one studio, each with an account; on an application of its own. */
class AccountsTest extends Journey {
  private static final String PASSWORD = "seven herons cross";

  private App own;
  private BrowserContext wrens;

  @BeforeEach
  void aStudioOfItsOwn() {
    own = App.start("--empty", "--public", "https://craft.example");
    wrens = newWindow(own);
    page = newPage(wrens);
  }

  @AfterEach
  void itEnds() {
    wrens.close();
    own.close();
  }

  /** Wren makes the first account; gives the codes that were shown. */
  private List<String> first() {
    go("/studio/people");
    field("Your name, as it is written down with what you do").fill("Wren");
    field("Name to sign in with").fill("wren");
    field("Password").fill(PASSWORD);
    everyoneCanUseIt();
    button("Make it, and turn accounts on").click();
    Locator codes = page.getByLabel("Your codes").locator("p").filter(hasText("-"));
    assertThat(codes).hasCount(8);
    List<String> told =
        codes.allInnerTexts().stream().filter(c -> c.matches("[A-Z0-9-]{19}")).toList();
    // whatever becomes known meanwhile, they stay until they are put away
    page.evaluate("() => window.dispatchEvent(new Event('focus'))");
    everyoneCanUseIt();
    button("I have them safe").click();
    assertThat(page.getByText("signs in as wren")).isVisible();
    return told;
  }

  private static Locator.FilterOptions hasText(String text) {
    return new Locator.FilterOptions().setHasText(Pattern.compile("^[A-Z0-9]{4}" + text));
  }

  /** A link for somebody, as the owner's page shows it. */
  private String invite(String name, String role) {
    go("/studio/people");
    field("Their name, if you like").fill(name);
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("^" + role)))
        .check();
    button("Make a link").click();
    String link = field("Link to give away").inputValue();
    assertThat(link).startsWith(own.address() + "/join#");
    everyoneCanUseIt();
    return link;
  }

  /** Somebody follows a link, and is in the studio then. */
  private Page joins(BrowserContext window, String link, String signIn) {
    Page theirs = newPage(window);
    theirs.navigate(link);
    in(theirs, "Name to sign in with").fill(signIn);
    in(theirs, "Password").fill(PASSWORD);
    theirs.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Join")).click();
    assertThat(theirs.getByLabel("Your codes")).isVisible();
    theirs.getByText("I have them safe").click();
    assertThat(theirs.getByRole(AriaRole.HEADING).first()).isVisible();
    return theirs;
  }

  private static Locator in(Page at, String label) {
    return at.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  private void signsIn(String password) {
    field("Name to sign in with").fill("wren");
    field("Password").fill(password);
    button("Come in").click();
  }

  @Test
  void anOwnerInvitesAMakerWhoWorksAndAGuestWhoLooks() {
    first();
    String forTern = invite("Tern", "Maker");
    assertThat(page.getByText("Tern, as maker")).isVisible();
    try (BrowserContext terns = newWindow(own);
        BrowserContext plovers = newWindow(own)) {
      Page tern = joins(terns, forTern, "tern");
      tern.getByText("Start a piece…").first().click();
      tern.getByRole(
              AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Chest: ")))
          .click();
      tern.waitForURL("**/survey");
      in(tern, "Width").fill("900 mm");
      in(tern, "Width").press("Tab");
      String survey = tern.url();

      Page plover = joins(plovers, invite("Plover", "Guest"), "plover");
      assertThat(plover.getByText("as a guest: everything is here to see")).isVisible();
      plover.navigate(survey);
      assertThat(in(plover, "Width")).hasValue("900 mm");
      in(plover, "Width").fill("700 mm");
      in(plover, "Width").press("Tab");
      assertThat(plover.getByRole(AriaRole.ALERT).first())
          .containsText("You look at this studio as a guest");
      plover.reload();
      assertThat(in(plover, "Width")).hasValue("900 mm");

      // who did what is there for the others to read
      page.navigate(survey);
      button("History").click();
      Locator history = page.getByRole(AriaRole.DIALOG);
      assertThat(history).containsText("as it is now");
      assertThat(history.getByText("Tern", new Locator.GetByTextOptions().setExact(true)).first())
          .isVisible();
      everyoneCanUseIt();
      history.getByText("Close").click();

      // a link that was used leads nowhere
      plover.navigate("about:blank");
      plover.navigate(forTern);
      assertThat(plover.getByRole(AriaRole.HEADING).first()).hasText("Not here any more");

      go("/studio/people");
      Locator row = page.getByText("signs in as tern").locator("xpath=ancestor::div[3]");
      row.getByText("Leaves").click();
      button("Tern leaves").click();
      assertThat(page.getByText("signs in as tern")).hasCount(0);
      // it is told by itself, whatever is done there or not
      assertThat(tern.getByRole(AriaRole.HEADING).first()).hasText("Sign in");
      assertThat(in(tern, "Depth")).hasCount(0);
    }
  }

  @Test
  void whoeverForgotThePasswordComesBackWithACode() {
    List<String> codes = first();
    go("/studio/you");
    assertThat(page.getByText("this one")).isVisible();
    everyoneCanUseIt();
    button("Sign out").click();
    assertThat(page.getByRole(AriaRole.HEADING).first()).hasText("Sign in");
    everyoneCanUseIt();
    signsIn("seven herons crossed");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("do not belong together");
    button("I forgot my password").click();
    field("Code").fill(codes.get(2).toLowerCase());
    field("New password").fill("nine boats at low tide");
    button("Set it and come in").click();
    // where she was when she was signed out
    assertThat(page.getByText("7 codes are left.")).isVisible();
    assertThat(page.url()).endsWith("/studio/you");
  }

  /** A session that ends while somebody works loses nothing of what they did. */
  @Test
  void whatWasDoneAfterTheSessionEndedIsThereOnceOneHasSignedInAgain() {
    first();
    startByHand("Chest");
    field("Width").fill("887 mm");
    field("Width").press("Tab");
    eventually(() -> savedPlan().contains("\"width\":887.0"));
    try (BrowserContext phone = newWindow(own)) {
      Page there = newPage(phone);
      there.navigate("/studio/you");
      in(there, "Name to sign in with").fill("wren");
      in(there, "Password").fill(PASSWORD);
      there.getByText("Come in").click();
      there.getByText("Sign out everywhere").click();
      assertThat(there.getByRole(AriaRole.HEADING).first()).hasText("Sign in");
    }
    field("It will be sold").check();
    assertThat(page.getByRole(AriaRole.HEADING).first()).hasText("Sign in");
    signsIn(PASSWORD);
    eventually(() -> savedPlan().contains("\"forSale\":true"));
    assertThat(field("It will be sold")).isChecked();
  }
}
