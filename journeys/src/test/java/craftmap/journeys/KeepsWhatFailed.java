package craftmap.journeys;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Tracing;
import java.nio.file.Path;
import org.junit.jupiter.api.extension.AfterTestExecutionCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/**
 * A journey that failed leaves a picture of what was on the screen and a trace of all steps, in
 * {@code journeys/target/failed}.
 */
final class KeepsWhatFailed implements AfterTestExecutionCallback {
  private static final Path KEPT = Path.of("target/failed");

  @Override
  public void afterTestExecution(ExtensionContext test) {
    if (test.getExecutionException().isEmpty()
        || !(test.getRequiredTestInstance() instanceof Journey journey)) {
      return;
    }
    String name =
        test.getRequiredTestClass().getSimpleName()
            + "."
            + test.getRequiredTestMethod().getName()
            + test.getUniqueId()
                .replaceAll(".*\\[test-template-invocation:#(\\d+)]", ".$1")
                .replaceAll(".*\\[.*", "");
    keep(journey.page, journey.context(), KEPT.resolve(name));
  }

  /**
   * What the page looked like at each step costs much of a journey's time: it is kept where it is
   * asked for, by {@code -Djourneys.snapshots=true}. The last picture is kept always.
   */
  static void begin(BrowserContext context) {
    context
        .tracing()
        .start(new Tracing.StartOptions().setSnapshots(Boolean.getBoolean("journeys.snapshots")));
  }

  private static void keep(Page page, BrowserContext context, Path at) {
    try {
      page.screenshot(new Page.ScreenshotOptions().setPath(Path.of(at + ".png")).setFullPage(true));
      context.tracing().stop(new Tracing.StopOptions().setPath(Path.of(at + ".zip")));
    } catch (RuntimeException gone) {
      // the page may be what failed; the failure itself is told in any case
      System.err.println("Nothing kept of " + at + ": " + gone.getMessage());
    }
  }
}
