package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.options.LoadState;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Every page, by day and by the lamp: nobody is kept out of it, not even by a heading out of its
 * turn, and nothing moves away from under one's eyes while it loads.
 */
class EveryPageTest extends Journey {
  /** What browsers take for a page that stands still. */
  private static final double MOST_SHIFT = 0.1;

  private static final String SHIFTS =
      """
      window.shifts = [];
      new PerformanceObserver((list) => {
        for (const e of list.getEntries()) {
          if (e.hadRecentInput) { continue; }
          const moved = e.sources.map((s) => s.node?.textContent?.slice(0, 60));
          window.shifts.push({ by: e.value, at: e.startTime, moved });
        }
      }).observe({ type: 'layout-shift', buffered: true });
      """;

  /** As browsers count it: what follows within a second, for five seconds at most, is one. */
  private static final String WORST =
      """
      () => {
        let [worst, sum, first, last] = [0, 0, -Infinity, -Infinity];
        for (const s of window.shifts) {
          if (s.at - last > 1000 || s.at - first > 5000) { [sum, first] = [0, s.at]; }
          sum += s.by;
          last = s.at;
          worst = Math.max(worst, sum);
        }
        return worst;
      }
      """;

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/",
        "/shelf",
        "/shelf/designs/lattice-shells/change",
        "/shelf/pots/deep-estuary",
        "/shelf/supplier",
        "/shopping",
        "/learned",
        "/shelf/no-such-thing",
        "/week",
        "/logbook",
        "/sums",
        "/glossary",
        "/shelf/designs/moonrise-reeds",
        "/shelf/designs/new",
        "/shelf/pots/new",
        "/shelf/lists",
        "/studio/people",
        "/studio/clients",
        "/studio/devices",
        "/studio",
        "/studio/backup",
        "/pieces/sea-chest/survey",
        "/pieces/sea-chest/survey/front",
        "/pieces/sea-chest/lay-out/left/shell-left",
        "/pieces/sea-chest/lay-out/front/wave-foot",
        "/pieces/sea-chest/gather",
        "/pieces/wardrobe/cut",
        "/pieces/wardrobe/coats",
        "/pieces/tapered-planter/coats/of:wall/lay:gulls-round",
        "/pieces/step-stool/photos",
        "/pieces/sea-chest/photos/before-after",
        "/pieces/sea-chest/money",
        "/pieces/sea-chest/afterwards",
        "/pieces/sea-chest/order",
        "/pieces/wardrobe/survey",
        "/pieces/wardrobe/survey/door-1",
        "/pieces/tapered-planter/survey/wall",
        "/pieces/sea-chest/choose/lid",
        "/pieces/folding-screen/lay-out/panel-1-inset-1",
        "/pieces/biscuit-tin/standing",
        "/pieces/sea-chest/cut/print",
        "/pieces/sea-chest/cut/cutter",
        "/pieces/sea-chest/no-such-stop",
        "/pieces/sea-chest/coats",
      })
  void nobodyIsKeptOutAndNothingMoves(String address) {
    page.addInitScript(SHIFTS);
    go(address);
    page.waitForLoadState(LoadState.NETWORKIDLE);
    assertThat(((Number) page.evaluate(WORST)).doubleValue())
        .as("what moves on %s: %s", address, page.evaluate("JSON.stringify(window.shifts)"))
        .isLessThanOrEqualTo(MOST_SHIFT);
    nothingIsInAnybodysWay();
    button("Evening light").click();
    assertThat(page.locator("html")).hasClass(Pattern.compile("\\bdark\\b"));
    everythingCanBeReadInThisLight();
  }

  /** What all of the above rests on: what is in somebody's way is seen, by day and by the lamp. */
  @Test
  void whatIsInSomebodysWayIsSeen() {
    go("/glossary");
    page.evaluate(
        """
        () => {
          const pale = document.createElement('p');
          pale.textContent = 'pale';
          Object.assign(pale.style, {
            position: 'fixed', top: '200px', left: '200px', zIndex: 9999,
            color: '#888', background: '#999' });
          const picture = document.createElement('img');
          picture.src = 'data:,';
          document.querySelector('main').append(pale, picture);
        }
        """);
    assertThatThrownBy(this::nothingIsInAnybodysWay)
        .hasMessageContaining("image-alt")
        .hasMessageContaining("color-contrast");
    assertThatThrownBy(this::everyoneCanUseIt).hasMessageContaining("image-alt");
    assertThatThrownBy(this::everythingCanBeReadInThisLight)
        .hasMessageContaining("color-contrast")
        .satisfies(e -> assertThat(e.getMessage()).doesNotContain("image-alt"));
  }
}
