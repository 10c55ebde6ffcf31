package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.RequestOptions;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;

/** A person with a browser. All journeys of a fork share one application and one Chromium. */
@ExtendWith(KeepsWhatFailed.class)
abstract class Journey {
  private static App app;
  private static Browser browser;

  protected Page page;
  private BrowserContext context;
  private final List<String> complaints = new ArrayList<>();

  /** Nothing is told to a window: it knows of others when it saves, and not before. */
  static void deaf(Page window) {
    window.route("**/api/live*", Route::abort);
  }

  @BeforeEach
  void open() {
    context = newWindow();
    KeepsWhatFailed.begin(context);
    page = newPage(context);
    setTape("INCH_16");
  }

  @AfterEach
  void nothingWasComplainedOf() {
    context.close();
    Assertions.assertThat(complaints).as("what the browser complained of").isEmpty();
  }

  BrowserContext context() {
    return context;
  }

  static synchronized App app() {
    if (app == null) {
      app = App.ofStudio();
    }
    return app;
  }

  /** {@code -Djourneys.wait=4000} tells sooner what never comes, while a journey is written. */
  private static final double LONGEST_WAIT_MS = Integer.getInteger("journeys.wait", 60_000);

  /** Where a certificate is not trusted, nothing is kept for the bench; browsers say so. */
  private static final String UNTRUSTED =
      "An SSL certificate error occurred when fetching the script.";

  private static final long BETWEEN_TWO_LOOKS_NS = 150_000_000;

  /**
   * Debian's Chromium without its own windows: the whole browser draws a frame of tabs and buttons,
   * itself a page of some hundred files, around every window that is opened.
   */
  private static final Path CHROMIUM = Path.of("/usr/bin/chromium-headless-shell");

  private static synchronized Browser browser() {
    if (browser == null) {
      // a machine shared with others may take its time; what never comes still fails
      PlaywrightAssertions.setDefaultAssertionTimeout(LONGEST_WAIT_MS);
      Playwright playwright =
          Playwright.create(
              new Playwright.CreateOptions()
                  .setEnv(java.util.Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
      browser =
          playwright
              .chromium()
              .launch(
                  new BrowserType.LaunchOptions()
                      .setExecutablePath(CHROMIUM)
                      .setArgs(
                          List.of(
                              "--no-sandbox",
                              "--disable-gpu",
                              "--disable-background-networking",
                              "--disable-component-update",
                              "--disable-sync",
                              // a page that is open for seconds earns back no second compilation:
                              // it took an eighth of the browser's time
                              "--js-flags=--no-opt --no-maglev")));
    }
    return browser;
  }

  /** Another window of another person: nothing shared but the server. */
  protected BrowserContext newWindow() {
    return newWindow(app());
  }

  /** A window on another application than the one that all journeys share. */
  protected BrowserContext newWindow(App on) {
    return newWindow(
        new Browser.NewContextOptions().setViewportSize(1280, 800).setBaseURL(on.address()));
  }

  /** A window as some device has it. */
  protected BrowserContext newWindow(Browser.NewContextOptions of) {
    // nothing to wait for between two steps
    return browser().newContext(of.setReducedMotion(ReducedMotion.REDUCE).setLocale("en-GB"));
  }

  protected Page newPage(BrowserContext in) {
    Page opened = in.newPage();
    opened.setDefaultTimeout(LONGEST_WAIT_MS);
    opened.onPageError(error -> complaints.add(error));
    opened.onConsoleMessage(
        message -> {
          // an answer of 409 or 422 is told to the person; the browser notes it as well
          if (message.type().equals("error")
              && !message.text().contains("Failed to load resource")
              && !message.text().equals(UNTRUSTED)) {
            complaints.add(message.text());
          }
        });
    return opened;
  }

  protected void go(String path) {
    page.navigate(path);
    assertThat(page.locator("main h1").first()).isVisible();
  }

  protected Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /**
   * Done at the bench: a tap right after another is the same tap, so it is tapped until it counts.
   */
  protected static void tapDone(Page at) {
    Locator title = at.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    Locator done =
        at.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Done").setExact(true));
    String before = title.innerText();
    eventually(
        at,
        () -> {
          if (title.innerText().equals(before)) {
            done.click();
          }
          return !title.innerText().equals(before);
        });
  }

  protected Locator link(String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
  }

  protected Locator field(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  protected Locator option(String name) {
    return page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(name));
  }

  protected Locator marks() {
    return page.getByTestId("marks").locator("li");
  }

  /** The figure of a mark without its number: fractions read as they are typed. */
  protected List<String> markFigures() {
    return marks().allInnerTexts().stream()
        .map(t -> t.replaceFirst("^\\d+\\s*\\n\\s*", "").replace('\u202f', ' ').strip())
        .toList();
  }

  /** A chest that was measured already; lands on its survey. */
  protected void startChest(String name, double widthMm, double heightMm, double depthMm) {
    String id =
        makePiece(
            name,
            "CHEST",
            "{width: %s, height: %s, depth: %s}".formatted(widthMm, heightMm, depthMm));
    go("/pieces/" + id + "/survey");
    assertThat(page.locator("main h1")).hasText(name);
  }

  /** Starts a piece without the pages, and gives its id. */
  protected String makePiece(String name, String kind, String measures) {
    String form =
        "{\"kind\":\"%s\",\"measures\":%s,\"choices\":{}}"
            .formatted(kind, measures.replaceAll("(\\w+)\\s*:", "\"$1\":"));
    String made =
        sent("POST", "/api/pieces", "{\"name\":\"%s\",\"form\":%s}".formatted(name, form));
    return made.replaceFirst("(?s).*?\"id\":\"([^\"]+)\".*", "$1");
  }

  /** Sends a change as the pages do, without one of them being open. */
  protected String sent(String method, String path, String json) {
    return sent(method, path, Map.of(), json);
  }

  protected String sent(String method, String path, Map<String, String> headers, String json) {
    String token = token().orElseGet(this::askForToken);
    RequestOptions request =
        RequestOptions.create()
            .setMethod(method)
            .setHeader("Content-Type", "application/json")
            .setHeader("X-XSRF-TOKEN", token)
            .setData(json);
    headers.forEach(request::setHeader);
    APIResponse answer = context.request().fetch(path, request);
    Assertions.assertThat(answer.ok()).as("%s %s: %s", method, path, answer.text()).isTrue();
    return answer.text();
  }

  private Optional<String> token() {
    return context.cookies().stream()
        .filter(c -> c.name.equals("XSRF-TOKEN"))
        .map(c -> URLDecoder.decode(c.value, StandardCharsets.UTF_8))
        .findFirst();
  }

  private String askForToken() {
    context.request().get("/api/studio");
    return token().orElseThrow();
  }

  /** Sheets of a design bought, or spoiled. */
  protected void stock(String designId, String kind, int sheets) {
    page.evaluate(
        """
        async ([designId, kind, quantity]) => {
          const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
          const design = await (await fetch('/api/designs/' + designId)).json();
          const whole = design.holdings.map((h) => h.holding).find((h) => h.form === 'WHOLE');
          const answer = await fetch('/api/holdings/' + whole.id + '/entries', {
            method: 'POST',
            headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token},
            body: JSON.stringify({kind, quantity})});
          if (!answer.ok) throw new Error(await answer.text());
        }""",
        List.of(designId, kind, "" + sheets));
  }

  /** Starts a piece as a person does: picks its form, and stands on its survey. */
  protected void startByHand(String form) {
    go("/");
    button("Start a piece…").click();
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^" + form + ": ")))
        .click();
    page.waitForURL("**/survey");
  }

  /** The plan as the server has it. */
  protected String savedPlan() {
    String id = page.url().replaceFirst(".*/pieces/([^/]+)/.*", "$1");
    return page.request().get("/api/pieces/" + id).text();
  }

  /** Waits for what has to come true on the server, not for a time. */
  protected void eventually(BooleanSupplier true_) {
    eventually(page, true_);
  }

  /**
   * The same at another window. Asked again and again without a pause, the server and the browser
   * would be busy with nothing but answering.
   */
  protected static void eventually(Page at, BooleanSupplier true_) {
    long[] asked = {System.nanoTime() - BETWEEN_TWO_LOOKS_NS};
    at.waitForCondition(
        () -> {
          if (System.nanoTime() - asked[0] < BETWEEN_TWO_LOOKS_NS) {
            return false;
          }
          boolean isTrue = true_.getAsBoolean();
          asked[0] = System.nanoTime();
          return isTrue;
        });
  }

  protected void setTape(String division) {
    sent("PUT", "/api/studio/tape", "{\"division\":\"%s\"}".formatted(division));
  }

  private static final Set<String> GRAVE = Set.of("serious", "critical");

  /**
   * What axe-core finds, asked for on the page itself: there are no frames to put together, and of
   * what is as it should be nothing need be told.
   */
  private static final String WHAT_IS_FOUND =
      """
      async (rules) => {
        const only = rules.length > 0 ? { runOnly: { type: 'rule', values: rules } } : {};
        const found = await axe.run(document, { resultTypes: ['violations'], ...only });
        return found.violations.map((v) => ({
          weight: v.impact ?? '',
          text: v.id + ': ' + v.nodes.slice(0, 3).map((n) => n.html).join(', '),
        }));
      }
      """;

  /** No serious or critical finding of axe-core on what is shown now. */
  protected void everyoneCanUseIt() {
    Assertions.assertThat(found(List.of(), GRAVE::contains))
        .as("accessibility of %s", page.url())
        .isEmpty();
  }

  /** No finding of axe-core of any weight. */
  protected void nothingIsInAnybodysWay() {
    Assertions.assertThat(found(List.of(), weight -> true))
        .as("accessibility of %s", page.url())
        .isEmpty();
  }

  /** The same of what another light changes: nothing but colours. */
  protected void everythingCanBeReadInThisLight() {
    Assertions.assertThat(found(List.of("color-contrast", "link-in-text-block"), weight -> true))
        .as("contrast of %s", page.url())
        .isEmpty();
  }

  private List<String> found(List<String> rules, Predicate<String> weighs) {
    if (!(boolean) page.evaluate("'axe' in window")) {
      page.evaluate(AxeBuilder.getAxeScript());
    }
    return ((List<?>) page.evaluate(WHAT_IS_FOUND, rules))
        .stream()
            .map(Map.class::cast)
            .filter(f -> weighs.test((String) f.get("weight")))
            .map(f -> (String) f.get("text"))
            .toList();
  }
}
